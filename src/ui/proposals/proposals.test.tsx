import { act, fireEvent } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { type Line, Proposals } from "./proposals";

const figures: Line["figures"] = {
  plantings: 2,
  minor: 1250,
  gap: 0.04,
  harvest: { low: 6, likely: 11, high: 19 },
  sketch: {
    span: { from: "2026-05-01", to: "2026-10-31", months: ["2026-05-01", "2026-06-01"] },
    rows: [{ kindId: "round-10-gal", bars: [{ goalId: "kale/leaf", at: [0.1, 0.2, 0.4, 0.4] }] }],
  },
  covered: [
    { group: "greens", share: 0.61 },
    { group: "herbs", share: 0.001 },
  ],
};
const line = (name: string, status: Line["status"], more: Partial<Line> = {}): Line => ({
  householdId: name,
  name,
  status,
  aim: null,
  stale: false,
  progress: 0,
  figures: null,
  ...more,
});
const done = (name: string, more: Partial<Line> = {}) =>
  line(name, "done", { aim: "value", figures, ...more });
/** A page of lines, with what all of them come to. */
const pageOf = (...lines: Line[]): Parameters<typeof Proposals>[0]["start"] => {
  const asked = lines.filter(({ status }) => status !== "none" && status !== "unsurveyed");
  const open = asked.filter(({ status }) => status === "waiting" || status === "working");
  return { lines, page: 1, pages: 1, asked: asked.length, open: open.length };
};

beforeEach(() => void vi.useFakeTimers());

/** Lets the page look again at the server, and what it was told sink in. */
const lookAgain = () => act(() => vi.advanceTimersByTimeAsync(2100));

it("follows the queue until nobody waits, and asks no more then", async () => {
  const answers = [
    pageOf(done("01 Orvane"), line("02 Tellick", "working", { progress: 0.5 })),
    pageOf(done("01 Orvane"), done("02 Tellick")),
  ];
  const read = vi.fn(async () => ({ ok: true as const, value: answers.shift()! }));
  const { text, getByRole, container } = show(
    <Proposals
      today="2026-05-18"
      start={pageOf(
        line("01 Orvane", "working"),
        line("02 Tellick", "waiting"),
        line("03 Braskel", "unsurveyed"),
      )}
      ask={vi.fn()}
      read={read}
      take={vi.fn()}
      takeBack={vi.fn()}
    />,
  );
  expect(text()).toContain("0 of 2 done");
  await lookAgain();
  expect(text()).toContain("1 of 2 done");
  const bar = getByRole("progressbar", { name: "How far 02 Tellick is" });
  expect(bar.getAttribute("aria-valuenow")).toBe("0.5");
  expect(text()).toContain(
    "2 plantings, 6 to 19 kg, likely 11 a year, €12.50 to pay, within 4 % of the best possible.",
  );
  // Drawn small: what is never picked has no such part.
  expect(text()).toContain("1 fabric 10 gal leaf kale");
  expect(container.querySelectorAll("i.stage-growing")).toHaveLength(1);
  expect(container.querySelectorAll("i.stage-picking")).toHaveLength(0);
  // Kinds of food of which there is next to nothing are left out.
  expect(text()).toContain("greens and leaves 61 %");
  expect(text()).not.toContain("herbs");
  await lookAgain();
  expect(text()).toContain("2 of 2 done");
  await lookAgain();
  expect(read).toHaveBeenCalledTimes(2);
});

it("takes a proposal once, offers none for a plan that was saved since, and says why one could not be taken", async () => {
  const take = vi.fn(async (householdId: string) =>
    householdId.includes("01")
      ? { ok: true as const, value: { version: 2 } }
      : { ok: false as const, problem: { code: "plan-changed" } },
  );
  const takeBack = vi.fn(async () => ({ ok: true as const, value: { version: 3 } }));
  const { text, getByRole, queryByRole } = show(
    <Proposals
      today="2026-05-18"
      start={pageOf(
        done("01 Orvane"),
        done("02 Tellick"),
        done("03 Braskel", { stale: true }),
        line("04 Quillow", "failed"),
      )}
      ask={vi.fn()}
      read={vi.fn()}
      take={take}
      takeBack={takeBack}
    />,
  );
  const press = (name: string) => act(async () => void fireEvent.click(getByRole("button", { name })));
  await press("Take it 01 Orvane");
  expect(queryByRole("button", { name: "Take it 01 Orvane" })).toBeNull();
  expect(text()).toContain("Taken into its plan.");
  await press("Take it back 01 Orvane");
  expect(takeBack).toHaveBeenCalledOnce();
  expect(text()).toContain("Its plan is as it was before.");
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
    <Proposals
      today="2026-05-18"
      start={pageOf(done("01 Orvane"))}
      ask={lost}
      read={lost}
      take={lost}
      takeBack={lost}
    />,
  );
  await act(async () => void fireEvent.click(getByRole("button", { name: "Work out all of them" })));
  expect(getByRole("alert").textContent).toContain("✕");
  expect(text()).toContain("within 4 % of the best possible");
});
