import * as z from "zod";
import { DayText } from "../day";
import { type Problem, problemMessage } from "../problem";
import { readAmount } from "./amount";
import { RECORD_KINDS } from "./kinds";

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
    else if (read.value === null && ["lost", "picked"].includes(form.kind))
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
