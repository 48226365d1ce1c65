/** What does a plan still have to buy? Bags, mix, seed and pieces, up to the days on which they are wanted. */
export { type Need, needsOf, wantedFor } from "./needs";
