import { randomUUID } from "node:crypto";
import { parentPort } from "node:worker_threads";
import { type PlainSetting, settingFrom } from "@/core/garden";
import { type Ask, propose } from "@/core/planner";
import { highsSolver } from "./highs";

/** A question that travels to the thread: an ask without the look-ups. */
export interface ThreadQuestion extends Omit<Ask, "setting"> {
  readonly setting: PlainSetting;
}

/** The same effort as in the browser: equal questions get equal gardens. */
const EFFORT = { rounds: 5000, polishSeconds: 5, seed: 1 };

parentPort!.on("message", (question: ThreadQuestion) => {
  void (async () => {
    const solver = await highsSolver();
    const steps = propose({ ...question, setting: settingFrom(question.setting, question.reference) }, solver, EFFORT, () => randomUUID());
    let step = steps.next();
    while (!step.done) step = steps.next();
    parentPort!.postMessage(step.value);
  })();
});
