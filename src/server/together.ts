import { z } from "zod";
import { assessGarden } from "@/core/garden";
import { settingFrom } from "@/core/setting";
import { wantedFor, poolOf, type Pooled } from "@/core/kit";
import { isOf, pricesBy, SHARED_GROUPS, type SharedGroup } from "@/core/money";
import type { Outcome } from "@/core/problem";
import { db } from "@/db/pool";
import { listPrices } from "@/db/prices";
import { findProgramme, updateBoughtTogether } from "@/db/programmes";
import { type Actor, mayChange } from "./actor";
import { today } from "./environment";
import { readProgramme } from "./households";
import { readGermination } from "./judging";
import { outcomeOf, parsed } from "./outcome";
import { readReference } from "./reference";
import { settingOf } from "./setting";
import { surveyedPlans } from "./surveyed-plans";

/** What a programme buys together, and what all its plans still need of each group that it can: bought once for all, or by everyone alone. */
export async function readTogether(
  actor: Actor,
): Promise<{ together: readonly SharedGroup[]; pools: Record<SharedGroup, Pooled> }> {
  const programme = await readProgramme(actor);
  const prices = pricesBy(await listPrices(db(), actor.programmeId));
  const known = { prices, germination: await readGermination(actor) };
  const reference = await readReference(actor);
  const { day } = today();
  const needs = (await surveyedPlans(actor)).map(({ household, plan }) => {
    const setting = settingFrom(settingOf(programme, household, known), reference);
    return wantedFor(assessGarden(plan, setting), setting, day);
  });
  const pool = (group: SharedGroup) =>
    poolOf(
      needs.map((wanted) => wanted.filter((w) => isOf(group, w.item))),
      prices,
    );
  return { together: programme.boughtTogether, pools: { packet: pool("packet"), mix: pool("mix") } };
}

/** Stores which groups a programme buys together. */
export function saveTogether(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = mayChange(actor, await findProgramme(db(), actor.programmeId));
    if (!allowed.ok) return allowed;
    const groups = parsed(z.array(z.enum(SHARED_GROUPS)), input);
    if (!groups.ok) return groups;
    await updateBoughtTogether(
      db(),
      actor.programmeId,
      SHARED_GROUPS.filter((group) => groups.value.includes(group)),
    );
    return { ok: true, value: null };
  });
}
