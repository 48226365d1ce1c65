import * as z from "zod";
import { type Letter, letterOf, yearOf } from "@/core/findings";
import { db } from "@/db/pool";
import { listSharedGoals, listSummaries, type SharedGoal } from "@/db/summaries";
import type { Actor } from "./actor";
import { readPrices } from "./prices";
import { readKnown } from "./programme";

const Year = z.coerce.number().int().min(1990).max(2199).optional().catch(undefined);

/** A household's season in figures, and the seasons of which anything is on record. @param asked the season's year; the latest one where it makes no sense */
export async function readLetter(
  actor: Actor,
  householdId: string,
  asked: unknown,
): Promise<{
  readonly year?: number;
  readonly years: readonly number[];
  readonly letter: Letter;
  readonly shared: readonly SharedGoal[];
}> {
  const on = db(actor);
  const [all, { weighings }, prices, shared] = await Promise.all([
    listSummaries(on, actor.programmeId, householdId),
    readKnown(actor),
    readPrices(actor),
    listSharedGoals(on),
  ]);
  const years = [...new Set(all.map(yearOf))].sort().reverse();
  const wanted = Year.parse(asked);
  const year = years.find((y) => y === wanted) ?? years[0];
  const lines = all.filter((line) => yearOf(line) === year);
  const letter = letterOf(lines, weighings, prices);
  const isGrown = new Set(letter.grown.map((g) => g.goalId));
  return { year, years, letter, shared: shared.filter((s) => isGrown.has(s.goalId)) };
}

/** What households of a programme got together, by goal: a fixed table, from three households on that share it. */
export const readSharedGoals = (actor: Actor): Promise<SharedGoal[]> => listSharedGoals(db(actor));
