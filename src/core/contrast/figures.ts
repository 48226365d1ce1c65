import type { Range } from "../course";
import { addDays, type Day } from "../day";
import type { Grade } from "../fit";
import { assessGarden, type Garden, type RowView } from "../garden";
import type { BagThing, Row } from "../plan";
import type { Setting } from "../setting";
import { economyOf, hoursByWeek, rowThirst, wateringDays } from "../year";

/** What one bag comes to in the year from a day on. */
export interface Figures {
  readonly row: RowView;
  readonly plants: number;
  readonly soilL: number;
  /** Soil for each plant, L; undefined for what is strewn. */
  readonly soilEachL?: number;
  readonly wetKg: number;
  /** The worst of its plantings. */
  readonly grade: Grade;
  readonly harvest: Range;
  /** The thirstiest of the twelve months from a day on: its water, L a week, and whole days between waterings, 0 for twice a day. */
  readonly peak: { readonly month: Day; readonly weekL: number; readonly everyDays: number };
  readonly hours: number;
  /** What it costs to start, and the bag's share of that a season over its likely life, minor units; prices that nobody knows are left out. */
  readonly startMinor: number;
  readonly seasonMinor: number;
  readonly isPriced: boolean;
}

const GRADES_WORST: readonly Grade[] = ["wrong", "tight", "right", "roomy"];
const WEEKS = 52;
const MONTHS = 12;
const DAYS_A_MONTH = 30.4;

/** One bag and its row as a garden of their own. */
export const gardenOfOne = (bag: BagThing, row: Row, setting: Setting): Garden =>
  assessGarden({ bags: [bag], rows: [{ ...row, bagId: bag.id }] }, setting);

/** What a bag that stands alone comes to. Undefined for a kind of bag that nobody knows. */
export function figuresOf(bag: BagThing, row: Row, setting: Setting, today: Day): Figures | undefined {
  const garden = gardenOfOne(bag, row, setting);
  const [view] = garden.rows;
  if (!view) return undefined;
  const economy = economyOf(garden, setting, today, WEEKS);
  const plants = view.plantings.reduce((sum, { planting }) => sum + (planting.plants ?? 0), 0);
  const mixMinor = economy.shopping.lines.find(({ item }) => item.startsWith("mix/"))?.minor ?? 0;
  const bagMinor = economy.shopping.lines.find(({ item }) => item.startsWith("bag/"))?.minor ?? 0;
  const life = view.make?.lifeSeasons.likely ?? 1;
  return {
    row: view,
    plants,
    soilL: view.soilL,
    soilEachL: plants > 0 ? view.soilL / plants : undefined,
    wetKg: view.wetKg,
    grade: GRADES_WORST.find((grade) => view.plantings.some(({ fit }) => fit.grade === grade)) ?? "roomy",
    harvest: economy.harvest,
    peak: Array.from({ length: MONTHS }, (_, i) => {
      const day = addDays(today, Math.round(i * DAYS_A_MONTH));
      const everyDays = Math.floor(wateringDays(view, day, setting));
      return { month: day, weekL: 7 * rowThirst(view, day, setting), everyDays };
    }).reduce((most, month) => (month.weekL > most.weekL ? month : most)),
    hours: hoursByWeek(garden, setting, today, WEEKS).reduce((a, b) => a + b, 0),
    startMinor: economy.shopping.minor,
    seasonMinor: economy.shopping.minor - bagMinor - mixMinor + (bagMinor + mixMinor) / life,
    isPriced: economy.shopping.unpriced === 0,
  };
}
