import * as z from "zod";
import { DayText } from "../day";
import { type Problem, problemMessage } from "../problem";
import { parseQuantity } from "../quantity";
import { type Amount, MEASURES_OF, RECORD_KINDS, type RecordKind } from "./record";

export type AmountRead = { ok: true; value: Amount | null } | { ok: false; problem: Problem };

const COUNTED = /^(\d{1,6})\s*(.*)$/;
const PIECES = /^(pieces?|pcs?|heads?|pods?|cobs?|fruits?|roots?|bulbs?)$/i;
const BUNCHES = /^(bunch(es)?|bundles?)$/i;

/**
 * Reads the amount of a record as people write it: "12" seedlings up, "420 g", "3 bunches", "2 tbsp" of feed.
 * A bare number of picked things could be grams or pieces, and is asked about.
 */
export function readAmount(kind: RecordKind, text: string): AmountRead {
  const typed = text.trim();
  if (typed === "") return { ok: true, value: null };
  const allowed = MEASURES_OF[kind];
  if (allowed.length === 0) return { ok: false, problem: { code: "no-amount-here" } };
  const counted = COUNTED.exec(typed);
  const [, number = "", word = ""] = counted ?? [];
  const count = (measure: Amount["measure"]): AmountRead => ({
    ok: true,
    value: { measure, value: Number(number), typed, unit: word },
  });
  if (allowed.includes("count")) {
    return counted && word === ""
      ? count("count")
      : { ok: false, problem: { code: "not-whole", min: 0, max: 100_000 } };
  }
  if (counted && word === "" && kind === "picked")
    return { ok: false, problem: { code: "picked-of-what", understood: number } };
  if (counted && PIECES.test(word) && allowed.includes("pieces")) return count("pieces");
  if (counted && BUNCHES.test(word) && allowed.includes("bunches")) return count("bunches");
  let problem: Problem = { code: "not-a-number", understood: typed };
  for (const measure of ["mass", "volume"] as const) {
    if (!allowed.includes(measure)) continue;
    const read = parseQuantity(typed, measure);
    if (read.ok)
      return { ok: true, value: { measure, value: read.value.value, typed, unit: read.value.unit } };
    problem = { ...read.problem } as Problem;
  }
  return { ok: false, problem };
}

/** The log's form as it is typed; comes out with its amount read. */
export const RecordForm = z
  .strictObject({
    plantingId: z.string(),
    kind: z.enum(RECORD_KINDS),
    on: DayText,
    amount: z.string().max(60, { error: "too-long" }),
    note: z.string().trim().max(1000, { error: "too-long" }),
  })
  .transform((form, ctx) => {
    const read = readAmount(form.kind, form.amount);
    const complain = (path: string, problem: Problem) =>
      ctx.addIssue({ code: "custom", path: [path], message: problemMessage(problem) });
    if (!read.ok) complain("amount", read.problem);
    else if (read.value === null && ["up", "lost", "picked"].includes(form.kind))
      complain("amount", { code: `amount-missing-${form.kind}` });
    if (form.kind === "note" && form.note === "") complain("note", { code: "note-missing" });
    if (form.plantingId === "" && form.kind !== "note") complain("plantingId", { code: "planting-missing" });
    return {
      plantingId: form.plantingId === "" ? null : form.plantingId,
      kind: form.kind,
      on: form.on,
      amount: read.ok ? read.value : null,
      note: form.note,
    };
  });
export type RecordTyped = z.input<typeof RecordForm>;
