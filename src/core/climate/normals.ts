import * as z from "zod";
import type { Problem } from "../problem";

/** What normals are kept of besides warmth, and between what they can lie. */
const BOUNDS = {
  temperature: [-60, 60],
  rain: [0, 3000],
  days: [0, 31],
  wind: [0, 40],
  humidity: [0, 100],
} as const;
export type NormalKind = keyof typeof BOUNDS;

const twelve = (kind: NormalKind) =>
  z.array(z.number().min(BOUNDS[kind][0]).max(BOUNDS[kind][1])).length(12, { error: "not-twelve" });

/** A town's climate as it is kept: where it lies, and twelve normals of the daily lowest and highest, °C; of rain, wind and humidity where they are known. */
export const TownClimate = z
  .strictObject({
    latitude: z.number().min(-90).max(90),
    longitude: z.number().min(-180).max(180),
    timeZone: z.string().max(60),
    place: z.string().trim().min(1, { error: "place-missing" }).max(120, { error: "too-long" }),
    /** Where the normals come from: a profile's id, `typed`, or `measured`. */
    origin: z.string().min(1).max(40),
    lowC: twelve("temperature"),
    highC: twelve("temperature"),
    /** Rain of the month, mm, and days of it on which it rains. */
    rainMm: twelve("rain").optional(),
    wetDays: twelve("days").optional(),
    /** Mean wind, m/s, and mean humidity of the air, %. */
    windMS: twelve("wind").optional(),
    humidity: twelve("humidity").optional(),
  })
  .refine((c) => c.lowC.every((low, i) => low <= (c.highC[i] ?? low)), {
    error: "low-above-high",
    path: ["lowC"],
  });
export type TownClimate = z.infer<typeof TownClimate>;

export type NormalsRead =
  { readonly ok: true; readonly value: number[] } | { readonly ok: false; readonly problem: Problem };

/** Units that figures of a kind are also written in: how they show in the text, and how they are turned into the kept one. */
const UNITS: Record<NormalKind, readonly (readonly [RegExp, (v: number) => number])[]> = {
  temperature: [[/°?\s*F\b/i, (v) => (v - 32) / 1.8]],
  rain: [
    [/\bcm\b/i, (v) => 10 * v],
    [/\bin(ch(es)?)?\b|″|"/i, (v) => 25.4 * v],
  ],
  days: [],
  wind: [
    [/\bkm\s*\/?\s*h\b|\bkph\b/i, (v) => v / 3.6],
    [/\bmph\b/i, (v) => 0.44704 * v],
    [/\bkn(ots?)?\b|\bkt\b/i, (v) => 0.514444 * v],
  ],
  humidity: [],
};
const UNIT_TEXT =
  /°\s*[CF]?|\b[CF]\b|%|″|"|\b(mm|cm|in|inch|inches|m\s*\/\s*s|km\s*\/?\s*h|kph|mph|kn|knots?|kt|days?)\b/gi;

/**
 * Reads twelve monthly figures, January first, as they are typed or pasted: separated by spaces, tabs, line breaks,
 * semicolons, or commas that are not decimal ones. A unit anywhere is that of all: °F, inches or cm, km/h, mph or knots.
 *
 * @returns twelve values in °C, mm, days, m/s or %
 */
export function readNormals(text: string, kind: NormalKind = "temperature"): NormalsRead {
  const turn = UNITS[kind].find(([unit]) => unit.test(text))?.[1] ?? ((v: number) => v);
  const bare = text.replace(UNIT_TEXT, " ").replaceAll("−", "-").trim();
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
  const kept = values.map(turn);
  const [least, most] = BOUNDS[kind];
  const wild = kept.findIndex((v) => v < least || v > most);
  return wild < 0
    ? { ok: true, value: kept }
    : {
        ok: false,
        problem: {
          code: (kept[wild] ?? 0) < least ? "too-small" : "too-large",
          understood: String(values[wild]),
        },
      };
}
