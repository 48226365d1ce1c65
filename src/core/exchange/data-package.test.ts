import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Package } from "datapackage";
import { unzipSync } from "fflate";
import { expect, it } from "vitest";
import { recordLine } from "@/testing/record-line";
import { TRUTHS } from "@/demo/seasons";
import { linesOf } from "@/testing/past";
import { csvHead, csvLines, dataPackage, PLANTING_FIELDS, plantingsCsv, RECORD_FIELDS } from ".";

async function* lines(): AsyncGenerator<string, void> {
  yield csvHead();
  yield csvLines([
    recordLine({ note: 'she said "sweet",\r\ntwice', detail: { quality: "good", packetDays: 55 } }),
  ]);
  yield csvLines([
    recordLine({
      id: "00000000-0000-4000-8000-000000000002",
      kind: "note",
      measure: null,
      value: null,
      typed: "",
      unit: "",
      row: null,
      goalId: "",
    }),
  ]);
}

it("is a package that an independent reader finds valid, and reads back row by row with its types", async () => {
  const parts: Uint8Array[] = [];
  const about = { name: "records", title: "Records", made: "2026-05-18T18:00:00.000Z" };
  const plantings = linesOf(3, TRUTHS);
  const tables = [
    { name: "records", fields: RECORD_FIELDS, primaryKey: "record_id", lines: lines() },
    {
      name: "plantings",
      fields: PLANTING_FIELDS,
      primaryKey: "planting_id",
      lines: [plantingsCsv(plantings)],
    },
  ];
  for await (const part of dataPackage(tables, about)) parts.push(part);
  const files = unzipSync(Uint8Array.from(Buffer.concat(parts)));
  expect(Object.keys(files).sort()).toEqual(["datapackage.json", "plantings.csv", "records.csv"]);
  const folder = mkdtempSync(join(tmpdir(), "pip-row-package-"));
  try {
    for (const [name, bytes] of Object.entries(files)) writeFileSync(join(folder, name), bytes);
    const read = await Package.load(join(folder, "datapackage.json"), { basePath: folder, strict: true });
    expect(read.errors).toEqual([]);
    expect(read.valid).toBe(true);
    const rows = await read.resources[0]!.read({ keyed: true });
    expect(rows).toHaveLength(2);
    expect(rows[0]).toMatchObject({
      value: 0.42,
      row: 2,
      stands: 1,
      packet_days: 55,
      quality: "good",
      crop: "pea",
    });
    expect(rows[0]!.note).toContain("twice");
    expect(rows[0]!.date).toBeInstanceOf(Date);
    expect(rows[1]).toMatchObject({ value: null, row: null });
    const grown = await read.resources[1]!.read({ keyed: true });
    expect(grown).toHaveLength(plantings.length);
    expect(grown.map((g) => g.kg)).toEqual(plantings.map((p) => p.kg));
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
