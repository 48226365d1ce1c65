import { beforeAll, describe, expect, it } from "vitest";
import { demoPrices } from "@/demo/prices";
import { findMix, SHIPPED } from "@/library";
import { highsSolver } from "@/solver/highs";
import { id, planting, settingWith } from "@/testing/garden";
import {
  type Ask,
  type Instance,
  instanceOf,
  type Proposal,
  propose,
  relax,
  solve,
  type Solver,
  State,
} from ".";
import { assessGarden } from "../garden";
import { halfOf, type Plan } from "../plan";
import { economyOf, weeklyThirst } from "../year";
import { pricesBy } from "../money";
import { addDays } from "../day";
import { handInstance, smallInstance } from "@/testing/planner";
import { bagsOf, laneOf } from "./search/assign";
import { FORTNIGHTS, LANES } from "./model/instance";
import { cropCap, foodWorth } from "./model/worth";

let solver: Solver;
beforeAll(async () => {
  solver = await highsSolver();
});

/** Runs a generator to its end. */
function last<T>(steps: Generator<unknown, T, boolean | undefined>): T {
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

/** The best of all gardens that keep the limits, each planting once or not: tried one by one. */
function bruteForce(instance: Instance): number {
  let best = Number.NEGATIVE_INFINITY;
  const walk = (state: State, next: number) => {
    best = Math.max(best, state.worth());
    for (let i = next; i < instance.candidates.length; i++) {
      if (state.blockedBy(i) !== undefined) continue;
      const more = state.copy();
      more.add(i);
      walk(more, i);
    }
  };
  walk(new State(instance), 0);
  return best;
}

/** Every bag holds one planting in a part of it at a time, and is whole or split, not both. */
function expectAssigned(state: State): void {
  const { classes, candidates } = state.instance;
  const bags = bagsOf(state);
  expect(bags.flatMap((bag) => LANES.flatMap((part) => bag.parts[part])).sort()).toEqual(
    state.chosen().sort(),
  );
  for (const bag of bags) {
    for (const part of LANES) {
      const own = bag.parts[part].map((i) => candidates[i]!).sort((a, b) => a.from - b.from);
      own.forEach((c, i) => {
        expect(c.lane).toBe(laneOf(classes[bag.classIndex]!, part));
        if (i > 0) expect(c.from).toBeGreaterThanOrEqual(own[i - 1]!.end);
      });
    }
    expect(
      bag.parts.top.length > 0 && bag.parts["first-half"].length + bag.parts["second-half"].length > 0,
    ).toBe(false);
  }
}

describe("the search against all gardens there are", () => {
  it.each([
    [1, 0],
    [2, 0],
    [3, 0],
    [4, 1],
    [5, 1],
    [6, 2],
    [7, 2],
  ] as const)(
    "finds the best of small question %i in bags of %i parts, and no bound lies below it",
    (seed, parts) => {
      const instance = smallInstance(seed, parts);
      const best = bruteForce(instance);
      const { state, bound } = last(solve(instance, solver, { rounds: 200, seed: 1 }));
      expect(state.worth()).toBeCloseTo(best, 6);
      expect(bound).toBeCloseTo(relax(instance, solver)!.bound, 6);
      expect(bound).toBeGreaterThan(best);
      expectAssigned(state);
    },
  );

  it.each([
    [1, 1],
    [2, 1],
    [3, 2],
    [4, 2],
    [5, 2],
  ] as const)(
    "gives every planting of question %i a bag of %i parts, however much they shade each other",
    (seed, parts) => {
      const instance = {
        ...smallInstance(seed, parts),
        shade: () => 1,
        budgetMinor: undefined,
        loadKg: undefined,
        floorM2: 9,
        waterL: undefined,
        cells: undefined,
      };
      const dim = { ...instance, candidates: instance.candidates.map((c) => ({ ...c, spareLight: 0.5 })) };
      const state = new State(dim);
      for (let i = 0; i < 40; i++) if (state.blockedBy(i % 12) === undefined) state.add(i % 12);
      expect(state.chosen().length).toBeGreaterThan(6);
      expectAssigned(state);
    },
  );

  it.each([1, 2])(
    "finds a garden, and no bound below the best, though the solver fails from its run %i on",
    (from) => {
      const instance = smallInstance(4, 1);
      const best = bruteForce(instance);
      let runs = 0;
      const failing: Solver = {
        ...solver,
        relax(model) {
          const open = solver.relax(model);
          return {
            ...open,
            solve: () => (++runs > from ? { ...open.solve(), status: "failed" } : open.solve()),
          };
        },
      };
      const { state, bound } = last(solve(instance, failing, { rounds: 600, seed: 1 }));
      expect(runs).toBeGreaterThan(from);
      expect(state.worth()).toBeCloseTo(best, 6);
      expect(bound).toBeGreaterThanOrEqual(best - 1e-6);
    },
  );

  it.each([1, 2, 3, 4])(
    "is worth what its food, its crops, its money and its hours come to, summed up one by one: question %i",
    (seed) => {
      const instance = {
        ...smallInstance(seed, 2),
        budgetMinor: undefined,
        loadKg: undefined,
        waterL: undefined,
      };
      const { candidates, crops, weights, classes } = instance;
      const state = new State(instance);
      for (let i = 0; i < 30; i++) if (state.blockedBy((i * 5) % 12) === undefined) state.add((i * 5) % 12);
      const chosen = state.chosen().map((i) => candidates[i]!);
      expect(chosen.length).toBeGreaterThan(2);
      const gramsOf = (of: (c: (typeof chosen)[number]) => boolean, during: (fortnight: number) => boolean) =>
        chosen
          .filter(of)
          .flatMap((c) => c.food)
          .filter(([fortnight]) => during(fortnight))
          .reduce((sum, [, g]) => sum + g, 0);
      let worth = 0;
      instance.groups.forEach((_, group) => {
        for (let f = 0; f < FORTNIGHTS; f++)
          worth += foodWorth(
            instance,
            f,
            group,
            instance.baseG[f]![group]! +
              gramsOf(
                (c) => c.group === group,
                (x) => x === f,
              ),
          );
      });
      instance.dishes.forEach((group, dish) => {
        for (let q = 0; q < 4; q++)
          worth -=
            (0.7 *
              Math.max(
                0,
                gramsOf(
                  (c) => c.dishIndex === dish,
                  (f) => Math.floor(f / 6.5) === q,
                ) - cropCap(instance, group),
              )) /
            instance.helpingG[group]!;
      });
      let minor =
        chosen.reduce((sum, c) => sum + c.ownMinor, 0) +
        state.bought.reduce((sum, n, k) => sum + n * classes[k]!.minor, 0);
      minor += 400 * Math.ceil(state.bought.reduce((sum, n, k) => sum + n * classes[k]!.mixL, 0) / 45);
      crops.forEach((crop, i) => {
        const own = chosen.filter((c) => c.cropIndex === i);
        if (own.length > 0) worth += weights.variety + (crop.must ? weights.must : 0);
        minor += 150 * Math.ceil(own.reduce((sum, c) => sum + c.seedG, 0));
      });
      expect(state.cost()).toBeCloseTo(minor, 6);
      expect(state.worth()).toBeCloseTo(
        worth -
          minor * weights.perMinor -
          (chosen.reduce((sum, c) => sum + c.minutes, 0) / 60) * weights.perHour,
        6,
      );
    },
  );

  it("counts what can be sold at what it fetches, before what is eaten where that is more: a hand sum", () => {
    const instance = { ...handInstance(), sells: { group: 0, g: 200, minorPerG: 1.5 } };
    const state = new State(instance);
    state.add(2);
    // 400 g: a quarter of the want, then the sale, then the rest of the want, then what is beyond it.
    const food = (1.6 * 25 + 1.5 * 200 + 1.2 * 25 + 0.6 * 50 + 0.25 * 100) / 100;
    expect(state.worth()).toBeCloseTo(food + 12 - 1.5 - 0.5, 9);
    const { state: best } = last(solve(instance, solver, { rounds: 50, seed: 1 }));
    expect(best.chosen()).toEqual([2]);
  });

  it("is worth what a hand sum says, and takes the better of two that want the same bag", () => {
    const instance = handInstance();
    const worthOf = (...chosen: number[]) => {
      const state = new State(instance);
      for (const i of chosen) state.add(i);
      return state.worth();
    };
    // (100 + 0.25 · 50) / 100 helpings, less 0.7 · 111 / 100 beyond the 39 g of one crop in a quarter, variety 2, must 10, less a packet 1.5 and half an hour 0.5.
    expect(worthOf(0)).toBeCloseTo(10.348, 9);
    // (1.6 · 25 + 1.2 · 25 + 0.6 · 30) / 100 helpings, less 0.7 · 41 / 100, variety 2, less a packet 1.5 and 0.2 hours.
    expect(worthOf(0, 1)).toBeCloseTo(10.348 + 0.893, 9);
    // (100 + 0.25 · 100 + 0.02 · 200) / 100, less 0.7 · 361 / 100.
    expect(worthOf(2)).toBeCloseTo(1.29 - 2.527 + 12 - 1.5 - 0.5, 9);
    const first = new State(instance);
    first.add(0);
    expect(first.blockedBy(2)).toBeDefined();
    const { state, bound } = last(solve(instance, solver, { rounds: 50, seed: 1 }));
    expect(state.chosen().sort()).toEqual([0, 1]);
    expect(state.worth()).toBeCloseTo(11.241, 9);
    expect(bound).toBeGreaterThanOrEqual(11.241 - 1e-9);
  });

  it("keeps its sums through adding and taking out", () => {
    const instance = smallInstance(12);
    const state = new State(instance);
    const empty = state.worth();
    const added = instance.candidates.flatMap((_, i) => {
      if (state.blockedBy(i) !== undefined) return [];
      const [before, gain] = [state.worth(), state.gain(i)];
      state.add(i);
      expect(state.worth() - before).toBeCloseTo(gain, 9);
      return [i];
    });
    expect(added.length).toBeGreaterThan(2);
    for (const i of added.reverse()) state.remove(i);
    expect(state.worth()).toBeCloseTo(empty, 9);
    expect(state.cost()).toBeCloseTo(0, 9);
  });
});

const prices = pricesBy(demoPrices("EUR"));
const setting = settingWith({
  mix: findMix("potting-mix-and-manure")!,
  sunHours: 6,
  floorM2: 3.5,
  limitKgM2: 195,
  prices,
  wants: { groups: { greens: "daily", pods: "often", fruits: "often" }, must: ["pea"], never: ["kale"] },
  people: { adults: 2, children: 1 },
  hands: { cells: 40, skill: "some" },
});
/** A handful of crops, so that a proposal takes a moment. */
const few = {
  ...SHIPPED,
  crops: SHIPPED.crops.filter((c) =>
    ["lettuce", "spinach", "kale", "pea", "bush-bean", "radish", "tomato", "carrot"].includes(c.id),
  ),
};
const today = "2026-05-18";
const bag = (n: number, kindId: string) => ({
  id: id(n),
  kindId,
  shape: null,
  atHand: true,
  firstSeason: 2026,
});
const bags = [bag(1, "round-10-gal"), bag(2, "round-10-gal"), bag(3, "tower-50"), bag(4, "flat-1.5-cu-ft")];
const askFor = (more: Partial<Ask> = {}): Ask => ({
  plan: { bags, rows: [] },
  setting,
  reference: few,
  today,
  aim: "value",
  kinds: ["round-5-gal"],
  budgetMinor: 3000,
  waterLDay: 30,
  away: [],
  repair: false,
  without: [],
  ...more,
});
const proposalFor = (more: Partial<Ask> = {}, rounds = 150): Proposal =>
  last(propose(askFor(more), solver, { rounds, seed: 1 }, { newId: (n) => id(5000 + n) }));

describe("a proposal", { timeout: 90_000 }, () => {
  const made = () => proposalFor();

  it.each([
    [6, 3000, 30, "value"],
    [4.5, 1500, 15, "soon"],
    [9, 8000, 60, "ease"],
  ] as const)(
    "breaks no limit on any day with %f h of sun, %i cents and %i L a day, for %s: grades, clashes, load, money, water",
    (sunHours, budgetMinor, waterLDay, aim) => {
      const there = { ...setting, sunHours };
      const proposal = proposalFor({ setting: there, budgetMinor, waterLDay, aim });
      const garden = assessGarden(proposal.plan, there);
      const plantings = garden.rows.flatMap((r) => r.plantings);
      expect(plantings.length).toBeGreaterThan(5);
      expect(plantings.filter((p) => p.fit.grade === "wrong")).toEqual([]);
      expect(garden.rows.flatMap((r) => r.clashes)).toEqual([]);
      expect(garden.load.grade).not.toBe("over");
      expect(proposal.minor).toBeLessThanOrEqual(budgetMinor);
      expect(economyOf(garden, there, today).shopping.minor).toBeLessThanOrEqual(budgetMinor);
      for (let day = 0; day < 364; day++)
        expect(weeklyThirst(garden, addDays(today, day), there), addDays(today, day)).toBeLessThanOrEqual(
          7 * waterLDay + 1e-6,
        );
      expect(plantings.some((p) => p.crop.id === "kale")).toBe(false);
      expect(
        plantings.some((p) => p.crop.id === "pea") || proposal.missing.some((m) => m.cropId === "pea"),
      ).toBe(true);
      expect(proposal.worth).toBeLessThanOrEqual(proposal.bound + 1e-6);
    },
  );

  it("parts bags where that serves", () => {
    const tub = { plan: { bags: [bag(1, "tub-80-l")], rows: [] }, kinds: [] };
    const halves = proposalFor(tub, 200)
      .plan.rows.flatMap((r) => r.plantings)
      .filter((p) => halfOf(p) !== undefined);
    expect(halves.length).toBeGreaterThan(0);
  });

  it("counts bags at hand on the floor whether they are planted or not", () => {
    const instance = instanceOf(askFor());
    // Each with the 15 cm round it over which crowns lean.
    const area = Math.PI * (2 * 0.355 ** 2 + 0.375 ** 2) + 1 * 0.72;
    expect(instance.floorM2).toBeCloseTo(3.5 - area, 6);
    expect(instance.loadKg).toBeLessThan(195 * 3.5 - 200);
  });

  it("hangs no more bags than there are hooks, and none that a hook does not bear", () => {
    const hung = (hooks: { count?: number; limitKg?: number }, at: Ask["plan"]["bags"] = []) =>
      instanceOf(
        askFor({ kinds: ["pocket-12"], plan: { bags: at, rows: [] }, setting: { ...setting, hooks } }),
      ).classes.find((k) => k.bagIds.length === 0)?.buyable ?? 0;
    expect(hung({ count: 3 })).toBe(3);
    expect(hung({ count: 3 }, [bag(40, "pocket-12")])).toBe(2);
    expect(hung({ count: 3, limitKg: 5 })).toBe(0);
    expect(hung({})).toBeGreaterThan(3);
    const two = {
      bags: [bag(40, "pocket-12"), bag(41, "pocket-12")],
      rows: [40, 41].map((n) => ({ id: id(n + 10), bagId: id(n), gapCm: null, plantings: [] })),
    };
    expect(assessGarden(two, { ...setting, hooks: { count: 1 } }).hanging).toEqual({ bags: 2, unhooked: 1 });
  });

  it("is the same for the same question", () => {
    expect(made()).toEqual(made());
  });

  it("can be worth no less with more money, floor or water", () => {
    const bound = (more: Partial<Ask>) => relax(instanceOf(askFor(more)), solver)!.bound;
    const base = bound({});
    // Cuts are looked for until they bring less than a thousandth, so that a bound is true but not the lowest there is.
    const least = base * (1 - 0.001);
    expect(bound({ budgetMinor: 6000 })).toBeGreaterThanOrEqual(least);
    expect(bound({ waterLDay: 60 })).toBeGreaterThanOrEqual(least);
    expect(bound({ setting: { ...setting, floorM2: 8 } })).toBeGreaterThanOrEqual(least);
    expect(bound({ budgetMinor: 200 })).toBeLessThan(base);
    const [little, much] = [proposalFor({ budgetMinor: 800 }), proposalFor({ budgetMinor: 8000 })];
    expect(much.worth).toBeGreaterThan(little.worth * (1 - much.gap));
  });

  it("counts the mix that bags at hand still want, and what pinned rows will cost, against the money", () => {
    const unfilled = bags.map((b, i) => ({ ...b, firstSeason: i === 0 ? 2025 : null }));
    const pinned = {
      id: id(20),
      bagId: id(1),
      gapCm: null,
      pinned: true,
      plantings: [planting(21, "tomato/bush", "2026-05-25", { method: "bought", plants: 1 })],
    };
    for (const together of [[], ["packet", "mix"]] as const) {
      const there = { ...setting, prices: pricesBy(demoPrices("EUR"), together) };
      const plan = { bags: unfilled, rows: [pinned] };
      const proposal = proposalFor({ plan, setting: there, budgetMinor: 2500 });
      const garden = assessGarden(proposal.plan, there);
      const { minor } = economyOf(garden, there, today).shopping;
      expect(garden.rows.flatMap((r) => r.plantings).length).toBeGreaterThan(3);
      expect(minor).toBeLessThanOrEqual(2500 + 1e-6);
      // What is new and what was planned before come to the whole; packs that both share are paid once.
      const before = economyOf(assessGarden(plan, there), there, today).shopping.minor;
      expect(before).toBeGreaterThan(0);
      expect(minor).toBeLessThanOrEqual(before + proposal.minor + 1e-6);
      if (together.length > 0) expect(minor).toBeCloseTo(before + proposal.minor, 6);
      // Without money the bags stay empty.
      expect(
        proposalFor({ plan, setting: there, budgetMinor: 0 })
          .plan.rows.flatMap((r) => r.plantings)
          .filter((p) => p.id !== id(21)),
      ).toEqual([]);
      expect(proposal.bags.every((b) => b.kindId === "round-5-gal")).toBe(true);
      // A bag that is only planned leaves, and costs nothing.
      const planned = {
        bags: [...unfilled, { ...bag(60, "tub-80-l"), atHand: false }],
        rows: [
          pinned,
          { id: id(61), bagId: id(60), gapCm: null, plantings: [planting(62, "lettuce/leaf", "2026-06-10")] },
        ],
      };
      expect(instanceOf(askFor({ plan: planned, setting: there })).budgetMinor).toBe(
        instanceOf(askFor({ plan, setting: there })).budgetMinor,
      );
    }
  });

  it("pays for seed and mix by the share where they are bought together, and can do more with the same money", () => {
    const shared = { ...setting, prices: pricesBy(demoPrices("EUR"), ["packet", "mix"]) };
    const proposal = proposalFor({ setting: shared, budgetMinor: 1500 });
    const { shopping } = economyOf(assessGarden(proposal.plan, shared), shared, today);
    expect(proposal.minor).toBeCloseTo(shopping.minor, 6);
    expect(shopping.minor).toBeLessThanOrEqual(1500);
    expect(proposal.worth).toBeGreaterThan(proposalFor({ budgetMinor: 1500 }).worth);
    expect(relax(instanceOf(askFor({ setting: shared })), solver)!.bound).toBeGreaterThan(
      relax(instanceOf(askFor()), solver)!.bound,
    );
  });

  it("leaves pinned rows, what is sown and what was chosen by hand, and plants nothing into them while they stand", () => {
    const pinned = {
      id: id(20),
      bagId: id(1),
      gapCm: null,
      pinned: true,
      plantings: [planting(21, "tomato/bush", "2026-05-25", { method: "bought" })],
    };
    const sown = {
      id: id(22),
      bagId: id(4),
      gapCm: null,
      plantings: [planting(23, "lettuce/baby-leaf", "2026-05-10", { plants: null })],
    };
    const chosen = {
      id: id(24),
      bagId: id(2),
      gapCm: null,
      plantings: [planting(25, "kale/leaf", "2026-06-10", { isChosen: true })],
    };
    // Planned for later and sown already, by record: it stays as well.
    const early = {
      id: id(26),
      bagId: id(3),
      gapCm: null,
      plantings: [planting(27, "chard/leaf", "2026-06-01")],
    };
    const heard = { ...setting, happened: { [id(27)]: { sownOn: "2026-05-15" } } };
    const rows = [pinned, sown, chosen, early];
    const { plan } = proposalFor({ plan: { bags, rows }, setting: heard });
    expect(plan.rows.find((r) => r.id === id(26))!.plantings[0]).toEqual(early.plantings[0]);
    expect(plan.rows.find((r) => r.id === id(24))!.plantings[0]).toEqual(chosen.plantings[0]);
    expect(plan.rows.find((r) => r.id === id(20))).toEqual(pinned);
    const kept = plan.rows.find((r) => r.id === id(22))!;
    expect(kept.plantings[0]).toEqual(sown.plantings[0]);
    const [first, ...later] = assessGarden({ bags, rows: [kept] }, setting).rows[0]!.plantings;
    for (const p of later) expect(p.stay.from > first!.stay.to).toBe(true);
  });

  it("mends a plan by changing little: what still fits is kept where it is", () => {
    const { plan } = made();
    const planned = plan.rows.flatMap((r) => r.plantings.map((p) => ({ ...p, bagId: r.bagId })));
    // One bag tore: it is gone, with what was planned in it.
    const torn = id(2);
    const broken: Plan = {
      bags: plan.bags.filter((b) => b.id !== torn).map((b) => ({ ...b, atHand: true })),
      rows: plan.rows.filter((r) => r.bagId !== torn),
    };
    const mended = proposalFor({ plan: broken, repair: true });
    const now = mended.plan.rows.flatMap((r) => r.plantings.map((p) => ({ ...p, bagId: r.bagId })));
    const left = planned.filter((p) => p.bagId !== torn);
    const kept = left.filter((p) =>
      now.some((q) => q.id === p.id && q.bagId === p.bagId && q.sowOn === p.sowOn && q.plants === p.plants),
    );
    expect(left.length).toBeGreaterThan(5);
    expect(kept.length).toBe(left.length);
    // Heads with climbers round them stand together: a repair leaves a row that has no fault as it is.
    const pair = {
      id: id(30),
      bagId: id(1),
      gapCm: null,
      plantings: [
        planting(31, "pea/pod", "2026-10-20", { plants: 4, surface: "edge" }),
        planting(32, "spinach/leaf", "2026-10-25"),
      ],
    };
    const open = { ...setting, sunHours: 10, openSky: 0.9 };
    expect(assessGarden({ bags, rows: [pair] }, open).rows[0]!.clashes).toEqual([]);
    expect(
      proposalFor({ plan: { bags, rows: [pair] }, repair: true, setting: open }, 20).plan.rows.find(
        (r) => r.id === id(30),
      ),
    ).toEqual(pair);
    // A crop that is refused goes, the rest stays.
    const refused = proposalFor({
      plan: broken,
      repair: true,
      without: few.crops.find((c) => c.id === "radish")!.goals.map((g) => g.id),
    });
    expect(
      refused.plan.rows
        .flatMap((r) => r.plantings)
        .some((p) => p.goalId.startsWith("radish/") && p.sowOn >= today),
    ).toBe(false);
  });

  it("takes the best so far when it is stopped", () => {
    const steps = propose(askFor(), solver, { rounds: 5000, seed: 1 }, { newId: (n) => id(5000 + n) });
    steps.next();
    const stopped = steps.next(true);
    expect(stopped.done).toBe(true);
    if (!stopped.done) throw new Error("it went on");
    expect(stopped.value.worth).toBeGreaterThan(0);
    expect(stopped.value.plan.rows.length).toBeGreaterThan(0);
  });
});

it("says what keeps a must out", () => {
  const must = { ...setting, wants: { groups: {}, must: ["tomato"], never: [] } };
  expect(proposalFor({ setting: { ...must, sunHours: 1, openSky: 0.1 } }, 20).missing).toEqual([
    { cropId: "tomato", blocked: "never-fits" },
  ]);
  expect(proposalFor({ setting: must, budgetMinor: 0 }, 20).missing).toEqual([
    { cropId: "tomato", blocked: "budget" },
  ]);
});

it("uses only what the setting of a plan allows", () => {
  const trays = instanceOf(askFor({ setting: { ...setting, hands: { cells: 0, skill: "sure" } } }));
  expect(trays.candidates.filter((c) => c.method === "cells" || c.method === "tray").length).toBe(0);
});
