import { settingFrom } from "@/core/setting";
import {
  type Aim,
  instanceOf,
  type Progress,
  type Proposal,
  propose,
  type Step,
  withAim,
} from "@/core/planner";
import { EFFORT } from "@/solver/effort";
import { highsSolver } from "@/solver/highs";
import type { ProposeAnswer, ProposeQuestion } from "./message";

const answer = (message: ProposeAnswer) => self.postMessage(message);
const breath = () => new Promise((resolve) => setTimeout(resolve));

let stopped = false;

type Until = (at: Progress) => boolean;
const FOUND: Until = ({ proposal }) => proposal !== undefined;
const SEARCHED: Until = ({ doing }) => doing === "proof";
const NEVER: Until = () => false;

/** Drives one aim on, to its end or until something holds; tells whether it came to its end. */
async function drive(aim: Aim, steps: ReturnType<typeof propose>, until: Until): Promise<boolean> {
  let shown: Proposal | undefined;
  for (;;) {
    // A moment for the word to stop to come in.
    await breath();
    const { done, value } = steps.next(stopped);
    if (done) {
      answer({ type: "proposal", aim, proposal: value });
      answer({ type: "done", aim });
      return true;
    }
    const { proposal, ...step } = value;
    answer({ type: "step", aim, step });
    if (proposal && proposal !== shown) answer({ type: "proposal", aim, proposal });
    shown = proposal;
    if (until(value)) return false;
  }
}

async function run(question: ProposeQuestion): Promise<void> {
  const solver = await highsSolver({ locateFile: () => "/highs.wasm" });
  const setting = settingFrom(question.setting, question.reference);
  const instance = instanceOf({ ...question, setting, aim: "value" });
  const asked = question.aims.map((aim) => {
    // While the solver works, no word to stop comes in: who has seen three gardens ends this worker instead.
    const watch = (step: Step) => {
      answer({ type: "step", aim, step });
      return false;
    };
    return {
      aim,
      steps: propose({ ...question, setting, aim }, solver, EFFORT, {
        newId: () => crypto.randomUUID(),
        instance: withAim(instance, aim),
        watch,
      }),
    };
  });
  // People want to see three gardens before they want the best of the first, and that before they want to know how good it is.
  let open = asked;
  for (const until of [FOUND, SEARCHED, NEVER]) {
    const still: typeof asked = [];
    for (const each of open) if (!(await drive(each.aim, each.steps, until))) still.push(each);
    open = still;
  }
}

self.onmessage = ({ data }: MessageEvent<ProposeQuestion | "stop">) => {
  if (data === "stop") {
    stopped = true;
    return;
  }
  stopped = false;
  run(data).catch((error: unknown) => answer({ type: "failed", message: String(error) }));
};
