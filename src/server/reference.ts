import { bagMass } from "@/core/bag";
import { type Difference, differences } from "@/core/garden";
import { applyOverrides, type Override } from "@/core/override";
import type { Outcome } from "@/core/problem";
import { settingFrom } from "@/core/setting";
import { insertOverrides } from "@/db/overrides";
import { db } from "@/db/pool";
import type { PlaceKind } from "@/core/place";
import { findBagKind, referenceWith, USUAL_BAGS } from "@/library";
import type { Actor } from "./actor";
import { judgeSoon } from "./judging";
import { mixOfProgramme } from "./mixes";
import { outcomeOf, refused } from "./outcome";
import { type Programme, programmeToChange, readOverrides } from "./programme";
import { settingOf } from "./setting";
import { surveyedPlans } from "./surveyed-plans";

/** Wet mass in kg of the bag that people know best, the 10 gal fabric bag, filled with the programme's mix. */
export function usualBagKg(programme: Programme): number {
  const kind = findBagKind("round-10-gal");
  const mix = mixOfProgramme(programme.mixes, programme.mixId);
  if (!kind || !mix) throw new Error("the library lost its usual bag or the programme's mix");
  return bagMass(kind.shape, mix).wetKg;
}

export interface PlanDifference extends Difference {
  readonly household: string;
}

/** A value as it is to be; null goes back to the library's. */
export interface ValueChange {
  readonly name: string;
  readonly value: number | null;
}

async function checked(
  actor: Actor,
  changes: readonly ValueChange[],
  reason = "",
): Promise<Outcome<{ programme: Programme; now: Override[]; next: Override[] }>> {
  const allowed = await programmeToChange(actor);
  if (!allowed.ok) return allowed;
  const wrong = changes.find(({ value }) => value !== null && !Number.isFinite(value));
  if (wrong)
    return refused(
      { code: "invalid-input" },
      { value: { code: "not-a-number", understood: String(wrong.value) } },
    );
  const now = await readOverrides(actor);
  const others = now.filter((o) => !changes.some(({ name }) => name === o.name));
  const changed = changes.flatMap(({ name, value }) =>
    value === null ? [] : [{ name, value, reason, author: actor.name }],
  );
  const applied = applyOverrides(referenceWith(others), changed);
  if (!applied.ok)
    return refused(
      { code: "invalid-input" },
      { value: Object.values(applied.fields)[0] ?? { code: "override-senseless" } },
    );
  return { ok: true, value: { programme: allowed.value, now, next: [...others, ...changed] } };
}

/** What values would change in the programme's plans. Nothing is stored. */
export function previewValues(
  actor: Actor,
  changes: readonly ValueChange[],
): Promise<Outcome<PlanDifference[]>> {
  return outcomeOf(async () => {
    const check = await checked(actor, changes);
    if (!check.ok) return check;
    const { programme, now, next } = check.value;
    const [before, after] = [referenceWith(now), referenceWith(next)];
    const found: PlanDifference[] = [];
    for await (const { household, name: named, plan } of surveyedPlans(actor)) {
      const setting = settingOf(programme, household);
      const differ = differences(plan, settingFrom(setting, before), settingFrom(setting, after));
      found.push(...differ.map((d) => ({ ...d, household: named })));
    }
    return { ok: true, value: found };
  });
}

/** What a value would change in the programme's plans; null goes back to the library's. Nothing is stored. */
export const previewOverride = (actor: Actor, name: string, value: number | null) =>
  previewValues(actor, [{ name, value }]);

/** Puts a programme's own values in place of the library's, with the reason. @param follows whether they follow new records from now on */
export function putValues(
  actor: Actor,
  changes: readonly ValueChange[],
  reason: string,
  follows = false,
): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const why = reason.trim();
    if (changes.some(({ value }) => value !== null) && why === "")
      return refused({ code: "invalid-input" }, { reason: { code: "reason-missing" } });
    if (why.length > 300) return refused({ code: "invalid-input" }, { reason: { code: "too-long" } });
    const check = await checked(actor, changes, why);
    if (!check.ok) return check;
    await insertOverrides(
      db(actor),
      actor.programmeId,
      changes.map((change) => ({ ...change, reason: why, author: actor.name, follows })),
    );
    await judgeSoon(actor.programmeId);
    return { ok: true, value: null };
  });
}

/** Puts a programme's own value in place of the library's, with the reason; null goes back to the library's. */
export const overrideValue = (actor: Actor, name: string, value: number | null, reason: string) =>
  putValues(actor, [{ name, value }], reason);

/** So many kinds of bag are shown beside those that a household has. */
const USUAL_SHOWN = 3;

/** Kinds of bag that are usual at a kind of place, the most usual first. */
export const usualBagsAt = (place: PlaceKind): readonly string[] => USUAL_BAGS[place].slice(0, USUAL_SHOWN);
