import type { Problem } from "../problem";
import { parseQuantity } from "../quantity";
import type { Amount } from "./contract";
import { MEASURES_OF, type RecordKind } from "./kinds";

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
