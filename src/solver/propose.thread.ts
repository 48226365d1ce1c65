import { randomUUID } from "node:crypto";
import { parentPort } from "node:worker_threads";
import { type PlainSetting, settingFrom } from "@/core/setting";
import { type Ask, type Proposal, propose } from "@/core/planner";
import { QUEUE_EFFORT } from "./effort";
import { highsSolver } from "./highs";
import { known } from "@/core/known";

/** A question that travels to the thread: an ask without the look-ups. */
export interface ThreadQuestion extends Omit<Ask, "setting"> {
  readonly setting: PlainSetting;
}

/** What the thread says: how much of the search is done, 0 to 1, and at the end the proposal. */
export interface ThreadSays {
  readonly progress?: number;
  readonly proposal?: Proposal;
}

const parent = known(parentPort);
parent.on("message", (question: ThreadQuestion) => {
  void (async () => {
    const solver = await highsSolver();
    const steps = propose(
      { ...question, setting: settingFrom(question.setting, question.reference) },
      solver,
      QUEUE_EFFORT,
      { newId: () => randomUUID() },
    );
    let step = steps.next();
    while (!step.done) {
      const { done, of } = step.value;
      parent.postMessage({ progress: of > 0 ? done / of : 0 } satisfies ThreadSays);
      step = steps.next();
    }
    parent.postMessage({ proposal: step.value } satisfies ThreadSays);
  })();
});
