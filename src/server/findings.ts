import * as z from "zod";
import { findingsCsv } from "@/core/exchange";
import { asksOf, type Basis, findingsOf, type Made, type PartAsk } from "@/core/findings";
import { known } from "@/core/known";
import { PLACE_KINDS } from "@/core/place";
import type { Outcome } from "@/core/problem";
import { SCHOOL_NAMES, SCHOOLS } from "@/core/school";
import { listNames } from "@/db/households";
import { findKeptFindings, putKeptFindings } from "@/db/kept-findings";
import { db, transaction } from "@/db/pool";
import { countStages } from "@/db/progress";
import { countSummaries, listSummaries } from "@/db/summaries";
import { SHIPPED } from "@/library";
import type { Actor } from "./actor";
import type { FindingsQuestion } from "./findings.thread";
import { judgingSince, readKnown, readReference, readToday } from "./programme";
import { runThread } from "./run-thread";
import { picksToKeep } from "./season";

/** A school and one of its choices, as they stand in an address: `water:often`. */
const SchoolChoice = z.string().transform((text, context) => {
  const [name, choice] = text.split(":");
  const school = SCHOOL_NAMES.find((one) => one === name);
  if (school && choice && (SCHOOLS[school] as readonly string[]).includes(choice))
    return { name: school, choice };
  context.addIssue({ code: "custom" });
  return z.NEVER;
});

/** Which plantings findings are made of: all, or those of one crop, season, kind of place or of bag, start or school. */
const Ask = z.object({
  goal: z.string().max(80).optional().catch(undefined),
  year: z.coerce.number().int().min(1990).max(2199).optional().catch(undefined),
  place: z.enum(PLACE_KINDS).optional().catch(undefined),
  bag: z.string().max(60).optional().catch(undefined),
  method: z.string().max(60).optional().catch(undefined),
  school: SchoolChoice.optional().catch(undefined),
});

/** What a programme's records say. */
export interface Findings extends Made {
  readonly ask: PartAsk;
  /** Names of the households that are to be asked about something. */
  readonly names: Readonly<Record<string, { readonly code: string; readonly name: string }>>;
  /** Households that have gone quiet. */
  readonly quiet: number;
  /** When the queue worked it out, where it did; left out where it is of this moment. */
  readonly madeAt?: string;
  readonly judgingSince?: string;
}

async function readBasis(actor: Actor): Promise<Basis> {
  const [lines, { weighings }, own] = await Promise.all([
    listSummaries(db(actor), actor.programmeId),
    readKnown(actor),
    readReference(actor),
  ]);
  return { lines, weighings, own, shipped: SHIPPED };
}

/** Up to so many plantings are counted at once: about a fifth of a second, in which nobody else is served. */
const COUNTED_AT_ONCE = 1500;
/** A thread that counts longer than this is ended. */
const THREAD_MS = 10 * 60_000;

/** What plantings say that are asked for, by the askings: of many of them in a thread, beside which others are served. */
const madeOf = (basis: Basis, asks: readonly PartAsk[], most = COUNTED_AT_ONCE): Promise<readonly Made[]> =>
  basis.lines.length <= most
    ? Promise.resolve(asks.map((ask) => findingsOf(basis, ask)))
    : // Made by the same function in the thread.
      runThread("server", { basis, asks } satisfies FindingsQuestion, {
        mostMs: THREAD_MS,
        hear: (said) => said as readonly Made[],
      });

/** What all records of the actor's programme say at this moment. */
export const makeFindings = async (actor: Actor): Promise<Made> =>
  known((await madeOf(await readBasis(actor), [{}]))[0]);

const nameOf = (ask: PartAsk): string => JSON.stringify(ask);

/**
 * Works out what the records of a large programme say and keeps it: of all of them, of each part that can be asked for
 * by itself, and what came in. Of a small one nothing is kept, since it is worked out as it is asked for.
 *
 * @param most plantings that are counted while somebody waits
 */
export async function keepFindings(programmeId: string, most = COUNTED_AT_ONCE): Promise<void> {
  const actor: Actor = { role: "trainer", programmeId, name: "" };
  const kept = new Map<string, unknown>();
  if ((await countSummaries(db(actor), programmeId)) > most) {
    const basis = await readBasis(actor);
    const asks = asksOf(basis);
    const made = await madeOf(basis, asks, most);
    for (const [i, ask] of asks.entries()) kept.set(nameOf(ask), known(made[i]));
    kept.set(...(await picksToKeep(actor)));
  }
  await transaction(actor, (on) => putKeptFindings(on, programmeId, kept));
}

/** What the records of the actor's programme say. @param asked as it stands in the address; what makes no sense is left out */
export async function readFindings(actor: Actor, asked: unknown): Promise<Findings> {
  const ask = Ask.parse(asked);
  const on = db(actor);
  const [kept, judging, stages] = await Promise.all([
    findKeptFindings(on, actor.programmeId, nameOf(ask)),
    judgingSince(actor),
    countStages(on, actor.programmeId, { day: await readToday(actor), search: "" }),
  ]);
  // Written by this release, which forgets what others wrote.
  const made = kept ? (kept.findings as Made) : known((await madeOf(await readBasis(actor), [ask]))[0]);
  return {
    ...made,
    ask,
    names: await listNames(on, actor.programmeId, [...new Set(made.odd.map((o) => o.householdId))]),
    quiet: stages.reduce((sum, stage) => sum + (stage.isPutAway ? 0 : stage.quiet), 0),
    ...(kept && { madeAt: kept.madeAt.toISOString() }),
    judgingSince: judging,
  };
}

/** What the records say, as a file. */
export async function findingsFile(
  actor: Actor,
  asked: unknown,
): Promise<Outcome<{ parts: readonly string[]; name: string; type: string }>> {
  const { goals } = await readFindings(actor, asked);
  return {
    ok: true,
    value: {
      parts: [findingsCsv(goals)],
      name: "findings.csv",
      type: "text/csv; charset=utf-8; header=present",
    },
  };
}
