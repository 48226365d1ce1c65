// @vitest-environment happy-dom
import { act, fireEvent } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Proposal } from "@/core/planner";
import { show } from "@/testing/screen";
import { Proposals } from "./proposals";

type Line = Parameters<typeof Proposals>[0]["start"][number];

const proposal: Proposal = {
  plan: { bags: [], rows: [] },
  worth: 96,
  bound: 100,
  gap: 0.04,
  considered: 10,
  bags: [],
  minor: 1250,
  hours: 2,
  covered: [
    { group: "greens", share: 0.61 },
    { group: "herbs", share: 0.001 },
  ],
  adds: { a: 1, b: 2 },
  missing: [],
};
const line = (name: string, status: Line["status"], more: Partial<Line> = {}): Line => ({
  householdId: name,
  name,
  status,
  stale: false,
  ...more,
});
const done = (name: string, more: Partial<Line> = {}) =>
  line(name, "done", { jobId: `job ${name}`, aim: "value", proposal, ...more });

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

/** Lets the page look again at the server, and what it was told sink in. */
const lookAgain = () => act(() => vi.advanceTimersByTimeAsync(2000));

it("follows the queue until nobody waits, and asks no more then", async () => {
  const answers = [
    [done("01 Orvane"), line("02 Tellick", "working")],
    [done("01 Orvane"), done("02 Tellick")],
  ];
  const read = vi.fn(async () => ({ ok: true as const, value: answers.shift()! }));
  const { text } = show(
    <Proposals
      start={[line("01 Orvane", "working"), line("02 Tellick", "waiting"), line("03 Braskel", "unsurveyed")]}
      ask={vi.fn()}
      read={read}
      take={vi.fn()}
    />,
  );
  expect(text()).toContain("0 of 2 done");
  await lookAgain();
  expect(text()).toContain("1 of 2 done");
  expect(text()).toContain("2 plantings, €12.50 to pay, within 4 % of the best possible.");
  // Kinds of food of which there is next to nothing are left out.
  expect(text()).toContain("greens and leaves 61 %");
  expect(text()).not.toContain("herbs");
  await lookAgain();
  expect(text()).toContain("2 of 2 done");
  await lookAgain();
  expect(read).toHaveBeenCalledTimes(2);
});

it("takes a proposal once, offers none for a plan that was saved since, and says why one could not be taken", async () => {
  const take = vi.fn(async (jobId: string) =>
    jobId.includes("01")
      ? { ok: true as const, value: { version: 2 } }
      : { ok: false as const, problem: { code: "plan-changed" } },
  );
  const { text, getByRole, queryByRole } = show(
    <Proposals
      start={[
        done("01 Orvane"),
        done("02 Tellick"),
        done("03 Braskel", { stale: true }),
        line("04 Quillow", "failed"),
      ]}
      ask={vi.fn()}
      read={vi.fn()}
      take={take}
    />,
  );
  const press = (name: string) => act(async () => void fireEvent.click(getByRole("button", { name })));
  await press("Take it 01 Orvane");
  expect(queryByRole("button", { name: "Take it 01 Orvane" })).toBeNull();
  expect(text()).toContain("Taken into its plan.");
  await press("Take it 02 Tellick");
  expect(getByRole("alert").textContent).toMatch(/^✕ .{10,}/);
  expect(queryByRole("button", { name: "Take it 03 Braskel" })).toBeNull();
  expect(text()).toContain("Could not be worked out.");
});

it("keeps what it shows when the line to the server is lost, and says so where somebody asked", async () => {
  const lost = async () => {
    throw new TypeError("fetch failed");
  };
  const { text, getByRole } = show(
    <Proposals start={[done("01 Orvane")]} ask={lost} read={lost} take={lost} />,
  );
  await act(async () => void fireEvent.click(getByRole("button", { name: "Work out all of them" })));
  expect(getByRole("alert").textContent).toContain("✕");
  expect(text()).toContain("within 4 % of the best possible");
});
