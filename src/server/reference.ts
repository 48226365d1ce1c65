import { bagMass } from "@/core/bag";
import { type Difference, differences } from "@/core/garden";
import { type Reference, settingFrom } from "@/core/setting";
import { applyOverrides, type Override } from "@/core/override";
import type { Outcome } from "@/core/problem";
import { insertOverride, listOverrides } from "@/db/overrides";
import { db } from "@/db/pool";
import { findProgramme, type Programme } from "@/db/programmes";
import { findBagKind, findMix, SHIPPED } from "@/library";
import { type Actor, mayChange } from "./actor";
import { outcomeOf, refused } from "./outcome";
import { settingOf } from "./setting";
import { surveyedPlans } from "./surveyed-plans";

export { SHIPPED };

/**
 * The library as a programme has it: its own values in place of the shipped ones. An override that a newer library no
 * longer understands is left out rather than hiding the whole library.
 */
export function referenceWith(overrides: readonly Override[]): Reference {
  return overrides.reduce((reference, override) => {
    const applied = applyOverrides(reference, [override]);
    return applied.ok ? applied.value : reference;
  }, SHIPPED);
}

export const readReference = async (actor: Actor): Promise<Reference> =>
  referenceWith(await listOverrides(db(), actor.programmeId));

export const readOverrides = (actor: Actor): Promise<Override[]> => listOverrides(db(), actor.programmeId);

/** Wet mass in kg of the bag that people know best, the 10 gal fabric bag, filled with the programme's mix. */
export function usualBagKg(programme: Programme): number {
  const kind = findBagKind("round-10-gal");
  const mix = findMix(programme.mixId);
  if (!kind || !mix) throw new Error("the library lost its usual bag or the programme's mix");
  return bagMass(kind.shape, mix).wetKg;
}

export interface PlanDifference extends Difference {
  readonly household: string;
}

const same = (a: Override, name: string) => a.name === name;

async function checked(
  actor: Actor,
  name: string,
  value: number | null,
  reason: string,
): Promise<Outcome<{ programme: Programme; now: Override[]; next: Override[] }>> {
  const allowed = mayChange(actor, await findProgramme(db(), actor.programmeId));
  if (!allowed.ok) return allowed;
  if (value !== null && !Number.isFinite(value))
    return refused({ code: "invalid-input" }, { value: { code: "not-a-number", understood: String(value) } });
  const now = await listOverrides(db(), actor.programmeId);
  const next = [
    ...now.filter((o) => !same(o, name)),
    ...(value === null ? [] : [{ name, value, reason, author: actor.name }]),
  ];
  const applied = applyOverrides(
    referenceWith(now.filter((o) => !same(o, name))),
    next.filter((o) => same(o, name)),
  );
  if (!applied.ok)
    return refused(
      { code: "invalid-input" },
      { value: applied.fields[name] ?? { code: "override-senseless" } },
    );
  return { ok: true, value: { programme: allowed.value, now, next } };
}

/** What a value would change in the programme's plans; null goes back to the library's. Nothing is stored. */
export function previewOverride(
  actor: Actor,
  name: string,
  value: number | null,
): Promise<Outcome<PlanDifference[]>> {
  return outcomeOf(async () => {
    const check = await checked(actor, name, value, "");
    if (!check.ok) return check;
    const { programme, now, next } = check.value;
    const [before, after] = [referenceWith(now), referenceWith(next)];
    const found = (await surveyedPlans(actor)).flatMap(({ household, name: named, plan }) => {
      const setting = settingOf(programme, household);
      return differences(plan, settingFrom(setting, before), settingFrom(setting, after)).map((d) => ({
        ...d,
        household: named,
      }));
    });
    return { ok: true, value: found };
  });
}

/** Puts a programme's own value in place of the library's, with the reason; null goes back to the library's. */
export function overrideValue(
  actor: Actor,
  name: string,
  value: number | null,
  reason: string,
): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const why = reason.trim();
    if (value !== null && why === "")
      return refused({ code: "invalid-input" }, { reason: { code: "reason-missing" } });
    if (why.length > 300) return refused({ code: "invalid-input" }, { reason: { code: "too-long" } });
    const check = await checked(actor, name, value, why);
    if (!check.ok) return check;
    await insertOverride(db(), actor.programmeId, actor.name, name, value, why);
    return { ok: true, value: null };
  });
}
