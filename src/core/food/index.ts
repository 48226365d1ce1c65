/** What is there to eat, and when, and what is wanted? Picks of a planting over its season, against what a household eats. */
export { type Pick, picksOf } from "./picks";
export { tableOf } from "./table";
export {
  FOOD_GROUPS,
  type FoodGroup,
  foodGroup,
  helpingG,
  HOW_OFTEN,
  NO_WANTS,
  type Taste,
  tasteOf,
  TASTES,
  Wants,
  weeklyWantG,
} from "./want";
