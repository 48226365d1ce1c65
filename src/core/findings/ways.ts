import { SCHOOL_NAMES, type SchoolName, SCHOOLS } from "../school";
import type { Line } from "./line";

const PLAIN = {
  season: (line: Line) => line.sownOn?.slice(0, 4) ?? null,
  sowing: (line: Line) => (line.sownOn === null ? null : line.sownOn.slice(5) < "06-01" ? "early" : "late"),
  bag: (line: Line) => line.bagKindId,
  method: (line: Line) => line.method,
  variety: (line: Line) => line.variety,
} as const;

/** In what plantings of one goal differ besides the household that grows them. */
export type WayName = keyof typeof PLAIN | SchoolName;
export const WAY_NAMES: readonly WayName[] = [
  ...(Object.keys(PLAIN) as (keyof typeof PLAIN)[]),
  ...SCHOOL_NAMES,
];

const isPlain = (name: WayName): name is keyof typeof PLAIN => name in PLAIN;

/** How a planting was grown, of the ways of one kind; null where nobody knows. */
export const wayOf = (name: WayName, line: Line): string | null =>
  isPlain(name) ? PLAIN[name](line) : (line.schools[name] ?? SCHOOLS[name][0]);
