/** What is there to eat, and when, and what is wanted? Picks of a planting over its season, against what a household eats. */
export { type Pick, picksOf } from "./picks";
export { tableOf } from "./table";
export { foodGroup, helpingG, NO_WANTS, type Taste, tasteOf, TASTES, weeklyWantG } from "./want";
export { Eats, Wants } from "./wants";
export { FOOD_GROUPS, type FoodGroup, HOW_OFTEN } from "./groups";
