import * as z from "zod";
import { addDays, type Day } from "@/core/day";
import { type Batch, batchesOf, type CellWeek, cellsByWeek } from "@/core/nursery";
import { type Group, listGroups } from "@/db/groups";
import { db } from "@/db/pool";
import { listSeedlings } from "@/db/seedlings";
import type { Actor } from "./actor";
import { judgingSince, readToday } from "./programme";

/** A seedling house looks so far ahead, and back on what should have been sown. */
const WEEKS = 16;
const LATE_DAYS = 14;

/** How sure all should be to get theirs. */
export const CONFIDENCES = [0.8, 0.9, 0.95] as const;

const Ask = z.object({
  group: z.uuid().optional().catch(undefined),
  sure: z.coerce
    .number()
    .refine((sure) => CONFIDENCES.some((c) => c === sure))
    .catch(0.9),
  batch: z.string().optional().catch(undefined),
});

/** So many households are named beside a batch; all of them beside the one that is asked for. */
const NAMED = 12;

/** A batch with some of those that it is for, and how many more there are. */
export interface NamedBatch extends Batch {
  readonly more: number;
  readonly moreTakers: number;
}

const namedOf = (batch: Batch, most: number): NamedBatch => ({
  ...batch,
  shares: batch.shares.slice(0, most),
  more: Math.max(0, batch.shares.length - most),
  takers: batch.takers.slice(0, most),
  moreTakers: Math.max(0, batch.takers.length - most),
});

export interface Nursery {
  readonly today: Day;
  readonly sure: number;
  readonly batches: readonly NamedBatch[];
  readonly weeks: readonly CellWeek[];
  /** Households that are named, by id, as lists name them. */
  readonly names: Readonly<Record<string, string>>;
  readonly groups: readonly Group[];
  readonly groupId?: string;
  readonly judgingSince?: string;
}

/** What is raised for all households of the actor's programme, or of a group of it, in one place. */
export async function readNursery(actor: Actor, query: unknown): Promise<Nursery> {
  const { group: groupId, sure, batch: asked } = Ask.parse(query);
  const today = await readToday(actor);
  const ask = { from: addDays(today, -LATE_DAYS), until: addDays(today, 7 * WEEKS), groupId };
  const [lines, groups] = await Promise.all([
    listSeedlings(db(actor), actor.programmeId, ask),
    listGroups(db(actor), actor.programmeId),
  ]);
  const batches = batchesOf(lines, sure);
  const named = batches.map((batch) => namedOf(batch, batch.id === asked ? Infinity : NAMED));
  const seen = new Set(
    named.flatMap(({ shares, takers }) => [...shares, ...takers].map(({ householdId }) => householdId)),
  );
  return {
    today,
    sure,
    batches: named,
    weeks: cellsByWeek(batches, today, WEEKS),
    names: Object.fromEntries(
      lines
        .filter(({ householdId }) => seen.has(householdId))
        .map(({ householdId, code, name }) => [householdId, `${code} ${name}`]),
    ),
    groups,
    groupId,
    judgingSince: await judgingSince(actor),
  };
}
