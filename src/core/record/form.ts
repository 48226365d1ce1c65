import * as z from "zod";
import { DayText } from "../day";
import { type Problem, problemMessage } from "../problem";
import { parseQuantity } from "../quantity";
import { readAmount } from "./amount";
import { NEEDS_AMOUNT, OF_HOUSEHOLD } from "./contract";
import { type Detail, Detail as DetailContract } from "./detail";
import { type DetailKey, DETAILS_OF } from "./details-of";
import { isOfRow, RECORD_KINDS, type RecordKind } from "./kinds";

/** What else of a record is typed or chosen: all of it text, empty where nobody says. */
const DetailTyped = z.strictObject({
  variety: z.string().default(""),
  lot: z.string().default(""),
  packetDays: z.string().default(""),
  part: z.string().default(""),
  reason: z.string().default(""),
  quality: z.string().default(""),
  went: z.string().default(""),
  weather: z.string().default(""),
  condition: z.string().default(""),
  settledCm: z.string().default(""),
});

/** The log's form as it is typed; comes out with its amount read. */
export const RecordForm = z
  .strictObject({
    plantingId: z.string(),
    kind: z.enum(RECORD_KINDS),
    on: DayText,
    amount: z.string().max(60, { error: "too-long" }),
    note: z.string().trim().max(1000, { error: "too-long" }),
    detail: DetailTyped.prefault({}),
    /** Whether a photo goes with it. */
    hasPhoto: z.boolean().default(false),
  })
  .transform((form, ctx) => {
    const { kind, plantingId, hasPhoto } = form;
    const read = readAmount(kind, form.amount);
    const complain = (path: string, problem: Problem) =>
      ctx.addIssue({ code: "custom", path: path.split("."), message: problemMessage(problem) });
    if (!read.ok) complain("amount", read.problem);
    else if (read.value === null && NEEDS_AMOUNT.has(kind))
      complain("amount", { code: `amount-missing-${kind}` });
    if ((kind === "note" || kind === "pest") && form.note === "" && !hasPhoto)
      complain("note", { code: "note-missing" });
    if (plantingId === "" && !OF_HOUSEHOLD.has(kind)) complain("plantingId", { code: "planting-missing" });
    const detail = detailOf(kind, { ...form.detail, hasPhoto }, complain);
    if (kind === "weather" && !detail.weather) complain("detail.weather", { code: "weather-missing" });
    if (kind === "checked" && !detail.condition && detail.settledCm === undefined)
      complain("detail.condition", { code: "condition-missing" });
    return {
      plantingId: plantingId === "" || kind === "weather" ? null : plantingId,
      isOfRow: isOfRow(kind),
      kind,
      on: form.on,
      amount: read.ok ? read.value : null,
      note: form.note,
      detail: Object.keys(detail).length > 0 ? detail : null,
    };
  });
export type RecordTyped = z.input<typeof RecordForm>;

/** Of what was typed, that which this kind of record can say. */
function detailOf(
  kind: RecordKind,
  typed: z.output<typeof DetailTyped> & { readonly hasPhoto: boolean },
  complain: (path: string, problem: Problem) => void,
): Detail {
  const detail: Partial<Record<DetailKey, unknown>> = {};
  for (const key of DETAILS_OF[kind]) {
    if (key === "photo") {
      if (typed.hasPhoto) detail.photo = true;
      continue;
    }
    const text = typed[key].trim();
    if (text === "") continue;
    if (key === "settledCm") {
      const length = parseQuantity(text, "length", "cm");
      if (length.ok) detail.settledCm = length.value.value;
      else complain(`detail.${key}`, { ...length.problem } as Problem);
    } else detail[key] = key === "packetDays" ? Number(text) : text;
  }
  const read = DetailContract.safeParse(detail);
  if (read.success) return read.data;
  for (const { path } of read.error.issues)
    complain(
      `detail.${path.join(".")}`,
      path[0] === "packetDays" ? { code: "not-whole", min: 1, max: 900 } : { code: "too-long" },
    );
  return {};
}
