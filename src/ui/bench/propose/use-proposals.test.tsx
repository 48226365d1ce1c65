// @vitest-environment happy-dom
import { act, renderHook } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Aim, Proposal, Step } from "@/core/planner";
import type { ProposeAnswer, ProposeQuestion } from "./message";
import { useProposals } from "./use-proposals";

/** A worker that does nothing by itself: the test answers for it. */
class SilentWorker {
  static readonly all: SilentWorker[] = [];
  readonly sent: unknown[] = [];
  ended = false;
  onmessage: ((event: { data: ProposeAnswer }) => void) | null = null;
  onerror: (() => void) | null = null;
  constructor() {
    SilentWorker.all.push(this);
  }
  postMessage(message: unknown) {
    this.sent.push(message);
  }
  terminate() {
    this.ended = true;
  }
  answer(data: ProposeAnswer) {
    act(() => this.onmessage?.({ data }));
  }
}

const question = { aims: ["soon", "value"] } as unknown as ProposeQuestion;
const proposal = (worth: number): Proposal => ({
  plan: { bags: [], rows: [] },
  worth,
  bound: 200,
  gap: 1 - worth / 200,
  considered: 9,
  bags: [],
  minor: 0,
  hours: 0,
  covered: [],
  adds: {},
  missing: [],
});
const step = (doing: Step["doing"], worth: number, bound: number): Step => ({
  doing,
  done: 5,
  of: 10,
  worth,
  bound,
});

beforeEach(() => {
  SilentWorker.all.length = 0;
  vi.stubGlobal("Worker", SilentWorker);
});
afterEach(() => vi.unstubAllGlobals());

function asked() {
  const hook = renderHook(() => useProposals());
  act(() => hook.result.current.ask(question));
  const worker = SilentWorker.all.at(-1)!;
  return { hook, worker, now: () => hook.result.current };
}

it("shows steps and gardens as they come, and is done when each aim is", () => {
  const { worker, now } = asked();
  expect(worker.sent).toEqual([question]);
  expect(now().busy).toBe(true);
  worker.answer({ type: "step", aim: "soon", step: step("search", 90, 200) });
  expect(now().steps.soon?.worth).toBe(90);
  for (const aim of ["soon", "value"] as Aim[]) {
    worker.answer({ type: "proposal", aim, proposal: proposal(120) });
    expect(now().busy).toBe(true);
    worker.answer({ type: "done", aim });
  }
  expect(now()).toMatchObject({ busy: false, failed: false, steps: {} });
  expect(Object.keys(now().proposals)).toEqual(["soon", "value"]);
});

it("asks the worker for the best so far when it is stopped before every garden is there", () => {
  const { worker, now } = asked();
  worker.answer({ type: "proposal", aim: "soon", proposal: proposal(120) });
  act(() => now().stop());
  expect(worker.sent.at(-1)).toBe("stop");
  expect([worker.ended, now().busy]).toEqual([false, true]);
});

it("ends the worker when it is stopped in a proof, and keeps each garden with the nearest bound that was told", () => {
  const { worker, now } = asked();
  for (const aim of ["soon", "value"] as Aim[])
    worker.answer({ type: "proposal", aim, proposal: proposal(120) });
  worker.answer({ type: "step", aim: "soon", step: step("proof", 120, 150) });
  act(() => now().stop());
  expect([worker.ended, now().busy]).toEqual([true, false]);
  expect(now().proposals.soon).toMatchObject({ worth: 120, bound: 150, gap: 0.2 });
  expect(now().proposals.value).toEqual(proposal(120));
});

it("says that a search broke off, and forgets it with the next question", () => {
  const { hook, worker, now } = asked();
  act(() => worker.onerror?.());
  expect(now()).toMatchObject({ failed: true, busy: false });
  act(() => now().ask(question));
  expect(worker.ended).toBe(true);
  expect(now()).toMatchObject({ failed: false, busy: true });
  SilentWorker.all.at(-1)!.answer({ type: "failed" } as ProposeAnswer);
  expect(now().failed).toBe(true);
  hook.unmount();
  expect(SilentWorker.all.at(-1)!.ended).toBe(true);
});
