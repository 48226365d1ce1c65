import { inKg, type Weighing } from "../record";
import { pool } from "./pooled";
import { spreadOf } from "./pairs";
import type { Range } from "./belief";
import type { Line } from "./line";

/** Something on record that may be a slip: to be asked about, never put right by itself. */
export type Odd =
  | {
      readonly code: "too-much";
      readonly plantingId: string;
      readonly householdId: string;
      readonly goalId: string;
      readonly kg: number;
      readonly expectedKg: number;
    }
  | {
      readonly code: "picked-before-up" | "moved-before-up";
      readonly plantingId: string;
      readonly householdId: string;
      readonly goalId: string;
    }
  | {
      readonly code: "house-off";
      readonly householdId: string;
      readonly ratio: number;
      readonly plantings: number;
      /** Units that, taken one for the other, would explain it. */
      readonly units?: readonly [string, string];
    };

/** More than so many times what was expected at most. Assumption, no source. */
const FAR_PAST = 4;
/** A household whose harvests are off from all others' by so much, on so many plantings. Assumption, no source. */
const FAR_OFF = Math.log(2.5);
const LEAST = 3;

/** What somebody's numbers are off by when one unit is taken for another. */
const MIXED: readonly (readonly [number, string, string])[] = [
  [28.35, "oz", "g"],
  [2.205, "lb", "kg"],
  [453.6, "lb", "g"],
  [1000, "kg", "g"],
];
const NEAR = Math.log(1.5);

function mixedUnits(logRatio: number): readonly [string, string] | undefined {
  for (const [times, one, other] of MIXED) {
    if (Math.abs(logRatio - Math.log(times)) <= NEAR) return [other, one];
    if (Math.abs(logRatio + Math.log(times)) <= NEAR) return [one, other];
  }
  return undefined;
}

/** Whether more was picked than a planting of its kind can well give. */
export const isTooMuch = (kg: number, expected: Range | null): boolean =>
  expected !== null && expected.likely > 0 && kg > FAR_PAST * expected.high;

/** What on record cannot well be, or stands far off all others'. */
export function oddOnes(lines: readonly Line[], weighings: readonly Weighing[]): Odd[] {
  const kgOf = (line: Line) =>
    inKg(
      line,
      weighings.filter((w) => w.goalId === line.goalId),
    ).kg;
  const single = lines.flatMap((line): Odd[] => {
    const { plantingId, householdId, goalId, upOn, movedOn, firstPickOn, expectedKg } = line;
    const kg = kgOf(line);
    const about = { plantingId, householdId, goalId };
    return [
      ...(expectedKg && isTooMuch(kg, expectedKg)
        ? [{ code: "too-much" as const, ...about, kg, expectedKg: expectedKg.high }]
        : []),
      ...(upOn !== null && firstPickOn !== null && firstPickOn < upOn
        ? [{ code: "picked-before-up" as const, ...about }]
        : []),
      ...(upOn !== null && movedOn !== null && movedOn < upOn
        ? [{ code: "moved-before-up" as const, ...about }]
        : []),
    ];
  });
  const logs = new Map<string, number[]>();
  for (const line of lines) {
    const kg = kgOf(line);
    if (line.endedOn === null || !line.expectedKg || line.expectedKg.likely <= 0 || kg <= 0) continue;
    logs.set(line.householdId, [
      ...(logs.get(line.householdId) ?? []),
      Math.log(kg / line.expectedKg.likely),
    ]);
  }
  const full = [...logs].filter(([, own]) => own.length >= LEAST);
  const houses = full.flatMap(([householdId, own]): Odd[] => {
    const others = full.filter(([id]) => id !== householdId);
    if (others.length < LEAST) return [];
    const said = others.map(([, o]) => ({
      value: spreadOf(o).mean,
      se: Math.max(0.05, spreadOf(o).sd / Math.sqrt(o.length)),
    }));
    const off = spreadOf(own).mean - pool(said).mean;
    if (Math.abs(off) < FAR_OFF) return [];
    const units = mixedUnits(off);
    return [
      {
        ...{ code: "house-off", householdId, ratio: Math.exp(off), plantings: own.length },
        ...(units && { units }),
      },
    ];
  });
  return [...houses, ...single];
}
