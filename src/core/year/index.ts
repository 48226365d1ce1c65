/** What does a garden come to in a year? Food, money, water and work, by week. */
export { type Absence, absencesOf, type Aid, AIDS } from "./absence";
export { type Economy, economyOf, SOON_WEEKS, type Week } from "./economy";
export { foodByKind, foodByWeek } from "./food-weeks";
export { hoursByWeek } from "./labour";
export { Sketch, sketchOf } from "./sketch";
export { shareOf, type Span, spanOf } from "./span";
export { type Sums, sumsOf, tooThirsty } from "./sums";
export { NO_TAKES, plusTakes, type Takes, takesOf } from "./takes";
export { type MonthOfWater, waterByMonth } from "./water-months";
export { rowThirst, wateringDays, weeklyThirst } from "./thirst";
