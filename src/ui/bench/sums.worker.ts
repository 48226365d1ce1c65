import type { Day } from "@/core/day";
import { assessGarden } from "@/core/garden";
import type { Plan, Row } from "@/core/plan";
import { type Setting, settingFrom } from "@/core/setting";
import { sumsOf } from "@/core/year";
import type { SumsAnswer, SumsQuestion } from "./sums-message";

let asked: { setting: Setting; today: Day } | undefined;

/** What was sent before, by id: sent again it is another object, and rows that are the same object are not judged anew. */
const known = new Map<string, { text: string; thing: Plan["bags"][number] | Row }>();

function same<T extends Plan["bags"][number] | Row>(thing: T): T {
  const text = JSON.stringify(thing);
  const before = known.get(thing.id);
  if (before?.text === text) return before.thing as T;
  known.set(thing.id, { text, thing });
  return thing;
}

self.onmessage = ({ data }: MessageEvent<SumsQuestion>) => {
  if (data.type === "library") {
    asked = { setting: settingFrom(data.setting, data.reference), today: data.today };
  } else if (asked) {
    const plan = { bags: data.plan.bags.map(same), rows: data.plan.rows.map(same) };
    const answer: SumsAnswer = {
      id: data.id,
      sums: sumsOf(assessGarden(plan, asked.setting), asked.setting, asked.today),
    };
    self.postMessage(answer);
  }
};
