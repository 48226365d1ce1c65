import { settingFrom } from "@/core/garden";
import { propose } from "@/core/planner";
import { highsSolver } from "@/solver/highs";
import type { ProposeAnswer, ProposeQuestion } from "./message";

/** Enough rounds that another thousand seldom find anything; the same on every machine, so that equal questions get equal gardens. */
const EFFORT = { rounds: 5000, polishSeconds: 5, seed: 1 };

const answer = (message: ProposeAnswer) => self.postMessage(message);
const breath = () => new Promise((resolve) => setTimeout(resolve));

let stopped = false;

async function run(question: ProposeQuestion): Promise<void> {
  const solver = await highsSolver({ locateFile: () => "/highs.wasm" });
  const setting = settingFrom(question.setting, question.reference);
  for (const aim of question.aims) {
    const steps = propose({ ...question, setting, aim }, solver, EFFORT, () => crypto.randomUUID());
    let step = steps.next();
    while (!step.done) {
      answer({ type: "progress", aim, progress: step.value });
      // A moment for the word to stop to come in.
      await breath();
      step = steps.next(stopped);
    }
    answer({ type: "proposal", aim, proposal: step.value });
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
