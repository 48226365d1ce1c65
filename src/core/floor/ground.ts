import { innerHeightCm } from "../bag";
import { sunHoursOn } from "../course";
import { type Day, dayNumber } from "../day";
import { type Garden, liesIn, type RowView } from "../garden";
import { arrange } from "./arrange";
import { type Fault, faultsOf } from "./faults";
import type { Placed } from "./floor";
import { litByBag } from "./shade";
import type { BagThing, Plan } from "../plan";
import type { Setting } from "../setting";

/** Height over the floor of a bag and what stands in it on a day, cm. */
function heightOf({ shape, plantings }: RowView, day: Day): number {
  const plants = plantings
    .filter((p) => liesIn(day, p.stay) && p.planting.surface !== "side")
    .map((p) => p.course.canopy(dayNumber(day)).heightCm);
  return innerHeightCm(shape) * (shape.kind === "tiers" ? shape.tiers : 1) + Math.max(0, ...plants);
}

/** The bags that stand on spots of the floor, as tall as they are on a day; those without a spot, and those that hang, are missing. */
const placedOn = (garden: Garden, day: Day): Placed[] =>
  garden.rows.flatMap((row) =>
    row.bag.spot && row.load
      ? [
          {
            id: row.bag.id,
            shape: row.shape,
            spot: row.bag.spot,
            wetKg: row.wetKg,
            heightCm: heightOf(row, day),
          },
        ]
      : [],
  );

export interface Ground {
  readonly placed: readonly Placed[];
  readonly faults: readonly Fault[];
  /** Hours of sun of each placed bag on the day, under the shade of the others; empty where nobody knows which way the place faces. */
  readonly sun: ReadonlyMap<string, number>;
}

/** How a plan stands on its floor on a day; undefined where nobody has measured the floor. */
export function groundOf(garden: Garden, setting: Setting, day: Day): Ground | undefined {
  const { floor, limitKgM2 } = setting;
  if (!floor) return undefined;
  const placed = placedOn(garden, day);
  const hours = sunHoursOn(setting, dayNumber(day));
  return {
    placed,
    faults: faultsOf(floor, placed, limitKgM2),
    sun: new Map([...litByBag(placed, setting, day)].map(([id, lit]) => [id, lit * hours])),
  };
}

/** A plan with a spot for every bag of its rows that stands and has none; bags for which there is no room stay without. */
export function findSpots(plan: Plan, garden: Garden, setting: Setting): Plan {
  if (!setting.floor) return plan;
  const bags = garden.rows
    .filter((row) => row.load)
    .map((row) => ({ id: row.bag.id, shape: row.shape, spot: row.bag.spot, wetKg: row.wetKg, heightCm: 0 }));
  const spots = arrange(setting.floor, bags, setting.limitKgM2);
  return {
    ...plan,
    bags: plan.bags.map((bag): BagThing => ({ ...bag, spot: spots.get(bag.id) ?? bag.spot })),
  };
}
