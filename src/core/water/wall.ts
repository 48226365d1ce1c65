import type { BagMake, BagShape } from "../bag";

/** Fabric and sacks breathe out through the wall, and a dark wall in the sun runs hotter. Common practice says that they dry faster; the shares are from memory. */
const BREATHES: Record<BagMake["material"], number> = { fabric: 1.25, sack: 1.15, film: 1, hard: 1 };
const HEATS: Record<BagMake["colour"], number> = { dark: 1.1, light: 1, clear: 1.05 };

/** A bag whose make nobody knows is taken for dark fabric, the thirstiest. */
const UNKNOWN: Pick<BagMake, "material" | "colour"> = { material: "fabric", colour: "dark" };

/**
 * How much more a bag draws than the same leaves over open ground.
 *
 * @param make what its wall is made of; undefined where nobody knows
 * @param schools the colour that is chosen where fabric is bought
 */
export function wallFactor(
  make: Pick<BagMake, "material" | "colour"> | undefined,
  schools?: { readonly colour: "dark" | "light" },
): number {
  const { material, colour } = make ?? UNKNOWN;
  return BREATHES[material] * HEATS[material === "fabric" ? (schools?.colour ?? colour) : colour];
}

/** Water that a litre of moist mix gives before plants wilt, L. Assumption, no source. */
const AVAILABLE = 0.25;
/** Water that a bag holds for its plants when it has been soaked, L. @param soilL mix in it */
export const heldL = (soilL: number): number => AVAILABLE * soilL;

/** Mix that is dry to this depth under a finger wants water, cm: sooner in a tub. Common practice. */
export const fingerCm = (shape: Pick<BagShape, "kind">): number => (shape.kind === "tub" ? 4 : 5);

/** How far it may be drawn down before the next watering: seldom and deep, or little and often. */
const DRAWN_DOWN = { deep: 0.6, often: 0.25 } as const;

/** What is drawn from a soaked bag before it is watered again, L. */
export const drawnDownL = (soilL: number, style: keyof typeof DRAWN_DOWN): number =>
  heldL(soilL) * DRAWN_DOWN[style];

/** Days between waterings of a bag that draws `dailyL` from `soilL` of mix, at least half a day: twice a day in the worst heat. */
export function daysBetweenWaterings(soilL: number, dailyL: number, style: keyof typeof DRAWN_DOWN): number {
  return dailyL <= 0 ? Number.POSITIVE_INFINITY : Math.max(0.5, drawnDownL(soilL, style) / dailyL);
}
