import { act, fireEvent } from "@testing-library/react";
import { beforeEach, expect, it, vi } from "vitest";
import type { NotesReport } from "@/core/notes";
import type { Outcome } from "@/core/problem";
import { show } from "@/testing/screen";
import { TakeNotes } from "./take-notes";

beforeEach(() => localStorage.clear());

type Take = Parameters<typeof TakeNotes>[0]["take"];
const pick = {
  kind: "picked" as const,
  on: "2026-05-12",
  amount: { measure: "mass" as const, value: 0.2, typed: "200 g", unit: "g" },
  note: "",
  goalId: "pea/pod",
  row: 2,
};
const line = (n: number, more: Partial<NotesReport["lines"][number]> = {}): NotesReport["lines"][number] => ({
  line: n,
  is: "new",
  household: "01 Orvane",
  records: [pick],
  ...more,
});
const answering = (report: NotesReport) => (): Promise<Outcome<NotesReport>> =>
  Promise.resolve({ ok: true, value: report });

function screen(report: NotesReport = { lines: [line(2)], stored: 0 }) {
  const take = vi.fn<Take>(answering(report));
  const shown = show(<TakeNotes take={take} />);
  const press = (name: string) => act(async () => void fireEvent.click(shown.getByRole("button", { name })));
  const choose = async (text: string) => {
    const file = new File([text], "notes.csv", { type: "text/csv" });
    const input = shown.container.querySelector('input[type="file"]')!;
    await act(async () => void fireEvent.change(input, { target: { files: [file] } }));
    await act(async () => new Promise((resolve) => setTimeout(resolve, 20)));
  };
  const cell = (name: string) => shown.container.querySelector<HTMLInputElement>(`[data-cell="${name}"]`)!;
  return { ...shown, take, press, choose, cell };
}

const TABLE = "House;Day;What;Plant;Weight\n01;13/5/26;harvested;pea;200 g\n";

it("guesses which column holds what, and in which order the figures of a date stand", async () => {
  const { choose, getByLabelText, press, take, text } = screen();
  await choose(TABLE);
  expect((getByLabelText("Household") as HTMLSelectElement).value).toBe("House");
  expect((getByLabelText("Amount") as HTMLSelectElement).value).toBe("Weight");
  expect((getByLabelText(/^Figures of a date/) as HTMLSelectElement).value).toBe("day-first");
  expect(text()).toContain("as these dates show");
  await press("See what they say");
  expect(take.mock.calls[0]![0]).toMatchObject({
    rows: [{ household: "01", date: "13/5/26", what: "harvested", crop: "pea", amount: "200 g" }],
    order: "day-first",
    isStored: false,
  });
  expect(text()).toContain("1 new, 0 on record already, 0 wrong.");
  expect(text()).toContain("picked pea 200 g Row 2 12 May");
});

it("takes another column when told to, and remembers it for tables with the same heads", async () => {
  const first = screen();
  await first.choose(TABLE);
  fireEvent.change(first.getByLabelText("Crop"), { target: { value: "What" } });
  await first.press("See what they say");
  expect(first.take.mock.calls[0]![0].rows[0]).toMatchObject({ crop: "harvested" });
  first.unmount();
  const second = screen();
  await second.choose(TABLE);
  expect((second.getByLabelText("Crop") as HTMLSelectElement).value).toBe("What");
});

it("offers to store only when none is wrong, and gives wrong ones back", async () => {
  const wrong = line(3, { is: "wrong", records: [], problem: { code: "message-which-crop" } });
  const mixed = screen({ lines: [line(2), wrong], stored: 0 });
  await mixed.choose(`${TABLE}01;14/5/26;harvested;mango;1 kg\n`);
  await mixed.press("See what they say");
  expect(mixed.queryByRole("button", { name: /^Store/ })).toBeNull();
  expect(mixed.text()).toContain("Nothing is stored as long as one is wrong");
  // The wrong one comes first, with what was written.
  const [first] = mixed.getAllByRole("listitem");
  expect(first!.textContent).toContain("✕ wrong");
  expect(first!.textContent).toContain("harvested mango 1 kg");
  expect(mixed.getByRole("button", { name: "The refused rows as a file" })).toBeTruthy();
  mixed.unmount();
  const good = screen();
  await good.choose(TABLE);
  await good.press("See what they say");
  good.take.mockImplementation(answering({ lines: [line(2)], stored: 1 }));
  await good.press("Store this note");
  expect(good.take.mock.lastCall![0].isStored).toBe(true);
  expect(good.text()).toContain("One record stored.");
});

it.each([
  ["", "There is no row in it."],
  ['a,b\n"x,y', "quote"],
])("says what is wrong with a file, and asks nobody: %j", async (content, words) => {
  const { choose, text, take } = screen();
  await choose(content);
  expect(text()).toContain(words);
  expect(take).not.toHaveBeenCalled();
});

it("is typed from paper by the keyboard alone: Enter goes down to a line that begins as the one above", async () => {
  const { cell, press, take } = screen();
  const type = (name: string, value: string) => fireEvent.change(cell(name), { target: { value } });
  type("0 household", "04");
  type("0 date", "yesterday");
  type("0 what", "watered");
  type("0 crop", "bag 1");
  await act(async () => void fireEvent.keyDown(cell("0 crop"), { key: "Enter" }));
  await act(async () => new Promise((resolve) => setTimeout(resolve, 5)));
  expect(document.activeElement).toBe(cell("1 crop"));
  expect([cell("1 household").value, cell("1 date").value, cell("1 what").value]).toEqual([
    "04",
    "yesterday",
    "watered",
  ]);
  type("1 crop", "bag 2");
  await act(async () => void fireEvent.keyDown(cell("1 crop"), { key: "ArrowUp" }));
  await act(async () => new Promise((resolve) => setTimeout(resolve, 5)));
  expect(document.activeElement).toBe(cell("0 crop"));
  await press("Read these lines");
  await press("See what they say");
  // A line that only repeats the one above says nothing.
  expect(take.mock.calls[0]![0].rows.map((row) => row.crop)).toEqual(["bag 1", "bag 2"]);
});
