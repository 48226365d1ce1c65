/** What does a sowing take? Seeds for the wanted plants at a confidence, cells, weights, days in the tray. */
export { CONFIDENCE, type SowingBill, sowingBill } from "./bill";
export { chanceOfAtLeast, seedsFor } from "./seeds";
