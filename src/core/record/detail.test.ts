import { describe, expect, it } from "vitest";
import { DETAILS_OF, GardenRecord, RECORD_KINDS, RecordForm, type RecordTyped } from ".";

const ID = "00000000-0000-4000-8000-000000000001";
const typed = (form: Partial<RecordTyped>) =>
  RecordForm.safeParse({ plantingId: ID, kind: "sown", on: "2026-05-18", amount: "", note: "", ...form });
const detail = (form: Partial<RecordTyped>) => typed(form).data?.detail;
const paths = (form: Partial<RecordTyped>) => typed(form).error?.issues.map((i) => i.path.join("."));

describe("what else a record says", () => {
  it("is read in the units in which it is typed, and only what belongs to its kind", () => {
    expect(
      detail({ detail: { variety: " Red Cherry ", lot: "L-204", packetDays: "55", quality: "good" } }),
    ).toEqual({ variety: "Red Cherry", lot: "L-204", packetDays: 55 });
    expect(
      detail({ kind: "picked", amount: "2 bunches", detail: { quality: "fair", went: "given" } }),
    ).toEqual({
      quality: "fair",
      went: "given",
    });
    expect(detail({ kind: "checked", detail: { settledCm: "2 in", condition: "worn" } })).toEqual({
      condition: "worn",
      settledCm: 5.08,
    });
    expect(detail({})).toBeNull();
  });

  it("says which field is wrong", () => {
    expect(paths({ detail: { packetDays: "soon" } })).toEqual(["detail.packetDays"]);
    expect(paths({ detail: { packetDays: "0" } })).toEqual(["detail.packetDays"]);
    expect(paths({ detail: { variety: "x".repeat(61) } })).toEqual(["detail.variety"]);
    expect(paths({ kind: "checked", detail: { settledCm: "5 kg" } })).toContain("detail.settledCm");
    expect(paths({ kind: "checked" })).toEqual(["detail.condition"]);
    expect(paths({ kind: "weather", plantingId: "" })).toEqual(["detail.weather"]);
    expect(paths({ kind: "pest" })).toEqual(["note"]);
  });

  it("lets a photo speak for a note, and weather be of the whole household", () => {
    expect(typed({ kind: "pest", hasPhoto: true }).data).toMatchObject({ detail: { photo: true }, note: "" });
    expect(typed({ kind: "weather", detail: { weather: "hail" } }).data).toMatchObject({ plantingId: null });
  });
});

it("is refused where it does not belong, whatever the kind", () => {
  const record = (kind: GardenRecord["kind"], more: object) => ({
    id: ID,
    plantingId: ID,
    kind,
    on: "2026-05-18",
    amount: null,
    note: "seen",
    supersedes: ID,
    ...more,
  });
  for (const kind of RECORD_KINDS) {
    const read = GardenRecord.safeParse(record(kind, { detail: { lot: "1" } }));
    const misplaced = read.error?.issues.some((i) => i.message === "detail-misplaced") ?? false;
    expect(misplaced, kind).toBe(!DETAILS_OF[kind].includes("lot"));
  }
  expect(GardenRecord.safeParse(record("lost", { detail: { reason: "moon" } })).success).toBe(false);
  expect(GardenRecord.safeParse(record("note", { detail: { lat: 43.1 } })).success).toBe(false);
});
