import { type Day, dayNumber, dayOf, yearDay } from "../day";
import { type ClockPlace, dayLength } from "../sun";
import { known } from "../known";

/** Where a household raises its seedlings: outdoors under shelter, on a windowsill indoors, or on a warm mat. */
export const TRAY_PLACES = ["sheltered", "sill", "mat"] as const;
export type TrayPlace = (typeof TRAY_PLACES)[number];

/** Twelve monthly normals of a town: mean daily lowest and highest, °C, January first. */
export interface Climate extends ClockPlace {
  readonly id: string;
  readonly latitude: number;
  readonly lowC: readonly number[];
  readonly highC: readonly number[];
  /** Monthly rain, mm, and days of the month on which it rains; mean wind, m/s; mean humidity of the air, %; where they are known. */
  readonly rainMm?: readonly number[];
  readonly wetDays?: readonly number[];
  readonly windMS?: readonly number[];
  readonly humidity?: readonly number[];
  /** Where the household's trays stand in it; outdoors under shelter when nobody has said. */
  readonly trays?: TrayPlace;
}

/** Trays under a cover outdoors are so much warmer than the air, °C. Assumption, no source. */
export const SHELTER_WARMER_C = 3;
/** Indoors trays are no colder than this, °C: a room by the window, a mat that warms from below. Assumption, no source. */
const TRAY_LEAST_C: Record<TrayPlace, number> = { sheltered: Number.NEGATIVE_INFINITY, sill: 17, mat: 23 };

/** How warm a raised seedling stands, °C, while it is `outdoorsC`. */
export const trayC = ({ trays = "sheltered" }: Climate, outdoorsC: number): number =>
  Math.max(outdoorsC + SHELTER_WARMER_C, TRAY_LEAST_C[trays]);

export interface DayTemperature {
  readonly nightC: number;
  readonly dayC: number;
  readonly meanC: number;
  /** Hours from sunrise to sunset. */
  readonly lightHours: number;
}

const YEAR = 366;
const tables = new WeakMap<Climate, DayTemperature[]>();

/** A normal drawn out to a day: each month's figure stands on its middle, with straight lines between. @param normals twelve, January first */
export function normalOn(normals: readonly number[], day: Day): number {
  const [, monthOf = 1, date = 1] = day.split("-").map(Number);
  const position = monthOf - 1 + (date - 15.5) / 30.4;
  const month = Math.floor(position);
  const share = position - month;
  return known(normals[(month + 12) % 12]) * (1 - share) + known(normals[(month + 13) % 12]) * share;
}

/** The normals of all days of a year. */
function tableOf(climate: Climate): DayTemperature[] {
  const ready = tables.get(climate);
  if (ready) return ready;
  const start = dayNumber("2024-01-01");
  const table = Array.from({ length: YEAR }, (_, i) => {
    const nightC = normalOn(climate.lowC, dayOf(start + i));
    const dayC = normalOn(climate.highC, dayOf(start + i));
    return {
      nightC,
      dayC,
      meanC: (nightC + dayC) / 2,
      lightHours: dayLength(climate.latitude, dayOf(start + i)),
    };
  });
  tables.set(climate, table);
  return table;
}

/** Normal temperatures of days, looked up by day number. */
export function temperatures(climate: Climate): (dayNumber: number) => DayTemperature {
  const table = tableOf(climate);
  return (n) => known(table[yearDay(n)]);
}

/** A normal is a mean: single nights fall about this far below it, °C. Assumption, no source. */
export const NIGHT_SWING_C = 4;

/** Months that a spell of unusual weather lasts. */
const SPELL_MONTHS = 3;

/** The climate with the three months from that of a day on warmer than usual by so many °C; colder for a figure below zero. */
export function spellFrom(climate: Climate, day: Day, byC: number): Climate {
  const first = Number(day.slice(5, 7)) - 1;
  const shifted = (normals: readonly number[]) =>
    normals.map((c, month) => ((month - first + 12) % 12 < SPELL_MONTHS ? c + byC : c));
  return { ...climate, lowC: shifted(climate.lowC), highC: shifted(climate.highC) };
}

/** Usual lowest and highest of a day, °C. */
export const temperatureOn = (climate: Climate, day: Day): DayTemperature =>
  temperatures(climate)(dayNumber(day));
