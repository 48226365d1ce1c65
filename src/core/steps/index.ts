/** How is it done, one step after the other? A bag that is filled, and what is sown or planted in it, each with its own amounts. */
export { type FillStep, type Filling, fillingOf } from "./fill";
export { plantSteps, type SowStep, sowSteps } from "./sow";
