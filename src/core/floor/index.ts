/** Where do the bags stand? Footprints on a floor, what is wrong with where they stand, spots for new ones, and the shade that they throw. */
export { arrange } from "./arrange";
export { type Fault, faultsOf, loadRound } from "./faults";
export { doorBox, type Placed, type Spot } from "./floor";
export { findSpots, type Ground, groundOf } from "./ground";
export { litByBag } from "./shade";
