import * as z from "zod";
import type { Problem } from "../problem";

const Twelve = z.array(z.number().min(-60).max(60)).length(12, { error: "not-twelve" });

/** A town's climate as it is kept: where it lies, and twelve normals of the daily lowest and highest, °C. */
export const TownClimate = z
  .strictObject({
    latitude: z.number().min(-90).max(90),
    longitude: z.number().min(-180).max(180),
    timeZone: z.string().max(60),
    place: z.string().trim().min(1, { error: "place-missing" }).max(120, { error: "too-long" }),
    /** Where the normals come from: a profile's id, `typed`, or `measured`. */
    origin: z.string().min(1).max(40),
    lowC: Twelve,
    highC: Twelve,
  })
  .refine((c) => c.lowC.every((low, i) => low <= (c.highC[i] ?? low)), {
    error: "low-above-high",
    path: ["lowC"],
  });
export type TownClimate = z.infer<typeof TownClimate>;

export type NormalsRead =
  { readonly ok: true; readonly value: number[] } | { readonly ok: false; readonly problem: Problem };

/**
 * Reads twelve monthly figures, January first, as they are typed or pasted: separated by spaces, tabs, line breaks,
 * semicolons, or commas that are not decimal ones. With an °F or F anywhere, all are Fahrenheit.
 *
 * @returns twelve values in °C
 */
export function readNormals(text: string): NormalsRead {
  const fahrenheit = /°?\s*F\b/i.test(text);
  const bare = text
    .replace(/°\s*[CF]?|\b[CF]\b/gi, " ")
    .replaceAll("−", "-")
    .trim();
  if (bare === "") return { ok: false, problem: { code: "empty" } };
  // "8,5 9,1" has decimal commas, "8.5, 9.1" and "8, 9, 10" have commas between.
  const parts =
    /[\s;]/.test(bare) && !/,\s/.test(bare)
      ? bare.split(/[\s;]+/).map((p) => p.replace(",", "."))
      : bare.split(/[\s,;]+/);
  const values = parts.filter((p) => p !== "").map(Number);
  const broken = parts.find((p) => p !== "" && !Number.isFinite(Number(p)));
  if (broken !== undefined) return { ok: false, problem: { code: "not-a-number", understood: broken } };
  if (values.length !== 12) return { ok: false, problem: { code: "months-count", count: values.length } };
  const celsius = values.map((v) => (fahrenheit ? (v - 32) / 1.8 : v));
  const wild = celsius.find((v) => v < -60 || v > 60);
  return wild === undefined
    ? { ok: true, value: celsius }
    : { ok: false, problem: { code: "too-large", understood: String(values[celsius.indexOf(wild)]) } };
}
