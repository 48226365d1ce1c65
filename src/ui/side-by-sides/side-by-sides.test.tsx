import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import type { Answer } from "@/core/findings";
import { show } from "@/testing/screen";
import { SideBySides, type SideBySidesProps } from "./side-by-sides";

const pair = (position: number, isIn: boolean) => ({
  ...{ householdId: `h${position}`, code: `0${position}`, name: `House ${position}`, position, isIn },
  isDoubtful: false,
  ...{ secondHouseholdId: `h${position}`, secondCode: `0${position}`, secondName: `House ${position}` },
  ...{ firstRow: 1, secondRow: 2, dropped: null, droppedBy: null },
});
const trial = {
  ...{
    id: "t",
    goalId: "lettuce/leaf",
    question: "Is straw worth it?",
    firstWay: "bare",
    secondWay: "straw",
  },
  ...{
    ratio: 1.3,
    planned: 8,
    seed: 7,
    author: "Ilva Renn",
    pairsIn: 3,
    standing: 7,
    needed: 12,
    looks: [],
    ratios: [],
  },
  pairs: [pair(1, true), pair(2, false)],
};
const acts = () => ({
  begin: vi.fn(async () => ({ ok: true as const, value: null })),
  look: vi.fn(async () => ({ ok: true as const, value: null })),
  leaveOut: vi.fn(async () => ({ ok: true as const, value: null })),
});
const screen = (more: Partial<SideBySidesProps> = {}) =>
  show(
    <SideBySides
      all={[trial]}
      triable={[
        {
          goalId: "kale/leaf",
          pairs: 9,
          needed: [
            { ratio: 1.15, pairs: null },
            { ratio: 1.3, pairs: 14 },
            { ratio: 1.5, pairs: 8 },
          ],
        },
      ]}
      {...more}
    />,
  );

it("says nothing of the answer before somebody looks, and asks once more before that", async () => {
  const own = acts();
  const { getByRole, text } = screen({ acts: own });
  expect(text()).toContain("3 pairs have ended, of 7. Nobody has looked");
  fireEvent.click(getByRole("button", { name: /^Look at what it says/ }));
  expect(own.look).not.toHaveBeenCalled();
  fireEvent.click(getByRole("button", { name: /^Look now/ }));
  await waitFor(() => expect(own.look).toHaveBeenCalledWith("t"));
});

const ratio = (low: number, value: number, high: number) => ({ low, value, high });
it.each<[Answer, string]>([
  [{ verdict: "more", pairs: 9, ratio: ratio(1.15, 1.4, 1.6) }, "straw gives 15 % to 60 % more."],
  [{ verdict: "less", pairs: 9, ratio: ratio(0.6, 0.7, 0.9) }, "straw gives 10 % to 40 % less."],
  [
    { verdict: "more", pairs: 6, ratio: ratio(0, 1.4, Number.POSITIVE_INFINITY) },
    "straw gives more; how much cannot be told",
  ],
  [{ verdict: "no-difference", pairs: 30 }, "No difference worth having."],
  [{ verdict: "cannot-tell", pairs: 4, morePairs: 9 }, "Cannot tell yet: about 9 more pairs."],
  [{ verdict: "cannot-tell", pairs: 4 }, "would not with more pairs than anybody can grow"],
])("answers %o in plain words", (answer, says) => {
  const looks = [{ pairs: answer.pairs, verdict: answer.verdict, lookedOn: "2026-05-10" }];
  const { text, queryByRole } = screen({
    all: [{ ...trial, answer, looks, ratios: [1.2, 0.9] }],
    acts: acts(),
  });
  expect(text()).toContain(says);
  // Once looked at, no pair is left out any more.
  expect(queryByRole("button", { name: /leave out/ })).toBeNull();
});

it("leaves a pair out with its reason", async () => {
  const own = acts();
  const { getByRole, getByLabelText } = screen({ acts: own });
  fireEvent.click(getByRole("button", { name: "leave out: 02 House 2" }));
  fireEvent.change(getByLabelText("Why is it left out?: 02 House 2"), { target: { value: "fell over" } });
  fireEvent.click(getByRole("button", { name: "leave out" }));
  await waitFor(() =>
    expect(own.leaveOut).toHaveBeenCalledWith({ id: "t", position: 2, reason: "fell over" }),
  );
});

it("begins with a difference that the pairs at hand can find, and warns of one that they cannot", async () => {
  const own = acts();
  const { getByLabelText, getByRole, text } = screen({ acts: own });
  expect(text()).not.toContain("would be needed");
  fireEvent.change(getByLabelText("Difference that matters"), { target: { value: "1.3" } });
  expect(text()).toContain("9 pairs stand ready, 14 would be needed");
  fireEvent.change(getByLabelText("What is asked"), { target: { value: "Straw?" } });
  fireEvent.click(getByRole("button", { name: /^Begin/ }));
  await waitFor(() =>
    expect(own.begin).toHaveBeenCalledWith({
      ...{ goalId: "kale/leaf", question: "Straw?", firstWay: "", secondWay: "", ratio: 1.3 },
    }),
  );
});

it("does not promise what nobody could grow, and names a pair that is to be asked about", () => {
  const doubtful = { ...pair(3, false), isDoubtful: true };
  const { text, getByLabelText } = screen({
    all: [{ ...trial, needed: null, pairs: [doubtful] }],
    acts: acts(),
  });
  expect(text()).toContain("to find 30 % more or less takes more than anybody can grow");
  expect(text()).toContain("more than can well be: ask before it counts");
  fireEvent.change(getByLabelText("Difference that matters"), { target: { value: "1.15" } });
  expect(text()).toContain("a difference of that size is hardly ever found");
});

it("is only to be looked at for those who may not begin one", () => {
  const { queryByRole } = screen();
  expect(queryByRole("button", { name: /Begin|Look/ })).toBeNull();
});

it("names both households of a pair that is of two", () => {
  const across = { ...pair(1, false), secondHouseholdId: "h9", secondCode: "09", secondName: "Lowgate" };
  const { getByRole } = screen({ all: [{ ...trial, pairs: [across] }] });
  expect(getByRole("link", { name: "09 Lowgate" }).getAttribute("href")).toBe("/house/h9/bench");
});
