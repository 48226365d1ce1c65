import { act, fireEvent } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import { changePlanting, type Plan } from "@/core/plan";
import { id, planOf, planting } from "@/testing/garden";
import { show } from "@/testing/screen";
import { SavingNotices } from "./notices";
import { useBench } from "./store";
import { useKeys } from "./use-keys";
import { type PlanActions, type Saved, useSaving } from "./use-saving";

const plan = planOf("round-10-gal", planting(10, "lettuce/leaf", "2026-05-01", { plants: 6 }));
const theirs: Saved = {
  version: 8,
  savedBy: "Another trainer",
  plan: changePlanting(plan, id(10), { plants: 2 }),
};

/** A plan of which nothing is seen but the plants of its one planting, a way to add one, and what saving says. */
function Small({ saved, actions, isTrial }: { saved: Saved; actions: PlanActions; isTrial: boolean }) {
  const { plan, change, undo, redo } = useBench(saved.plan);
  const saving = useSaving({ householdId: "h", saved, plan, change, actions, isTrial });
  useKeys({ save: saving.save, undo, redo });
  const plants = plan.rows[0]!.plantings[0]!.plants ?? 0;
  return (
    <div>
      <button onClick={() => change((p: Plan) => changePlanting(p, id(10), { plants: plants + 1 }))}>
        more
      </button>
      <output>
        {plants} plants, version {saving.version}, {saving.isDirty ? "changed" : "as saved"}
      </output>
      <SavingNotices saving={saving} />
    </div>
  );
}

function bench(save: PlanActions["save"], isTrial = false) {
  const setAside = vi.fn<PlanActions["setAside"]>().mockResolvedValue({ ok: true, value: null });
  const actions = { save, setAside, reread: async () => ({ ok: true, value: theirs }) as const };
  const shown = show(
    <Small saved={{ version: 7, savedBy: null, plan }} actions={actions} isTrial={isTrial} />,
  );
  const press = (name: string) => act(async () => void fireEvent.click(shown.getByRole("button", { name })));
  const keys = (key: string, more: object = {}) =>
    act(async () => void fireEvent.keyDown(window, { key, ctrlKey: true, ...more }));
  return { ...shown, setAside, press, keys, state: () => shown.getByRole("status").textContent };
}
const saves = (version: number) =>
  vi.fn<PlanActions["save"]>(async (_, sent) => ({
    ok: true,
    value: { version, savedBy: null, plan: sent },
  }));
const plantsOf = (sent: Plan) => sent.rows[0]!.plantings[0]!.plants;

beforeEach(() => {
  localStorage.clear();
  vi.useRealTimers();
});

it("saves by itself when hands rest, and not before", async () => {
  vi.useFakeTimers();
  const save = saves(8);
  const { press, state } = bench(save);
  await press("more");
  await act(() => vi.advanceTimersByTimeAsync(8_000));
  await press("more");
  await act(() => vi.advanceTimersByTimeAsync(8_000));
  expect(save).not.toHaveBeenCalled();
  await act(() => vi.advanceTimersByTimeAsync(5_000));
  expect(save.mock.calls.map(([readAt, sent]) => [readAt, plantsOf(sent)])).toEqual([[7, 8]]);
  expect(state()).toBe("8 plants, version 8, as saved");
  await act(() => vi.advanceTimersByTimeAsync(60_000));
  expect(save).toHaveBeenCalledOnce();
});

it("saves, undoes and does again by keys, but leaves a field that is being typed in alone", async () => {
  const save = saves(8);
  const { press, keys, state } = bench(save);
  await press("more");
  await keys("z");
  expect(state()).toBe("6 plants, version 7, as saved");
  await keys("z", { shiftKey: true });
  await keys("s");
  expect(state()).toBe("7 plants, version 8, as saved");
  const input = document.body.appendChild(document.createElement("input"));
  fireEvent.keyDown(input, { key: "z", ctrlKey: true });
  expect(state()).toBe("7 plants, version 8, as saved");
  input.remove();
});

it("asks whose plan to go on with when another was saved in between, and loses neither", async () => {
  const save = vi
    .fn<PlanActions["save"]>()
    .mockResolvedValue({ ok: false, problem: { code: "plan-changed" } });
  const { press, keys, state, text, setAside } = bench(save);
  await press("more");
  await keys("s");
  expect(text()).toContain("Another trainer");
  await press("Take theirs, set mine aside");
  expect(setAside.mock.calls.map(([readAt, sent]) => [readAt, plantsOf(sent)])).toEqual([[7, 7]]);
  expect(state()).toBe("2 plants, version 8, as saved");
});

it("says that it could not save, and keeps the change", async () => {
  const { press, keys, state, getByRole } = bench(async () => {
    throw new TypeError("fetch failed");
  });
  await press("more");
  await keys("s");
  expect(getByRole("alert").textContent).toMatch(/^✕ ./);
  expect(state()).toBe("7 plants, version 7, changed");
});

it("tries again by itself what only a lost connection kept from being saved", async () => {
  vi.useFakeTimers();
  let isOnline = false;
  const save = vi.fn<PlanActions["save"]>(async (_, sent) => {
    if (!isOnline) throw new TypeError("fetch failed");
    return { ok: true, value: { version: 8, savedBy: null, plan: sent } };
  });
  const { press, state } = bench(save);
  await press("more");
  await act(() => vi.advanceTimersByTimeAsync(13_000));
  await act(() => vi.advanceTimersByTimeAsync(13_000));
  expect(save.mock.calls.length).toBeGreaterThan(1);
  isOnline = true;
  await act(async () => void fireEvent(window, new Event("online")));
  expect(state()).toBe("7 plants, version 8, as saved");
});

it("neither saves nor keeps a proposal that is only looked at, until somebody says so", async () => {
  vi.useFakeTimers();
  localStorage.setItem("pip-row-draft-h", "kept");
  const save = saves(8);
  const { press, keys, state } = bench(save, true);
  await press("more");
  await act(() => vi.advanceTimersByTimeAsync(60_000));
  expect(save).not.toHaveBeenCalled();
  // What was unsaved before stays a draft.
  expect(localStorage.getItem("pip-row-draft-h")).toBe("kept");
  await keys("s");
  expect(state()).toBe("7 plants, version 8, as saved");
});
