/** What has to be bought, carried and mixed, alone or together? A household's whole kit, and what many buy at once. */
export { gearFor } from "./gear";
export { type Heap, heapsOf } from "./heap";
export { fillingsIn, type KitList, kitOf } from "./kit-list";
export { type Pooled, poolOf, type SharedNeed } from "./pool";
