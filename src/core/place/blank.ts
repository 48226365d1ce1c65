import { FOOD_GROUPS } from "../food";
import type { SurveyTyped } from "./survey";

/** The survey's form before anything is asked. */
export const BLANK_SURVEY: SurveyTyped = {
  name: "",
  adults: "",
  children: "0",
  tastes: "",
  note: "",
  kind: "balcony",
  length: "",
  width: "",
  sun: [],
  limit: "",
  site: [],
  wants: {
    groups: Object.fromEntries(FOOD_GROUPS.map((group) => [group, "sometimes"])),
    must: [],
    never: [],
  },
  sell: { group: "", week: "", price: "" },
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
};
