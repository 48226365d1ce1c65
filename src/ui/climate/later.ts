/** What the climate needs once a file is read. */
export { headOf, normalsFromDaily } from "@/core/climate";
