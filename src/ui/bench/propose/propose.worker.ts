import { expose } from "comlink";
import { type Aim, instanceOf, type Progress, type Proposal, propose, withAim } from "@/core/planner";
import { settingFrom } from "@/core/setting";
import { referenceWith } from "@/library";
import { EFFORT } from "@/solver/effort";
import { highsSolver } from "@/solver/highs";
import type { ProposeNews, ProposeQuestion } from "./message";

type Tell = (news: ProposeNews) => void;

type Until = (at: Progress) => boolean;
const FOUND: Until = ({ proposal }) => proposal !== undefined;
const NEVER: Until = () => false;

/** One aim and its search. */
interface Asked {
  readonly aim: Aim;
  readonly steps: ReturnType<typeof propose>;
}

/** Drives one aim on, to its end or until something holds; tells whether it came to its end. */
function drive({ aim, steps }: Asked, until: Until, tell: Tell): boolean {
  let shown: Proposal | undefined;
  for (;;) {
    const { done, value } = steps.next(false);
    if (done) {
      tell({ type: "proposal", aim, proposal: value });
      tell({ type: "done", aim });
      return true;
    }
    const { proposal, ...step } = value;
    tell({ type: "step", aim, step });
    if (proposal && proposal !== shown) tell({ type: "proposal", aim, proposal });
    shown = proposal;
    if (until(value)) return false;
  }
}

async function run({ overrides, ...question }: ProposeQuestion, tell: Tell): Promise<void> {
  const solver = await highsSolver({ locateFile: () => "/highs.wasm" });
  const reference = referenceWith(overrides);
  const setting = settingFrom(question.setting, reference);
  const instance = instanceOf({ ...question, reference, setting, aim: "value" });
  const asked = question.aims.map((aim): Asked => ({
    aim,
    steps: propose({ ...question, reference, setting, aim }, solver, EFFORT, {
      newId: () => crypto.randomUUID(),
      instance: withAim(instance, aim),
    }),
  }));
  // People want to see three gardens before they want the best of the first.
  const open: Asked[] = [];
  for (const each of asked) if (!drive(each, FOUND, tell)) open.push(each);
  for (const each of open) drive(each, NEVER, tell);
}

const worker = {
  /** Works out a garden for each aim and tells how far that is. Whoever has enough ends the worker. */
  propose: run,
};
export type ProposeWorker = typeof worker;
expose(worker);
