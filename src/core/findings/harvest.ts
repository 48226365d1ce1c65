import { inKg, type Weighing } from "../record";
import type { Range } from "./belief";
import type { Line } from "./line";

/** What a planting gave: what was weighed, and what was counted where the programme knows what one weighs. */
export const gaveKg = (line: Line, weighings: readonly Weighing[]): ReturnType<typeof inKg> =>
  inKg(
    line,
    weighings.filter((w) => w.goalId === line.goalId),
  );

/** More than so many times what was expected at most can hardly be. Assumption, no source. */
const FAR_PAST = 4;

/** Whether more was picked than a planting of its kind can well give. */
export const isTooMuch = (kg: number, expected: Range | null): boolean =>
  expected !== null && expected.likely > 0 && kg > FAR_PAST * expected.high;

/** A harvest that tells something of what was expected of it. */
export interface Told {
  readonly line: Line;
  readonly kg: number;
  readonly expected: Range;
  readonly ratio: number;
}

/**
 * The harvests that can be held against what was expected: of what has ended, gave something, and no more than can be.
 *
 * @returns each with its ratio of real to expected, in the order given
 */
export const toldBy = (lines: readonly Line[], weighings: readonly Weighing[]): Told[] =>
  lines.flatMap((line): Told[] => {
    const { expectedKg: expected } = line;
    if (line.endedOn === null || expected === null || expected.likely <= 0) return [];
    const { kg } = gaveKg(line, weighings);
    return kg > 0 && !isTooMuch(kg, expected) ? [{ line, kg, expected, ratio: kg / expected.likely }] : [];
  });
