import { marketMinor, type Prices } from "../money";
import type { Detail, Weighing } from "../record";
import { gaveKg, isTooMuch, toldBy } from "./harvest";
import type { Line } from "./line";
import { lossesOf } from "./losses";

/** What a household grew of one goal in a season. */
export interface Grown {
  readonly goalId: string;
  readonly plantings: number;
  readonly picks: number;
  readonly kg: number;
  /** kg a planting. */
  readonly eachKg: number;
  readonly left: { readonly pieces: number; readonly bunches: number };
  /** What it would have cost at the market; undefined where nobody knows the price. */
  readonly worthMinor?: number;
}

/** A household's season: what it grew and what that was worth, what went well and what was hard. */
export interface Letter {
  readonly grown: readonly Grown[];
  /** More than such a planting can well give: not counted until somebody asks. */
  readonly doubtful: readonly { readonly goalId: string; readonly kg: number }[];
  readonly kg: number;
  readonly worthMinor: number;
  /** Of the weight, the share that has a price. */
  readonly pricedShare: number;
  readonly firstPickOn?: string;
  readonly lastOn?: string;
  readonly picks: number;
  /** What gave more than was expected of it, with how many times as much. */
  readonly well: readonly { readonly goalId: string; readonly ratio: number }[];
  readonly hard: readonly {
    readonly goalId: string;
    readonly lost: number;
    readonly of: number;
    readonly reason?: NonNullable<Detail["reason"]>;
  }[];
}

/** So much over what was expected is worth telling, and so large a share lost. Assumption, no source. */
const WELL = 1.15;
const HARD = 0.2;

const sum = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);

/** A household's season in figures. @param lines its plantings of that season */
export function letterOf(all: readonly Line[], weighings: readonly Weighing[], prices: Prices): Letter {
  const kgOf = (line: Line) => gaveKg(line, weighings);
  const isDoubtful = (line: Line) => isTooMuch(kgOf(line).kg, line.expectedKg);
  const lines = all.filter((line) => !isDoubtful(line));
  const goals = [...new Set(lines.map((l) => l.goalId))];
  const of = (goalId: string) => lines.filter((l) => l.goalId === goalId);
  const grown = goals
    .map((goalId): Grown => {
      const own = of(goalId);
      const weighed = own.map(kgOf);
      const kg = sum(weighed.map((w) => w.kg));
      const worthMinor = marketMinor(prices, own[0]?.cropId ?? "", 1000 * kg);
      return {
        goalId,
        plantings: own.length,
        picks: sum(own.map((l) => l.picks)),
        kg,
        eachKg: kg / own.length,
        left: {
          pieces: sum(weighed.map((w) => w.left.pieces)),
          bunches: sum(weighed.map((w) => w.left.bunches)),
        },
        ...(worthMinor !== undefined && kg > 0 && { worthMinor }),
      };
    })
    .sort((a, b) => b.kg - a.kg || a.goalId.localeCompare(b.goalId));
  const well = goals.flatMap((goalId) => {
    const told = toldBy(of(goalId), weighings);
    const ratio = sum(told.map((t) => t.kg)) / sum(told.map((t) => t.expected.likely));
    return ratio >= WELL ? [{ goalId, ratio }] : [];
  });
  const hard = goals.flatMap((goalId) => {
    const losses = lossesOf(of(goalId));
    if (!losses || losses.lost < HARD * losses.of) return [];
    const reason = losses.reasons[0]?.reason;
    return [{ goalId, lost: losses.lost, of: losses.of, ...(reason && reason !== "unknown" && { reason }) }];
  });
  const days = (pick: (line: Line) => string | null) => lines.flatMap((l) => pick(l) ?? []).sort();
  const kg = sum(grown.map((g) => g.kg));
  return {
    grown,
    doubtful: all.filter(isDoubtful).map((line) => ({ goalId: line.goalId, kg: kgOf(line).kg })),
    kg,
    worthMinor: sum(grown.map((g) => g.worthMinor ?? 0)),
    pricedShare: kg > 0 ? sum(grown.map((g) => (g.worthMinor === undefined ? 0 : g.kg))) / kg : 0,
    firstPickOn: days((l) => l.firstPickOn)[0],
    lastOn: days((l) => l.lastOn).at(-1),
    picks: sum(grown.map((g) => g.picks)),
    well: well.sort((a, b) => b.ratio - a.ratio),
    hard: hard.sort((a, b) => b.lost / b.of - a.lost / a.of),
  };
}
