import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { daysIn, guessColumns, noteRows, type NoteRow, readDayText, readNote, readTable } from ".";

const TODAY = "2026-05-18";
const known = {
  today: TODAY,
  rows: [1, 2].map((number) => ({ id: `row ${number}`, number })),
  plantings: [
    { id: "kale", rowId: "row 1", row: 1, names: ["leaf kale", "kale"], isOver: false },
    { id: "pea", rowId: "row 2", row: 2, names: ["pea", "peas"], isOver: false },
  ],
};
const row = (more: Partial<NoteRow>): NoteRow => ({
  household: "01",
  date: "18.5.2026",
  what: "",
  crop: "",
  row: "",
  amount: "",
  unit: "",
  note: "",
  id: "",
  ...more,
});
const read = (more: Partial<NoteRow>, what?: string) =>
  readNote(row(more), known, { order: "day-first", what });

describe("a table", () => {
  it("is read whatever stands between its values, and its heads are guessed", () => {
    const table = readTable(
      "\uFEFFHouse;When;What happened;Plant;Weight (g);Remarks\n01;3.5.;picked;kale;350;nice\n\n",
    );
    if ("code" in table) throw new Error(table.code);
    expect(table.rows).toHaveLength(1);
    const columns = guessColumns(table.heads);
    expect(columns).toEqual({
      household: "House",
      date: "When",
      what: "What happened",
      crop: "Plant",
      amount: "Weight (g)",
      note: "Remarks",
    });
    expect(noteRows(table.rows, columns)[0]).toMatchObject({
      household: "01",
      amount: "350",
      unit: "",
      note: "nice",
    });
    expect(readTable("")).toEqual({ code: "file-empty" });
    expect(readTable('a,b\n"x,y')).toEqual({ code: "file-broken" });
    expect(readTable(`a\n${"1\n".repeat(5001)}`)).toMatchObject({ code: "file-long" });
  });

  it("takes each column for one thing only", () => {
    expect(guessColumns(["date", "Date of sowing", "household", "household_name"])).toEqual({
      date: "date",
      household: "household",
    });
  });
});

describe("a day", () => {
  it("shows in which order a table writes it, where any of them does", () => {
    expect(daysIn(["3/4/2026", "18/5/2026"])).toBe("day-first");
    expect(daysIn(["3/4/2026", "5/18/2026"])).toBe("month-first");
    expect(daysIn(["3/4/2026", "2026-05-18", "yesterday"])).toBeUndefined();
  });

  it.each([
    ["2026-05-03", "2026-05-03"],
    ["3.5.26", "2026-05-03"],
    ["3/5", "2026-05-03"],
    ["3.12.", "2025-12-03"],
    ["2 May", "2026-05-02"],
    ["yesterday", "2026-05-17"],
    ["31.2.2026", undefined],
    ["soon", undefined],
  ])("is read as people write it: %s", (text, day) => {
    const result = readDayText(text, { order: "day-first", today: TODAY });
    expect(result.ok ? result.day : undefined).toBe(day);
  });

  it("is another one in the other order", () => {
    expect(readDayText("3/5/2026", { order: "month-first", today: TODAY })).toEqual({
      ok: true,
      day: "2026-03-05",
    });
  });
});

describe("a note", () => {
  it("is read as a message is, with its own day and words", () => {
    expect(
      read({ what: "Harvested", crop: "kale", amount: "0,35", unit: "kg", note: "sweet" }),
    ).toMatchObject({
      ok: true,
      drafts: [
        {
          plantingId: "kale",
          kind: "picked",
          on: TODAY,
          amount: { measure: "mass", value: 0.35 },
          note: "sweet",
        },
      ],
    });
    expect(read({ what: "watered", row: "2" })).toMatchObject({
      drafts: [{ rowId: "row 2", kind: "watered" }],
    });
    expect(read({ crop: "pea", amount: "120 g" }, "picked")).toMatchObject({
      drafts: [{ plantingId: "pea" }],
    });
    expect(read({ note: "hail in the night" })).toMatchObject({
      drafts: [{ kind: "note", plantingId: null }],
    });
  });

  it("is named with what is wrong, and nothing is guessed", () => {
    const code = (more: Partial<NoteRow>) => {
      const result = read(more);
      return result.ok ? "ok" : result.problem.code;
    };
    expect(code({ date: "" })).toBe("day-missing");
    expect(code({ date: "32.5." })).toBe("day-unread");
    expect(code({ date: "20.5.2026", what: "picked", crop: "kale", amount: "1 kg" })).toBe("in-the-future");
    expect(code({ date: "1.1.2020", what: "picked", crop: "kale", amount: "1 kg" })).toBe("too-long-ago");
    expect(code({ what: "picked", crop: "kale", amount: "12" })).toBe("message-picked-of-what");
    expect(code({ what: "picked", crop: "mango", amount: "1 kg" })).toBe("message-which-crop");
    expect(code({ what: "admired", crop: "kale" })).toBe("message-what");
  });
});

it("never falls over, and stores nothing that is not of this household or lies ahead, whatever is typed", () => {
  const word = fc.oneof(
    fc.string({ maxLength: 20 }),
    fc.constantFrom(
      "picked",
      "kale",
      "pea",
      "bag 1",
      "12",
      "350 g",
      "0,35",
      "18.5.",
      "2026-02-30",
      "all bags",
      "watered",
      "=1+1",
    ),
  );
  const plantings = new Set(known.plantings.map((p) => p.id));
  const rows = new Set(known.rows.map((r) => r.id));
  fc.assert(
    fc.property(word, word, word, word, word, word, (date, what, crop, amount, bag, note) => {
      const result = read({ date, what, crop, amount, row: bag, note });
      if (!result.ok) {
        expect(result.problem.code).toMatch(/^[a-z-]+$/);
        return;
      }
      for (const draft of result.drafts) {
        expect(draft.on <= TODAY && draft.on >= "2025-04-13").toBe(true);
        if (draft.plantingId !== null) expect(plantings.has(draft.plantingId)).toBe(true);
        if (draft.rowId) expect(rows.has(draft.rowId)).toBe(true);
        expect(draft.note.length).toBeLessThanOrEqual(1000);
      }
    }),
    { numRuns: 2000, seed: 15 },
  );
});
