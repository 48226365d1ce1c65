import { coreVolumeL } from "../bag";
import { billOf, cellsOf } from "../course";
import type { Goal } from "../crop";
import type { Day } from "../day";
import { type DoneLine, type Task, tasksOf } from "../days";
import type { Feed } from "../feed";
import type { Garden, RowView } from "../garden";
import { BARROW_L, BUCKET_L, firstSoakL, type PartAmount, partsOf, settledL } from "../mix";
import { type Shopping, shoppingOf } from "../money";
import { wantedFor } from "../needs";
import type { Setting } from "../setting";

/** A bag that is to be filled, or gets a part of its mix anew. */
export interface Filling {
  readonly row: RowView;
  /** Its number in the plan, from 1. */
  readonly number: number;
  readonly isRefresh: boolean;
  /** Mix, what it is topped up with once it has settled, and water of its first soak, L; stones of a tower's core, L. */
  readonly soilL: number;
  readonly topUpL: number;
  readonly soakL: number;
  readonly stonesL: number;
  readonly until: Day;
}

/** Everything that a household has to buy, carry and mix for what its plan still holds. */
export interface KitList {
  /** Bags, sacks of mix, seed and pieces, whole ones as shops sell them. */
  readonly shopping: Shopping;
  readonly fillings: readonly Filling[];
  /** The heap for all of them, with what they are topped up with: in all, by its parts, and in level barrows and buckets, L. */
  readonly heap: { readonly litres: number; readonly parts: readonly PartAmount[] };
  /** Granules for all feeds to come, L, and at how many feeds. */
  readonly feeds: readonly { readonly feed: Feed; readonly volumeL: number; readonly times: number }[];
  /** Canes by the piece, and bags that want another support. */
  readonly supports: readonly { readonly support: Goal["support"]; readonly count: number }[];
  /** Bags that want a net. */
  readonly nets: number;
  /** The most cells that are full at once. */
  readonly cells: number;
  /** A label for every planting to come. */
  readonly labels: number;
}

/** How often a barrow and a bucket go to a heap: barrows as long as they are full, then buckets. */
export function loadsOf(litres: number): { readonly barrows: number; readonly buckets: number } {
  const barrows = Math.floor(litres / BARROW_L + 1e-9);
  return { barrows, buckets: Math.ceil((litres - barrows * BARROW_L) / BUCKET_L - 1e-9) };
}

/**
 * The kit of a garden on a day: what is still to be bought, filled, fed and supported, without what is on record. Each
 * thing once, however many bags want it.
 */
export function kitOf(
  garden: Garden,
  records: readonly DoneLine[],
  { setting, today }: { readonly setting: Setting; readonly today: Day },
): KitList {
  const tasks = tasksOf(garden, records, { setting, today });
  const fillings = tasks.flatMap((task) => fillingOf(task, garden));
  const litres = fillings.reduce((sum, f) => sum + f.soilL + f.topUpL, 0);
  return {
    shopping: shoppingOf(wantedFor(garden, setting, today), setting.prices ?? {}),
    fillings,
    heap: { litres, parts: partsOf(setting.mix.recipe, litres) },
    feeds: feedsIn(tasks),
    supports: supportsIn(tasks),
    nets: tasks.filter((task) => task.kind === "net").length,
    cells: cellsAtOnce(garden, setting, today),
    labels: tasks.filter((task) => task.kind === "sow").length,
  };
}

function fillingOf(task: Task, garden: Garden): Filling[] {
  const row = garden.rows[task.row - 1];
  if (task.kind !== "fill" || !row) return [];
  const { soilL, isRefresh } = task;
  return [
    {
      row,
      number: task.row,
      isRefresh,
      soilL,
      topUpL: isRefresh ? 0 : settledL(soilL),
      soakL: firstSoakL(row.soilL),
      stonesL: isRefresh ? 0 : coreVolumeL(row.shape, row.gapCm),
      until: task.until,
    },
  ];
}

function feedsIn(tasks: readonly Task[]): KitList["feeds"] {
  const feeds = new Map<string, { feed: Feed; volumeL: number; times: number }>();
  for (const task of tasks) {
    if (task.kind !== "feed") continue;
    const { feed, volumeL } = task.dose;
    const sum = feeds.get(feed.id) ?? { feed, volumeL: 0, times: 0 };
    feeds.set(feed.id, { feed, volumeL: sum.volumeL + volumeL, times: sum.times + 1 });
  }
  return [...feeds.values()];
}

/** Canes one for each plant; of all else one for the bag. */
function supportsIn(tasks: readonly Task[]): KitList["supports"] {
  const counts = new Map<Goal["support"], number>();
  for (const task of tasks)
    if (task.kind === "stake")
      counts.set(
        task.support,
        (counts.get(task.support) ?? 0) + (task.support === "cane" ? Math.max(1, task.plants) : 1),
      );
  return [...counts].map(([support, count]) => ({ support, count }));
}

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
