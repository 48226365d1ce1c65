import { FOOD_GROUPS } from "@/core/food";
import { amountText } from "@/core/money";
import { COMPASS, type SurveyTyped } from "@/core/place";
import type { Household } from "@/server/households";

const SOMETIMES = Object.fromEntries(FOOD_GROUPS.map((group) => [group, "sometimes" as const]));

/** The survey's form for a new household. */
export const blankSurvey = (): SurveyTyped => ({
  name: "",
  adults: "",
  children: "0",
  tastes: "",
  note: "",
  kind: "balcony",
  length: "",
  width: "",
  sun: [{ from: "08:00", to: "13:00" }],
  limit: "",
  wants: { groups: SOMETIMES, must: [], never: [] },
  skill: "some",
  trays: "sheltered",
  cells: "",
  budget: "",
  water: "",
  away: [],
  faces: "",
  doorAt: "",
  doorWide: "",
  hooks: "",
  hookLimit: "",
});

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
    wants: { ...wants, groups: { ...SOMETIMES, ...wants.groups } },
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
