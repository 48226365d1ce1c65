import type { Goal } from "../crop";
import { parseQuantity } from "../quantity";
import { type SunStretch, sunHours, SunStretch as SunStretchSchema } from "./survey";

export interface Carries {
  readonly floorM2?: number;
  readonly sunHours: number;
  /** Goals that get all the sun they want, and those that get just enough. */
  readonly enough: number;
  readonly little: number;
  /** Wet mass that the floor bears spread evenly, and how many usual bags that is; undefined without limit or measures. */
  readonly totalKg?: number;
  readonly usualBags?: number;
}

/** Reads a half-filled survey for what the place can carry and grow, so that the trainer sees it while asking. */
export function placeCarries(
  typed: { length: string; width: string; limit: string; sun: readonly SunStretch[] },
  goals: readonly Goal[],
  usualBagKg: number,
): Carries {
  const read = (text: string, dimension: "length" | "load") => {
    const quantity = parseQuantity(text, dimension);
    return quantity.ok && quantity.value.value > 0 ? quantity.value.value : undefined;
  };
  const length = read(typed.length, "length");
  const width = read(typed.width, "length");
  const limit = read(typed.limit, "load");
  const hours = sunHours(typed.sun.filter((w) => SunStretchSchema.safeParse(w).success));
  const enough = goals.filter((g) => hours >= g.sunHours.good).length;
  const little = goals.filter((g) => hours >= g.sunHours.least).length - enough;
  const floorM2 = length && width ? (length * width) / 10_000 : undefined;
  const totalKg = floorM2 && limit ? floorM2 * limit : undefined;
  return {
    floorM2,
    sunHours: hours,
    enough,
    little,
    totalKg,
    usualBags: totalKg && Math.floor(totalKg / usualBagKg),
  };
}
