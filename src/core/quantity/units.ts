/**
 * The units that people write, and what one of each is in the core's own units:
 * cm, cm², L, kg, °C, kg/m² for load, and days for the "per" of a rate.
 *
 * Factors are exact by definition: NIST Handbook 44 appendix C, NIST SP 811.
 */
export type Dimension = "length" | "area" | "volume" | "mass" | "temperature" | "load" | "time";
export type UnitSystem = "metric" | "us";

export interface Unit {
  readonly id: string;
  readonly dimension: Dimension;
  readonly system: UnitSystem | "both";
  /** Core units in one of this unit. */
  readonly factor: number;
  /** Core value of this unit's zero; only temperatures have one. */
  readonly offset?: number;
  /** Spellings, lower case unless case tells two units apart. */
  readonly spellings: readonly string[];
}

const INCH = 2.54;
const US_GALLON = 3.785411784;
export const POUND_KG = 0.45359237;
const SQUARE_FOOT_M2 = (12 * INCH) ** 2 / 10_000;

type UnitRow = readonly [
  id: string,
  dimension: Dimension,
  system: Unit["system"],
  factor: number,
  ...spellings: string[],
];

const unit = (...[id, dimension, system, factor, ...spellings]: UnitRow): Unit => ({
  id,
  dimension,
  system,
  factor,
  spellings: [id, ...spellings],
});

const UNITS: readonly Unit[] = [
  unit("mm", "length", "metric", 0.1, "millimetre", "millimetres", "millimeter", "millimeters"),
  unit("cm", "length", "metric", 1, "centimetre", "centimetres", "centimeter", "centimeters"),
  unit("m", "length", "metric", 100, "metre", "metres", "meter", "meters"),
  unit("in", "length", "us", INCH, '"', "″", "”", "inch", "inches"),
  unit("ft", "length", "us", 12 * INCH, "'", "′", "’", "foot", "feet"),
  unit("yd", "length", "us", 36 * INCH, "yard", "yards", "yds"),

  unit("cm²", "area", "metric", 1, "cm2", "sq cm"),
  unit("m²", "area", "metric", 10_000, "m2", "sq m", "square metre", "square metres", "square meters"),
  unit("sq in", "area", "us", INCH ** 2, "in²", "in2"),
  unit("sq ft", "area", "us", SQUARE_FOOT_M2 * 10_000, "ft²", "ft2", "square foot", "square feet"),

  unit("mL", "volume", "metric", 0.001, "ml", "millilitre", "millilitres", "milliliter", "milliliters", "cc"),
  unit("cL", "volume", "metric", 0.01, "cl", "centilitre", "centilitres"),
  unit("dL", "volume", "metric", 0.1, "dl", "decilitre", "decilitres"),
  unit("L", "volume", "metric", 1, "l", "litre", "litres", "liter", "liters"),
  unit("m³", "volume", "metric", 1000, "m3", "cubic metre", "cubic metres", "cubic meters"),
  unit("tsp", "volume", "us", US_GALLON / 768, "teaspoon", "teaspoons"),
  unit("tbsp", "volume", "us", US_GALLON / 256, "tablespoon", "tablespoons"),
  unit("fl oz", "volume", "us", US_GALLON / 128, "floz", "fluid ounce", "fluid ounces"),
  unit("cup", "volume", "us", US_GALLON / 16, "cups"),
  unit("pt", "volume", "us", US_GALLON / 8, "pint", "pints"),
  unit("qt", "volume", "us", US_GALLON / 4, "quart", "quarts"),
  unit("gal", "volume", "us", US_GALLON, "gallon", "gallons", "us gal"),
  unit("cu in", "volume", "us", INCH ** 3 / 1000, "in³", "in3"),
  unit("cu ft", "volume", "us", (12 * INCH) ** 3 / 1000, "ft³", "ft3", "cubic foot", "cubic feet"),
  unit("cu yd", "volume", "us", (36 * INCH) ** 3 / 1000, "yd³", "yd3", "cubic yard", "cubic yards"),

  unit("g", "mass", "metric", 0.001, "gram", "grams", "gramme", "grammes"),
  unit("kg", "mass", "metric", 1, "kilo", "kilos", "kilogram", "kilograms"),
  unit("t", "mass", "metric", 1000, "tonne", "tonnes"),
  unit("oz", "mass", "us", POUND_KG / 16, "ounce", "ounces"),
  unit("lb", "mass", "us", POUND_KG, "lbs", "pound", "pounds"),

  { ...unit("°C", "temperature", "metric", 1, "C", "ºC", "deg C", "celsius"), offset: 0 },
  { ...unit("°F", "temperature", "us", 1 / 1.8, "F", "ºF", "deg F", "fahrenheit"), offset: -32 / 1.8 },

  unit("kg/m²", "load", "metric", 1, "kg/m2"),
  unit("kPa", "load", "metric", 1000 / 9.80665, "kpa", "kn/m²", "kn/m2"),
  unit(
    "psf",
    "load",
    "us",
    POUND_KG / SQUARE_FOOT_M2,
    "lb/ft²",
    "lb/ft2",
    "lb/sq ft",
    "lbs/sq ft",
    "lbs/ft²",
    "lbs/ft2",
    "pounds/square foot",
    "lbf/ft²",
    "lbf/ft2",
  ),

  unit("day", "time", "both", 1, "d", "days"),
  unit("week", "time", "both", 7, "wk", "weeks"),
];

const BY_SPELLING = new Map<string, Unit[]>();
for (const u of UNITS) {
  for (const spelling of u.spellings) {
    for (const key of new Set([spelling, spelling.toLowerCase()])) {
      BY_SPELLING.set(key, [...(BY_SPELLING.get(key) ?? []), u]);
    }
  }
}

/** The unit written as `text`, exactly or but for its case; undefined when there is none. */
export function findUnit(text: string): Unit | undefined {
  const spaced = text
    .trim()
    .replaceAll(".", "")
    .replace(/\s*\bper\b\s*/i, "/")
    .replace(/\s+/g, " ")
    .replace(/^degrees?\b/i, "deg")
    .trim();
  const found = BY_SPELLING.get(spaced) ?? BY_SPELLING.get(spaced.toLowerCase());
  return found?.[0];
}

/** The unit with this id. @throws {RangeError} when no unit has it: a programmer's slip, not a user's. */
export function unitById(id: string): Unit {
  const found = UNITS.find((u) => u.id === id);
  if (!found) throw new RangeError(`no unit ${id}`);
  return found;
}

/** `amount` of `u` in the core's units. */
export const toCore = (amount: number, u: Unit): number => amount * u.factor + (u.offset ?? 0);

/** A core value as an amount of `u`. */
export const fromCore = (value: number, u: Unit): number => (value - (u.offset ?? 0)) / u.factor;
