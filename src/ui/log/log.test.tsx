import { act, fireEvent, within } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { id } from "@/testing/garden";
import { RightsProvider } from "@/ui/rights";
import { Log, type LogProps } from "./log";

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

it("writes down every bag in which something stands as watered in one tap, once for each bag", async () => {
  const twin = { ...kale, id: id(12), rowId: kale.rowId };
  const idle = { ...kale, id: id(13), rowId: id(9), isStarted: false };
  const { getByRole, sent, text } = screen({ plantings: [kale, twin, beans, idle] });
  await act(async () => void fireEvent.click(getByRole("button", { name: "All bags watered today" })));
  expect(sent().map((r) => [r.kind, r.rowId, r.plantingId, r.on])).toEqual([
    ["watered", id(2), null, TODAY],
    ["watered", id(3), null, TODAY],
  ]);
  expect(text()).toContain("2 bags written down as watered.");
});

it("writes a record of a bag down for the bag of the planting that is chosen", async () => {
  const { getByRole, getByLabelText, sent } = screen({ asked: id(11) });
  await act(async () => void fireEvent.click(getByRole("radio", { name: "bag looked at" })));
  fireEvent.change(getByLabelText("How the bag is"), { target: { value: "worn" } });
  fireEvent.change(getByLabelText(/^Mix below the rim/), { target: { value: "2 in" } });
  await act(async () => void fireEvent.click(getByRole("button", { name: "Save record" })));
  await vi.waitFor(() => expect(sent()).toHaveLength(1));
  expect(sent()[0]).toMatchObject({
    kind: "checked",
    plantingId: null,
    rowId: id(3),
    detail: { condition: "worn", settledCm: 5.08 },
  });
});

it("corrects what else a record said, and leads to each planting's story", async () => {
  const { getAllByRole, getByRole, getByLabelText, sent } = screen({
    records: [
      record(20, {
        plantingId: id(10),
        kind: "sown",
        amount: { measure: "count", value: 12, typed: "12", unit: "" },
        detail: { variety: "Black Magic", packetDays: 60 },
      }),
    ],
  });
  const story = getByRole("link", { name: /^Its story: leaf kale/ });
  expect(story.getAttribute("href")).toBe(`/house/h/planting/${id(10)}`);
  await act(async () => void fireEvent.click(getAllByRole("button", { name: "Correct" })[0]!));
  expect((getByLabelText("Variety") as HTMLInputElement).value).toBe("Black Magic");
  fireEvent.change(getByLabelText("Days to first pick, by the packet"), { target: { value: "65" } });
  await act(async () => void fireEvent.click(getByRole("button", { name: "Save the correction" })));
  await vi.waitFor(() => expect(sent()).toHaveLength(1));
  expect(sent()[0]).toMatchObject({ supersedes: id(20), detail: { variety: "Black Magic", packetDays: 65 } });
});

it("shows whoever only reads what is due and what happened, and nothing to press", () => {
  const log = (
    <Log
      {...{
        householdId: "h",
        title: "Log",
        today: TODAY,
        plantings: [kale, beans],
        times: 1,
        hasMore: false,
      }}
      {...{ records: [record(1, { note: "slugs at the rim" })], cameIn: [], store: vi.fn() }}
    />
  );
  const names = (of: ReturnType<typeof show>) =>
    of.queryAllByRole("button").map((b) => (b.textContent ?? "").trim());
  const pressed = /Save record|Planted|Correct|Strike|watered/i;
  const writer = show(log);
  expect(names(writer).filter((name) => pressed.test(name)).length).toBeGreaterThan(3);
  writer.unmount();
  const reader = show(
    <RightsProvider value={{ seesAll: true, changes: false, writes: false }}>{log}</RightsProvider>,
  );
  expect(names(reader).filter((name) => pressed.test(name))).toEqual([]);
  expect(reader.text()).toContain("slugs at the rim");
  expect(reader.text()).toContain("You may look here.");
});
