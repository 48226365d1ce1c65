import { createHash } from "node:crypto";

/** An id made of a text: the same text gives the same id on every machine, so that what comes twice is stored once. */
export function stableId(text: string): string {
  const hex = createHash("sha1").update(text).digest("hex");
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-5${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
