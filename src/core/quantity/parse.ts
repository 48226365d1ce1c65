import { type Dimension, findUnit, toCore, type Unit, unitById } from "./units";

/** What was typed, kept beside what it means in the core's units. */
export interface Quantity {
  readonly value: number;
  /** As the person wrote it, trimmed. */
  readonly typed: string;
  /** Id of the unit that was read; of the first part in "1 ft 6 in". */
  readonly unit: string;
}

/** Why a text is no quantity. `understood` repeats the part that was read, so that a person sees where it went wrong. */
export type QuantityProblem =
  | { readonly code: "empty" }
  | { readonly code: "not-a-number"; readonly understood: string }
  | {
      readonly code: "ambiguous-number";
      readonly understood: string;
      readonly either: number;
      readonly or: number;
    }
  | { readonly code: "no-unit"; readonly understood: string; readonly examples: string }
  | {
      readonly code: "unknown-unit";
      readonly understood: string;
      readonly unit: string;
      readonly examples: string;
    }
  | {
      readonly code: "wrong-dimension";
      readonly understood: string;
      readonly is: Dimension;
      readonly want: Dimension;
    }
  | { readonly code: "mixed-parts"; readonly understood: string }
  | { readonly code: "part-too-large"; readonly understood: string }
  | {
      readonly code: "ambiguous-unit";
      readonly understood: string;
      readonly either: string;
      readonly or: string;
    }
  | { readonly code: "negative"; readonly understood: string };

export type Read<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: QuantityProblem };

const fail = (problem: QuantityProblem): { ok: false; problem: QuantityProblem } => ({ ok: false, problem });

const EXAMPLES: Record<Dimension, string> = {
  length: "30 cm, 14 in, 1 ft 6 in",
  area: "2 m², 12 sq ft",
  volume: "20 L, 5 gal, 1.5 cu ft",
  mass: "250 g, 4 oz, 2 lb",
  temperature: "15 °C, 60 °F",
  load: "195 kg/m², 40 psf, 2 kPa",
  time: "3 days, 2 weeks",
};

/** A text with the ways of writing that mean the same made one: `~5-gallon`, `half a cup`, `3 ft, 2 in`, `2 m 10`, `10 000 L`, `14''`. */
const plainly = (text: string): string =>
  text
    .replace(/[\u00bc-\u00be\u2150-\u215e]/g, (c) => ` ${c.normalize("NFKC")}`)
    .replaceAll("\u2044", "/")
    .replace(/[\u00a0\u2009\u202f]/g, " ")
    .replaceAll("''", '"')
    .trim()
    .replace(/^(?:about|approx(?:imately|\.)?|circa|ca\.?|roughly|~|≈)\s*/i, "")
    .replace(/^(?:a )?half (?:of )?an? /i, "1/2 ")
    .replace(/^(?:a )?quarter (?:of )?an? /i, "1/4 ")
    .replace(/^an? (?=[a-z])/i, "1 ")
    .replace(/(\d) (?=\d{3}(?!\d))/g, "$1")
    .replace(/(\d)-(?=[a-z])/gi, "$1 ")
    .replace(/([^\d\s,])\s*(?:,|\band\b)\s*(?=\d)/gi, "$1 ")
    .replace(/^(\d+) ?m ?(\d{2})$/i, "$1 m $2 cm");
const NUMBER = /^[-−+]?(?:\d+\s+\d+\s*\/\s*\d+|\d+\s*\/\s*\d+|\d[\d.,]*|[.,]\d+)/;

/** One number as people write it: 1.5, 1,5, 3/4, 1 1/2, ½. "1,500" could be either of two, and says so. */
function readNumber(text: string): Read<number> {
  const negative = /^[-−]/.test(text);
  const bare = text.replace(/^[-−+]/, "").trim();
  const sign = negative ? -1 : 1;
  const fraction = /^(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(bare);
  if (fraction) {
    const below = Number(fraction[3]);
    if (below === 0) return fail({ code: "not-a-number", understood: text });
    return { ok: true, value: sign * (Number(fraction[1] ?? 0) + Number(fraction[2]) / below) };
  }
  if (/^[1-9]\d{0,2},\d{3}$/.test(bare)) {
    const [whole = "", rest = ""] = bare.split(",");
    return fail({
      code: "ambiguous-number",
      understood: text,
      either: Number(`${whole}.${rest}`),
      or: Number(whole + rest),
    });
  }
  const plain = /^\d{1,3}(,\d{3})+\.\d+$/.test(bare)
    ? bare.replaceAll(",", "")
    : /^\d{1,3}(\.\d{3})+,\d+$/.test(bare)
      ? bare.replaceAll(".", "").replace(",", ".")
      : bare.replace(",", ".");
  const value = /^(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : Number.NaN;
  return Number.isFinite(value)
    ? { ok: true, value: sign * value }
    : fail({ code: "not-a-number", understood: text });
}

/**
 * Reads a quantity as people write one: `5 gal`, `1.5 cu ft`, `14"`, `1 ft 6 in`, `60°F`, `½ cup`.
 *
 * @param text what was typed
 * @param dimension what is asked for; a text of another dimension is refused
 * @param assume id of the unit meant by a bare number; without it a bare number is ambiguous and refused
 * @returns value in core units (cm, cm², L, kg, °C, kg/m², days). Only temperatures may be below zero.
 */
export function parseQuantity(text: string, dimension: Dimension, assume?: string): Read<Quantity> {
  const typed = text.trim();
  if (typed === "") return fail({ code: "empty" });
  let rest = plainly(typed);
  const parts: { amount: number; unit: Unit }[] = [];
  while (rest !== "") {
    const shape = NUMBER.exec(rest);
    if (!shape) return fail({ code: "not-a-number", understood: rest });
    const number = readNumber(shape[0]);
    if (!number.ok) return number;
    rest = rest.slice(shape[0].length).trimStart();
    // A 2 or 3 belongs to the unit only at the very end, as in ft3: in "5ft3in" it is the next number.
    const word = (/^[^\d\-−+]*(?:[23]$)?/.exec(rest)?.[0] ?? "").trim();
    rest = rest.slice(word.length).trimStart();
    if (word === "T")
      return fail({ code: "ambiguous-unit", understood: `${shape[0]} T`, either: "tbsp", or: "t" });
    const unit = word === "" ? (assume ? unitById(assume) : undefined) : findUnit(word);
    if (!unit) {
      return word === ""
        ? fail({ code: "no-unit", understood: shape[0], examples: EXAMPLES[dimension] })
        : fail({ code: "unknown-unit", understood: shape[0], unit: word, examples: EXAMPLES[dimension] });
    }
    if (unit.dimension !== dimension) {
      return fail({
        code: "wrong-dimension",
        understood: `${shape[0]} ${unit.id}`,
        is: unit.dimension,
        want: dimension,
      });
    }
    parts.push({ amount: number.value, unit });
  }
  const first = parts[0];
  if (!first) return fail({ code: "not-a-number", understood: typed });
  const descending = parts.every(
    (p, i) => i === 0 || (p.unit.factor < (parts[i - 1]?.unit.factor ?? 0) && p.amount >= 0),
  );
  const oneSystem = parts.every((p) => p.unit.system === first.unit.system);
  if (parts.length > 1 && (!descending || !oneSystem || dimension === "temperature")) {
    return fail({
      code: "mixed-parts",
      understood: parts.map((p) => `${p.amount} ${p.unit.id}`).join(" + "),
    });
  }
  // 14 inches are more than the foot before them: a slip, or feet that were meant to be none.
  const spills = parts.some(
    (p, i) => i > 0 && p.amount * p.unit.factor >= (parts[i - 1]?.unit.factor ?? 0) - 1e-9,
  );
  if (spills) return fail({ code: "part-too-large", understood: typed });
  const value = parts.reduce((sum, p) => sum + toCore(p.amount, p.unit), 0);
  if (dimension !== "temperature" && (value < 0 || Object.is(first.amount, -0))) {
    return fail({ code: "negative", understood: typed });
  }
  return { ok: true, value: { value, typed, unit: first.unit.id } };
}

const OFTEN: Record<string, number> = { once: 1, twice: 2, two: 2, three: 3 };

/** A rate: core units of `above` for each core unit of `below`. */
export interface Rate extends Quantity {
  readonly per: string;
}

/**
 * Reads a rate: `20 L a week`, `1 in/week`, `1 tsp a gallon`, `2 gal per day`, `5 L every 3 days`, `20 L twice a week`.
 *
 * @param above dimension of the amount, @param below dimension of what it is counted by
 * @returns value in core units of `above` per core unit of `below` (L/day, cm/day, L/L …)
 */
export function parseRate(text: string, above: Dimension, below: Dimension): Read<Rate> {
  const typed = text.trim();
  if (typed === "") return fail({ code: "empty" });
  const every = /^(.*?)\s+every\s+(?:(\d+)\s+)?([a-z]+)$/i.exec(typed);
  const times = /^(.*?)\s+(once|twice|(\d+|two|three) times)\s+(?:an?|per)\s+([a-z]+)$/i.exec(typed);
  const split = /^(.*?)\s*(?:\/|\bper\b|\ban?\b)\s*([^\d/]+)$/.exec(typed);
  const [amountText, perText, often] = every
    ? [every[1] ?? "", every[3] ?? "", 1 / Number(every[2] ?? 1)]
    : times
      ? [
          times[1] ?? "",
          times[4] ?? "",
          OFTEN[(times[3] ?? times[2] ?? "").toLowerCase()] ?? Number(times[3]),
        ]
      : [split?.[1] ?? "", split?.[2] ?? "", 1];
  if (perText === "") return fail({ code: "no-unit", understood: typed, examples: EXAMPLES[below] });
  const amount = parseQuantity(amountText, above);
  if (!amount.ok) return amount;
  const per = findUnit(perText);
  if (!per)
    return fail({
      code: "unknown-unit",
      understood: amountText,
      unit: perText.trim(),
      examples: EXAMPLES[below],
    });
  if (per.dimension !== below) {
    return fail({ code: "wrong-dimension", understood: `1 ${per.id}`, is: per.dimension, want: below });
  }
  return {
    ok: true,
    value: { value: (often * amount.value.value) / per.factor, typed, unit: amount.value.unit, per: per.id },
  };
}
