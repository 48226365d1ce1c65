/** The eight points that people name, clockwise from north, each an eighth of a turn. */
export const COMPASS = ["N", "NE", "E", "SE", "S", "SW", "W", "NW"] as const;
export type Compass = (typeof COMPASS)[number];
/** A point of the compass as degrees from north, clockwise. */
export const bearingOf = (point: Compass): number => COMPASS.indexOf(point) * 45;
