import { describe, expect, it } from "vitest";
import { findGoal } from "@/library";
import * as words from "@/ui/words/en";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { addDays, type Day } from "../day";
import { type DoneLine, tasksOf } from "../days";
import { assessGarden } from "../garden";
import type { Plan } from "../plan";
import type { PlainSetting } from "../setting";
import type { Weather, WeatherDay } from "../weather";
import { causesOf, signsFor, TROUBLE_SIGNS, type TroubleSign, causeOfLate } from ".";

const TODAY = "2026-05-18";
const weather = (usual: Partial<WeatherDay>): Weather => ({
  askedAt: `${TODAY}T06:00:00.000Z`,
  isOld: false,
  days: Array.from({ length: 15 }, (_, i) => ({
    day: addDays(TODAY, i - 7),
    nightC: 13,
    dayC: 21,
    rainMm: 0,
    windMS: 3,
    ...usual,
  })),
});
const asked = (
  plan: Plan,
  sownOn: Day,
  {
    at,
    records = [],
    more = {},
    today = TODAY,
  }: { at?: Weather; records?: DoneLine[]; more?: Partial<PlainSetting>; today?: Day } = {},
) => {
  const setting = settingWith({ openSky: 0.9, happened: { [id(10)]: { sownOn } }, ...more });
  const garden = assessGarden(plan, setting);
  const row = garden.rows[0]!;
  const tasks = tasksOf(garden, records, { setting, today, weather: at });
  return { view: row.plantings[0]!, row, setting, today, records, tasks, weather: at };
};
const first = (sign: TroubleSign, of: ReturnType<typeof asked>) => causesOf(sign, of)[0]!;

describe("what may be wrong", () => {
  const carrot = planOf("tub-80-l", planting(10, "carrot/root", "2026-05-10", { method: "broadcast" }));

  it("nothing came up: too early first, else what soil, rain and the town's own seed say", () => {
    expect(first("nothing-up", asked(carrot, "2026-05-14"))).toMatchObject({ code: "too-early", weight: 2 });
    const old = "2026-04-01";
    const cold = asked(carrot, old, { at: weather({ nightC: -3, dayC: 3 }) });
    expect(first("nothing-up", cold)).toMatchObject({ code: "cold-soil", weight: 2, is: 0 });
    expect(cold.view.crop.emergence.leastC).toBe(first("nothing-up", cold).needs);
    const washed = asked(carrot, old, { at: weather({ rainMm: 30 }) });
    expect(
      causesOf("nothing-up", washed)
        .filter((c) => c.weight === 2)
        .map((c) => c.code),
    ).toContain("washed-away");
    const poor = asked(carrot, old, {
      more: { germination: { carrot: { sown: 100, up: 12, share: 0.12 } } },
    });
    expect(first("nothing-up", poor)).toMatchObject({ code: "poor-seed", is: 0.12 });
    // Nothing known speaks for any: what is usual stands in its order.
    expect(causesOf("nothing-up", asked(carrot, old)).every(({ weight }) => weight === 1)).toBe(true);
  });

  it("tall and floppy in little light, yellow for want of feed, eaten without a net, wilting without water", () => {
    const dim = asked(
      planOf("round-5-gal", planting(10, "tomato/bush", "2026-04-10", { method: "bought" })),
      "2026-04-10",
      {
        more: { sunHours: 1.5, openSky: 0.3 },
      },
    );
    expect(first("floppy", dim)).toMatchObject({ code: "little-light", weight: 2 });
    const cabbage = planOf(
      "round-7-gal",
      planting(10, "cabbage/compact", "2026-05-05", { method: "bought" }),
    );
    const unfed = asked(cabbage, "2026-05-05");
    expect(first("yellow", unfed)).toMatchObject({ code: "feed-overdue", weight: 2 });
    expect(first("eaten", unfed)).toMatchObject({ code: "no-net", weight: 2 });
    const rowId = cabbage.rows[0]!.id;
    const netted: DoneLine = { plantingId: null, rowId, kind: "covered", days: ["2026-05-05"] };
    expect(
      causesOf("eaten", asked(cabbage, "2026-05-05", { records: [netted] })).find((c) => c.code === "no-net")!
        .weight,
    ).toBe(1);
    const dry = asked(cabbage, "2026-05-05", {
      records: [{ plantingId: null, rowId, kind: "watered", days: ["2026-05-05"] }],
      at: weather({ dayC: 33, nightC: 22 }),
    });
    expect(first("wilting", dry)).toMatchObject({ code: "thirsty", weight: 2 });
    expect(first("wilting", dry).is).toBeGreaterThan(0);
  });

  it("no fruit in heat that stops setting; bolting by heat and long days; bottom rings without a core", () => {
    const tomato = asked(
      planOf("round-7-gal", planting(10, "tomato/bush", "2026-03-01", { method: "bought" })),
      "2026-03-01",
      {
        at: weather({ dayC: 38, nightC: 25 }),
        today: "2026-05-18",
      },
    );
    // Handbooks: tomato sets no fruit above about 32 °C by day.
    expect(causesOf("no-fruit", tomato).find(({ code }) => code === "too-hot-to-set")).toMatchObject({
      weight: 2,
    });
    const spinach = asked(
      planOf("tub-80-l", planting(10, "spinach/leaf", "2026-04-01", { plants: 4 })),
      "2026-04-01",
      {
        at: weather({ dayC: 31 }),
      },
    );
    const known = causesOf("bolting", spinach)
      .filter((c) => c.weight === 2)
      .map((c) => c.code);
    expect(known).toContain("hot");
    expect(known.includes("long-days")).toBe((findGoal("spinach/leaf")!.crop.boltsH ?? 24) < 14.1);
    const tower = planOf(
      "tower-50",
      planting(10, "chard/leaf", "2026-04-10", { method: "bought", plants: 30, surface: "side" }),
    );
    expect(
      first("bottom-ring", asked(tower, "2026-04-10", { more: { schools: { core: "none" } } })),
    ).toMatchObject({ code: "no-core", weight: 2 });
    expect(
      causesOf("bottom-ring", asked(tower, "2026-04-10")).find(({ code }) => code === "no-core")!.weight,
    ).toBe(1);
  });

  it("asks only for signs that make sense, and has words for every cause", () => {
    const leaf = asked(carrot, "2026-04-01");
    expect(signsFor(leaf)).not.toContain("bottom-ring");
    expect(signsFor(leaf)).not.toContain("no-fruit");
    for (const sign of TROUBLE_SIGNS) {
      expect(words.amiss.signs).toHaveProperty(sign);
      const causes = causesOf(sign, leaf);
      expect(new Set(causes.map(({ code }) => code)).size).toBe(causes.length);
      for (const { code } of causes) expect(words.amiss.causes).toHaveProperty(code);
    }
  });
});

it("tells what all wait for from what one household forgot", () => {
  const late = { goalId: "radish/root", task: "up" as const, plantings: 6, of: 10, households: 5, days: 6 };
  expect(causeOfLate(late)).toBe("common");
  expect(causeOfLate({ ...late, of: 40 })).toBe("single");
  expect(causeOfLate({ ...late, households: 2 })).toBe("single");
  expect(causeOfLate({ ...late, days: 40 })).toBe("not-written");
});
