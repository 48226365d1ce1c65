import type { Dimension } from "../quantity";

/** What a value of the library is measured in, from the names on its path; undefined for a bare number. */
export function dimensionOf(
  path: string,
): Exclude<Dimension, "area" | "load" | "time"> | "hours" | "days" | "grams" | undefined {
  const names = path.split(".");
  const ends = (suffix: string) => names.some((name) => name.endsWith(suffix));
  if (ends("Cm")) return "length";
  if (ends("L")) return "volume";
  if (ends("C")) return "temperature";
  if (names[0] === "lifeSeasons") return undefined;
  if (names[0] === "sunHours") return "hours";
  if (names[0] === "yieldG" || ends("SeedG")) return "grams";
  return names[0] === "days" || names[0] === "picking" || names[0] === "keepsDays" ? "days" : undefined;
}
