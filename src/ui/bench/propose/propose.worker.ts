import { settingFrom } from "@/core/garden";
import { type Aim, instanceOf, propose, withAim } from "@/core/planner";
import { EFFORT } from "@/solver/effort";
import { highsSolver } from "@/solver/highs";
import type { ProposeAnswer, ProposeQuestion } from "./message";

const answer = (message: ProposeAnswer) => self.postMessage(message);
const breath = () => new Promise((resolve) => setTimeout(resolve));

let stopped = false;

/** Drives one aim until its garden is found, or to its end; tells whether it came to its end. */
async function drive(aim: Aim, steps: ReturnType<typeof propose>, until: "found" | "done"): Promise<boolean> {
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
    if (proposal && until === "found") {
      answer({ type: "proposal", aim, proposal });
      return false;
    }
  }
}

async function run(question: ProposeQuestion): Promise<void> {
  const solver = await highsSolver({ locateFile: () => "/highs.wasm" });
  const setting = settingFrom(question.setting, question.reference);
  const instance = instanceOf({ ...question, setting, aim: "value" });
  const asked = question.aims.map((aim) => ({ aim, steps: propose({ ...question, setting, aim }, solver, EFFORT, () => crypto.randomUUID(), withAim(instance, aim)) }));
  // People want to see three gardens before they want to know how good the first is.
  const unproven: typeof asked = [];
  for (const each of asked) if (!(await drive(each.aim, each.steps, "found"))) unproven.push(each);
  for (const { aim, steps } of unproven) await drive(aim, steps, "done");
}

self.onmessage = ({ data }: MessageEvent<ProposeQuestion | "stop">) => {
  if (data === "stop") {
    stopped = true;
    return;
  }
  stopped = false;
  run(data).catch((error: unknown) => answer({ type: "failed", message: String(error) }));
};
