import { describe, expect, it } from "vitest";
import { planOf, planting, settingWith } from "@/testing/garden";
import type { Real } from "../calendar";
import { addDays, daysBetween } from "../day";
import { realOf } from "../record";
import { economyOf } from "../year";
import { assessGarden, heardOf, nextMeal } from ".";

const TODAY = "2026-05-18";
const bean = planting(10, "bush-bean/pod", "2026-05-01", { plants: 4 });
const plan = planOf("round-10-gal", bean);

/** The bean as the garden has it, with what is on record of it. */
const beanWith = (real: Real | undefined) => {
  const setting = settingWith({ happened: real ? { [bean.id]: real } : {} });
  const garden = assessGarden(plan, setting);
  return { setting, garden, view: garden.rows[0]!.plantings[0]! };
};
const unheard = assessGarden(plan, settingWith()).rows[0]!.plantings[0]!;
const first = unheard.season.stages.firstPick!.likely;

describe("the plan hears the records", () => {
  it("counts later dates from the days that are on record, and remembers what was planned", () => {
    const up = addDays(unheard.season.stages.up!.likely, 6);
    const { view } = beanWith({ sownOn: "2026-05-01", upOn: up });
    expect(view.season.stages.up).toEqual({ early: up, likely: up, late: up });
    const late = daysBetween(first, view.season.stages.firstPick!.likely);
    expect(late).toBeGreaterThanOrEqual(4);
    expect(late).toBeLessThanOrEqual(7);
    expect(view.planned!.firstPick!.likely).toBe(first);
    // Sown a week late, all is about a week late.
    const sown = beanWith({ sownOn: "2026-05-08" }).view;
    expect(daysBetween(first, sown.season.stages.firstPick!.likely)).toBeGreaterThan(3);
    expect(sown.stay.from).toBe("2026-05-08");
  });

  it("takes a first pick as it was, and gives no more once it ended", () => {
    const picked = addDays(first, -4);
    const { view } = beanWith({ pickedOn: picked });
    expect(view.season.stages.firstPick!.likely).toBe(picked);
    const ended = beanWith({ sownOn: "2026-05-01", endedOn: "2026-05-20" });
    expect(ended.view.stay.to).toBe("2026-05-20");
    expect(ended.view.harvest.likely).toBe(0);
    expect(nextMeal(ended.garden, TODAY)).toBeUndefined();
  });

  it("goes by the packet's days, and by those of the record where somebody noted others", () => {
    const { low, likely, high } = unheard.goal.days.window;
    const days = 2 * likely;
    const packed = planOf("round-10-gal", { ...bean, packet: { variety: "Zola", days } });
    const view = (happened?: Record<string, Real>) =>
      assessGarden(packed, settingWith({ happened })).rows[0]!.plantings[0]!;
    expect(view().goal.days.window).toEqual({ low: 2 * low, likely: days, high: 2 * high });
    const later = daysBetween(first, view().season.stages.firstPick!.likely);
    expect(later).toBeGreaterThan(0.6 * likely);
    expect(later).toBeLessThan(1.3 * likely);
    const noted = view({ [bean.id]: { sownOn: "2026-05-01", packetDays: likely } });
    expect(noted.season.stages.firstPick!.likely).toBe(first);
  });

  it("passes over a day that comes before the one that it follows", () => {
    expect(beanWith({ sownOn: "2026-05-01", upOn: "2026-04-20" }).view.season.stages.up).toEqual(
      unheard.season.stages.up,
    );
  });

  it("takes the plants that were lost out of what stands, and what is left by room and harvest", () => {
    const { view } = beanWith({ sownOn: "2026-05-01", upOn: "2026-05-12", lost: 3 });
    expect(view.units).toBe(1);
    expect(view.top).toHaveLength(1);
    expect(view.planting.plants).toBe(4);
    const whole = beanWith({ sownOn: "2026-05-01", upOn: "2026-05-12" }).view;
    expect(view.harvest.likely).toBeLessThan(whole.harvest.likely);
    // One alone has more light than one of four.
    expect(view.harvest.likely).toBeGreaterThan(whole.harvest.likely / 4);
  });

  it("says what is silent, moved, lost, over or too late, each only when it is so", () => {
    const told = (real: Real | undefined, today = TODAY) => {
      const { garden } = beanWith(real);
      return heardOf(garden.rows[0]!, today).map((h) => h.code);
    };
    expect(told(undefined)).toEqual(["silent"]);
    expect(told(undefined, "2026-05-03")).toEqual([]);
    expect(told({ sownOn: "2026-05-01" })).toEqual([]);
    expect(told({ sownOn: "2026-05-09", lost: 2 })).toEqual(["lost", "moved"]);
    expect(told({ sownOn: "2026-05-01", endedOn: "2026-05-15" })).toEqual(["ended"]);
    expect(told({ sownOn: "2026-05-01", pickedOn: "2026-06-01" }, "2026-06-02")).toEqual([]);
  });

  it("says early that what stands can no longer make it, and on which day of how many it is", () => {
    const corn = planting(11, "sweet-corn/cob", "2026-09-25", { plants: 4, method: "stations" });
    const setting = settingWith({ happened: { [corn.id]: { sownOn: "2026-09-25", upOn: "2026-10-03" } } });
    const [heard] = heardOf(assessGarden(planOf("round-15-gal", corn), setting).rows[0]!, "2026-10-20");
    expect(heard).toMatchObject({ code: "too-late", goalId: "sweet-corn/cob" });
    const known = heard?.code === "too-late" ? heard.on : undefined;
    expect(known?.day).toBe(25);
    expect(known!.of).toBeGreaterThan(90);
  });

  it("asks about a sowing that nobody wrote about before it counts it", () => {
    const silent = beanWith(undefined);
    expect(nextMeal(silent.garden, TODAY)).toBeUndefined();
    expect(economyOf(silent.garden, silent.setting, TODAY).harvest.likely).toBe(0);
    const told = beanWith({ sownOn: "2026-05-01" });
    expect(nextMeal(told.garden, TODAY)?.goalId).toBe("bush-bean/pod");
    expect(economyOf(told.garden, told.setting, TODAY).harvest.likely).toBeGreaterThan(0);
    // On its day and a little after there is nothing to ask yet.
    expect(nextMeal(silent.garden, "2026-05-04")?.goalId).toBe("bush-bean/pod");
  });
});

it("reads what happened from records: first days, and an end where the last plant was lost", () => {
  const line = (kind: "sown" | "up" | "lost", day: string, sum: number) => ({
    of: "a",
    kind,
    first: day,
    last: addDays(day, 3),
    sum,
    isCounted: true,
    plants: 4,
  });
  expect(realOf([line("sown", "2026-05-01", 8), line("up", "2026-05-09", 6)])).toEqual({
    a: { sownOn: "2026-05-01", upOn: "2026-05-09" },
  });
  // Looked for, and none there; or up, and nobody counted.
  expect(realOf([line("up", "2026-05-09", 0)]).a!.upOn).toBeUndefined();
  expect(realOf([{ ...line("up", "2026-05-09", 0), isCounted: false }]).a!.upOn).toBe("2026-05-09");
  expect(realOf([line("lost", "2026-05-12", 3)]).a).toEqual({ lost: 3 });
  expect(realOf([line("lost", "2026-05-12", 4)]).a!.endedOn).toBe("2026-05-15");
});
