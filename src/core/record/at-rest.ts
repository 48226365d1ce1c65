/** What a kitchen scale says at an instant. */
export interface Reading {
  /** Instant, ms. */
  readonly at: number;
  readonly g: number;
}

/** A scale is at rest when it has said the same, to its last figure, for so long. Assumption, no source. */
const REST_MS = 800;
const STEP_G = 1;
/** Less than this is a draught, g. Assumption, no source. */
const LEAST_G = 3;

/** What lies on a scale once it is at rest, g; undefined while it swings, and for nothing on it. @param readings in their order */
export function atRest(readings: readonly Reading[]): number | undefined {
  const last = readings.at(-1);
  if (!last || last.g < LEAST_G) return undefined;
  const since = readings.findLast(({ g }) => Math.abs(g - last.g) > STEP_G);
  const first = since ? readings[readings.indexOf(since) + 1] : readings[0];
  return first && last.at - first.at >= REST_MS ? Math.round(last.g) : undefined;
}
