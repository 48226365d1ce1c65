import * as z from "zod";
import { problemMessage } from "../problem";
import { parseQuantity } from "../quantity";

/** What is counted when it is picked, and can be weighed by ones. */
export const COUNTED = ["pieces", "bunches"] as const;
export type Counted = (typeof COUNTED)[number];

/** What some bunches or pieces of a goal weighed, g, each by itself. */
export interface Weighing {
  readonly goalId: string;
  readonly measure: Counted;
  readonly grams: readonly number[];
}

/** What a counted amount comes to, g. */
export interface Weighed {
  readonly g: number;
  /** Between what it lies, g: two standard errors either way; undefined for a single weighing, which tells nothing of it. */
  readonly lowG?: number;
  readonly highG?: number;
}

const meanOf = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

/**
 * What `count` bunches or pieces weigh by those that were put on a scale: the mean times the count. It is unsure by how
 * much the next ones differ, and by how well so few weighings tell the mean.
 */
export function weighedBy({ grams }: Pick<Weighing, "grams">, count: number): Weighed {
  const mean = meanOf(grams);
  const n = grams.length;
  if (n < 2) return { g: mean * count };
  const variance = grams.reduce((sum, g) => sum + (g - mean) ** 2, 0) / (n - 1);
  const off = 2 * Math.sqrt(variance * (count + count ** 2 / n));
  const g = mean * count;
  return { g, lowG: Math.max(0, g - off), highG: g + off };
}

/** Amounts as they are picked. */
export interface PickedAmounts {
  readonly kg: number;
  readonly pieces: number;
  readonly bunches: number;
}

/** What was picked in all, kg: what was weighed, and what was counted where the programme knows what one weighs; and what is left that nobody can weigh. */
export function inKg(
  picked: PickedAmounts,
  weighings: readonly Weighing[],
): { kg: number; countedKg: number; left: Record<Counted, number> } {
  const left = { pieces: picked.pieces, bunches: picked.bunches };
  let countedKg = 0;
  for (const measure of COUNTED) {
    const weighing = weighings.find((w) => w.measure === measure);
    if (!weighing || left[measure] === 0) continue;
    countedKg += weighedBy(weighing, left[measure]).g / 1000;
    left[measure] = 0;
  }
  return { kg: picked.kg + countedKg, countedKg, left };
}

/** So many weighings are enough to tell a mean by. */
const MOST = 60;

/** Weights as they are typed: "90, 110, 120 g", each in its own unit or in the last one's. Comes out as g. */
export const WeighingsTyped = z.string().transform((text, ctx) => {
  const parts = text
    .split(/[;\s]*[;,]\s+|;|\s+(?=\d)/)
    .map((part) => part.trim())
    .filter((part) => part !== "");
  const unit = /[a-z]+\.?$/i.exec(parts.at(-1) ?? "")?.[0] ?? "g";
  const read = parts.map((part) => parseQuantity(/[a-z]/i.test(part) ? part : `${part} ${unit}`, "mass"));
  const grams = read.flatMap((r) => (r.ok ? [r.value.value * 1000] : []));
  const isSound =
    grams.length === parts.length &&
    parts.length > 0 &&
    parts.length <= MOST &&
    grams.every((g) => g > 0 && g <= 20_000);
  if (!isSound) ctx.addIssue({ code: "custom", message: problemMessage({ code: "weights-unclear" }) });
  return grams;
});
