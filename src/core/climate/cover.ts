import type { Climate } from "./climate";

/** An upturned clear tub over a bag keeps its nights so much warmer, °C. Assumption, no source: 2 to 3. */
const NIGHTS_WARMER_C = 2.5;
/** And its days, where it is propped open as it should be, °C. Assumption, no source. */
const DAYS_WARMER_C = 1;
/** Days as warm as this overheat what stands under a closed cover in the sun, °C. Assumption, no source. */
export const VENT_FROM_C = 16;

const covered = new WeakMap<Climate, Climate>();

/** The weather of a town as it is under a cover that is propped open by day: the same object for the same town. */
export function underCover(climate: Climate): Climate {
  const known = covered.get(climate) ?? {
    ...climate,
    lowC: climate.lowC.map((c) => c + NIGHTS_WARMER_C),
    highC: climate.highC.map((c) => c + DAYS_WARMER_C),
    rainMm: climate.rainMm && climate.rainMm.map(() => 0),
  };
  covered.set(climate, known);
  return known;
}
