import * as z from "zod";
import { type Day, DayText } from "../day";

export const RECORD_KINDS = [
  "sown",
  "up",
  "moved",
  "lost",
  "fed",
  "picked",
  "ended",
  "note",
  "struck",
] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];

/** What an amount counts. Mass in kg, volume in L, the rest in pieces. */
export const MEASURES = ["count", "pieces", "bunches", "mass", "volume"] as const;
export type Measure = (typeof MEASURES)[number];

/** The measures that each kind of record can carry; none for a kind that has no amount. */
export const MEASURES_OF: Record<RecordKind, readonly Measure[]> = {
  sown: ["count"],
  up: ["count"],
  moved: ["count"],
  lost: ["count"],
  fed: ["volume", "mass"],
  picked: ["mass", "pieces", "bunches"],
  ended: [],
  note: [],
  struck: [],
};

/** Without an amount these say nothing. */
const NEEDS_AMOUNT = new Set<RecordKind>(["up", "lost", "picked"]);

const Amount = z.strictObject({
  measure: z.enum(MEASURES),
  value: z.number().nonnegative().max(100_000),
  typed: z.string().max(60),
  unit: z.string().max(20),
});
export type Amount = z.infer<typeof Amount>;

/** Something that happened on a day. Never changed: a correction is a new record that supersedes. */
export const GardenRecord = z
  .strictObject({
    /** Made on the device, so that sending twice stores once. */
    id: z.uuid(),
    plantingId: z.uuid().nullable(),
    kind: z.enum(RECORD_KINDS),
    on: DayText,
    amount: Amount.nullable(),
    note: z.string().max(1000, { error: "too-long" }),
    supersedes: z.uuid().nullable(),
  })
  .refine((r) => r.amount === null || MEASURES_OF[r.kind].includes(r.amount.measure), {
    error: "wrong-measure",
    path: ["amount"],
  })
  .refine(
    (r) =>
      r.amount === null ||
      !["count", "pieces"].includes(r.amount.measure) ||
      Number.isInteger(r.amount.value),
    { error: "whole-number", path: ["amount"] },
  )
  .refine((r) => r.amount !== null || !NEEDS_AMOUNT.has(r.kind), {
    error: "amount-missing",
    path: ["amount"],
  })
  .refine((r) => r.kind !== "note" || r.note.trim() !== "", { error: "note-missing", path: ["note"] })
  .refine((r) => r.plantingId !== null || ["note", "struck"].includes(r.kind), {
    error: "planting-missing",
    path: ["plantingId"],
  })
  .refine((r) => r.kind !== "struck" || r.supersedes !== null, {
    error: "nothing-to-strike",
    path: ["supersedes"],
  });
export type GardenRecord = z.infer<typeof GardenRecord>;

/** The records that count: those that no other supersedes, without the ones that only strike out. Order is kept. */
export function validRecords<T extends GardenRecord>(records: readonly T[]): T[] {
  const replaced = new Set(records.map((r) => r.supersedes));
  return records.filter((r) => !replaced.has(r.id) && r.kind !== "struck");
}

/** What was picked in all, by measure: kg, pieces, bunches. */
export function pickedTotals(records: readonly GardenRecord[]): Partial<Record<Measure, number>> {
  const totals: Partial<Record<Measure, number>> = {};
  for (const { kind, amount } of validRecords(records)) {
    if (kind === "picked" && amount) totals[amount.measure] = (totals[amount.measure] ?? 0) + amount.value;
  }
  return totals;
}

/** The first day on which a kind of thing was recorded. */
export const firstOn = (records: readonly GardenRecord[], kind: RecordKind): Day | undefined =>
  validRecords(records)
    .filter((r) => r.kind === kind)
    .map((r) => r.on)
    .sort()[0];
