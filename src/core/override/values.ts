import type { BagMake, BagShape } from "../bag";
import type { Crop, Goal, SourceId } from "../crop";

/** A number of the library that a programme may know better. */
export interface LibraryValue {
  /** What an override calls it: `goal/kale/leaf/depthCm.good`, `crop/kale/heatC`, `bag/round-5-gal/heightCm`. */
  readonly name: string;
  /** Path inside its profile, `depthCm.good`. */
  readonly path: string;
  readonly value: number;
  readonly source: SourceId;
}

/** Parts of a profile that hold no values of their own. */
const SKIPPED = new Set(["id", "kind", "goals", "source", "cautions", "feeds", "methods"]);

function* numbersIn(part: unknown, path: string): Generator<[path: string, value: number]> {
  if (typeof part === "number") yield [path, part];
  else if (typeof part === "object" && part !== null) {
    for (const [key, value] of Object.entries(part)) {
      if (path !== "" || !SKIPPED.has(key)) yield* numbersIn(value, path === "" ? key : `${path}.${key}`);
    }
  }
}

function valuesOf(
  profile: object,
  prefix: string,
  source: Partial<Record<string, SourceId>>,
): LibraryValue[] {
  return [...numbersIn(profile, "")].map(([path, value]) => ({
    name: `${prefix}/${path}`,
    path,
    value,
    source: source[path.split(".")[0] ?? ""] ?? source.rest ?? "assumption",
  }));
}

/** The values of a goal, then those of its crop. */
export const cropValues = (crop: Crop, goal: Goal): LibraryValue[] => [
  ...valuesOf(goal, `goal/${goal.id}`, goal.source),
  ...valuesOf(crop, `crop/${crop.id}`, crop.source),
];

/** A kind of bag's measures, then the seasons that it lasts. */
export const bagValues = (kind: { id: string; shape: BagShape; make: BagMake }): LibraryValue[] =>
  valuesOf({ ...kind.shape, lifeSeasons: kind.make.lifeSeasons }, `bag/${kind.id}`, {
    rest: "assumption",
    nominalL: "practice",
    lifeSeasons: "practice",
  });
