import * as z from "zod";
import { findingsCsv } from "@/core/exchange";
import {
  AS_SHIPPED,
  calibrations,
  type GoalReport,
  type Leading,
  type Letter,
  letterOf,
  leadingOf,
  type Line,
  type Odd,
  oddOnes,
  type Proposal,
  proposalsOf,
  reportOf,
  scalesOf,
} from "@/core/findings";
import { PLACE_KINDS, type PlaceKind } from "@/core/place";
import type { Outcome } from "@/core/problem";
import type { Reference } from "@/core/setting";
import { listNames } from "@/db/households";
import { db } from "@/db/pool";
import { listSharedGoals, listSummaries, type SharedGoal } from "@/db/summaries";
import { listWeighings } from "@/db/weighings";
import { SHIPPED } from "@/library";
import type { Actor } from "./actor";
import { outcomeOf, refused } from "./outcome";
import { readPrices } from "./prices";
import { judgingSince, programmeToChange, readOverrides, readReference } from "./programme";
import { type PlanDifference, previewValues, putValues } from "./reference";
import { goalIn } from "./setting";

/** Which plantings findings are made of: all, or those of one season, kind of place or kind of bag. */
const Ask = z.object({
  year: z.coerce.number().int().min(1990).max(2199).optional().catch(undefined),
  place: z.enum(PLACE_KINDS).optional().catch(undefined),
  bag: z.string().max(60).optional().catch(undefined),
});
export type FindingsAsk = z.infer<typeof Ask>;

/** What a programme's records say. */
export interface Findings {
  readonly ask: FindingsAsk;
  /** What can be asked for. */
  readonly years: readonly number[];
  readonly places: readonly PlaceKind[];
  readonly bags: readonly string[];
  readonly plantings: number;
  readonly households: number;
  readonly leading: readonly Leading[];
  readonly goals: readonly (GoalReport & { readonly proposals: readonly Proposal[] })[];
  readonly calibration: ReturnType<typeof calibrations>;
  readonly odd: readonly Odd[];
  /** Names of the households that are to be asked about something. */
  readonly names: Readonly<Record<string, { readonly code: string; readonly name: string }>>;
  readonly judgingSince?: string;
}

const yearOf = ({ sownOn, lastOn }: Line): number => Number((sownOn ?? lastOn ?? "0").slice(0, 4));

/** A goal as the programme has it, and as the library ships it. */
function goalTwice(reference: Reference, goalId: string) {
  const [own, shipped] = [goalIn(reference, goalId), goalIn(SHIPPED, goalId)];
  return own && shipped && { own, shipped };
}

function reportIn(reference: Reference, lines: readonly Line[], weighings: Parameters<typeof reportOf>[1]) {
  return reportOf(lines, weighings, (goalId) => {
    const twice = goalTwice(reference, goalId);
    return twice ? scalesOf(twice.own, twice.shipped) : AS_SHIPPED;
  });
}

const proposalsIn = (reference: Reference, report: GoalReport): Proposal[] => {
  const twice = goalTwice(reference, report.goalId);
  return twice ? proposalsOf(report, twice.own, twice.shipped) : [];
};

/** What the records of the actor's programme say. @param asked as it stands in the address; what makes no sense is left out */
export async function readFindings(actor: Actor, asked: unknown): Promise<Findings> {
  const ask = Ask.parse(asked);
  const on = db(actor);
  const [all, weighings, reference, judging] = await Promise.all([
    listSummaries(on, actor.programmeId),
    listWeighings(on, actor.programmeId),
    readReference(actor),
    judgingSince(actor),
  ]);
  const lines = all.filter(
    (l) =>
      (ask.year === undefined || yearOf(l) === ask.year) &&
      (ask.place === undefined || l.placeKind === ask.place) &&
      (ask.bag === undefined || l.bagKindId === ask.bag),
  );
  const reports = reportIn(reference, lines, weighings);
  const isAll = lines.length === all.length;
  const odd = oddOnes(lines, weighings);
  const kinds = <T>(of: (line: (typeof all)[number]) => T) => [...new Set(all.map(of))].sort();
  return {
    ask,
    years: kinds(yearOf).reverse(),
    places: kinds((l) => l.placeKind).filter((kind) => kind !== null),
    bags: kinds((l) => l.bagKindId),
    plantings: lines.length,
    households: new Set(lines.map((l) => l.householdId)).size,
    leading: leadingOf(reports),
    // What a part of the records says is no value for all.
    goals: reports.map((r) => ({ ...r, proposals: isAll ? proposalsIn(reference, r) : [] })),
    calibration: calibrations(lines, weighings),
    odd,
    names: await listNames(on, actor.programmeId, [...new Set(odd.map((o) => o.householdId))]),
    judgingSince: judging,
  };
}

const About = z.enum(["up", "pick", "harvest"]);

/** What records propose for a goal now; undefined where they propose nothing any more. */
async function proposed(actor: Actor, goalId: unknown, about: unknown): Promise<Proposal | undefined> {
  const wanted = About.safeParse(about);
  const { goals } = await readFindings(actor, {});
  return goals
    .find((g) => g.goalId === goalId)
    ?.proposals.find((p) => wanted.success && p.about === wanted.data);
}

const changesOf = ({ values }: Proposal) => values.map(({ name, next }) => ({ name, value: next }));

/** What it would change in all plans to go by what records propose for a goal. */
export function previewFinding(
  actor: Actor,
  goalId: unknown,
  about: unknown,
): Promise<Outcome<PlanDifference[]>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const proposal = await proposed(actor, goalId, about);
    return proposal ? previewValues(actor, changesOf(proposal)) : refused({ code: "finding-gone" });
  });
}

/** Takes what records propose for a goal into the programme's own values. @param reason in the reader's words */
export function takeFinding(
  actor: Actor,
  { goalId, about, reason }: { goalId: unknown; about: unknown; reason: string },
): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const proposal = await proposed(actor, goalId, about);
    return proposal ? putValues(actor, changesOf(proposal), reason, true) : refused({ code: "finding-gone" });
  });
}

/**
 * Puts values that were taken from findings where the records have them now. Call it once all plans are judged: what was to
 * be expected goes by the values in force.
 */
export async function followTaken(programmeId: string): Promise<void> {
  const actor: Actor = { role: "trainer", programmeId, name: "" };
  const taken = (await readOverrides(actor)).filter((o) => o.follows);
  if (taken.length === 0) return;
  const { goals } = await readFindings(actor, {});
  for (const proposal of goals.flatMap((g) => g.proposals)) {
    const own = taken.find((o) => proposal.values.some(({ name }) => name === o.name));
    if (own) await putValues({ ...actor, name: own.author }, changesOf(proposal), own.reason, true);
  }
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
  const [all, weighings, prices, shared] = await Promise.all([
    listSummaries(on, actor.programmeId, householdId),
    listWeighings(on, actor.programmeId),
    readPrices(actor),
    listSharedGoals(on),
  ]);
  const years = [...new Set(all.map(yearOf))].sort().reverse();
  const wanted = Ask.shape.year.parse(asked);
  const year = years.find((y) => y === wanted) ?? years[0];
  const lines = all.filter((line) => yearOf(line) === year);
  const letter = letterOf(lines, weighings, prices);
  const isGrown = new Set(letter.grown.map((g) => g.goalId));
  return { year, years, letter, shared: shared.filter((s) => isGrown.has(s.goalId)) };
}
