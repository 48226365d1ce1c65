import * as z from "zod";
import { problemMessage } from "../problem";
import { type Dimension, parseQuantity } from "../quantity";

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

/** Reads a value as people type it: a quantity with its unit where it has one, a bare number in the library's own unit where not. */
export const valueField = (path: string): z.ZodType<number, string> =>
  z.string().transform((text, ctx) => {
    const dimension = dimensionOf(path);
    const own = { length: "cm", volume: "L", temperature: "°C", mass: "kg" } as const;
    const measured =
      dimension === "length" || dimension === "volume" || dimension === "temperature" || dimension === "mass";
    const bare = Number(text.trim().replace(",", "."));
    const read = measured ? parseQuantity(text, dimension, own[dimension]) : undefined;
    if (read?.ok) return read.value.value;
    if (!measured && text.trim() !== "" && Number.isFinite(bare)) return bare;
    ctx.addIssue({
      code: "custom",
      message: problemMessage(
        read && !read.ok
          ? ({ ...read.problem } as { code: string })
          : { code: text.trim() === "" ? "empty" : "not-a-number", understood: text },
      ),
    });
    return z.NEVER;
  });
