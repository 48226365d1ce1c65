import normalQuantile from "@stdlib/stats-base-dists-normal-quantile";
import { describe, expect, it } from "vitest";
import { seededRandom } from "../chance";
import {
  alikeOf,
  answerOf,
  believe,
  calibrationOf,
  type Candidate,
  pairsFor,
  pairSpread,
  pairUp,
  permutationP,
  pool,
  shareAmong,
  shareOf,
  sidesFor,
  spendingOf,
  widening,
} from ".";

const normals = (seed: number) => {
  const random = seededRandom(seed);
  return (mean = 0, sd = 1) => normalQuantile(Math.min(1 - 1e-12, Math.max(1e-12, random())), mean, sd);
};
const times = <T>(n: number, of: (i: number) => T) => Array.from({ length: n }, (_, i) => of(i));
const aim = { ratio: 1.3, spread: 0.35, power: 0.8, falseClaims: 0.05, looks: [] };
const looked = { ...aim, looks: [0.4, 0.7] };

describe("a side-by-side", () => {
  it.each([
    // power.t.test(type = "paired") of R 4, rounded up.
    [1.2, 0.3, 24],
    [1.5, 0.4, 10],
    [1.15, 0.2, 19],
  ])("for a ratio of %d at a spread of %d takes %d pairs, or one more", (ratio, spread, pairs) => {
    const own = pairsFor({ ...aim, ratio, spread })!;
    expect(own).toBeGreaterThanOrEqual(pairs);
    expect(own).toBeLessThanOrEqual(pairs + 1);
  });

  it("takes more pairs where somebody means to look before the end", () => {
    expect(pairsFor(looked)!).toBeGreaterThan(pairsFor(aim)!);
    expect(pairsFor(looked)!).toBeLessThan(1.3 * pairsFor(aim)!);
  });

  it("is given up where nobody could grow enough", () => {
    expect(pairsFor({ ...aim, ratio: 1.01, spread: 0.8 })).toBeUndefined();
  });

  it("gives each pair both ways, half of them the other way round, the same from the same seed", () => {
    const sides = sidesFor(9, 7);
    expect(sides).toEqual(sidesFor(9, 7));
    expect(sides).not.toEqual(sidesFor(9, 8));
    expect(sides.filter(([first]) => first === "a")).toHaveLength(5);
    for (const [first, second] of sides) expect(new Set([first, second]).size).toBe(2);
  });

  it("pairs two bags of a household first, and then households whose places are alike, those with the nearest sun", () => {
    const bag = (householdId: string, rowId: string, more: Partial<Candidate> = {}): Candidate => ({
      ...{ householdId, rowId, plantingId: `${householdId}${rowId}`, sowOn: "2026-05-20" },
      ...{ bagKindId: "round-5-gal", placeKind: "balcony", sunHours: 6, ...more },
    });
    const pairs = pairUp(
      [
        ...[bag("a", "1"), bag("a", "2"), bag("b", "1", { sunHours: 4 }), bag("c", "1", { sunHours: 6.5 })],
        // Two plantings of one bag are no pair, nor are two that are sown far apart.
        ...[bag("d", "1"), bag("d", "1", { plantingId: "d1b" })],
        ...[bag("e", "1", { sunHours: 4.5, sowOn: "2026-06-20" }), bag("f", "1", { sunHours: 4.8 })],
        ...[bag("g", "1", { placeKind: "roof" }), bag("h", "1", { bagKindId: "round-7-gal" })],
      ],
      3,
    );
    const houses = pairs.map((p) => [p.householdId, p.secondHouseholdId].sort().join(""));
    expect(houses.sort()).toEqual(["aa", "bf", "cd"]);
    for (const { firstPlantingId, secondPlantingId } of pairs)
      expect(firstPlantingId).not.toBe(secondPlantingId);
  });

  it("reckons with more chance between households than in one, and so with more pairs", () => {
    const [one, half, all] = [0, 0.5, 1].map((across) => pairSpread([], [], across)) as [
      number,
      number,
      number,
    ];
    expect(one).toBeCloseTo(Math.SQRT2 * 0.3, 9);
    expect(half).toBeGreaterThan(one);
    expect(all ** 2 - half ** 2).toBeCloseTo(half ** 2 - one ** 2, 9);
  });

  it("spends no more on all looks than on one", () => {
    const spent = spendingOf([0.3, 0.6, 0.6, 1, 1.4], 0.05);
    expect(spent.reduce((a, b) => a + b)).toBeCloseTo(0.05, 12);
    expect(spent[2]).toBe(0);
    expect(spent[0]).toBeLessThan(0.002);
  });

  it("tests as counting all signs does", () => {
    // Of eight signings of 1, 2 and 4 only the two that agree reach 7.
    expect(permutationP([1, 2, 4])).toBe(2 / 8);
    expect(permutationP([-1, 2, 4])).toBe(4 / 8);
    const many = times(18, (i) => (i % 3) - 0.7);
    expect(permutationP(many, 3)).toBeGreaterThan(permutationP([...many, 3, 3], 3));
  });

  it("says how much more in plain bounds, or that it cannot tell yet and how many pairs would", () => {
    const draw = normals(5);
    const pairs = (n: number, ratio: number) => times(n, () => Math.exp(draw(Math.log(ratio), 0.2)));
    const found = answerOf(pairs(14, 1.4), { aim, planned: 14 });
    expect(found.verdict).toBe("more");
    expect(found.ratio!.low).toBeGreaterThan(1);
    expect(answerOf(pairs(14, 0.65), { aim, planned: 14 }).verdict).toBe("less");
    expect(answerOf(pairs(40, 1), { aim, planned: 14 }).verdict).toBe("no-difference");
    const early = answerOf(pairs(4, 1.2), { aim, planned: 14 });
    expect(early).toMatchObject({ verdict: "cannot-tell", pairs: 4, morePairs: expect.any(Number) });
    expect(answerOf([], { aim, planned: 14 })).toEqual({ verdict: "cannot-tell", pairs: 0, morePairs: 14 });
  });

  /** How many of so many trials claim a difference, looking in between as often as somebody likes. */
  const claims = (trials: number, ratio: number, seed: number) => {
    const draw = normals(seed);
    const planned = pairsFor(looked)!;
    return times(trials, () => {
      const logs = times(planned, () => draw(Math.log(ratio), aim.spread));
      const looks = [...looked.looks, 1];
      return looks.some((share, i) => {
        const ratios = logs.slice(0, Math.round(share * planned)).map(Math.exp);
        const { verdict } = answerOf(ratios, { aim, planned, looks: looks.slice(0, i) });
        return verdict === "more" || verdict === "less";
      });
    }).filter(Boolean).length;
  };

  it("claims what is not there seldom enough, looks in between and all, and finds what was planned for", () => {
    const n = 300;
    expect(shareOf({ k: claims(n, 1, 21), n }).low).toBeLessThanOrEqual(0.05);
    expect(shareOf({ k: claims(n, 1.3, 22), n }).value).toBeGreaterThanOrEqual(0.8);
  });
});

describe("what is expected after the records", () => {
  const shipped = { low: 45, likely: 60, high: 80 };
  const houses = (n: number, each: number, ratio: number, seed = 3) => {
    const draw = normals(seed);
    return times(n, (i) => {
      const own = draw(Math.log(ratio), 0.05);
      return { id: String(i), ratios: times(each, () => Math.exp(own + draw(0, 0.12))) };
    });
  };

  it("does not move on few records, moves a little on some, and most of the way on many", () => {
    expect(believe(shipped, houses(2, 10, 1.3))).toBeUndefined();
    expect(believe(shipped, houses(3, 1, 1.3))).toBeUndefined();
    const some = believe(shipped, houses(3, 2, 1.3))!;
    const many = believe(shipped, houses(40, 3, 1.3))!;
    expect(some.weight).toBeLessThan(many.weight);
    expect(some.factor).toBeGreaterThan(1);
    expect(some.factor).toBeLessThan(some.seen.value);
    expect(many.factor).toBeCloseTo(1.3, 1);
    expect(many.range.likely).toBeCloseTo(60 * many.factor, 9);
    expect(many.seen.low).toBeLessThan(1.3);
    expect(many.seen.high).toBeGreaterThan(1.3);
  });

  it("hears a household with a hundred plantings as one household", () => {
    const others = houses(9, 4, 1);
    const loud = { id: "loud", ratios: times(100, (i) => 1.8 + 0.01 * (i % 7)) };
    expect(believe(shipped, [...others, loud])!.factor).toBeLessThan(1.15);
  });

  it("has ranges that hold four times of five", () => {
    const draw = normals(9);
    let [held, n] = [0, 0];
    for (let run = 0; run < 60; run++) {
      const truth = draw(0, 0.1);
      const house = () => draw(truth, 0.08);
      const own = times(12, (i) => {
        const mean = house();
        return { id: String(i), ratios: times(3, () => Math.exp(mean + draw(0, 0.18))) };
      });
      const { range } = believe(shipped, own)!;
      for (let i = 0; i < 20; i++, n++) {
        const next = 60 * Math.exp(house() + draw(0, 0.18));
        if (next >= range.low && next <= range.high) held++;
      }
    }
    expect(held / n).toBeGreaterThan(0.76);
    expect(held / n).toBeLessThan(0.86);
  });

  it("is held against what came, and a range that is too narrow is widened until it holds", () => {
    const draw = normals(21);
    const real = times(200, () => 60 * Math.exp(draw(0, 0.25)));
    const narrow = real.map((r) => ({ expected: { low: 54, likely: 60, high: 67 }, real: r }));
    const [half, most] = calibrationOf(narrow);
    expect(half!.held.value).toBeLessThan(0.4);
    expect(most!.held.high).toBeLessThan(0.8);
    const by = widening(narrow);
    const wide = narrow.map(({ real: r, expected: { low, likely, high } }) => ({
      expected: { low: likely * (low / likely) ** by, likely, high: likely * (high / likely) ** by },
      real: r,
    }));
    expect(calibrationOf(wide)[1]!.held.value).toBeCloseTo(0.8, 1);
    expect(widening(wide)).toBe(1);
    expect(widening(narrow.slice(0, 5))).toBe(1);
    expect(calibrationOf([])).toEqual([]);
  });
});

describe("drawn towards all, single households are nearer the truth", () => {
  it("for shares and for harvests", () => {
    const random = seededRandom(31);
    const draw = normals(32);
    const squares = { share: [0, 0], harvest: [0, 0] };
    for (let run = 0; run < 20; run++) {
      const truths = times(12, () => Math.min(0.98, Math.max(0.02, draw(0.7, 0.12))));
      const counts = truths.map((p) => {
        const n = 3 + Math.floor(8 * random());
        return { n, k: times(n, () => random() < p).filter(Boolean).length };
      });
      const alike = alikeOf(counts);
      counts.forEach((c, i) => {
        squares.share[0]! += (shareAmong(c, alike).value - truths[i]!) ** 2;
        squares.share[1]! += (c.k / c.n - truths[i]!) ** 2;
      });
      const yields = times(12, () => draw(1, 0.2));
      const said = yields.map((y) => ({ value: draw(y, 0.4), se: 0.4 }));
      pool(said).each.forEach((one, i) => {
        squares.harvest[0]! += (one.value - yields[i]!) ** 2;
        squares.harvest[1]! += (said[i]!.value - yields[i]!) ** 2;
      });
    }
    expect(squares.share[0]!).toBeLessThan(0.8 * squares.share[1]!);
    expect(squares.harvest[0]!).toBeLessThan(0.6 * squares.harvest[1]!);
  });
});
