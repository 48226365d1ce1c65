/** What does one change do? Two bags that are alike but for one thing, and one crop in each way of growing, for this place. */
export { type Change, changesFor, type Contrast, contrastOf } from "./contrast";
export { type Figures } from "./figures";
export { type Moment, momentsOf } from "./moments";
export { type Way, type WayName, waysOf } from "./ways";
