import { describe, expect, it } from "vitest";
import {
  alikeOf,
  dayBy,
  endsByDay,
  explain,
  logRank,
  meanDifference,
  middleDifference,
  pool,
  shareAmong,
  shareOf,
  shareOn,
  survival,
  tau2ByLikelihood,
  tau2ByMoments,
  type Wait,
} from ".";
// Data of R 4's packages `survival` 3.5 (ovarian, veteran) and `datasets` (npk, sleep), written out by them.
import published from "./published.json";

const waits = ({ days, died }: { days: number[]; died: number[] }): Wait[] =>
  days.map((d, i) => ({ days: d, isOver: died[i] === 1 }));
const by = <T>(keys: readonly T[], all: readonly Wait[]) =>
  [...new Set(keys)].map((key) => all.filter((_, i) => keys[i] === key));

describe("waits, against R's survival", () => {
  const { ovarian, veteran } = published;
  const whole = survival(waits(veteran));

  it("have the middle, quarters and interval of `veteran`", () => {
    expect(dayBy(whole, 0.5)).toEqual({ day: 80, low: 52, high: 105 });
    expect(dayBy(whole, 0.25)).toEqual({ day: 25, low: 19, high: 36 });
    expect(dayBy(whole, 0.75)).toEqual({ day: 162, low: 133, high: 242 });
    for (const [day, share] of [
      [30, 0.7],
      [60, 0.538],
      [90, 0.464],
      [180, 0.222],
    ] as const)
      expect(shareOn(whole, day)).toBeCloseTo(share, 3);
  });

  it("have no middle where most still wait", () => {
    const [first, second] = by(ovarian.rx, waits(ovarian));
    expect(dayBy(survival(first!), 0.5)).toEqual({ day: 638, low: 268, high: undefined });
    expect(dayBy(survival(second!), 0.5)).toEqual({ day: undefined, low: 475, high: undefined });
  });

  it("differ by the log-rank test, of two groups and of four", () => {
    expect(logRank(by(ovarian.rx, waits(ovarian)))!.statistic).toBeCloseTo(1.06, 2);
    const cells = logRank(by(veteran.cell, waits(veteran)))!;
    expect([cells.statistic, cells.df]).toEqual([expect.closeTo(25.4, 1), 3]);
    expect(cells.p).toBeCloseTo(1.27e-5, 6);
    expect(logRank(by(veteran.treatment, waits(veteran)))!.statistic).toBeCloseTo(0.008, 3);
    expect(logRank([waits(veteran)])).toBeUndefined();
    expect(logRank([waits(veteran), []])).toBeUndefined();
  });

  it("with several ends come to each by Aalen and Johansen", () => {
    // Eight cases through R's survfit with a factor of ends.
    const ends = (["a", "b", "a", null, "b", null, "a", null] as const).map((end, i) => ({
      days: [2, 3, 3, 5, 6, 8, 9, 11][i]!,
      end,
    }));
    expect(endsByDay(ends)).toEqual([
      { day: 2, shares: { a: 0.125 } },
      { day: 3, shares: { a: 0.25, b: 0.125 } },
      { day: 6, shares: { a: 0.25, b: 0.28125 } },
      { day: 9, shares: { a: 0.484375, b: 0.28125 } },
    ]);
  });
});

describe("differences, against R", () => {
  const { first, second } = published.sleep;
  const sleep = first.map((x, i) => x - second[i]!);

  it("of `sleep` have Student's mean and interval", () => {
    const { value, low, high, t, df, p } = meanDifference(sleep);
    expect([value, low, high]).toEqual([-1.58, -2.46, -0.7].map((x) => expect.closeTo(x, 3)));
    expect([t, df, p]).toEqual([expect.closeTo(-4.0621, 4), 9, expect.closeTo(0.002833, 6)]);
  });

  it("of `sleep` have Hodges and Lehmann's middle without the zero, and another one's exact interval", () => {
    expect(middleDifference(sleep).value).toBeCloseTo(-1.4, 9);
    // wilcox.test(..., conf.int = TRUE, exact = TRUE)
    const other = middleDifference([1.2, 2.4, 1.3, 1.1, 0.1, 1.05, 1.8, 0.8, 4.6, 1.4]);
    expect([other.value, other.low, other.high]).toEqual([1.3, 0.925, 2.7].map((x) => expect.closeTo(x, 9)));
    expect(middleDifference([1, 2, 3]).high).toBe(Number.POSITIVE_INFINITY);
  });

  it("of `npk` in blocks have the table of aov, and the effect of what comes last", () => {
    const { block, N, P, K, yield: pounds } = published.npk;
    const drivers = [
      { name: "block", values: block },
      { name: "N", values: N },
      { name: "P", values: P },
      { name: "K", values: K },
      ...[
        [N, P],
        [N, K],
        [P, K],
      ].map(([a, b], i) => ({ name: `two ${i}`, values: a!.map((x, j) => x * b![j]!) })),
    ];
    const table = explain(pounds, [...drivers, { name: "all", values: N.map((x, j) => x * P[j]! * K[j]!) }])!;
    const f = (name: string) => table.effects.find((e) => e.name === name)!;
    expect([f("N").f, f("P").f, f("K").f]).toEqual([12.259, 0.544, 6.166].map((x) => expect.closeTo(x, 3)));
    expect([f("N").p, f("K").p]).toEqual([expect.closeTo(0.0044, 4), expect.closeTo(0.0288, 4)]);
    expect(table.residual).toEqual({ df: 12, meanSquare: expect.closeTo(15.441, 2) });
    // The three together are told by the blocks already: they were laid out so.
    expect(table.tangled).toEqual(["all"]);
    // Blocks held apart by their means say the same.
    const apart = explain(pounds, drivers.slice(1), { blocks: block })!;
    expect(apart.effects.map((e) => e.f)).toEqual(table.effects.slice(1).map((e) => expect.closeTo(e.f, 6)));
    expect(apart.residual.df).toBe(12);
    const { last } = explain(pounds, [drivers[0]!, drivers[2]!, drivers[3]!, drivers[1]!])!;
    // confint(lm(yield ~ block + P + K + N))
    expect(last).toEqual({
      value: expect.closeTo(5.61667, 4),
      low: expect.closeTo(2.13468, 4),
      high: expect.closeTo(9.09865, 4),
    });
  });
});

describe("shares", () => {
  it.each([
    // Wilson 1927, as many programs have it.
    [6, 10, 0.3127, 0.8318],
    [41, 60, 0.5577, 0.7869],
  ])("of %d in %d lie between %d and %d", (k, n, low, high) => {
    expect(shareOf({ k, n })).toEqual({
      value: k / n,
      low: expect.closeTo(low, 4),
      high: expect.closeTo(high, 4),
    });
  });

  it("of none and of all stay within what can be", () => {
    expect(shareOf({ k: 0, n: 20 }).low).toBe(0);
    expect(shareOf({ k: 20, n: 20 }).high).toBe(1);
    expect(() => shareOf({ k: 0, n: 0 })).toThrow(RangeError);
  });

  it("of a household with two of two do not lead those of one with 45 of 50", () => {
    const counts = [
      { k: 2, n: 2 },
      { k: 45, n: 50 },
      { k: 30, n: 50 },
      { k: 20, n: 40 },
      { k: 25, n: 30 },
    ];
    const alike = alikeOf(counts);
    const [two, many] = counts.map((c) => shareAmong(c, alike));
    expect(two!.value).toBeLessThan(many!.value);
    expect(two!.low).toBeLessThan(many!.low);
    // Households that are all the same are as alike as may be, and none stands out.
    expect(alikeOf([...Array(8)].map(() => ({ k: 5, n: 10 }))).weight).toBeGreaterThan(300);
  });
});

describe("groups together", () => {
  it("of the thirteen trials of BCG (Colditz and others 1994; counts from memory)", () => {
    const trials = [
      [4, 119, 11, 128],
      [6, 300, 29, 274],
      [3, 228, 11, 209],
      [62, 13536, 248, 12619],
      [33, 5036, 47, 5761],
      [180, 1361, 372, 1079],
      [8, 2537, 10, 619],
      [505, 87886, 499, 87892],
      [29, 7470, 45, 7232],
      [17, 1699, 65, 1600],
      [186, 50448, 141, 27197],
      [5, 2493, 3, 2338],
      [27, 16886, 29, 17825],
    ].map(([a, b, c, d]) => ({
      value: Math.log(a! / (a! + b!) / (c! / (c! + d!))),
      se: Math.sqrt(1 / a! - 1 / (a! + b!) + 1 / c! - 1 / (c! + d!)),
    }));
    expect(tau2ByMoments(trials)).toBeCloseTo(0.309, 3);
    expect(tau2ByLikelihood(trials)).toBeCloseTo(0.313, 3);
    expect(pool(trials, tau2ByMoments).mean).toBeCloseTo(-0.714, 3);
  });

  it("of eight schools (Rubin 1981; from memory), which differ by no more than chance", () => {
    const value = [28, 8, -3, 7, -1, 1, 18, 12];
    const se = [15, 10, 16, 11, 9, 11, 10, 18];
    const pooled = pool(
      value.map((v, i) => ({ value: v, se: se[i]! })),
      tau2ByMoments,
    );
    expect([pooled.mean, pooled.se, pooled.tau2]).toEqual([
      expect.closeTo(7.69, 2),
      expect.closeTo(4.07, 2),
      0,
    ]);
    // So each is taken for the mean of all.
    for (const school of pooled.each) expect(school.value).toBeCloseTo(pooled.mean, 9);
  });
});
