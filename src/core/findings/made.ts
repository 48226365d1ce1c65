import type { Weighing } from "../record";
import { goalIn, type Reference } from "../setting";
import { type Leading, leadingOf } from "./leading";
import type { Line } from "./line";
import { type Odd, oddOnes } from "./odd";
import { isAsked, type PartAsk, type Parts, partsOf } from "./parts";
import { type Proposal, proposalsOf, scalesOf } from "./propose";
import { AS_SHIPPED, calibrations, type GoalReport, reportsOf } from "./report";

/** What findings are made of. */
export interface Basis {
  readonly lines: readonly Line[];
  readonly weighings: readonly Weighing[];
  /** The library as the programme has it, and as it ships. */
  readonly own: Reference;
  readonly shipped: Reference;
}

/** What a programme's records say. */
export interface Made {
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

/** As many odd ones as somebody can ask about in a while. */
const MOST_ODD = 50;

/** What the plantings that are asked for say. */
export function findingsOf({ lines: all, weighings, own, shipped }: Basis, ask: PartAsk): Made {
  const lines = all.filter((line) => isAsked(line, ask));
  const twice = (goalId: string) => {
    const [ours, theirs] = [goalIn(own, goalId), goalIn(shipped, goalId)];
    return ours && theirs && { own: ours, shipped: theirs };
  };
  const reports = reportsOf(lines, weighings, (id) => {
    const both = twice(id);
    return both ? scalesOf(both.own, both.shipped) : AS_SHIPPED;
  });
  const goals = reports.map((report) => {
    const both = twice(report.goalId);
    // What a part of the records says is no value for all.
    const isProposed = both && lines.length === all.length;
    return { ...report, proposals: isProposed ? proposalsOf(report, both.own, both.shipped) : [] };
  });
  const odd = oddOnes(lines, weighings);
  return {
    parts: partsOf(all),
    plantings: lines.length,
    households: new Set(lines.map((l) => l.householdId)).size,
    leading: leadingOf(goals),
    goals,
    calibration: calibrations(lines, weighings),
    odd: odd.slice(0, MOST_ODD),
    moreOdd: Math.max(0, odd.length - MOST_ODD),
  };
}

/** What is kept of a large programme: what all of its plantings say, and each part that can be asked for by itself. */
export function asksOf({ lines }: Pick<Basis, "lines">): PartAsk[] {
  const { years, places, bags, methods, schools } = partsOf(lines);
  return [
    {},
    ...years.map((year) => ({ year })),
    ...places.map((place) => ({ place })),
    ...bags.map((bag) => ({ bag })),
    ...methods.map((method) => ({ method })),
    ...schools.map((school) => ({ school })),
  ];
}
