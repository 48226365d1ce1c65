/** How plants are started. */
export const SOWING_METHODS = [
  "broadcast", // sown where it grows, strewn and barely covered
  "drills", // sown where it grows, in drills
  "stations", // sown where it grows, a few seeds to a place
  "cells", // raised one to a cell, then moved
  "tray", // strewn in a tray, then moved
  "soaked", // soaked and spread densely
  "sets",
  "tubers",
  "cuttings",
  "runners",
  "bought", // a seedling that somebody else raised
] as const;
export type SowingMethod = (typeof SOWING_METHODS)[number];

/** Whether a method leaves a plant to be set in place, so that it can go into a side hole. */
export const setsPlants = (method: SowingMethod): boolean =>
  !["broadcast", "drills", "stations", "soaked"].includes(method);

/** Whether a method begins with seed, so that there is an emergence to wait for. */
export const startsFromSeed = (method: SowingMethod): boolean =>
  !["sets", "tubers", "cuttings", "runners", "bought"].includes(method);
