import { fireEvent, waitFor, within } from "@testing-library/react";
import { describe, expect, it, vi } from "vitest";
import { assessGarden, heardOf } from "@/core/garden";
import type { KeptPlan } from "@/core/plan";
import { SHIPPED } from "@/library";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { show } from "@/testing/screen";
import { Better } from "./better";
import { Compare } from "./compare";
import { TooLate } from "./too-late";
import { Versions } from "./versions";

const TODAY = "2026-05-18";
const setting = settingWith({ openSky: 0.9 });
const kale = planting(10, "kale/leaf", "2026-05-20", { plants: 2 });
const plan = planOf("round-10-gal", kale);

describe("two states compared", () => {
  const compare = (after = plan) =>
    show(
      <Compare {...{ title: "Version 1", titleAfter: "now", before: plan, after, setting, today: TODAY }} />,
    );
  const cells = (shown: ReturnType<typeof show>, name: string) =>
    [...within(shown.getByRole("row", { name: new RegExp(`^${name}`) })).getAllByRole("cell")].map(
      (cell) => cell.textContent,
    );

  it("are said to be alike where nothing differs, in every figure", () => {
    const shown = compare();
    for (const row of shown.getAllByRole("row").slice(1)) {
      const [then, now] = within(row).getAllByRole("cell");
      expect(then!.textContent).toBe(now!.textContent);
    }
    expect(shown.queryAllByText(/^[+−] /)).toEqual([]);
  });

  it("name what was added, taken out and changed, and what that comes to", () => {
    const after = {
      bags: [...plan.bags, { ...plan.bags[0]!, id: id(3) }],
      rows: [
        { ...plan.rows[0]!, plantings: [{ ...kale, plants: 3 }] },
        { id: id(4), bagId: id(3), gapCm: null, plantings: [planting(11, "chard/leaf", "2026-05-20")] },
      ],
    };
    const shown = compare(after);
    expect(shown.text()).toContain("+ chard × 1");
    expect(shown.text()).toMatch(/leaf kale × 2, .*→ leaf kale × 3/);
    const [then, now] = cells(shown, "bags");
    expect([then, now]).toEqual(["1", "2"]);
  });
});

describe("earlier states", () => {
  const kept = (n: number, more: Partial<KeptPlan> = {}): KeptPlan => ({
    ...{ id: String(n), version: n, savedAt: "2026-05-10T08:00:00Z", savedBy: "Ilva Renn", plan, name: "" },
    ...{ setAside: false, ...more },
  });
  const versions = (earlier: readonly KeptPlan[]) => {
    const [onOpen, onName] = [vi.fn(), vi.fn(async () => ({ ok: true as const, value: null }))];
    const shown = show(
      <Versions
        trigger={<button type="button">Versions</button>}
        {...{ earlier, plan, setting, today: TODAY, onOpen, onName }}
      />,
    );
    return { ...shown, onOpen, onName };
  };

  it("are named, compared and opened, those set aside in a conflict too", async () => {
    const { onOpen, onName, getAllByRole, getByLabelText, getByRole, findByRole } = versions([
      kept(3, { setAside: true }),
      kept(2, { name: "before the move" }),
    ]);
    const dialog = await findByRole("dialog");
    expect(dialog.textContent).toMatch(/before the move/);
    const field = getByLabelText(/3/) as HTMLInputElement;
    fireEvent.change(field, { target: { value: "a try" } });
    fireEvent.blur(field);
    await waitFor(() => expect(onName).toHaveBeenCalledWith("3", "a try"));
    // A name that stays as it was is not sent.
    fireEvent.blur(getByLabelText(/2/));
    expect(onName).toHaveBeenCalledTimes(1);
    fireEvent.click(getAllByRole("button", { pressed: false })[0]!);
    expect(getByRole("table")).toBeTruthy();
    const open = getAllByRole("button").filter((b) => /open/i.test(b.textContent ?? ""));
    fireEvent.click(open[1]!);
    expect(onOpen).toHaveBeenCalledWith(expect.objectContaining({ id: "2" }));
  });

  it("say so where there is none", async () => {
    const { findByRole } = versions([]);
    expect((await findByRole("dialog")).querySelectorAll("li")).toHaveLength(0);
  });
});

describe("what could be better", () => {
  const better = (of: ReturnType<typeof assessGarden>, onSelect = vi.fn()) => ({
    onSelect,
    ...show(<Better garden={of} today={TODAY} site={["windy"]} onSelect={onSelect} />),
  });

  it("names what is wrong before what is tight, and each line leads to its row", () => {
    const garden = assessGarden(
      planOf("jug-6-l", planting(10, "tomato/cordon", "2026-05-20", { method: "bought" })),
      setting,
    );
    expect(garden.rows[0]!.plantings[0]!.fit.grade).toBe("wrong");
    const { onSelect, getAllByRole, text } = better(garden);
    expect(text()).toMatch(/tomato/);
    fireEvent.click(getAllByRole("button")[0]!);
    expect(onSelect).toHaveBeenCalledWith({ rowId: id(2), plantingId: id(10) });
  });

  it("says so where nothing can be", () => {
    const garden = assessGarden(planOf("round-15-gal", planting(10, "chard/leaf", "2026-05-20")), setting);
    expect(garden.rows[0]!.plantings[0]!.fit.grade).not.toMatch(/wrong|tight/);
    expect(better(garden).queryAllByRole("listitem")).toEqual([]);
  });
});

it("asks what is to become of a planting that will not make it, and pulls it only when told", () => {
  const sown = planting(10, "tomato/cordon", "2026-09-20", { method: "bought" });
  const late = settingWith({ openSky: 0.9, happened: { [id(10)]: { sownOn: "2026-09-20" } } });
  const garden = assessGarden(planOf("round-20-gal", sown), late);
  const [row] = garden.rows;
  const heard = row && heardOf(row, "2026-10-20").find(({ code }) => code === "too-late");
  if (!heard) throw new Error("it is not too late");
  const [onKeepFor, onPull] = [vi.fn(), vi.fn()];
  const { getAllByRole, getByRole } = show(
    <TooLate
      {...{ heard, row, onKeepFor, onPull, crops: SHIPPED.crops, today: "2026-10-20" }}
      view={row.plantings[0]!}
    />,
  );
  expect(getByRole("alert").textContent).toMatch(/^✕ ./);
  expect(onPull).not.toHaveBeenCalled();
  fireEvent.click(getAllByRole("button").at(-1)!);
  expect(onPull).toHaveBeenCalledWith();
});
