import { describe, expect, it } from "vitest";
import { findMix } from "@/library";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { addDays } from "../day";
import { NO_WANTS, weeklyWantG } from "../food";
import { assessGarden } from "../garden";
import { pricesBy } from "../money";
import { copyRow, type Plan } from "../plan";
import {
  absencesOf,
  economyOf,
  hoursByWeek,
  rowThirst,
  Sketch,
  sketchOf,
  sumsOf,
  tooThirsty,
  weeklyThirst,
} from ".";

const setting = settingWith({ mix: findMix("potting-mix-and-manure")! });
const row = (plan: Plan) => assessGarden(plan, setting).rows[0]!;

it("draws water only while something stands, more in summer, and as the sum of its bags", () => {
  const garden = assessGarden(planOf("round-10-gal", planting(10, "tomato/bush", "2026-03-01")), setting);
  const [bag] = garden.rows;
  const { stay } = bag!.plantings[0]!;
  expect(rowThirst(bag!, addDays(stay.from, -1), setting)).toBe(0);
  expect(rowThirst(bag!, "2026-07-10", setting)).toBeGreaterThan(3 * rowThirst(bag!, stay.from, setting));
  const ofTwo = planOf("round-10-gal", planting(10, "tomato/bush", "2026-03-01"));
  const pair = assessGarden(
    copyRow(ofTwo, id(2), () => crypto.randomUUID()),
    setting,
  );
  expect(pair.rows).toHaveLength(2);
  expect(weeklyThirst(pair, "2026-07-10", setting)).toBeCloseTo(
    2 * weeklyThirst(garden, "2026-07-10", setting),
    9,
  );
});

describe("food, cost and worth of a plan", () => {
  const prices = [
    { item: "bag/round-10-gal", minor: 450, size: 1 },
    { item: "mix/potting-mix-and-manure", minor: 690, size: 45 },
    { item: "piece/tomato", minor: 120, size: 1 },
    { item: "market/tomato", minor: 320, size: 1 },
  ];
  const priced = settingWith({ mix: findMix("potting-mix-and-manure")!, prices: pricesBy(prices) });
  const plan = planOf("round-10-gal", planting(10, "tomato/bush", "2026-05-20", { method: "bought" }));
  const toBuy = { ...plan, bags: plan.bags.map((b) => ({ ...b, atHand: false })) };

  it("meet the hand sum: a bag, a sack, a seedling, against tomatoes by the kilogram", () => {
    const economy = economyOf(assessGarden(toBuy, priced), priced, "2026-05-18");
    expect(economy.shopping.minor).toBe(450 + 690 + 120);
    expect(economy.worthMinor.likely).toBeCloseTo(economy.harvest.likely * 320, 6);
    expect(economy.worthMinor.low).toBeCloseTo(economy.harvest.low * 320, 6);
    expect(economy.weeks.reduce((sum, w) => sum + (w.g.fruits ?? 0), 0)).toBeCloseTo(
      1000 * economy.harvest.likely,
      9,
    );
    expect(economy.bagsASeasonMinor).toBe(450 / 4);
    // Planted on 20 May, it gives nothing in the first eight weeks; asked four weeks later, it does.
    expect(economy.soon.high).toBe(0);
    const later = economyOf(assessGarden(toBuy, priced), priced, "2026-06-15");
    expect(later.soon.low).toBeGreaterThan(0);
    expect(later.soon.likely).toBeLessThan(later.harvest.likely);
    // Radishes are pulled once, five weeks on.
    const radish = assessGarden(
      planOf("round-10-gal", planting(10, "radish/root", "2026-05-20", { plants: 9 })),
      priced,
    );
    const soon = economyOf(radish, priced, "2026-05-18");
    expect(soon.soon.low).toBeGreaterThan(0);
    expect(soon.soon.likely).toBeCloseTo(soon.harvest.likely, 9);
  });

  it("count mix that is bought together by the litre, and pieces and bags whole", () => {
    const shared = { ...priced, prices: pricesBy(prices, ["packet", "mix"]) };
    const garden = assessGarden(toBuy, shared);
    const { shopping } = economyOf(garden, shared, "2026-05-18");
    // A tenth more than the bag holds: mix settles, and is topped up.
    expect(shopping.minor).toBeCloseTo(450 + 120 + ((1.1 * garden.soilL) / 45) * 690, 9);
    expect(shopping.minor).toBeLessThan(450 + 690 + 120);
  });

  it("count apart what is left to sell: of each week what the table does not eat, and no more than was asked for", () => {
    const sell = { group: "fruits", kgWeek: 0.1, minorKg: 300 } as const;
    const selling = {
      ...priced,
      wants: { ...NO_WANTS, groups: { fruits: "sometimes" as const }, sell },
      people: { adults: 1, children: 0 },
    };
    const { weeks, sold, harvest } = economyOf(assessGarden(toBuy, selling), selling, "2026-05-18");
    const eatenG = weeklyWantG(selling.wants, selling.people).fruits;
    const left = weeks.map(({ g }) => Math.max(0, (g.fruits ?? 0) - eatenG) / 1000);
    expect(left.some((kg) => kg > sell.kgWeek)).toBe(true);
    expect(sold!.kg.likely).toBeCloseTo(
      left.reduce((sum, kg) => sum + Math.min(kg, sell.kgWeek), 0),
      9,
    );
    expect(sold!.minor.likely).toBeCloseTo(300 * sold!.kg.likely, 9);
    expect(sold!.kg.low).toBeLessThan(sold!.kg.likely);
    expect(sold!.kg.high).toBeLessThanOrEqual(harvest.high);
    expect(economyOf(assessGarden(toBuy, priced), priced, "2026-05-18").sold).toBeUndefined();
  });

  it("say when it is paid back: the first week whose food so far is worth it", () => {
    const paidBack = (market: number) => {
      const dear = {
        ...priced,
        prices: pricesBy([...prices.slice(0, 3), { item: "market/tomato", minor: market, size: 1 }]),
      };
      return economyOf(assessGarden(plan, dear), dear, "2026-05-18").paidBack;
    };
    const firstPick = row(plan).plantings[0]!.season.stages.firstPick!.likely;
    // Where a kilogram is worth the whole garden the first week pays it; where it is worth less, later; where it is worth a cent, never.
    const [atOnce, later, never] = [paidBack(100_000), paidBack(800), paidBack(1)];
    expect(atOnce! <= firstPick && firstPick < addDays(atOnce!, 7)).toBe(true);
    expect(later! > atOnce!).toBe(true);
    expect(never).toBeUndefined();
    expect(
      economyOf(assessGarden(plan, settingWith()), settingWith(), "2026-05-18").paidBack,
    ).toBeUndefined();
  });
});

it("counts the hours of a plan by week: a sowing, a move, picks, and the can", () => {
  const garden = assessGarden(
    planOf("round-10-gal", planting(10, "pak-choi/leaf", "2026-05-20", { plants: 5 })),
    setting,
  );
  const hours = hoursByWeek(garden, setting, "2026-05-18");
  // Ten minutes and one a plant in the first week; nothing stands in the bag yet.
  expect(hours[0]).toBeCloseTo(15 / 60, 9);
  // Moved, and picked at least twice.
  expect(hours.reduce((a, b) => a + b, 0)).toBeGreaterThan((15 + 10 + 12) / 60);
  expect(hours.at(-1)).toBe(0);
});

it("sums a garden as its parts do, and survives being sent", () => {
  const plan = planOf("round-10-gal", planting(10, "pak-choi/leaf", "2026-05-20", { plants: 5 }));
  const garden = assessGarden(plan, setting);
  const sums = sumsOf(garden, setting, "2026-05-18");
  expect(sums.economy).toEqual(economyOf(garden, setting, "2026-05-18", 52));
  const hours = hoursByWeek(garden, setting, "2026-05-18", 52);
  expect(sums.hours * 52).toBeCloseTo(
    hours.reduce((a, b) => a + b, 0),
    9,
  );
  expect(sums.busiest).toEqual({
    from: addDays("2026-05-18", 7 * hours.indexOf(Math.max(...hours))),
    hours: Math.max(...hours),
  });
  expect(sums.water).toHaveLength(26);
  for (const { from, l } of sums.water) expect(l).toBe(weeklyThirst(garden, addDays(from, 7), setting));
  const dry = 0.5 * sums.waterMost.l;
  expect(tooThirsty(sums, dry)).toEqual({ from: sums.water.find(({ l }) => l > dry)!.from, share: 2 });
  expect(tooThirsty(sums, sums.waterMost.l)).toBeUndefined();
  expect(sums.meal?.goalId).toBe("pak-choi/leaf");
  expect(structuredClone(sums)).toEqual(sums);
});

it("is drawn small as it stands: in order on one time, and nothing of what is pulled before it is picked", () => {
  const plan = planOf(
    "tub-80-l",
    planting(10, "pak-choi/leaf", "2026-05-20", { plants: 5 }),
    planting(11, "tomato/bush", "2026-05-20", { method: "bought", outBy: "2026-06-01" }),
  );
  const garden = assessGarden(
    { ...plan, rows: [...plan.rows, { ...plan.rows[0]!, id: id(9), plantings: [] }] },
    setting,
  );
  const sketch = sketchOf(garden, "2026-05-18");
  expect(Sketch.parse(JSON.parse(JSON.stringify(sketch)))).toEqual(sketch);
  // A bag in which nothing is planned is left out.
  expect(sketch.rows.map((r) => r.bars.map((b) => b.goalId))).toEqual([["pak-choi/leaf", "tomato/bush"]]);
  for (const { at } of sketch.rows[0]!.bars) expect([...at].sort((a, b) => a - b)).toEqual(at);
  const [pakChoi, tomato] = sketch.rows[0]!.bars;
  expect(pakChoi!.at[3]).toBeGreaterThan(pakChoi!.at[2]);
  expect(tomato!.at[2]).toBe(tomato!.at[3]);
});

describe("a time away", () => {
  const plan = planOf("round-5-gal", planting(10, "tomato/bush", "2026-05-01", { method: "bought" }));
  const garden = assessGarden(plan, setting);
  const away = (from: string, to: string, today = "2026-05-18") =>
    absencesOf(garden, [{ from, to }], { setting, today })[0];

  it("is lasted by a bag for as long as its soak does, summed up day by day", () => {
    const absence = away("2026-07-10", "2026-07-24")!;
    const [short] = absence.short;
    // A quarter of a litre a litre is what mix gives; days are taken off one by one.
    let left = 0.25 * garden.soilL;
    let days = 0;
    for (; left - rowThirst(garden.rows[0]!, addDays("2026-07-10", days), setting) >= 0; days++)
      left -= rowThirst(garden.rows[0]!, addDays("2026-07-10", days), setting);
    expect(short!.lastsDays).toBe(days);
    expect(absence.visits!.everyDays).toBe(Math.max(1, days));
    // Nobody brings more than the bag holds.
    expect(absence.visits!.litres).toBeLessThanOrEqual(0.25 * garden.soilL + 1e-9);
  });

  it("asks for nobody when it is short or over, or while nothing stands", () => {
    expect(away("2026-07-10", "2026-07-10")).toMatchObject({ rows: 1, short: [], visits: undefined });
    expect(away("2026-07-10", "2026-07-24", "2026-08-01")).toBeUndefined();
    expect(away("2026-01-10", "2026-01-24", "2026-01-01")).toBeUndefined();
    // Half over, only what is left of it counts.
    expect(away("2026-07-10", "2026-07-24", "2026-07-20")!.from).toBe("2026-07-20");
  });
});
