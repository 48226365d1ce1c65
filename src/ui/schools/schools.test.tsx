import { act, fireEvent } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { SchoolsForm } from "./schools";

beforeEach(() => void vi.useFakeTimers());

const TAKES = { soilL: 100, wetKg: 120, waterL: 40, hours: 30 };
const effect = (more: object = {}) => ({
  plans: 12,
  isAll: false,
  before: TAKES,
  after: { ...TAKES, soilL: 108 },
  changes: [],
  ...more,
});
type Preview = Parameters<typeof SchoolsForm>[0]["preview"];
const screen = (preview: Preview) => {
  const save = vi.fn(async () => ({ ok: true as const, value: null }));
  const shown = show(<SchoolsForm saved={{}} above={undefined} preview={preview} save={save} />);
  const choose = (label: string, value: string) =>
    fireEvent.change(shown.getByLabelText(label), { target: { value } });
  /** Lets a choice settle, and its answer come. */
  const settle = () => act(() => vi.advanceTimersByTimeAsync(300));
  return { ...shown, save, choose, settle };
};

it("shows what a choice changes as it is made, of a few plans first, and of all when asked", async () => {
  const preview = vi.fn<Preview>(async (_, isAll) => ({
    ok: true,
    value: effect(isAll ? { plans: 400, isAll: true } : {}),
  }));
  const { text, choose, settle, getByRole, queryByRole } = screen(preview);
  expect(text()).not.toContain("What that changes");
  choose("Stones up the middle of towers", "none");
  // Chosen again before it was looked at: only the last choice is asked about.
  choose("Size of bags", "one-up");
  expect(text()).toContain("Looking what that changes");
  await settle();
  expect(preview.mock.calls).toEqual([[{ core: "none", bagSize: "one-up" }, false]]);
  expect(text()).toContain("What that changes, in the first 12 plans");
  expect(text()).toContain("soil100 L → 108 L");
  expect(text()).toContain("weight when wet120 kg, as it is");
  await act(async () => void fireEvent.click(getByRole("button", { name: "Look at all plans" })));
  expect(text()).toContain("What that changes, in all 400 plans");
  expect(queryByRole("button", { name: "Look at all plans" })).toBeNull();
});

it("shows nothing of an answer that came too late, and says why none came", async () => {
  const answers: ((value: Awaited<ReturnType<Preview>>) => void)[] = [];
  const preview = vi.fn<Preview>(() => new Promise((resolve) => answers.push(resolve)));
  const { text, choose, settle, getByRole } = screen(preview);
  choose("Size of bags", "one-up");
  await settle();
  choose("Size of bags", "");
  await act(async () => answers[0]!({ ok: true, value: effect() }));
  expect(text()).not.toContain("What that changes");
  choose("Size of bags", "one-up");
  await settle();
  await act(async () => answers[1]!({ ok: false, problem: { code: "database-unreachable" } }));
  expect(getByRole("alert").textContent).toMatch(/.{20,}/);
});

it("saves what was chosen, and says so", async () => {
  const { save, choose, settle, getByRole, text } = screen(async () => ({
    ok: true,
    value: effect({ plans: 0, isAll: true }),
  }));
  expect(getByRole("button", { name: "Save the schools" })).toHaveProperty("disabled", true);
  choose("Water", "often");
  await settle();
  expect(text()).toContain("There is no plan yet that it would change.");
  await act(async () => void fireEvent.click(getByRole("button", { name: "Save the schools" })));
  expect(save).toHaveBeenCalledWith({ water: "often" });
  expect(text()).toContain("Saved. Every plan follows them.");
});
