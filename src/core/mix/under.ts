import type { SchoolsInForce } from "../school";
import type { Mix } from "./mix";
import { densityOf } from "./parts";
import { withoutSoil } from "./recipe";

const soilless = new WeakMap<Mix, Mix>();

/** A mix under the schools in force: without garden soil where none goes into bags. The same object for the same mix. */
export function mixUnder(mix: Mix, { gardenSoil }: Pick<SchoolsInForce, "gardenSoil">): Mix {
  if (gardenSoil === "welcome" || !mix.recipe.some(({ part }) => part === "garden-soil")) return mix;
  const recipe = withoutSoil(mix.recipe);
  const known = soilless.get(mix) ?? { ...mix, recipe, ...densityOf(recipe), isWeighed: false };
  soilless.set(mix, known);
  return known;
}
