import { act, fireEvent } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import type { Plan } from "@/core/plan";
import type { PlainSetting } from "@/core/setting";
import { findClimate, findMix } from "@/library";
import { id, planOf, planting } from "@/testing/garden";
import { router } from "@/testing/navigation";
import { show } from "@/testing/screen";
import { Match, type MatchProps } from "./match";

const plain: PlainSetting = {
  climate: findClimate("larkmouth")!,
  mix: findMix("potting-mix")!,
  sunHours: 7,
  floorM2: 4,
};
const screen = (plan: Plan, { save = vi.fn() as MatchProps["save"], usual = [] as string[] } = {}) =>
  show(
    <Match
      householdId="h"
      title="Greens for a balcony"
      today="2026-05-18"
      saved={{ version: 3, plan }}
      usual={usual}
      setting={plain}
      overrides={[]}
      save={save}
    />,
  );

beforeEach(() => {
  // A document without a browser has no sizes: here the whole grid is in view.
  for (const side of ["clientHeight", "clientWidth", "offsetWidth"])
    Object.defineProperty(HTMLElement.prototype, side, { configurable: true, get: () => 20_000 });
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

const everything = ({ getByRole }: ReturnType<typeof screen>) =>
  fireEvent.click(getByRole("button", { name: /^Show all \d+ crops/ }));

it("opens with a short list of what fits now, shoots as one, and shows everything on demand", () => {
  const own = screen(planOf("round-10-gal"), { usual: ["round-5-gal", "tub-80-l"] });
  const names = () => own.getAllByRole("rowheader").map((r) => r.textContent ?? "");
  expect(names().length).toBeGreaterThan(6);
  expect(names().length).toBeLessThanOrEqual(12);
  expect(names().filter((n) => /shoots|microgreens/.test(n))).toHaveLength(1);
  // Their own bag, and the usual ones of such a place.
  expect(own.getAllByRole("columnheader").map((c) => c.textContent)).toHaveLength(2 + 3);
  everything(own);
  expect(names().length).toBeGreaterThan(90);
  own.unmount();
  const none = screen({ bags: [], rows: [] });
  fireEvent.change(none.getByRole("combobox", { name: "Bags" }), { target: { value: "buy" } });
  expect(none.getByRole("combobox", { name: "Bags" })).toHaveProperty("value", "buy");
});

it("finds a crop by any of its names, leaves out what does not fit, and sorts what is left", () => {
  const shown = screen(planOf("bottle"));
  const { container, getByRole, getAllByRole, text } = shown;
  everything(shown);
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

it("names the filter that hides what was looked for, and shows it when asked", () => {
  const shown = screen(planOf("bottle"));
  everything(shown);
  fireEvent.click(shown.getByRole("checkbox"));
  fireEvent.change(shown.getByRole("searchbox"), { target: { value: "sweet corn" } });
  expect(shown.text()).toContain("One crop of that name is left out by: Only what fits now.");
  fireEvent.click(shown.getByRole("button", { name: "Show them" }));
  expect(shown.getAllByRole("rowheader").map((r) => r.textContent)).toEqual([
    expect.stringContaining("sweet corn"),
  ]);
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
  const { container, getByRole, findByRole, text } = screen(planOf("round-10-gal"), { save });
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
  expect(router.refresh).toHaveBeenCalled();
});

it("puts a cell into the plan on the day that is asked for, while the grid is still about another", async () => {
  const save = vi.fn<MatchProps["save"]>().mockResolvedValue({ ok: true, value: { version: 4 } });
  const { container, getByLabelText, getByRole, text } = screen(planOf("round-10-gal"), { save });
  // Nothing answers for the grid here: it stays as it was.
  fireEvent.change(getByLabelText("Sow on"), { target: { value: "2026-06-15" } });
  fireEvent.change(getByRole("searchbox"), { target: { value: "lettuce" } });
  fireEvent.click(cells(container)[0]!);
  expect(text()).toContain("18 May");
  await act(async () => void fireEvent.click(getByRole("button", { name: "Put into the plan" })));
  expect(save.mock.calls[0]![1].rows[0]!.plantings).toMatchObject([{ sowOn: "2026-06-15" }]);
});

it("sees what stands in a bag, offers another bag or day, and plants once however often it is pressed", async () => {
  const save = vi.fn<MatchProps["save"]>().mockResolvedValue({ ok: true, value: { version: 4 } });
  const one = planOf(
    "round-10-gal",
    planting(10, "tomato/cordon", "2026-05-01", { method: "bought", plants: 1 }),
  );
  const free = { ...one.bags[0]!, id: id(50) };
  const { container, getByRole, text } = screen({ ...one, bags: [...one.bags, free] }, { save });
  fireEvent.change(getByRole("searchbox"), { target: { value: "cabbage, compact" } });
  fireEvent.click(cells(container)[0]!);
  expect(text()).toMatch(/▲ tomato, cordon has that place until \d/);
  fireEvent.click(getByRole("button", { name: "Put it into fabric 10 gal" }));
  expect(text()).not.toContain("has that place");
  const pick = (name: string) => act(async () => void fireEvent.click(getByRole("button", { name })));
  await pick("Put into the plan");
  expect(save.mock.calls[0]![1].rows.map((r) => r.bagId)).toEqual([one.bags[0]!.id, free.id]);
  await pick("It is in the plan");
  expect(save).toHaveBeenCalledOnce();
});
