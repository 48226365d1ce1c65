/** How does a plan stand through time? Its rows judged by what stands beside what: room, soil, light, clashes and their cures. */
export {
  assessGarden,
  assessRow,
  farOver,
  type Garden,
  isTooHeavy,
  type Neighbour,
  nextMeal,
  type PlantingView,
  type RowView,
  standingOn,
} from "./assess";
export type { Clash } from "./clash";
export { changeOf, type Cure, curesFor } from "./cure";
export { type Difference, differences } from "./differ";
export { type Heard, heardOf } from "./heard";
export { liesIn } from "./occupant";
export { mixFor, newMixFor } from "./new-mix";
export { type Patch, positionsInHalf } from "./positions";
export { type GoalInPlace, shadeAcross } from "./shade";
export { isSilent, silentSince } from "./silent";
export { type StoryStep, storyOf } from "./story";
