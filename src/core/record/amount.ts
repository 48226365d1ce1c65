import type { Problem } from "../problem";
import { parseQuantity } from "../quantity";
import type { Amount } from "./contract";
import { MEASURES_OF, type RecordKind } from "./kinds";

export type AmountRead = { ok: true; value: Amount | null } | { ok: false; problem: Problem };

const COUNTED = /^(\d{1,6})\s*(.*)$/;
const PIECES = /^(pieces?|pcs?|heads?|pods?|cobs?|fruits?|roots?|bulbs?)$/i;
const BUNCHES = /^(bunch(es)?|bundles?)$/i;

/** "3.50 / kg", "€ 2 a lb", "1,20 for 500 g": an amount of money, and what it buys. */
const PRICE = /^\p{Sc}?\s*(\d{1,6}(?:[.,]\d{1,3})?)\s*\p{Sc}?\s*(?:\/|\bper\b|\bfor\b|\ban?\b)\s*(.+)$/iu;

function readPrice(typed: string): AmountRead {
  const [, money, buys = ""] = PRICE.exec(typed) ?? [];
  if (money === undefined) return { ok: false, problem: { code: "price-of-what", understood: typed } };
  const mass = parseQuantity(/^\d/.test(buys) ? buys : `1 ${buys}`, "mass");
  if (!mass.ok) return { ok: false, problem: { ...mass.problem } as Problem };
  if (mass.value.value <= 0) return { ok: false, problem: { code: "zero" } };
  const value = Number(money.replace(",", ".")) / mass.value.value;
  return { ok: true, value: { measure: "price", value, typed, unit: mass.value.unit } };
}

/**
 * Reads the amount of a record as people write it: "12" seedlings up, "420 g", "3 bunches", "2 tbsp" of feed.
 * A bare number of picked things could be grams or pieces, and is asked about.
 */
export function readAmount(kind: RecordKind, text: string): AmountRead {
  const typed = text.trim();
  if (typed === "") return { ok: true, value: null };
  const allowed = MEASURES_OF[kind];
  if (allowed.length === 0) return { ok: false, problem: { code: "no-amount-here" } };
  if (allowed.includes("price")) return readPrice(typed);
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
