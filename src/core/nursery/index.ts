/** What is raised in one place for all? Which seedlings plans ask for, sown together in batches, and what stands ready when, for whom. */
export { type Batch, batchesOf, type CellWeek, cellsByWeek, TRAY_CELLS, traysFor } from "./batch";
export { type SeedlingLine, seedlingsOf } from "./seedling";
