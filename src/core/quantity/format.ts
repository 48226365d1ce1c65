import { type Dimension, fromCore, type UnitSystem, unitById } from "./units";
import { known } from "../known";

/** A number to show and the id of its unit; the screens set the number large and the unit small. */
export interface Shown {
  readonly amount: string;
  readonly unit: string;
}

type Ladder = readonly (readonly [unit: string, from: number])[];

/** For each dimension the units to show in, largest first, with the core value from which each is used. */
const LADDERS: Record<UnitSystem, Record<Dimension, Ladder>> = {
  metric: {
    length: [
      ["m", 100],
      ["cm", 1],
      ["mm", 0],
    ],
    area: [
      ["m²", 1000],
      ["cm²", 0],
    ],
    volume: [
      ["L", 0.95],
      ["mL", 0],
    ],
    mass: [
      ["kg", 0.995],
      ["g", 0],
    ],
    temperature: [["°C", Number.NEGATIVE_INFINITY]],
    load: [["kg/m²", 0]],
    time: [["day", 0]],
  },
  us: {
    length: [
      ["ft", 150],
      ["in", 0],
    ],
    area: [
      ["sq ft", 929],
      ["sq in", 0],
    ],
    volume: [
      ["gal", 1.9],
      ["qt", 0.9],
      ["cup", 0.118],
      ["tbsp", 0.0147],
      ["tsp", 0],
    ],
    mass: [
      ["lb", 0.45],
      ["oz", 0],
    ],
    temperature: [["°F", Number.NEGATIVE_INFINITY]],
    load: [["psf", 0]],
    time: [["day", 0]],
  },
};

/** Two figures under ten, whole numbers from ten on: as much as work with a bucket can use. */
function round(amount: number): string {
  const size = Math.abs(amount);
  if (size > 0 && size < 0.1) return String(Number(amount.toPrecision(2)));
  const places = size >= 9.95 || size === 0 ? 0 : size >= 0.995 ? 1 : 2;
  return String(Number(amount.toFixed(places)));
}

/** `value` (core units) split into a rounded amount and its unit, in the system that the reader uses. */
export function showQuantity(value: number, dimension: Dimension, system: UnitSystem = "metric"): Shown {
  const ladder = LADDERS[system][dimension];
  const [id] = ladder.find(([, from]) => Math.abs(value) >= from || value >= from) ?? known(ladder.at(-1));
  const amount = fromCore(value, unitById(id));
  // Half a degree is a gate between crops, so temperatures keep their first place.
  return {
    amount: dimension === "temperature" ? String(Number(amount.toFixed(1))) : round(amount),
    unit: id,
  };
}

/** `value` (core units) as one text: "16 L", "4.2 gal". */
export function formatQuantity(value: number, dimension: Dimension, system: UnitSystem = "metric"): string {
  const { amount, unit } = showQuantity(value, dimension, system);
  return `${amount} ${unit}`;
}

/** Rain as it is measured: whole millimetres, or inches. */
export const formatRain = (mm: number, system: UnitSystem = "metric"): string =>
  system === "us" ? `${round(fromCore(mm / 10, unitById("in")))} in` : `${mm.toFixed(0)} mm`;
