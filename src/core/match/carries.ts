import type { Climate } from "../climate";
import { lightOn } from "../course";
import type { Goal } from "../crop";
import { addMonths, type Day, dayNumber } from "../day";
import { lightGrade } from "../fit";
import { bearingOf, isStretch, skyOf, type SurveyTyped } from "../place";
import { parseQuantity } from "../quantity";

/** A month and what a place gets on its middle day, mol/m². */
interface MonthLight {
  readonly day: Day;
  readonly mol: number;
}

export interface Carries {
  readonly floorM2?: number;
  readonly sunHours: number;
  /** Light a day over the next three months, in which what is sown now grows, mol/m². */
  readonly lightMol: number;
  /** The year's darkest and brightest month. */
  readonly least: MonthLight;
  readonly most: MonthLight;
  /** Goals that get all the light they want in these months, and those that get just enough. */
  readonly enough: number;
  readonly little: number;
  /** Wet mass that the floor bears spread evenly, and how many usual bags that is; undefined without limit or measures. */
  readonly totalKg?: number;
  readonly usualBags?: number;
}

/** What the typed survey is read against. */
interface Town {
  readonly climate: Climate;
  readonly today: Day;
  /** Day on which the sun was seen. */
  readonly seenOn: Day;
  /** Wet mass of a usual bag, kg. */
  readonly usualBagKg: number;
}

/** A bag's first crop is grown in about this time. */
const SEASON_DAYS = 90;
const LOOK_DAYS = 15;

/** Reads a half-filled survey for what the place can carry and grow, so that the trainer sees it while asking. */
export function placeCarries(
  typed: Pick<SurveyTyped, "kind" | "length" | "width" | "limit" | "sun" | "faces">,
  goals: readonly Goal[],
  { climate, today, seenOn, usualBagKg }: Town,
): Carries {
  const read = (text: string, dimension: "length" | "load") => {
    const quantity = parseQuantity(text, dimension);
    return quantity.ok && quantity.value.value > 0 ? quantity.value.value : undefined;
  };
  const length = read(typed.length, "length");
  const width = read(typed.width, "length");
  const limit = read(typed.limit, "load");
  const sun = typed.sun.filter(isStretch);
  const faces = typed.faces === "" ? undefined : bearingOf(typed.faces);
  const place = { climate, ...skyOf({ kind: typed.kind, sun, faces, seenOn }, climate) };
  const looks = Array.from({ length: SEASON_DAYS / LOOK_DAYS }, (_, i) => dayNumber(today) + i * LOOK_DAYS);
  const lightMol = looks.reduce((sum, day) => sum + lightOn(place, day), 0) / looks.length;
  const months = Array.from({ length: 12 }, (_, i): MonthLight => {
    const day = addMonths(`${today.slice(0, 4)}-01-15`, i);
    return { day, mol: lightOn(place, dayNumber(day)) };
  }).sort((a, b) => a.mol - b.mol);
  const grades = goals.map((goal) => lightGrade(goal, lightMol));
  const floorM2 = length && width ? (length * width) / 10_000 : undefined;
  const totalKg = floorM2 && limit ? floorM2 * limit : undefined;
  const [least = { day: today, mol: lightMol }] = months;
  return {
    floorM2,
    sunHours: place.sunHours,
    lightMol,
    least,
    most: months.at(-1) ?? least,
    enough: grades.filter((g) => g === "roomy").length,
    little: grades.filter((g) => g === "tight").length,
    totalKg,
    usualBags: totalKg && Math.floor(totalKg / usualBagKg),
  };
}
