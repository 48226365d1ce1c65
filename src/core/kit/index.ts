/** What has to be bought for a plan, alone or together? Bags, mix, seed and pieces that are still missing. */
export { type Pooled, poolOf, type SharedNeed } from "./pool";
export { mixFor, type Need, needsOf, wantedFor } from "./wanted";
