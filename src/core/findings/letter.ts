import { marketMinor, type Prices } from "../money";
import { inKg, type Weighing } from "../record";
import type { Detail } from "../record";
import type { Line } from "./line";
import { isTooMuch } from "./odd";

/** What a household grew of one goal in a season. */
export interface Grown {
  readonly goalId: string;
  readonly plantings: number;
  readonly picks: number;
  readonly kg: number;
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
  /** Of the weight, the part that has a price. */
  readonly pricedKg: number;
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
  const kgOf = (line: Line) =>
    inKg(
      line,
      weighings.filter((w) => w.goalId === line.goalId),
    );
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
        left: {
          pieces: sum(weighed.map((w) => w.left.pieces)),
          bunches: sum(weighed.map((w) => w.left.bunches)),
        },
        ...(worthMinor !== undefined && kg > 0 && { worthMinor }),
      };
    })
    .sort((a, b) => b.kg - a.kg || a.goalId.localeCompare(b.goalId));
  const well = goals.flatMap((goalId) => {
    const over = of(goalId).filter((l) => l.endedOn !== null && (l.expectedKg?.likely ?? 0) > 0);
    const expected = sum(over.map((l) => l.expectedKg?.likely ?? 0));
    const ratio = expected > 0 ? sum(over.map((l) => kgOf(l).kg)) / expected : 0;
    return ratio >= WELL ? [{ goalId, ratio }] : [];
  });
  const hard = goals.flatMap((goalId) => {
    const counted = of(goalId).filter((l) => (l.plants ?? 0) > 0);
    const all = sum(counted.map((l) => l.plants ?? 0));
    const lost = Math.min(all, sum(counted.map((l) => l.lostYoung + l.lostGrown)));
    if (all === 0 || lost / all < HARD) return [];
    const reasons = counted.flatMap((l) => Object.entries(l.reasons)).sort((a, b) => b[1] - a[1]);
    const reason = reasons[0]?.[0] as NonNullable<Detail["reason"]> | undefined;
    return [{ goalId, lost, of: all, ...(reason && reason !== "unknown" && { reason }) }];
  });
  const days = (pick: (line: Line) => string | null) => lines.flatMap((l) => pick(l) ?? []).sort();
  return {
    grown,
    doubtful: all.filter(isDoubtful).map((line) => ({ goalId: line.goalId, kg: kgOf(line).kg })),
    kg: sum(grown.map((g) => g.kg)),
    worthMinor: sum(grown.map((g) => g.worthMinor ?? 0)),
    pricedKg: sum(grown.map((g) => (g.worthMinor === undefined ? 0 : g.kg))),
    firstPickOn: days((l) => l.firstPickOn)[0],
    lastOn: days((l) => l.lastOn).at(-1),
    picks: sum(grown.map((g) => g.picks)),
    well: well.sort((a, b) => b.ratio - a.ratio),
    hard: hard.sort((a, b) => b.lost / b.of - a.lost / a.of),
  };
}
