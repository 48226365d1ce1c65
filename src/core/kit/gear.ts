import { coverFor } from "../bag";
import { billOf, cellsOf } from "../course";
import type { Day } from "../day";
import type { Task } from "../days";
import { GRANULES_KG_L } from "../feed";
import type { Garden } from "../garden";
import type { Heap } from "./heap";
import type { Gear } from "../money";
import type { Need } from "../needs";
import type { Setting } from "../setting";
import type { Filling } from "../steps";

/** What is needed of a garden's gear, until when. */
const need = (gear: Gear, amount: number, until?: Day): Need => ({ item: `gear/${gear}`, amount, until });

/**
 * What goes with a garden besides bags, mix and seed, as its tasks ask for it: canes one for each plant, of all else one
 * for the bag; stones in L, lime and granules in kg; a can for a household that begins.
 */
export function gearFor(
  tasks: readonly Task[],
  fillings: readonly Filling[],
  heaps: readonly Heap[],
  { garden, setting, today }: { readonly garden: Garden; readonly setting: Setting; readonly today: Day },
): Need[] {
  const asked = tasks.flatMap((task): Need[] => {
    switch (task.kind) {
      case "stake":
        return task.support === "none"
          ? []
          : [need(task.support, task.support === "cane" ? Math.max(1, task.plants) : 1, task.until)];
      case "net":
        return [need("net", 1, task.until)];
      case "sow":
        return [need("label", 1, task.until)];
      case "feed":
        return [
          {
            item: `feed/${task.dose.feed.id}`,
            amount: task.dose.volumeL * GRANULES_KG_L,
            until: task.until,
          },
        ];
      default:
        return [];
    }
  });
  const cells = cellsAtOnce(garden, setting, today);
  const covers = garden.rows.filter(
    ({ row, shape, plantings }) => row.isCovered && coverFor(shape) && plantings.every(({ real }) => !real),
  );
  return [
    ...asked,
    ...(cells > 0 ? [need("cell", cells)] : []),
    ...covers.map(() => need("cover", 1)),
    ...(fillings.length > 0 && !hasBegun(garden, setting) ? [need("can", 1)] : []),
    ...fillings
      .filter(({ stonesL }) => stonesL > 0)
      .map(({ stonesL, until }) => need("stones", stonesL, until)),
    ...heaps.flatMap(({ lime }) => (lime && "limeKg" in lime ? [need("lime", lime.limeKg)] : [])),
  ];
}

/** Whoever filled a bag or sowed in one has something to water it with. */
const hasBegun = (garden: Garden, { happened = {} }: Setting): boolean =>
  garden.rows.some(
    ({ row, plantings }) => row.id in happened || plantings.some(({ planting }) => planting.id in happened),
  );

/** The most cells that are full at once from a day on. */
function cellsAtOnce(garden: Garden, setting: Setting, today: Day): number {
  const uses = garden.rows
    .flatMap((row) => row.plantings)
    .flatMap(({ course, planting, fit, real }) => {
      if (real?.movedOn ?? real?.endedOn) return [];
      const bill = billOf(course, { plants: planting.plants, areaCm2: fit.sown?.areaCm2 }, setting);
      return cellsOf(course, bill) ?? [];
    })
    .filter(({ until }) => until >= today);
  return Math.max(
    0,
    ...uses.map(({ from }) =>
      uses.filter((use) => use.from <= from && from < use.until).reduce((sum, { count }) => sum + count, 0),
    ),
  );
}
