/** What has been decided? A household's bags, rows and plantings, edits to them, and what two states differ in. */
export { comparePlans, type PlanComparison } from "./compare";
export {
  addBag,
  changeBag,
  changePlanting,
  changeRow,
  copyRow,
  movePlanting,
  nudgeBag,
  putPlanting,
  rehouse,
  removePlanting,
  removeRow,
  sowAgain,
  swapBags,
} from "./edit";
export { halfOf } from "./half";
export { EMPTY_PLAN, type KeptPlan } from "./kept";
export { BagThing, Packet, Plan, Planting, Row } from "./plan";
