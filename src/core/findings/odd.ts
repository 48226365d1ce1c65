import type { Weighing } from "../record";
import { groupBy } from "./group";
import { gaveKg, isTooMuch } from "./harvest";
import type { Line } from "./line";
import { spreadOf } from "./pairs";
import { quantile } from "./quantile";
import { isPickedBeforeUp } from "./timing";

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

/** What on record cannot well be, or stands far off all others': households first, then what is furthest from what could be. */
export function oddOnes(lines: readonly Line[], weighings: readonly Weighing[]): Odd[] {
  const kgOf = (line: Line) => gaveKg(line, weighings).kg;
  const single = lines.flatMap((line): Odd[] => {
    const { plantingId, householdId, goalId, upOn, movedOn, expectedKg } = line;
    const kg = kgOf(line);
    const about = { plantingId, householdId, goalId };
    return [
      ...(expectedKg && isTooMuch(kg, expectedKg)
        ? [{ code: "too-much" as const, ...about, kg, expectedKg: expectedKg.high }]
        : []),
      ...(isPickedBeforeUp(line) ? [{ code: "picked-before-up" as const, ...about }] : []),
      ...(upOn !== null && movedOn !== null && movedOn < upOn
        ? [{ code: "moved-before-up" as const, ...about }]
        : []),
    ];
  });
  // What is too much for one planting may be a unit of all of them: nothing is left out here.
  const logs = lines.flatMap((line) => {
    const [kg, expected] = [kgOf(line), line.expectedKg?.likely ?? 0];
    return line.endedOn !== null && expected > 0 && kg > 0
      ? [{ householdId: line.householdId, log: Math.log(kg / expected) }]
      : [];
  });
  const full = [...groupBy(logs, (l) => l.householdId)].flatMap(([householdId, own]) =>
    own.length >= LEAST ? [{ householdId, n: own.length, mean: spreadOf(own.map((l) => l.log)).mean }] : [],
  );
  // The middle of all is moved by no single household.
  const middle = quantile(full.map(({ mean }) => mean));
  const houses = (full.length > LEAST ? full : []).flatMap(({ householdId, n, mean }): Odd[] => {
    const off = mean - middle;
    if (Math.abs(off) < FAR_OFF) return [];
    const units = mixedUnits(off);
    return [
      {
        ...{ code: "house-off", householdId, ratio: Math.exp(off), plantings: n },
        ...(units && { units }),
      },
    ];
  });
  const timesTooMuch = (one: Odd) => (one.code === "too-much" ? one.kg / one.expectedKg : 0);
  return [...houses, ...single.sort((a, b) => timesTooMuch(b) - timesTooMuch(a))];
}
