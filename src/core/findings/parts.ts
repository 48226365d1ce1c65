import type { PlaceKind } from "../place";
import { SCHOOL_NAMES, type SchoolName } from "../school";
import type { Line } from "./line";
import { wayOf } from "./ways";

/** Which plantings are asked for; what is left out does not part them. */
export interface PartAsk {
  readonly goal?: string;
  readonly year?: number;
  readonly place?: PlaceKind;
  readonly bag?: string;
  readonly method?: string;
  readonly school?: { readonly name: SchoolName; readonly choice: string };
}

/** What plantings can be asked for by. */
export interface Parts {
  readonly goals: readonly string[];
  /** The latest first. */
  readonly years: readonly number[];
  readonly places: readonly PlaceKind[];
  readonly bags: readonly string[];
  readonly methods: readonly string[];
  /** Those of which plantings went different ways. */
  readonly schools: readonly NonNullable<PartAsk["school"]>[];
}

/** The season that a planting belongs to: the year of its sowing, or where nobody wrote that, of its last record. */
export const yearOf = ({ sownOn, lastOn }: Pick<Line, "sownOn" | "lastOn">): number =>
  Number((sownOn ?? lastOn ?? "0").slice(0, 4));

/** Whether a planting is among those that are asked for. */
export const isAsked = (line: Line, { goal, year, place, bag, method, school }: PartAsk): boolean =>
  (goal === undefined || line.goalId === goal) &&
  (year === undefined || yearOf(line) === year) &&
  (place === undefined || line.placeKind === place) &&
  (bag === undefined || line.bagKindId === bag) &&
  (method === undefined || line.method === method) &&
  (school === undefined || wayOf(school.name, line) === school.choice);

/** What plantings can be told apart by. */
export function partsOf(lines: readonly Line[]): Parts {
  const kinds = <T>(of: (line: Line) => T) => [...new Set(lines.map(of))].sort();
  return {
    goals: kinds((l) => l.goalId),
    years: kinds(yearOf).reverse(),
    places: kinds((l) => l.placeKind).filter((kind) => kind !== null),
    bags: kinds((l) => l.bagKindId),
    methods: kinds((l) => l.method),
    schools: SCHOOL_NAMES.flatMap((name) => {
      const choices = kinds((l) => wayOf(name, l) ?? "");
      return choices.length > 1 ? choices.map((choice) => ({ name, choice })) : [];
    }),
  };
}
