import { CROP_LOSS, FORTNIGHTS, type Instance, QUARTERS } from "./instance";
import { cropCap, gramWorth, quartersOf, type Step, stepsOf } from "./worth";

/** Amounts of each candidate in one flat list: those of candidate i are from `from[i]` up to `from[i + 1]`. */
interface Flat {
  readonly from: Int32Array;
  /** Where an amount is summed up. */
  readonly slot: Int32Array;
  readonly g: Float64Array;
}

/** The food of an instance in flat arrays: a search reads them millions of times a second. */
export interface Amounts {
  /** Food by fortnight and kind, fortnight × kinds + kind, and by dish and quarter, dish × quarters + quarter. */
  readonly food: Flat;
  readonly quarters: Flat;
  /** For each slot of food: what its grams count for, and what one that counts whole is worth, helpings. */
  readonly steps: readonly (readonly Step[])[];
  readonly worth: Float64Array;
  /** For each dish and quarter: the cap, g, and what a gram beyond it loses, helpings. */
  readonly capG: Float64Array;
  readonly loss: Float64Array;
}

function flat(lists: readonly (readonly (readonly [slot: number, g: number])[])[]): Flat {
  const from = new Int32Array(lists.length + 1);
  lists.forEach((list, i) => (from[i + 1] = from[i]! + list.length));
  const all = lists.flat();
  return { from, slot: Int32Array.from(all, ([slot]) => slot), g: Float64Array.from(all, ([, g]) => g) };
}

const known = new WeakMap<Instance, Amounts>();

/** The amounts of an instance, worked out once. */
export function amountsOf(instance: Instance): Amounts {
  const { candidates, groups, dishes, helpingG } = instance;
  const steps = groups.map((_, group) => stepsOf(instance, group));
  const slots = FORTNIGHTS * groups.length;
  const kindOf = (dishSlot: number) => dishes[Math.floor(dishSlot / QUARTERS)]!;
  const amounts = known.get(instance) ?? {
    food: flat(
      candidates.map((c) =>
        c.food.map(([fortnight, g]) => [fortnight * groups.length + c.group, g] as const),
      ),
    ),
    quarters: flat(
      candidates.map((c) =>
        quartersOf(c).map(([quarter, g]) => [c.dishIndex * QUARTERS + quarter, g] as const),
      ),
    ),
    steps: Array.from({ length: slots }, (_, slot) => steps[slot % groups.length]!),
    worth: Float64Array.from({ length: slots }, (_, slot) =>
      gramWorth(instance, Math.floor(slot / groups.length), slot % groups.length),
    ),
    capG: Float64Array.from({ length: dishes.length * QUARTERS }, (_, slot) =>
      cropCap(instance, kindOf(slot)),
    ),
    loss: Float64Array.from(
      { length: dishes.length * QUARTERS },
      (_, slot) => CROP_LOSS / helpingG[kindOf(slot)]!,
    ),
  };
  known.set(instance, amounts);
  return amounts;
}
