import { type Lime, limeFor, type Mix, type PartAmount, partsOf } from "../mix";
import type { SchoolsInForce } from "../school";
import type { Filling } from "../steps";

/** All that is mixed at once of one mix: with what bags are topped up with, by its parts, and with its lime or ash; L. */
export interface Heap {
  readonly mix: Mix;
  readonly litres: number;
  readonly parts: readonly PartAmount[];
  readonly lime?: Lime;
}

/** The bags that take the same mix and the same lime together, the largest heap first. */
export function heapsOf(fillings: readonly Filling[]): Heap[] {
  const heaps: { mix: Mix; school: SchoolsInForce["lime"]; litres: number }[] = [];
  for (const { row, soilL, topUpL } of fillings) {
    if (soilL <= 0) continue;
    const { mix, schools } = row;
    const heap = heaps.find((h) => h.mix === mix && h.school === schools.lime);
    if (heap) heap.litres += soilL + topUpL;
    else heaps.push({ mix, school: schools.lime, litres: soilL + topUpL });
  }
  return heaps
    .map(({ mix, school, litres }) => ({
      mix,
      litres,
      parts: partsOf(mix.recipe, litres),
      lime: limeFor(mix, litres, school),
    }))
    .sort((a, b) => b.litres - a.litres);
}
