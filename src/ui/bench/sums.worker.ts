import { expose } from "comlink";
import type { Day } from "@/core/day";
import { assessGarden } from "@/core/garden";
import type { Override } from "@/core/override";
import type { Plan, Row } from "@/core/plan";
import { type PlainSetting, type Setting, settingFrom } from "@/core/setting";
import { type Sums, sumsOf } from "@/core/year";
import { referenceWith } from "@/library";

let asked: { readonly setting: Setting; readonly today: Day } | undefined;

/** What was sent before, by id: sent again it is another object, and rows that are the same object are not judged anew. */
const known = new Map<string, { text: string; thing: Plan["bags"][number] | Row }>();

function same<T extends Plan["bags"][number] | Row>(thing: T): T {
  const text = JSON.stringify(thing);
  const before = known.get(thing.id);
  if (before?.text === text) return before.thing as T;
  known.set(thing.id, { text, thing });
  return thing;
}

const worker = {
  /** Once, before anything else: what plans are judged against, and the day from which the year counts. */
  open(plain: PlainSetting, overrides: readonly Override[], today: Day): void {
    asked = { setting: settingFrom(plain, referenceWith(overrides)), today };
  },
  sums(plan: Plan): Sums | undefined {
    if (!asked) return undefined;
    const garden = assessGarden({ bags: plan.bags.map(same), rows: plan.rows.map(same) }, asked.setting);
    return sumsOf(garden, asked.setting, asked.today);
  },
};
export type SumsWorker = typeof worker;
expose(worker);
