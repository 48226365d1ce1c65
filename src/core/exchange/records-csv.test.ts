import { parse } from "csv-parse/sync";
import { expect, it } from "vitest";
import { recordLine } from "@/testing/record-line";
import { csvHead, csvLines, type RecordLine } from ".";

const recordsToCsv = (records: readonly RecordLine[]) => csvHead() + csvLines(records);

it("writes RFC 4180 that an independent reader takes back, quotes, commas and line breaks and all", () => {
  const note = 'she said "sweet", twice\r\nand ate them';
  const csv = recordsToCsv([
    recordLine({ note }),
    recordLine({
      id: "00000000-0000-4000-8000-000000000002",
      kind: "note",
      measure: null,
      value: null,
      note: "=1+1",
    }),
  ]);
  expect(csv.endsWith("\r\n")).toBe(true);
  expect(csv.replaceAll("\r\n", "").includes("\n")).toBe(false);
  const rows: Record<string, string>[] = parse(csv, { columns: true, record_delimiter: "\r\n" });
  expect(rows[0]).toMatchObject({
    household: "01",
    household_name: "Orvane",
    row: "2",
    date: "2026-05-18",
    crop: "pea",
    goal: "pod",
    kind: "picked",
    measure: "mass",
    value: "0.42",
    core_unit: "kg",
    typed: "420 g",
    note,
    stands: "1",
  });
  expect(rows[1]).toMatchObject({ value: "", note: "'=1+1" });
});

it("says of each record whether it stands", () => {
  const rows: Record<string, string>[] = parse(
    recordsToCsv([recordLine({ stands: false }), recordLine({})]),
    {
      columns: true,
    },
  );
  expect(rows.map((r) => r.stands)).toEqual(["0", "1"]);
});

it("writes the head line even without a record", () => {
  expect(parse(recordsToCsv([]))).toHaveLength(1);
});
