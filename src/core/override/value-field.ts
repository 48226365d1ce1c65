import * as z from "zod";
import { problemMessage } from "../problem";
import { parseQuantity } from "../quantity";
import { dimensionOf } from "./unit";

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
