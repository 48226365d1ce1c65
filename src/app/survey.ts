import { amountText } from "@/core/money";
import { BLANK_SURVEY, COMPASS, type SurveyTyped, typedSale } from "@/core/place";
import type { Household } from "@/server/households";

/** The survey's form for a new household: with one stretch of sun to change. */
export const blankSurvey = (): SurveyTyped => ({ ...BLANK_SURVEY, sun: [{ from: "08:00", to: "13:00" }] });

/** The survey's form as it was filled in. */
export function typedSurvey(household: Household, currency: string): SurveyTyped {
  const { name, adults, children, tastes, note, wants, skill, trays, cells, budgetMinor, away, place } =
    household;
  return {
    name,
    tastes,
    note,
    skill,
    trays,
    adults: String(adults),
    children: String(children),
    kind: place?.kind ?? "balcony",
    length: place?.lengthTyped ?? "",
    width: place?.widthTyped ?? "",
    sun: [...(place?.sun ?? [])],
    limit: place?.limitTyped ?? "",
    site: [...(place?.site ?? [])],
    wants: {
      groups: { ...BLANK_SURVEY.wants.groups, ...wants.groups },
      must: [...wants.must],
      never: [...wants.never],
    },
    sell: typedSale(wants, currency),
    cells: cells === null ? "" : String(cells),
    budget: budgetMinor === null ? "" : amountText(budgetMinor, currency),
    water: place?.waterTyped ?? "",
    away: [...away],
    faces: place?.facesDeg == null ? "" : (COMPASS[Math.round(place.facesDeg / 45) % 8] ?? ""),
    doorAt: place?.door?.fromTyped ?? "",
    doorWide: place?.door?.widthTyped ?? "",
    hooks: place?.hooks == null ? "" : String(place.hooks),
    hookLimit: place?.hookLimitTyped ?? "",
  };
}
