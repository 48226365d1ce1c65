/** What has to be bought, carried and mixed, alone or together? A household's whole kit, and what many buy at once. */
export { type Filling, type KitList, kitOf, loadsOf } from "./kit-list";
export { type Pooled, poolOf, type SharedNeed } from "./pool";
