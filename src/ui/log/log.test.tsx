// @vitest-environment happy-dom
import { act, fireEvent, within } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { id } from "@/testing/garden";
import { Log, type LogProps } from "./log";

vi.mock("next/navigation", () => ({ useRouter: () => ({ refresh: vi.fn() }) }));
beforeEach(() => localStorage.clear());

const TODAY = "2026-05-18";
const kale = {
  id: id(10),
  rowId: id(2),
  row: 1,
  kindId: "round-10-gal",
  goalId: "kale/leaf",
  plants: 4,
  removed: false,
  isStarted: true,
  due: { task: "move" as const, day: "2026-05-10", late: true, days: 3 },
  picked: {},
};
const beans = {
  ...kale,
  id: id(11),
  rowId: id(3),
  row: 2,
  goalId: "bush-bean/pod",
  due: undefined,
  firstPick: { from: "2026-06-20", until: "2026-07-02" },
};
const record = (n: number, more: Partial<LogProps["records"][number]>) => ({
  id: id(n),
  plantingId: null,
  rowId: null,
  kind: "note" as const,
  on: "2026-05-16",
  amount: null,
  note: "",
  supersedes: null,
  author: "Ilva Renn",
  replacedBy: null,
  ...more,
});
const screen = (more: Partial<LogProps> = {}) => {
  const store = vi.fn<LogProps["store"]>(async (_, r) => ({ ok: true, value: { id: r.id } }));
  const shown = show(
    <Log
      householdId="h"
      title="Log"
      today={TODAY}
      plantings={[kale, beans]}
      records={[]}
      times={1}
      hasMore={false}
      cameIn={[]}
      store={store}
      {...more}
    />,
  );
  return { ...shown, store, sent: () => store.mock.calls.map(([, sent]) => sent) };
};

it("answers what is due in one tap, keeps it in its place, and takes it back", async () => {
  const { getByRole, sent, text } = screen();
  const due = within(getByRole("list", { name: "Due now" }));
  expect(due.getAllByRole("listitem")).toHaveLength(1);
  await act(async () => void fireEvent.click(due.getByRole("button")));
  expect(sent()[0]).toMatchObject({ plantingId: id(10), kind: "moved", on: TODAY, supersedes: null });
  expect(due.getAllByRole("listitem")[0]!.textContent).toContain("✓ moved");
  await act(async () => void fireEvent.click(getByRole("button", { name: "Undo it" })));
  expect(sent()[1]).toMatchObject({ kind: "struck", supersedes: sent()[0]!.id });
  expect(text()).toContain("leaf kale");
});

it("names a record by its planting, its bag, or the household, and corrects none that is of a bag", () => {
  const { getAllByRole } = screen({
    records: [
      record(20, {
        plantingId: id(11),
        kind: "thinned",
        amount: { measure: "count", value: 2, typed: "2", unit: "" },
      }),
      record(21, { rowId: id(3), kind: "watered" }),
      record(22, { kind: "note", note: "hail" }),
      record(23, { plantingId: id(10), kind: "staked", replacedBy: "struck" }),
    ],
  });
  const lines = getAllByRole("listitem").filter((li) => /by Ilva Renn/.test(li.textContent ?? ""));
  const said = lines.map((li) => [
    li.textContent,
    within(li)
      .queryAllByRole("button")
      .map((b) => b.textContent),
  ]);
  expect(said[0]![0]).toMatch(/thinned.*· bush bean × 4, 2 fabric 10 gal/);
  expect(said[0]![1]).toEqual(["Correct", "Strike out"]);
  expect(said[1]![0]).toMatch(/watered.*· 2 fabric 10 gal/);
  expect(said[1]![1]).toEqual(["Strike out"]);
  expect(said[2]![0]).toMatch(/note.*· the whole household.*“hail”/);
  expect(said[3]![1]).toEqual([]);
});

it("says when a first pick is to be expected of what nobody has picked yet, and begins with what was asked for", () => {
  const { text, getByLabelText } = screen({ asked: id(11) });
  expect(text()).toMatch(/bush bean.*expected 20 Jun/);
  expect((getByLabelText("Planting") as HTMLSelectElement).value).toBe(id(11));
});
