import type { Crop, Goal } from "../crop";
import type { Belief, Range } from "./belief";
import type { GoalReport, Scales } from "./report";

/** One of a programme's values, as it is and as records would have it. */
export interface Proposed {
  readonly name: string;
  readonly now: number;
  readonly next: number;
}

/** What records propose for a goal. */
export interface Proposal {
  readonly about: keyof Scales;
  /** What it makes of the shipped values, as a ratio. */
  readonly factor: number;
  readonly weight: number;
  readonly households: number;
  readonly plantings: number;
  readonly values: readonly Proposed[];
}

/** A change by less than this is not worth a question; nor is one whose direction is not sure in nine cases of ten. Assumption, no source. */
const WORTH = 0.08;
const SURE = 1.28;
/** A range that is to be wider by less than this stays; none is made wider than by the second at once. Assumption, no source. */
const WIDER = 1.15;
const WIDEST = 2.5;

/** What a programme's own values make of a goal's shipped ones. */
export const scalesOf = (
  own: { readonly crop: Crop; readonly goal: Goal },
  shipped: { readonly crop: Crop; readonly goal: Goal },
): Scales => ({
  up: own.crop.emergence.degreeDays / shipped.crop.emergence.degreeDays,
  pick: own.goal.days.window.likely / shipped.goal.days.window.likely,
  harvest: shipped.goal.yieldG.likely > 0 ? own.goal.yieldG.likely / shipped.goal.yieldG.likely : 1,
});

const ENDS = ["low", "likely", "high"] as const;

/** How many times as wide one range is as another, on the logarithm; 1 where that cannot be said. */
const widthOf = (own: Range, shipped: Range): number =>
  shipped.low > 0 && own.low > 0 && shipped.high > shipped.low
    ? Math.log(own.high / own.low) / Math.log(shipped.high / shipped.low)
    : 1;

/** A range so many times as wide on either side of its likely value. */
const widened = ({ low, likely, high }: Range, times: number): Range =>
  low > 0
    ? { low: likely * (low / likely) ** times, likely, high: likely * (high / likely) ** times }
    : { low, likely, high };

/** To three figures, days whole. */
const rounded = (value: number, isWhole: boolean): number =>
  isWhole ? Math.max(1, Math.round(value)) : Number(value.toPrecision(3));

/**
 * What records propose in place of a programme's values: days to come up, days to the first pick with their range, and
 * harvests by one factor, with a wider range where theirs did not hold. Nothing where they change next to nothing.
 *
 * @param own what the programme has now; @param shipped the library's
 */
export function proposalsOf(
  report: GoalReport,
  own: { readonly crop: Crop; readonly goal: Goal },
  shipped: { readonly crop: Crop; readonly goal: Goal },
): Proposal[] {
  const { crop, goal } = own;
  const scales = scalesOf(own, shipped);
  const proposal = (
    about: keyof Scales,
    belief: Belief | undefined,
    values: (belief: Belief) => readonly Proposed[],
    isTooNarrow = false,
  ): Proposal[] => {
    if (!belief) return [];
    const change = Math.abs(Math.log(belief.factor / scales[about]));
    if (!isTooNarrow && (change < WORTH || change < SURE * belief.sd)) return [];
    const { factor, weight, households, plantings } = belief;
    const next = values(belief);
    // Rounded to what is there already, it is no change.
    return next.every((value) => value.next === value.now)
      ? []
      : [{ about, factor, weight, households, plantings, values: next }];
  };
  const range = (
    path: "days.window" | "yieldG" | "closedKgM2",
    now: { low: number; likely: number; high: number },
    then: { low: number; likely: number; high: number },
    factor: number,
  ) =>
    ENDS.map((end) => ({
      name: `goal/${goal.id}/${path}.${end}`,
      now: now[end],
      next: rounded(then[end] * factor, path === "days.window"),
    }));
  const widen = Math.min(WIDEST, report.gave?.widen ?? 1);
  // What was widened before stays so: it is against that range that records were held.
  const width = Math.max(1, widthOf(goal.yieldG, shipped.goal.yieldG)) * (widen >= WIDER ? widen : 1);
  return [
    ...proposal("up", report.up?.belief, ({ factor }) => [
      {
        name: `crop/${crop.id}/emergence.degreeDays`,
        now: crop.emergence.degreeDays,
        next: rounded(shipped.crop.emergence.degreeDays * factor, false),
      },
    ]),
    ...proposal("pick", report.pick?.belief, ({ factor, range: { low, likely, high } }) => {
      const then = shipped.goal.days.window;
      // Its range is as wide as records and library together say.
      const spread = {
        low: (then.likely * low) / likely,
        likely: then.likely,
        high: (then.likely * high) / likely,
      };
      return range("days.window", goal.days.window, spread, factor);
    }),
    ...proposal(
      "harvest",
      report.gave?.belief,
      ({ factor }) => [
        ...range("yieldG", goal.yieldG, widened(shipped.goal.yieldG, width), factor),
        ...(goal.closedKgM2 && shipped.goal.closedKgM2
          ? range("closedKgM2", goal.closedKgM2, widened(shipped.goal.closedKgM2, width), factor)
          : []),
      ],
      widen >= WIDER,
    ),
  ];
}
