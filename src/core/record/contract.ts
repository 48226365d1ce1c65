import * as z from "zod";
import { DayText } from "../day";
import { isOfRow, MEASURES, MEASURES_OF, RECORD_KINDS, type RecordKind } from "./kinds";

/** Without an amount these say nothing. */
const NEEDS_AMOUNT = new Set<RecordKind>(["lost", "picked"]);

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
    /** The row whose bag it is about, for what is of a whole bag. */
    rowId: z.uuid().nullable().optional(),
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
  .refine((r) => !isOfRow(r.kind) || (r.rowId && r.plantingId === null), {
    error: "row-missing",
    path: ["rowId"],
  })
  .refine((r) => r.plantingId !== null || isOfRow(r.kind) || ["note", "struck"].includes(r.kind), {
    error: "planting-missing",
    path: ["plantingId"],
  })
  .refine((r) => r.kind !== "struck" || r.supersedes !== null, {
    error: "nothing-to-strike",
    path: ["supersedes"],
  });
export type GardenRecord = z.infer<typeof GardenRecord>;
