import { setImmediate } from "node:timers/promises";
import * as z from "zod";
import { findingsCsv } from "@/core/exchange";
import {
  AS_SHIPPED,
  calibrations,
  type GoalReport,
  isAsked,
  type Leading,
  leadingOf,
  type Line,
  type Odd,
  oddOnes,
  type PartAsk,
  type Parts,
  partsOf,
  type Proposal,
  proposalsOf,
  reportsOf,
  scalesOf,
} from "@/core/findings";
import { PLACE_KINDS } from "@/core/place";
import type { Outcome } from "@/core/problem";
import type { Weighing } from "@/core/record";
import { SCHOOL_NAMES, SCHOOLS } from "@/core/school";
import type { Reference } from "@/core/setting";
import { listNames } from "@/db/households";
import { findKeptFindings, putKeptFindings } from "@/db/kept-findings";
import { db, transaction } from "@/db/pool";
import { countStages } from "@/db/progress";
import { countSummaries, listSummaries } from "@/db/summaries";
import { SHIPPED } from "@/library";
import type { Actor } from "./actor";
import { judgingSince, readKnown, readReference, readToday } from "./programme";
import { goalIn } from "./setting";

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

/** What records say, as it is worked out. */
interface Made {
  readonly parts: Parts;
  readonly plantings: number;
  readonly households: number;
  readonly leading: readonly Leading[];
  readonly goals: readonly (GoalReport & { readonly proposals: readonly Proposal[] })[];
  readonly calibration: ReturnType<typeof calibrations>;
  readonly odd: readonly Odd[];
  /** How many more are odd than are told. */
  readonly moreOdd: number;
}

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

/** As many odd ones as somebody can ask about in a while. */
const MOST_ODD = 50;

/** A goal as the programme has it, and as the library ships it. */
function goalTwice(reference: Reference, goalId: string) {
  const [own, shipped] = [goalIn(reference, goalId), goalIn(SHIPPED, goalId)];
  return own && shipped && { own, shipped };
}

/** What findings are made of. */
interface Basis {
  readonly lines: readonly Line[];
  readonly weighings: readonly Weighing[];
  readonly reference: Reference;
  readonly parts: Parts;
}

async function readBasis(actor: Actor): Promise<Basis> {
  const on = db(actor);
  const [lines, { weighings }, reference] = await Promise.all([
    listSummaries(on, actor.programmeId),
    readKnown(actor),
    readReference(actor),
  ]);
  return { lines, weighings, reference, parts: partsOf(lines) };
}

/** What plantings that are asked for say. Others are served between its crops. */
async function madeOf({ lines: all, weighings, reference, parts }: Basis, ask: PartAsk): Promise<Made> {
  const lines = all.filter((line) => isAsked(line, ask));
  const isAll = lines.length === all.length;
  const goals: Made["goals"][number][] = [];
  for (const report of reportsOf(lines, weighings, (id) => {
    const twice = goalTwice(reference, id);
    return twice ? scalesOf(twice.own, twice.shipped) : AS_SHIPPED;
  })) {
    const twice = goalTwice(reference, report.goalId);
    // What a part of the records says is no value for all.
    goals.push({ ...report, proposals: isAll && twice ? proposalsOf(report, twice.own, twice.shipped) : [] });
    await setImmediate();
  }
  const odd = oddOnes(lines, weighings);
  return {
    parts,
    plantings: lines.length,
    households: new Set(lines.map((l) => l.householdId)).size,
    leading: leadingOf(goals),
    goals,
    calibration: calibrations(lines, weighings),
    odd: odd.slice(0, MOST_ODD),
    moreOdd: Math.max(0, odd.length - MOST_ODD),
  };
}

/** What all records of the actor's programme say at this moment. */
export const makeFindings = async (actor: Actor): Promise<Made> => madeOf(await readBasis(actor), {});

/** Up to so many plantings are counted while somebody waits: about a fifth of a second. */
const COUNTED_AT_ONCE = 1500;

const nameOf = (ask: PartAsk): string => JSON.stringify(ask);

/**
 * Works out what the records of a large programme say and keeps it: of all of them, and of each part that can be asked for
 * by itself. Of a small one nothing is kept, since it is worked out as it is asked for.
 *
 * @param most plantings that are counted while somebody waits
 */
export async function keepFindings(programmeId: string, most = COUNTED_AT_ONCE): Promise<void> {
  const actor: Actor = { role: "trainer", programmeId, name: "" };
  const kept = new Map<string, Made>();
  if ((await countSummaries(db(actor), programmeId)) > most) {
    const basis = await readBasis(actor);
    const { years, places, bags, methods, schools } = basis.parts;
    const asks: PartAsk[] = [
      {},
      ...years.map((year) => ({ year })),
      ...places.map((place) => ({ place })),
      ...bags.map((bag) => ({ bag })),
      ...methods.map((method) => ({ method })),
      ...schools.map((school) => ({ school })),
    ];
    for (const ask of asks) kept.set(nameOf(ask), await madeOf(basis, ask));
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
  const made = kept ? (kept.findings as Made) : await madeOf(await readBasis(actor), ask);
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
