import { describe, expect, it } from "vitest";
import { findGoal } from "@/library";
import { settingWith } from "@/testing/garden";
import { billOf, cellsOf, type Course, courseOf, drunkL, jobsOf, sunHoursOn } from ".";
import { addDays, dayNumber } from "../day";
import { dayLength, openingsOf } from "../sun";

const setting = settingWith();

const courseFor = (goalId: string, method = 0, more: { outBy?: string; sowOn?: string } = {}): Course => {
  const found = findGoal(goalId);
  if (!found) throw new Error(`no goal ${goalId}`);
  return courseOf(
    { ...found, method: found.goal.methods[method]!, sowOn: more.sowOn ?? "2026-04-01", outBy: more.outBy },
    setting,
  );
};

describe("growth", () => {
  it("is nothing in the tray, small when moved, whole at the first pick, and never shrinks", () => {
    const { goal, season, from, ...course } = courseFor("kale/leaf");
    const kale = courseFor("kale/leaf");
    expect(course.stay.from).toBe(season.stages.move?.likely);
    expect(kale.grown(from - 1)).toBe(0);
    expect(kale.grown(from)).toBeCloseTo(0.1, 9);
    const first = dayNumber(season.stages.firstPick!.likely);
    expect(kale.grown(first)).toBe(1);
    expect(kale.canopy(first)).toEqual({ widthCm: goal.widthCm, heightCm: goal.heightCm });
    const curve = Array.from({ length: kale.to - from + 1 }, (_, i) => kale.grown(from + i));
    expect(curve.every((g, i) => i === 0 || g >= curve[i - 1]!)).toBe(true);
    expect(kale.grown(kale.to + 1)).toBe(0);
  });

  it("waits for what is sown in place to come up", () => {
    const carrot = courseFor("carrot/root");
    expect(carrot.grown(carrot.from)).toBeLessThan(0.1);
    expect(carrot.grown(dayNumber(carrot.season.stages.up!.likely))).toBeCloseTo(0.1, 9);
  });
});

it("gives nothing after the day that it is out by, and is never out before it is in", () => {
  const whole = courseFor("kale/leaf");
  const cut = courseFor("kale/leaf", 0, { outBy: addDays(whole.season.stages.firstPick!.likely, 15) });
  expect(cut.picks).toEqual(whole.picks.filter(({ day }) => day <= cut.stay.to));
  expect(cut.picks.length).toBeLessThan(whole.picks.length);
  const early = courseFor("kale/leaf", 0, { outBy: "2026-01-01" });
  expect(early.stay.to).toBe(early.stay.from);
  expect(early.picks).toEqual([]);
});

describe("light", () => {
  const seen = [{ from: 8, to: 17 }];
  const sky = openingsOf({ seen, latitude: 43, seenOn: "2026-06-21", faces: 180 });
  const place = settingWith({ sunHours: 9, sky, faces: 180, sunSeenOn: "2026-06-21" });

  it("is what was seen on the day of the survey, never more than the day is long, and the survey's where nobody knows the facing", () => {
    expect(sunHoursOn(place, dayNumber("2026-06-21"))).toBeCloseTo(9, 6);
    expect(sunHoursOn(place, dayNumber("2026-12-21"))).toBeLessThan(
      dayLength(place.climate.latitude, "2026-12-21") + 0.1,
    );
    expect(sunHoursOn(settingWith({ sunHours: 9, sky }), dayNumber("2026-12-21"))).toBe(9);
  });

  it("is told apart for two places under one sky", () => {
    const north = { ...place, climate: { ...place.climate, latitude: 60 } };
    const day = dayNumber("2026-12-21");
    expect(sunHoursOn(north, day)).toBeLessThan(sunHoursOn(place, day) - 0.5);
  });
});

it("draws water part by part, so that what stands side by side adds up, and a dense stand closes early", () => {
  const shape = { kind: "round", diameterCm: 40, heightCm: 30 } as const;
  const bag = { shape, make: undefined, schools: { colour: "dark", onions: "plenty" } } as const;
  const lettuce = courseFor("lettuce/leaf");
  const day = addDays(lettuce.stay.to, -5);
  const stand = (part: "top" | "first-half" | "second-half") => ({ course: lettuce, units: 3, part });
  const litres = (...parts: ReturnType<typeof stand>[]) => drunkL(bag, parts, day, setting.climate);
  const halves = litres(stand("first-half"), stand("second-half"));
  expect(halves).toBeCloseTo(litres(stand("first-half")) + litres(stand("second-half")), 9);
  // Two that share the whole top do not count its bare soil twice.
  expect(litres(stand("top"), stand("top"))).toBeLessThan(2 * litres(stand("top")));
  expect(drunkL(bag, [stand("top")], addDays(lettuce.stay.to, 1), setting.climate)).toBe(0);
  const salad = courseFor("lettuce/baby-leaf");
  const closed =
    salad.from + 1 + [...Array(90).keys()].findIndex((i) => salad.leafCm2(salad.from + i) === 10_000);
  expect(closed).toBeLessThan(dayNumber(salad.season.stages.firstPick!.likely));
});

it("takes less of a crop once it is old, as FAO-56 has it", () => {
  const beans = courseFor("bush-bean/pod", 0, { sowOn: "2026-05-20" });
  const first = dayNumber(beans.season.stages.firstPick!.likely);
  expect(beans.kc(first)).toBeCloseTo(beans.crop.water.kc.mid, 9);
  expect(beans.kc(dayNumber(beans.season.stages.lastPick!.likely))).toBeCloseTo(beans.crop.water.kc.end, 9);
});

it("counts work where it falls, and the cells of a nursery until the plants move out", () => {
  const tomato = courseFor("tomato/bush", 0, { sowOn: "2026-03-01" });
  const bill = billOf(tomato, { plants: 2 }, setting);
  const jobs = jobsOf(tomato, bill);
  expect(jobs[0]).toEqual({ day: "2026-03-01", minutes: 10 + bill.places!.count });
  expect(jobs[1]!.day).toBe(tomato.stay.from);
  expect(jobs.slice(2).map(({ day }) => day)).toEqual(tomato.picks.map(({ day }) => day));
  expect(cellsOf(tomato, bill)).toEqual({
    count: bill.places!.count,
    from: "2026-03-01",
    until: tomato.stay.from,
  });
  const bought = courseFor("tomato/bush", 1, { sowOn: "2026-05-20" });
  expect(bought.method.method).toBe("bought");
  expect(cellsOf(bought, billOf(bought, { plants: 2 }, setting))).toBeUndefined();
});

it("lets what bears for years stand for them, and give by its age", () => {
  const berries = courseFor("strawberry/june", 0, { sowOn: "2026-10-15" });
  const bears = berries.goal.bears!;
  const byYear = new Map<string, number>();
  for (const { day, g } of berries.picks) byYear.set(day.slice(0, 4), (byYear.get(day.slice(0, 4)) ?? 0) + g);
  expect([...byYear.keys()]).toEqual(["2027", "2028", "2029"]);
  const [first, second] = [...byYear.values()];
  expect(first! / second!).toBeCloseTo(bears[0]! / bears[1]!, 1);
  // Pulled after its first season, it gives that one alone.
  const once = courseFor("strawberry/june", 0, { sowOn: "2026-10-15", outBy: "2027-09-01" });
  expect(once.pickedG).toBeCloseTo(first!, 6);
  expect(once.table.every(({ day }) => day < "2027-09-01")).toBe(true);
});
