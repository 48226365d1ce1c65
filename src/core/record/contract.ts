import * as z from "zod";
import { DayText } from "../day";
import { Detail } from "./detail";
import { type DetailKey, DETAILS_OF } from "./details-of";
import { isOfRow, MEASURES, MEASURES_OF, RECORD_KINDS, type RecordKind } from "./kinds";

/** Without an amount these say nothing. */
export const NEEDS_AMOUNT: ReadonlySet<RecordKind> = new Set<RecordKind>(["lost", "picked", "priced"]);
/** These say what they say by a note, or show it. */
const SAYS_IN_WORDS = new Set<RecordKind>(["note", "pest"]);
/** These may be of no planting and no bag. */
export const OF_HOUSEHOLD: ReadonlySet<RecordKind> = new Set(["note", "struck", "weather"]);

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
    /** What else it says, by its kind. */
    detail: Detail.nullable().optional(),
  })
  .refine((r) => Object.keys(r.detail ?? {}).every((key) => DETAILS_OF[r.kind].includes(key as DetailKey)), {
    error: "detail-misplaced",
    path: ["detail"],
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
  .refine((r) => !SAYS_IN_WORDS.has(r.kind) || r.note.trim() !== "" || r.detail?.photo, {
    error: "note-missing",
    path: ["note"],
  })
  .refine((r) => r.kind !== "weather" || r.detail?.weather, { error: "weather-missing", path: ["detail"] })
  .refine((r) => r.kind !== "checked" || r.detail?.condition || r.detail?.settledCm !== undefined, {
    error: "condition-missing",
    path: ["detail"],
  })
  .refine((r) => !isOfRow(r.kind) || (r.rowId && r.plantingId === null), {
    error: "row-missing",
    path: ["rowId"],
  })
  .refine((r) => r.plantingId !== null || isOfRow(r.kind) || OF_HOUSEHOLD.has(r.kind), {
    error: "planting-missing",
    path: ["plantingId"],
  })
  .refine((r) => r.kind !== "struck" || r.supersedes !== null, {
    error: "nothing-to-strike",
    path: ["supersedes"],
  });
export type GardenRecord = z.infer<typeof GardenRecord>;
