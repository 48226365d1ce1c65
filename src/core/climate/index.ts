/** What is the town's weather usually like? Twelve normals: typed, pasted, or computed from a daily file. */
export { type Columns, type DailyReport, headOf, normalsFromDaily } from "./daily";
export { readNormals, TownClimate } from "./normals";
