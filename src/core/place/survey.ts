import * as z from "zod";
import { Wants } from "../food";
import {
  amountField,
  optionalQuantityField,
  optionalWholeField,
  quantityField,
  wholeField,
} from "../quantity";
import { Away, SKILLS } from "./means";

export const PLACE_KINDS = ["balcony", "roof", "landing", "courtyard", "sill"] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

/** Share of the sky that is open over each kind of place: walls, rails and the floor above take the rest. Assumption, no source. */
export const OPEN_SKY: Record<PlaceKind, number> = {
  roof: 0.9,
  courtyard: 0.5,
  balcony: 0.4,
  landing: 0.35,
  sill: 0.3,
};

/** A time of day on the half hour, `07:30`. */
const Clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { error: "not-a-time" });

/** A stretch of direct sun, as the household sees it on a clear day. */
export const SunStretch = z
  .strictObject({ from: Clock, to: Clock })
  .refine((w) => w.from < w.to, { error: "sun-backwards", path: ["to"] });
export type SunStretch = z.infer<typeof SunStretch>;

const hour = (clock: string) => Number(clock.slice(0, 2)) + Number(clock.slice(3)) / 60;

/** Hours of direct sun in a day; stretches that overlap are counted once. */
export function sunHours(windows: readonly SunStretch[]): number {
  let sum = 0;
  let until = 0;
  for (const w of [...windows].sort((a, b) => a.from.localeCompare(b.from))) {
    sum += Math.max(0, hour(w.to) - Math.max(until, hour(w.from)));
    until = Math.max(until, hour(w.to));
  }
  return sum;
}

/** The eight points that people name, clockwise from north, each an eighth of a turn. */
export const COMPASS = ["N", "NE", "E", "SE", "S", "SW", "W", "NW"] as const;
export type Compass = (typeof COMPASS)[number];
export const bearingOf = (point: Compass): number => COMPASS.indexOf(point) * 45;

/** Stretches of sun as hours on the clock, 13.5 for half past one. */
export const seenHours = (windows: readonly SunStretch[]) =>
  windows.map((w) => ({ from: hour(w.from), to: hour(w.to) }));

/** The doorstep survey as it is typed, and as it is understood. */
export const Survey = z
  .strictObject({
    name: z.string().trim().min(1, { error: "name-missing" }).max(80, { error: "too-long" }),
    adults: wholeField(0, 30),
    children: wholeField(0, 30),
    tastes: z.string().trim().max(300, { error: "too-long" }),
    note: z.string().trim().max(1000, { error: "too-long" }),
    kind: z.enum(PLACE_KINDS),
    length: quantityField("length", 20_000),
    width: quantityField("length", 20_000),
    sun: z.array(SunStretch).max(6),
    limit: optionalQuantityField("load", 5_000),
    /** Compass point that the open side faces; empty when nobody knows. */
    faces: z.enum(["", ...COMPASS]),
    /** A door in the wall: how far from its left end, and how wide; both or neither. */
    doorAt: optionalQuantityField("length", 20_000),
    doorWide: optionalQuantityField("length", 1_000),
    /** Hooks or rails that a bag can hang from, and what each of them bears; empty when nobody asked. */
    hooks: optionalWholeField(0, 200),
    hookLimit: optionalQuantityField("mass", 1_000),
    wants: Wants,
    skill: z.enum(SKILLS),
    /** Cells or trays to raise seedlings in, counted in cells; empty when nobody asked. */
    cells: optionalWholeField(0, 5_000),
    /** Money to start with, in whole units of the programme's currency. */
    budget: amountField(100_000),
    /** Water that can be carried a day. */
    water: optionalQuantityField("volume", 2_000),
    away: z.array(Away).max(12),
  })
  .refine((s) => (s.doorAt === null) === (s.doorWide === null), { error: "door-half", path: ["doorWide"] });
export type SurveyTyped = z.input<typeof Survey>;
export type Survey = z.output<typeof Survey>;
