import { setImmediate } from "node:timers/promises";
import * as z from "zod";
import { findingsCsv } from "@/core/exchange";
import {
  AS_SHIPPED,
  calibrations,
  type GoalReport,
  type Leading,
  leadingOf,
  type Odd,
  oddOnes,
  type Proposal,
  proposalsOf,
  reportsOf,
  scalesOf,
} from "@/core/findings";
import { PLACE_KINDS, type PlaceKind } from "@/core/place";
import type { Outcome } from "@/core/problem";
import { SCHOOL_NAMES, type SchoolName, SCHOOLS } from "@/core/school";
import type { Reference } from "@/core/setting";
import { listNames } from "@/db/households";
import { findKeptFindings, putKeptFindings } from "@/db/kept-findings";
import { db, transaction } from "@/db/pool";
import { listSummaries, partsOfSummaries } from "@/db/summaries";
import { listWeighings } from "@/db/weighings";
import { SHIPPED } from "@/library";
import type { Actor } from "./actor";
import { judgingSince, readReference } from "./programme";
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
export type FindingsAsk = z.infer<typeof Ask>;

/** What findings can be asked for by. */
interface Parts {
  readonly goals: readonly string[];
  readonly years: readonly number[];
  readonly places: readonly PlaceKind[];
  readonly bags: readonly string[];
  readonly methods: readonly string[];
  /** Those of which plantings went different ways. */
  readonly schools: readonly { readonly name: SchoolName; readonly choice: string }[];
}

/** What records say, as it is worked out. */
interface Made {
  readonly parts: Parts;
  readonly plantings: number;
  readonly households: number;
  readonly leading: readonly Leading[];
  readonly goals: readonly (GoalReport & { readonly proposals: readonly Proposal[] })[];
  readonly calibration: ReturnType<typeof calibrations>;
  readonly odd: readonly Odd[];
}

/** What a programme's records say. */
export interface Findings extends Made {
  readonly ask: FindingsAsk;
  /** Names of the households that are to be asked about something. */
  readonly names: Readonly<Record<string, { readonly code: string; readonly name: string }>>;
  /** When the queue worked it out, where it did; left out where it is of this moment. */
  readonly madeAt?: string;
  readonly judgingSince?: string;
}

/** A goal as the programme has it, and as the library ships it. */
function goalTwice(reference: Reference, goalId: string) {
  const [own, shipped] = [goalIn(reference, goalId), goalIn(SHIPPED, goalId)];
  return own && shipped && { own, shipped };
}

async function partsIn(actor: Actor): Promise<{ readonly parts: Parts; readonly plantings: number }> {
  const found = await partsOfSummaries(db(actor), actor.programmeId);
  const ways = SCHOOL_NAMES.map((name) => ({
    name,
    choices: [...new Set(found.schools.map((schools) => schools[name] ?? SCHOOLS[name][0]))].sort(),
  }));
  return {
    plantings: found.plantings,
    parts: {
      ...{ goals: found.goals, places: found.places, bags: found.bags, methods: found.methods },
      years: [...found.years].sort((a, b) => b - a),
      schools: ways.flatMap(({ name, choices }) =>
        choices.length > 1 ? choices.map((choice) => ({ name, choice })) : [],
      ),
    },
  };
}

/** What the records of the actor's programme say at this moment. Others are served between its crops. */
export async function makeFindings(actor: Actor, ask: FindingsAsk): Promise<Made> {
  const on = db(actor);
  const isAll = Object.values(ask).every((part) => part === undefined);
  const { goal: goalId, ...rest } = ask;
  const [{ parts }, lines, weighings, reference] = await Promise.all([
    partsIn(actor),
    listSummaries(on, actor.programmeId, { ...rest, goalId }),
    listWeighings(on, actor.programmeId),
    readReference(actor),
  ]);
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
  return {
    parts,
    plantings: lines.length,
    households: new Set(lines.map((l) => l.householdId)).size,
    leading: leadingOf(goals),
    goals,
    calibration: calibrations(lines, weighings),
    odd: oddOnes(lines, weighings),
  };
}

/** Up to so many plantings are counted while somebody waits: about a fifth of a second. */
const COUNTED_AT_ONCE = 1500;

const nameOf = (ask: FindingsAsk): string => JSON.stringify(ask);

/**
 * Works out what the records of a large programme say and keeps it: of all of them, and of each part that can be asked for
 * by itself. Of a small one nothing is kept, since it is worked out as it is asked for.
 *
 * @param most plantings that are counted while somebody waits
 */
export async function keepFindings(programmeId: string, most = COUNTED_AT_ONCE): Promise<void> {
  const actor: Actor = { role: "trainer", programmeId, name: "" };
  const { parts, plantings } = await partsIn(actor);
  const asks: FindingsAsk[] = [
    {},
    ...parts.years.map((year) => ({ year })),
    ...parts.places.map((place) => ({ place })),
    ...parts.bags.map((bag) => ({ bag })),
    ...parts.methods.map((method) => ({ method })),
    ...parts.schools.map((school) => ({ school })),
  ];
  const kept = new Map<string, Made>();
  if (plantings > most) for (const ask of asks) kept.set(nameOf(ask), await makeFindings(actor, ask));
  await transaction(actor, (on) => putKeptFindings(on, programmeId, kept));
}

/** What the records of the actor's programme say. @param asked as it stands in the address; what makes no sense is left out */
export async function readFindings(actor: Actor, asked: unknown): Promise<Findings> {
  const ask = Ask.parse(asked);
  const on = db(actor);
  const [kept, judging] = await Promise.all([
    findKeptFindings(on, actor.programmeId, nameOf(ask)),
    judgingSince(actor),
  ]);
  // Written by this release, which forgets what others wrote.
  const made = kept ? (kept.findings as Made) : await makeFindings(actor, ask);
  return {
    ...made,
    ask,
    names: await listNames(on, actor.programmeId, [...new Set(made.odd.map((o) => o.householdId))]),
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
