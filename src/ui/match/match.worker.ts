import { expose } from "comlink";
import type { Day } from "@/core/day";
import { glanceOf, type LineGlance, matchAll } from "@/core/match";
import type { Override } from "@/core/override";
import type { BagThing } from "@/core/plan";
import { type PlainSetting, type Setting, settingFrom } from "@/core/setting";
import { referenceWith } from "@/library";

/** A line without its crop and goal, which both sides have. */
export type SlimLine = Omit<LineGlance, "crop" | "goal"> & { readonly goalId: string };

let setting: Setting | undefined;
let goals: Parameters<typeof matchAll>[0] = [];

const worker = {
  /** Once, before anything else: what is matched against, and the programme's own values of the library. */
  open(plain: PlainSetting, overrides: readonly Override[]): void {
    const reference = referenceWith(overrides);
    setting = settingFrom(plain, reference);
    goals = reference.crops.flatMap((crop) => crop.goals.map((goal) => ({ crop, goal })));
  },
  match(bags: readonly BagThing[], sowOn: Day): SlimLine[] {
    if (!setting) return [];
    return matchAll(goals, bags, sowOn, setting).map(({ crop: _, goal, cells, ...rest }) => ({
      ...rest,
      goalId: goal.id,
      cells: cells.map(glanceOf),
    }));
  },
};
export type MatchWorker = typeof worker;
expose(worker);
