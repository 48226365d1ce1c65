import { act, renderHook } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import type { Aim, Proposal, Step } from "@/core/planner";
import type { ProposeNews, ProposeQuestion } from "./message";
import { useProposals } from "./use-proposals";

/** A worker that does nothing by itself: the test tells its news. */
class SilentWorker {
  static readonly all: SilentWorker[] = [];
  ended = false;
  onerror: (() => void) | null = null;
  readonly asked: unknown[] = [];
  private hear: (news: ProposeNews) => void = () => {};
  private fail: (error: Error) => void = () => {};
  constructor() {
    SilentWorker.all.push(this);
  }
  terminate() {
    this.ended = true;
  }
  propose(question: unknown, hear: (news: ProposeNews) => void) {
    this.asked.push(question);
    this.hear = hear;
    return new Promise<void>((_, reject) => (this.fail = reject));
  }
  tell(news: ProposeNews) {
    act(() => this.hear(news));
  }
  async breakOff() {
    await act(async () => this.fail(new Error("the solver failed")));
  }
}

vi.mock("comlink", () => ({
  wrap: (worker: SilentWorker) => worker,
  proxy: <T,>(callback: T) => callback,
}));

const question = { aims: ["soon", "value"] } as unknown as ProposeQuestion;
const proposal = (worth: number): Proposal => ({
  plan: { bags: [], rows: [] },
  worth,
  bound: 200,
  gap: 1 - worth / 200,
  considered: 9,
  harvest: { low: 1, likely: 2, high: 3 },
  sketch: { span: { from: "2026-05-01", to: "2026-10-31", months: ["2026-05-01"] }, rows: [] },
  bags: [],
  minor: 0,
  hours: 0,
  covered: [],
  adds: {},
  missing: [],
});
const step = (worth: number, bound: number): Step => ({
  done: 5,
  of: 10,
  worth,
  bound,
});

beforeEach(() => {
  SilentWorker.all.length = 0;
  vi.stubGlobal("Worker", SilentWorker);
});

function asked() {
  const hook = renderHook(() => useProposals());
  act(() => hook.result.current.ask(question));
  const worker = SilentWorker.all.at(-1)!;
  return { hook, worker, now: () => hook.result.current };
}

it("shows steps and gardens as they come, and is done when each aim is", () => {
  const { worker, now } = asked();
  expect(worker.asked).toEqual([question]);
  expect(now().busy).toBe(true);
  worker.tell({ type: "step", aim: "soon", step: step(90, 200) });
  expect(now().steps.soon?.worth).toBe(90);
  for (const aim of ["soon", "value"] as Aim[]) {
    worker.tell({ type: "proposal", aim, proposal: proposal(120) });
    expect(now().busy).toBe(true);
    worker.tell({ type: "done", aim });
  }
  expect(now()).toMatchObject({ busy: false, failed: false, steps: {} });
  expect(Object.keys(now().proposals)).toEqual(["soon", "value"]);
});

it("ends the search at once when it is stopped, keeps what was found, and takes no step after it", () => {
  const { worker, now } = asked();
  worker.tell({ type: "step", aim: "soon", step: step(90, 200) });
  worker.tell({ type: "proposal", aim: "soon", proposal: proposal(120) });
  act(() => now().stop());
  expect(worker.ended).toBe(true);
  expect(now()).toMatchObject({ busy: false, stopped: true, steps: {} });
  expect(now().proposals.soon?.worth).toBe(120);
  // What was on its way is not heard any more.
  worker.tell({ type: "step", aim: "soon", step: step(130, 200) });
  expect(now().steps).toEqual({});
  // The next question starts anew.
  act(() => now().ask(question));
  expect(now()).toMatchObject({ busy: true, stopped: false, proposals: {} });
});

it("says that a search broke off, and forgets it with the next question", async () => {
  const { hook, worker, now } = asked();
  act(() => worker.onerror?.());
  expect(now()).toMatchObject({ failed: true, busy: false });
  act(() => now().ask(question));
  expect(worker.ended).toBe(true);
  expect(now()).toMatchObject({ failed: false, busy: true });
  await SilentWorker.all.at(-1)!.breakOff();
  expect(now().failed).toBe(true);
  hook.unmount();
  expect(SilentWorker.all.at(-1)!.ended).toBe(true);
});
