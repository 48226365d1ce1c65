import { expect, it } from "vitest";
import { seededRandom } from "@/core/chance";
import { demoPrices } from "@/demo/prices";
import { SHIPPED } from "@/library";
import { id, settingWith } from "@/testing/garden";
import { type Ask, FORTNIGHTS, instanceOf, State } from ".";
import { billOf, minutesOf } from "../course";
import { addDays } from "../day";
import { FOOD_GROUPS } from "../food";
import { assessGarden } from "../garden";
import { pricesBy } from "../money";
import { openingsOf } from "../sun";
import { economyOf, weeklyThirst } from "../year";
import { allot, planFrom } from "./garden-plan";
import { clearShade } from "./search/assign";

const today = "2026-05-18";
const YEAR_DAYS = 364;
const KINDS = ["round-7-gal", "round-15-gal", "tower-50", "flat-1.5-cu-ft", "box-60-cm", "pocket-12"];

/** A household made up by chance: its bags, sun, people, ways and money. */
function askBy(seed: number): Ask {
  const random = seededRandom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const often = () => pick(["daily", "often", "sometimes"] as const);
  const faces = pick([90, 135, 180, 225, undefined]);
  const setting = settingWith({
    sunHours: 7,
    sky: openingsOf({ seen: [{ from: 7, to: 14 }], latitude: 43, seenOn: today, faces }),
    faces,
    sunSeenOn: today,
    floorM2: 8,
    schools: {
      colour: pick(["dark", "light"]),
      start: pick(["usual", "direct", "raised"]),
      core: pick(["stones", "none"]),
    },
    hands: { cells: pick([0, 60]), skill: pick(["first", "sure"]) },
    prices: pricesBy(demoPrices("EUR"), pick([[], ["packet", "mix"]])),
    wants: {
      groups: { greens: often(), roots: often(), pods: often(), fruits: often() },
      must: [],
      never: [],
    },
  });
  const bags = Array.from({ length: 5 }, (_, i) => ({
    id: id(i + 1),
    kindId: pick(KINDS),
    shape: null,
    atHand: true,
    firstSeason: 2026,
  }));
  const crops = [...SHIPPED.crops].sort(() => random() - 0.5).slice(0, 14);
  return {
    plan: { bags, rows: [] },
    setting,
    reference: { ...SHIPPED, crops },
    today,
    aim: "value",
    kinds: ["round-10-gal"],
    budgetMinor: 6000,
    waterLDay: 200,
    away: [],
    repair: false,
    without: [],
  };
}

/** A garden picked by chance from what the planner may choose from, without what the Bench calls wrong. */
function gardenBy(ask: Ask, seed: number) {
  const random = seededRandom(seed);
  const state = new State(instanceOf(ask));
  const order = state.instance.candidates.map((_, i) => i).sort(() => random() - 0.5);
  for (const i of order) if (state.chosen().length < 16 && state.blockedBy(i) === undefined) state.add(i);
  for (;;) {
    clearShade(state);
    const there = allot(state, (n) => id(100 + n));
    const garden = assessGarden(
      planFrom(ask, there, (n) => id(900 + n)),
      ask.setting,
    );
    const wrong = garden.rows.flatMap((r) => r.plantings).filter((p) => p.fit.grade === "wrong");
    if (wrong.length === 0) return { state, garden };
    for (const p of wrong) {
      const found = there.allotted.find(({ planting }) => planting.id === p.planting.id);
      if (found) state.remove(found.index);
    }
  }
}

/** Holds the planner's figures of a garden against the Bench's. */
function expectAgreement(ask: Ask, state: State, garden: ReturnType<typeof assessGarden>): void {
  const { setting } = ask;
  const economy = economyOf(garden, setting, today);
  for (let fortnight = 0; fortnight < FORTNIGHTS; fortnight++) {
    const from = addDays(today, 14 * fortnight);
    FOOD_GROUPS.forEach((group, i) => {
      const weeks = economy.weeks.filter((w) => w.from >= from && w.from < addDays(from, 14));
      const g = weeks.reduce((sum, week) => sum + (week.g[group] ?? 0), 0);
      expect(state.foodIn(fortnight, i), `${group} from ${from}`).toBeCloseTo(g, 6);
    });
    expect(state.waterIn(fortnight), `water from ${from}`).toBeCloseTo(
      weeklyThirst(garden, addDays(from, 7), setting),
      9,
    );
  }
  const plantings = garden.rows.flatMap((r) => r.plantings);
  const minutes = plantings.reduce((sum, { course, planting, fit }) => {
    const bill = billOf(course, { plants: planting.plants, areaCm2: fit.sown?.areaCm2 }, setting);
    return sum + minutesOf(course, bill, today, YEAR_DAYS);
  }, 0);
  expect(60 * state.hours()).toBeCloseTo(minutes, 6);
  expect(state.cost()).toBeCloseTo(economy.shopping.minor, 6);
}

it.each([1, 2, 3, 4, 5, 6, 7, 8])(
  "the planner's food, water, work and money of a garden are the Bench's: household %i",
  (seed) => {
    const ask = askBy(seed);
    const { state, garden } = gardenBy(ask, seed);
    expect(garden.rows.flatMap((r) => r.plantings).length).toBeGreaterThan(5);
    expectAgreement(ask, state, garden);
  },
);
