// @vitest-environment happy-dom
import { act, fireEvent } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import type { Plan } from "@/core/plan";
import type { PlainSetting } from "@/core/setting";
import { findClimate, findMix } from "@/library";
import { planOf } from "@/testing/garden";
import { show } from "@/testing/screen";
import { Match, type MatchProps } from "./match";

const refresh = vi.fn();
vi.mock("next/navigation", () => ({ useRouter: () => ({ refresh }) }));

const plain: PlainSetting = {
  climate: findClimate("larkmouth")!,
  mix: findMix("potting-mix")!,
  sunHours: 7,
  floorM2: 4,
};
const screen = (plan: Plan, save: MatchProps["save"] = vi.fn()) =>
  show(
    <Match
      householdId="h"
      title="Greens for a balcony"
      today="2026-05-18"
      saved={{ version: 3, plan }}
      setting={plain}
      overrides={[]}
      save={save}
    />,
  );

beforeEach(() => {
  // A document without a browser has no heights: here the whole grid is in view.
  Object.defineProperty(HTMLElement.prototype, "clientHeight", { configurable: true, get: () => 20_000 });
  Object.defineProperty(HTMLElement.prototype, "offsetHeight", { configurable: true, get: () => 50 });
  // The first answer is the page's own; nothing here asks the worker for another.
  vi.stubGlobal(
    "Worker",
    class {
      addEventListener() {}
      removeEventListener() {}
      postMessage() {}
      terminate() {}
    },
  );
});

const cells = (container: HTMLElement) => [...container.querySelectorAll<HTMLElement>("[data-cell]")];

it("judges every goal in the household's own bags, and every kind of bag where it has none", () => {
  const own = screen(planOf("round-10-gal"));
  expect(own.getAllByRole("columnheader").map((c) => c.textContent)).toHaveLength(3);
  expect(cells(own.container).length).toBeGreaterThan(90);
  own.unmount();
  const none = screen({ bags: [], rows: [] });
  expect(none.getAllByRole("columnheader").length).toBeGreaterThan(20);
});

it("finds a crop by any of its names, leaves out what does not fit, and sorts what is left", () => {
  const { container, getByRole, getAllByRole, text } = screen(planOf("bottle"));
  const names = () => getAllByRole("rowheader").map((r) => r.querySelector("button")!.textContent ?? "");
  const all = names().length;
  fireEvent.click(getByRole("checkbox"));
  expect(names().length).toBeLessThan(0.6 * all);
  // Nothing large is left for a cut bottle.
  expect(names().join()).not.toMatch(/sweet corn|squash/);
  fireEvent.click(getByRole("checkbox"));
  fireEvent.change(getByRole("combobox", { name: "Sort by" }), { target: { value: "name" } });
  expect(names()).toEqual([...names()].sort((a, b) => a.localeCompare(b)));
  fireEvent.change(getByRole("searchbox"), { target: { value: "eggplant" } });
  expect(names().every((n) => /aubergine|eggplant/i.test(n))).toBe(true);
  expect(names().length).toBeGreaterThan(0);
  fireEvent.change(getByRole("searchbox"), { target: { value: "no such crop" } });
  expect(cells(container)).toEqual([]);
  expect(text()).toContain("No crop is left");
});

it("walks the grid by arrow keys", () => {
  const { container } = screen(planOf("round-10-gal"));
  const [first, second] = cells(container);
  first!.focus();
  fireEvent.keyDown(first!, { key: "ArrowDown" });
  expect(document.activeElement).toBe(second);
});

it("puts a chosen cell into the plan as it was judged, and says why when somebody else saved first", async () => {
  const save = vi
    .fn<MatchProps["save"]>()
    .mockResolvedValueOnce({ ok: false, problem: { code: "plan-changed" } })
    .mockResolvedValueOnce({ ok: true, value: { version: 4 } });
  const { container, getByRole, findByRole, text } = screen(planOf("round-10-gal"), save);
  fireEvent.change(getByRole("searchbox"), { target: { value: "lettuce" } });
  fireEvent.click(cells(container)[0]!);
  const pick = () =>
    act(async () => void fireEvent.click(getByRole("button", { name: "Put into the plan" })));
  await pick();
  expect((await findByRole("alert")).textContent).toMatch(/^✕ ./);
  await pick();
  expect(text()).toMatch(/is in the plan, row 1/);
  const [readAt, plan] = save.mock.calls[1]!;
  expect(readAt).toBe(3);
  const [planted] = plan.rows[0]!.plantings;
  expect(planted).toMatchObject({ sowOn: "2026-05-18", goalId: expect.stringContaining("lettuce") });
  expect(refresh).toHaveBeenCalled();
});
