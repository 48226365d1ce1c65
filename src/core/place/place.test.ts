import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bearingOf, COMPASS, storedSurvey, sunHours, Survey, typedSale } from ".";
import { fieldProblems } from "../problem";

const clock = (halfHours: number) =>
  `${String(Math.floor(halfHours / 2)).padStart(2, "0")}:${halfHours % 2 ? "30" : "00"}`;
const stretch = fc
  .tuple(fc.integer({ min: 0, max: 46 }), fc.integer({ min: 1, max: 20 }))
  .map(([from, long]) => ({ from: clock(from), to: clock(Math.min(47, from + long)) }));

describe("hours of sun", () => {
  it("are those of the clock in which there is sun, however stretches overlap", () => {
    fc.assert(
      fc.property(fc.array(stretch, { maxLength: 6 }), (windows) => {
        const lit = Array.from({ length: 48 }, (_, i) => clock(i)).filter((at) =>
          windows.some((w) => w.from <= at && at < w.to),
        );
        expect(sunHours(windows)).toBeCloseTo(lit.length / 2, 9);
      }),
    );
  });
});

it("turns an eighth of a turn from each point that people name to the next", () => {
  expect(COMPASS.map(bearingOf)).toEqual([0, 45, 90, 135, 180, 225, 270, 315]);
});

describe("a survey", () => {
  const good = {
    name: " Velshe ",
    adults: "2",
    children: "",
    tastes: "",
    note: "",
    kind: "balcony",
    length: "3 m",
    width: "4 ft",
    sun: [{ from: "09:00", to: "13:00" }],
    limit: "",
    faces: "SW",
    doorAt: "",
    doorWide: "",
    hooks: "3",
    hookLimit: "20 lb",
    site: ["windy"],
    wants: { groups: {}, must: [], never: [] },
    sell: { group: "", week: "", price: "" },
    skill: "first",
    trays: "sill",
    cells: "",
    budget: "12,50",
    water: "2 gal",
    away: [],
  };
  const problems = (change: Record<string, unknown>) => {
    const read = Survey.safeParse({ ...good, children: "0", ...change });
    return read.success ? {} : fieldProblems(read.error.issues);
  };

  it("is understood as it is typed, in whichever units", () => {
    const read = Survey.parse({ ...good, children: "1" });
    expect(read).toMatchObject({
      name: "Velshe",
      adults: 2,
      limit: null,
      doorAt: null,
      hooks: 3,
      cells: null,
      budget: 12.5,
    });
    expect(read.length.value).toBeCloseTo(300, 9);
    expect(read.width.value).toBeCloseTo(121.92, 9);
    expect(read.hookLimit!.value).toBeCloseTo(9.0718474, 6);
    expect(read.water!.value).toBeCloseTo(7.570823568, 6);
  });

  it("keeps what would be sold in kilograms and minor units, gives it back as it can be typed, and takes it whole or not", () => {
    const sell = { group: "herbs", week: "2 lb", price: "11.5" };
    const { wants } = storedSurvey(Survey.parse({ ...good, children: "0", sell }), "EUR");
    expect(wants.sell).toMatchObject({ group: "herbs", minorKg: 1150 });
    expect(wants.sell!.kgWeek).toBeCloseTo(0.9072, 4);
    const again = { ...good, children: "0", sell: typedSale(wants, "EUR") };
    expect(storedSurvey(Survey.parse(again), "EUR").wants).toEqual(wants);
    expect(typedSale({ ...wants, sell: undefined }, "EUR")).toEqual(good.sell);
    expect(problems({ sell: { ...sell, price: "" } })).toMatchObject({ "sell.price": { code: "sell-half" } });
    expect(problems({ sell: { ...sell, group: "" } })).toMatchObject({ "sell.week": { code: "sell-half" } });
    expect(problems({ sell: { ...sell, week: "0 kg" } })).toMatchObject({ "sell.week": { code: "zero" } });
  });

  it.each([
    [{ name: "   " }, { name: { code: "name-missing" } }],
    [{ doorAt: "1 m" }, { doorWide: { code: "door-half" } }],
    [{ sun: [{ from: "13:00", to: "09:00" }] }, { "sun.0.to": { code: "sun-backwards" } }],
    [{ sun: [{ from: "25:00", to: "26:00" }] }, { "sun.0.from": { code: "not-a-time" } }],
    [{ away: [{ from: "2026-08-10", to: "2026-08-01" }] }, { "away.0.to": { code: "away-backwards" } }],
    [{ away: [{ from: "2026-02-30", to: "2026-03-01" }] }, { "away.0.from": { code: "not-a-date" } }],
  ])("with %j says what is wrong, in its field", (change, expected) => {
    expect(problems(change)).toMatchObject(expected);
  });

  it.each([
    { length: "long" },
    { length: "0" },
    { width: "900 m" },
    { adults: "two" },
    { adults: "-1" },
    { budget: "-3" },
    { kind: "field" },
    { faces: "up" },
  ])("refuses %j, in that field", (change) => {
    expect(Object.keys(problems(change))).toEqual(Object.keys(change));
  });

  it("takes a day away as a stretch of one", () => {
    expect(problems({ away: [{ from: "2026-08-01", to: "2026-08-01" }] })).toEqual({});
  });
});
