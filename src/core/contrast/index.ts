/** What does one change do? Two bags that are alike but for one thing, and one crop in each way of growing, for this place. */
export { type Change, CHANGES, changesFor, type Contrast, contrastOf } from "./contrast";
export { type Figures, figuresOf } from "./figures";
export { type Way, WAYS, type WayName, waysOf } from "./ways";
