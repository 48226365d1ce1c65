import * as SunCalc from "suncalc";
import { describe, expect, it } from "vitest";
import { addDays, daysBetween } from "../day";
import { CROPS, findClimate, findGoal } from "@/library";
import { type Climate, spellFrom, temperatureOn, type TrayPlace } from "../climate";
import { dayLength } from "../sun";
import { emergenceDays, judgeSeason, lastSowing, nextSowing, sowingFor, stagesFrom } from ".";

const flat = (nightC: number, dayC: number): Climate => ({
  id: "flat",
  latitude: 40,
  lowC: Array(12).fill(nightC),
  highC: Array(12).fill(dayC),
});
const larkmouth = findClimate("larkmouth")!;
const found = (goalId: string, method = 0) => {
  const { crop, goal } = findGoal(goalId)!;
  return { crop, goal, method: goal.methods[method]! };
};
const stages = (goalId: string, sowOn: string, climate: Climate, method = 0) => {
  const f = found(goalId, method);
  return stagesFrom({ crop: f.crop, goal: f.goal, method: f.method }, sowOn, climate);
};
const season = (goalId: string, sowOn: string, climate: Climate, method = 0) => {
  const f = found(goalId, method);
  return judgeSeason({ crop: f.crop, goal: f.goal, method: f.method }, sowOn, climate);
};

describe("day length", () => {
  it("meets FAO Irrigation and Drainage Paper 56, examples 9 and 10", () => {
    // 3 September at 20° S: 11.7 h. Rio de Janeiro, 22°54′ S, day 135: 10.9 h. Both from memory, re-derived.
    // The paper's own declination is simpler than ours; the two differ by up to four minutes.
    expect(Math.abs(dayLength(-20, "2026-09-03") - 11.7)).toBeLessThan(0.1);
    expect(Math.abs(dayLength(-22.9, "2026-05-15") - 10.9)).toBeLessThan(0.1);
  });

  it("agrees with an independent sun package to 3 minutes", () => {
    for (const latitude of [-52, -20, 0, 37, 55]) {
      for (const day of ["2026-01-15", "2026-03-21", "2026-06-21", "2026-10-05"]) {
        const { sunrise, sunset } = SunCalc.getTimes(new Date(`${day}T12:00:00Z`), latitude, 0);
        const hours = (sunset!.getTime() - sunrise!.getTime()) / 3_600_000;
        expect(Math.abs(hours - dayLength(latitude, day, -0.833)) * 60, `${latitude}° ${day}`).toBeLessThan(
          3,
        );
      }
    }
  });

  it("knows polar night and midnight sun", () => {
    expect(dayLength(80, "2026-12-21")).toBe(0);
    expect(dayLength(80, "2026-06-21")).toBe(24);
  });
});

/** Harrington and Minges 1954, days to emergence at 15, 20 and 25 °C, as reprinted in Knott's Handbook for Vegetable Growers; memory. */
const HARRINGTON: Record<string, readonly [number, number, number]> = {
  lettuce: [4, 3, 2],
  carrot: [10, 7, 6],
  onion: [7, 5, 4],
  radish: [6, 4, 4],
  spinach: [7, 6, 5],
  pea: [9, 8, 6],
  tomato: [14, 8, 6],
  cabbage: [9, 6, 5],
  pepper: [25, 13, 8],
  "bush-bean": [16, 11, 8],
  "sweet-corn": [12, 7, 4],
};

it.each(Object.keys(HARRINGTON))("%s comes up within 2 days or 25 %% of Harrington and Minges 1954", (id) => {
  const crop = CROPS.find((c) => c.id === id)!;
  [15, 20, 25].forEach((celsius, i) => {
    const days = HARRINGTON[id]![i]!;
    expect(Math.abs(emergenceDays(crop, () => celsius)! - days), `${celsius} °C`).toBeLessThanOrEqual(
      Math.max(2, days / 4),
    );
  });
});

it("draws normals out to days, each month's figure on its middle", () => {
  expect(temperatureOn(larkmouth, "2026-07-15").nightC).toBeCloseTo(20, 0);
  expect(temperatureOn(larkmouth, "2026-12-31").meanC).toBeCloseTo((8.5 + 15.5) / 2, 0);
});

describe("gates", () => {
  it("keeps corn in its cells until nights reach 15.5 °C, and says why", () => {
    const { move, reasons, heldDays } = stages("sweet-corn/cob", "2026-04-10", larkmouth);
    expect(temperatureOn(larkmouth, move!.likely).nightC).toBeGreaterThanOrEqual(15.5);
    expect(temperatureOn(larkmouth, "2026-05-20").nightC).toBeLessThan(15.5);
    expect(heldDays).toBeGreaterThan(7);
    expect(reasons[0]).toMatchObject({ code: "nights-cold", needC: 15.5, days: heldDays });
    expect(season("sweet-corn/cob", "2026-04-10", larkmouth).reason.code).toBe("held-too-long");
  });

  it("lets lettuce bolt where days keep at 24 °C, and finds the autumn", () => {
    expect(season("lettuce/head", "2026-05-18", larkmouth)).toMatchObject({
      grade: "wrong",
      reason: { code: "bolts-first", heatC: 24 },
    });
    const { crop, goal, method } = found("lettuce/head");
    const next = nextSowing({ crop, goal, method }, "2026-05-18", larkmouth)!;
    expect(next > "2026-08-15" && next < "2026-11-01").toBe(true);
    expect(judgeSeason({ crop, goal, method }, next, larkmouth).grade).toBe("right");
  });

  it("ends a tender crop with the first cold night, and refuses one that frost meets first", () => {
    const cold: Climate = {
      id: "cold",
      latitude: 52,
      lowC: [-5, -4, -1, 3, 7, 11, 13, 12, 9, 5, 0, -4],
      highC: [1, 2, 7, 13, 18, 21, 23, 23, 18, 12, 6, 2],
    };
    const late = season("tomato/bush", "2026-07-20", cold);
    expect(late.grade).toBe("wrong");
    expect(["frost-first", "nights-too-cold"]).toContain(late.reason.code);
    const spring = stages("tomato/bush", "2026-04-10", cold);
    expect(spring.reasons.some((r) => r.code === "frost-ends-picking")).toBe(true);
  });

  it("tells a seed that never comes up from one that never ripens", () => {
    expect(season("sweet-corn/cob", "2026-01-10", flat(-2, 4), 1).reason.code).toBe("too-cold-to-come-up");
    expect(season("tomato/bush", "2026-01-10", flat(2, 10), 1).reason.code).toBe("never-ripens");
  });
});

it("slows leaf in short winter days, far from the equator, and not fruit", () => {
  const mild = (latitude: number): Climate => ({ ...flat(6, 12), latitude });
  const pick = (goalId: string, latitude: number, day: string) =>
    stages(goalId, day, mild(latitude)).firstPick!.likely;
  expect(
    daysBetween(pick("lettuce/leaf", 5, "2026-11-01"), pick("lettuce/leaf", 55, "2026-11-01")),
  ).toBeGreaterThan(14);
  expect(pick("lettuce/leaf", 55, "2026-04-15")).toBe(pick("lettuce/leaf", 5, "2026-04-15"));
  expect(pick("pea/pod", 55, "2026-11-01")).toBe(pick("pea/pod", 5, "2026-11-01"));
  // 52° S in June: winter there.
  expect(stages("lettuce/leaf", "2026-06-01", mild(-52)).reasons.map((r) => r.code)).toContain("short-days");
});

it("counts back from a wanted meal to the latest sowing day", () => {
  const { crop, goal, method } = found("radish/root");
  const sow = sowingFor({ crop, goal, method }, "2026-06-20", larkmouth)!;
  const pick = (day: string) => stagesFrom({ crop, goal, method }, day, larkmouth).firstPick!.likely;
  expect(pick(sow) <= "2026-06-20").toBe(true);
  expect(pick(sow.replace(/\d\d$/, (d) => String(Number(d) + 1).padStart(2, "0"))) > "2026-06-20").toBe(true);
  expect(sowingFor({ crop, goal, method }, "2026-06-20", flat(-10, 0))).toBeUndefined();
});

it("keeps every window in order and every stage after the one before", () => {
  for (const { id, goals } of CROPS) {
    for (const goal of goals) {
      goal.methods.forEach((_, m) => {
        for (const day of ["2026-01-15", "2026-04-15", "2026-08-15"]) {
          const s = stages(goal.id, day, larkmouth, m);
          const windows = [s.up, s.move, s.firstPick, s.lastPick].filter((w) => w !== undefined);
          for (const w of windows)
            expect(w.early <= w.likely && w.likely <= w.late, `${id} ${day}`).toBe(true);
          const likely = [s.sow, ...windows.map((w) => w.likely)];
          expect(likely, `${goal.id} ${day} ${s.method}`).toEqual([...likely].sort());
        }
      });
    }
  }
});

it("knows the last day before the season turns against a sowing", () => {
  const { crop, goal, method } = found("spinach/leaf");
  const from = nextSowing({ crop, goal, method }, "2026-08-01", larkmouth)!;
  const last = lastSowing({ crop, goal, method }, from, larkmouth)!;
  expect(last > from).toBe(true);
  expect(judgeSeason({ crop, goal, method }, last, larkmouth).grade).toBe("right");
  expect(season("spinach/leaf", addDays(last, 1), larkmouth).grade).not.toBe("right");
  // Where it is not right there is no last day, and where it never turns there is none either.
  expect(lastSowing({ crop, goal, method }, addDays(last, 3), larkmouth)).toBeUndefined();
  expect(lastSowing({ crop, goal, method }, "2026-02-01", { ...flat(10, 16), latitude: 0 })).toBeUndefined();
});

it("judges seedlings by what seedlings stand, and grown plants by what they stand", () => {
  const { crop, goal } = found("kale/leaf");
  const bought = goal.methods.find((m) => m.method === "bought")!;
  // Nothing but frost is judged: it may stand out at any warmth, and single nights fall 4 °C below a normal.
  const hardy = { ...crop, nights: { ...crop.nights, plantOutC: -30 } };
  const between = (crop.nights.standsC + crop.nights.seedlingStandsC) / 2 + 4;
  expect(crop.nights.seedlingStandsC).toBeGreaterThan(crop.nights.standsC);
  expect(
    judgeSeason({ crop: hardy, goal, method: bought }, "2026-03-01", flat(between, 24)).reason,
  ).toMatchObject({
    code: "frost-first",
    standsC: crop.nights.seedlingStandsC,
  });
  const grown = { ...hardy, nights: { ...hardy.nights, seedlingStandsC: -20 } };
  expect(
    judgeSeason({ crop: grown, goal, method: bought }, "2026-03-01", flat(between, 24)).reason.code,
  ).not.toBe("frost-first");
});

it("refuses seedlings in a tray that stands too cold, and not those that are raised indoors", () => {
  // Nights of −2 °C, +1 °C under shelter: a tomato seedling wants 3 °C, a cabbage's stands it.
  const reason = (goalId: string, trays: TrayPlace) =>
    season(goalId, "2026-03-01", { ...flat(-2, 30), trays }).reason.code;
  expect(reason("tomato/bush", "sheltered")).toBe("tray-frost");
  expect(reason("tomato/bush", "mat")).not.toBe("tray-frost");
  expect(reason("cabbage/compact", "sheltered")).not.toBe("tray-frost");
});

it("has a spell of three months colder or warmer, over the turn of the year too, and the rest as usual", () => {
  const usual = larkmouth;
  const cold = spellFrom(usual, "2026-11-20", -4);
  expect(usual.lowC.map((c, month) => cold.lowC[month]! - c)).toEqual(
    [-4, 0, 0, 0, 0, 0, 0, 0, 0, 0, -4, -4].map((n) => expect.closeTo(n, 9)),
  );
  expect(temperatureOn(cold, "2026-12-15").meanC).toBeCloseTo(
    temperatureOn(usual, "2026-12-15").meanC - 4,
    6,
  );
  expect(temperatureOn(cold, "2026-06-15")).toEqual(temperatureOn(usual, "2026-06-15"));
  expect(spellFrom(usual, "2026-05-18", 0)).toEqual(usual);
});
