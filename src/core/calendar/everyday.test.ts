import { expect, it } from "vitest";
import type { TrayPlace } from "../climate";
import { findClimate, findGoal } from "@/library";
import { judgeSeason } from ".";

/**
 * What growers of each town take for granted. Common practice where no source is named; `south` is Larkmouth's weather
 * turned by half a year and set at 37° south.
 */
const larkmouth = findClimate("larkmouth")!;
const turned = (months: readonly number[]) => [...months.slice(6), ...months.slice(0, 6)];
const climateOf = (town: string) =>
  town === "south"
    ? { id: "south", latitude: -37, lowC: turned(larkmouth.lowC), highC: turned(larkmouth.highC) }
    : findClimate(town)!;

type Row = [town: string, goalId: string, method: string, day: string];

/** Done every year there, and it works: never wrong. */
const WORKS: Row[] = [
  ["larkmouth", "lettuce/leaf", "tray", "03-01"],
  ["larkmouth", "lettuce/leaf", "tray", "09-25"],
  ["larkmouth", "spinach/leaf", "drills", "10-01"],
  ["larkmouth", "chard/leaf", "cells", "03-10"],
  ["larkmouth", "kale/leaf", "cells", "03-10"],
  ["larkmouth", "pea/pod", "stations", "11-10"],
  ["larkmouth", "pea/pod", "stations", "02-10"],
  ["larkmouth", "carrot/root", "drills", "03-10"],
  ["larkmouth", "carrot/root", "drills", "09-10"],
  ["larkmouth", "radish/root", "drills", "03-20"],
  ["larkmouth", "beet/root", "drills", "03-25"],
  ["larkmouth", "potato/tuber", "tubers", "02-15"],
  ["larkmouth", "onion/sets", "sets", "02-10"],
  ["larkmouth", "garlic/bulb", "sets", "11-01"],
  ["larkmouth", "bush-bean/pod", "stations", "05-01"],
  ["larkmouth", "tomato/bush", "cells", "03-10"],
  ["larkmouth", "tomato/bush", "bought", "05-05"],
  ["larkmouth", "pepper/sweet", "bought", "05-15"],
  ["larkmouth", "aubergine/fruit", "bought", "05-15"],
  ["larkmouth", "courgette/fruit", "cells", "04-25"],
  ["larkmouth", "cucumber/fruit", "cells", "05-01"],
  ["larkmouth", "sweet-corn/cob", "cells", "05-20"],
  ["larkmouth", "okra/pod", "stations", "06-01"],
  ["larkmouth", "strawberry/june", "runners", "10-15"],
  ["larkmouth", "cabbage/standard", "cells", "12-28"],
  ["larkmouth", "broccoli/head", "cells", "08-20"],
  ["northquay", "courgette/fruit", "bought", "06-10"],
  ["northquay", "bush-bean/pod", "stations", "06-05"],
  ["northquay", "pea/pod", "stations", "04-10"],
  ["northquay", "potato/tuber", "tubers", "04-20"],
  ["northquay", "lettuce/leaf", "tray", "05-01"],
  ["northquay", "kale/leaf", "cells", "05-01"],
  ["northquay", "beet/root", "drills", "05-05"],
  ["northquay", "carrot/root", "drills", "05-01"],
  ["northquay", "garlic/bulb", "sets", "10-20"],
  ["northquay", "onion/sets", "sets", "04-01"],
  ["northquay", "gooseberry/fruit", "bought", "12-01"],
  ["coldharbour", "tomato/bush", "bought", "06-01"],
  ["coldharbour", "sweet-corn/cob", "cells", "06-01"],
  ["coldharbour", "cabbage/standard", "cells", "04-20"],
  ["coldharbour", "garlic/bulb", "sets", "10-01"],
  ["coldharbour", "raspberry/fruit", "bought", "04-10"],
  ["drywell", "tomato/bush", "bought", "11-01"],
  ["drywell", "lettuce/leaf", "tray", "11-15"],
  ["drywell", "cabbage/standard", "cells", "11-01"],
  ["drywell", "carrot/root", "drills", "11-20"],
  ["saltmere", "okra/pod", "stations", "04-10"],
  ["saltmere", "amaranth/leaf", "broadcast", "05-10"],
  ["saltmere", "water-spinach/leaf", "cells", "05-10"],
  ["saltmere", "jute-mallow/leaf", "broadcast", "05-10"],
  ["saltmere", "sweet-potato/tops", "cuttings", "05-10"],
  ["hightown", "sweet-corn/cob", "stations", "03-15"],
  ["hightown", "bush-bean/pod", "stations", "03-25"],
  ["hightown", "african-nightshade/leaf", "tray", "04-01"],
  ["hightown", "kale/leaf", "cells", "04-01"],
  ["hightown", "cabbage/standard", "cells", "04-01"],
  ["hightown", "potato/tuber", "tubers", "03-20"],
  ["hightown", "carrot/root", "drills", "04-01"],
  ["south", "tomato/bush", "bought", "11-05"],
  ["south", "garlic/bulb", "sets", "05-01"],
  ["south", "pea/pod", "stations", "08-10"],
  ["south", "lettuce/leaf", "tray", "09-01"],
];

/** What no grower there would do: wrong. */
const FAILS: Row[] = [
  ["larkmouth", "garlic/bulb", "sets", "07-10"],
  ["larkmouth", "garlic/bulb", "sets", "05-18"],
  ["larkmouth", "tomato/bush", "cells", "09-10"],
  ["larkmouth", "bush-bean/pod", "stations", "01-10"],
  ["larkmouth", "okra/pod", "stations", "02-01"],
  ["larkmouth", "cucumber/fruit", "stations", "01-20"],
  ["larkmouth", "spinach/leaf", "drills", "06-01"],
  ["larkmouth", "spinach/leaf", "drills", "07-01"],
  ["larkmouth", "lettuce/head", "cells", "06-20"],
  ["larkmouth", "basil/leaf", "bought", "12-20"],
  ["larkmouth", "aubergine/fruit", "bought", "10-15"],
  ["northquay", "okra/pod", "stations", "05-01"],
  ["northquay", "tomato/bush", "bought", "03-01"],
  ["northquay", "bush-bean/pod", "stations", "03-15"],
  ["northquay", "sweet-corn/cob", "stations", "09-01"],
  ["northquay", "courgette/fruit", "bought", "01-15"],
  ["northquay", "water-spinach/leaf", "cells", "12-01"],
  ["northquay", "carrot/root", "drills", "12-20"],
  ["coldharbour", "lettuce/leaf", "tray", "12-15"],
  ["coldharbour", "tomato/bush", "bought", "03-15"],
  ["coldharbour", "pea/pod", "stations", "12-10"],
  ["coldharbour", "radish/root", "drills", "01-10"],
  ["coldharbour", "potato/tuber", "tubers", "12-20"],
  ["drywell", "lettuce/head", "cells", "06-01"],
  ["drywell", "cabbage/standard", "cells", "05-15"],
  ["drywell", "pea/pod", "stations", "06-01"],
  ["saltmere", "garlic/bulb", "sets", "10-01"],
  ["saltmere", "lettuce/head", "cells", "03-01"],
  ["hightown", "garlic/bulb", "sets", "04-01"],
  ["drywell", "tomato/bush", "bought", "04-01"],
  ["saltmere", "potato/tuber", "tubers", "02-10"],
  ["northquay", "onion/sets", "sets", "06-25"],
  ["south", "tomato/bush", "bought", "05-20"],
  ["south", "garlic/bulb", "sets", "12-20"],
];

function gradeOf([town, goalId, method, day]: Row): string {
  const { crop, goal } = findGoal(goalId)!;
  const way = goal.methods.find((m) => m.method === method) ?? goal.methods[0]!;
  const { grade, reason } = judgeSeason({ crop, goal, method: way }, `2026-${day}`, climateOf(town));
  return grade === "wrong" ? `wrong: ${reason.code}` : grade;
}
const name = (row: Row) => row.join(" ");

it.each(WORKS.map((row) => [name(row), row] as const))("%s works", (_, row) => {
  expect(gradeOf(row)).not.toMatch(/^wrong/);
});

it.each(FAILS.map((row) => [name(row), row] as const))("%s fails", (_, row) => {
  expect(gradeOf(row)).toMatch(/^wrong/);
});

it("calls most of what works right, and not only possible", () => {
  const right = WORKS.filter((row) => gradeOf(row) === "right");
  expect(right.length / WORKS.length).toBeGreaterThanOrEqual(2 / 3);
});

it("names the kind of onion that swells where and when it is grown", () => {
  const kind = (town: string, day: string) => {
    const { crop, goal } = findGoal("onion/sets")!;
    return judgeSeason({ crop, goal, method: goal.methods[0]! }, `2026-${day}`, climateOf(town)).stages.bulb
      ?.kind;
  };
  // Common practice: short-day kinds below 28° of latitude, intermediate about 28 to 38°, long-day beyond.
  expect(kind("saltmere", "05-10")).toBe("short-day");
  expect(kind("hightown", "04-01")).toBe("short-day");
  expect(["short-day", "intermediate"]).toContain(kind("larkmouth", "02-20"));
  expect(kind("northquay", "04-01")).toBe("long-day");
  expect(kind("northquay", "06-25")).toBeUndefined();
});

it("raises seedlings where the household has a warm place, weeks before it could outdoors", () => {
  const { crop, goal } = findGoal("tomato/bush")!;
  const cells = goal.methods.find((m) => m.method === "cells")!;
  const early = (trays: TrayPlace) =>
    judgeSeason({ crop, goal, method: cells }, "2026-03-15", { ...findClimate("northquay")!, trays });
  expect(early("sheltered").reason.code).toBe("soil-too-cold");
  const [sill, mat] = [early("sill"), early("mat")];
  expect(sill.reason.code).not.toBe("soil-too-cold");
  expect(mat.stages.up!.likely < sill.stages.up!.likely).toBe(true);
});

it("lets what waits for its season fruit in it, on both halves of the world", () => {
  const picked = (town: string, goalId: string, day: string) => {
    const { crop, goal } = findGoal(goalId)!;
    const { stages } = judgeSeason({ crop, goal, method: goal.methods[0]! }, `2026-${day}`, climateOf(town));
    return Number(stages.firstPick!.likely.slice(5, 7));
  };
  // Set in autumn, June-bearing strawberries fruit in spring, and berries in summer.
  expect([3, 4, 5]).toContain(picked("larkmouth", "strawberry/june", "10-15"));
  expect([9, 10, 11]).toContain(picked("south", "strawberry/june", "04-15"));
  expect([6, 7, 8]).toContain(picked("northquay", "gooseberry/fruit", "12-01"));
  expect([6, 7, 8]).toContain(picked("coldharbour", "raspberry/fruit", "04-10"));
});
