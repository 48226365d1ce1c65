import * as z from "zod";
import { TRAY_PLACES } from "../climate";
import { Eats, FOOD_GROUPS } from "../food";
import {
  amountField,
  optionalQuantityField,
  optionalWholeField,
  quantityField,
  wholeField,
} from "../quantity";
import { COMPASS } from "./compass";
import { PLACE_KINDS } from "./kinds";
import { Away } from "./means";
import { SITE_MARKS } from "./site";
import { SKILLS } from "./skills";
import { CLOCK } from "./sun-seen";

/** A time of day on the half hour, `07:30`. */
const Clock = z.string().regex(CLOCK, { error: "not-a-time" });

/** A stretch of direct sun, as the household sees it on a clear day. */
export const SunStretch = z
  .strictObject({ from: Clock, to: Clock })
  .refine((w) => w.from < w.to, { error: "sun-backwards", path: ["to"] });
export type SunStretch = z.infer<typeof SunStretch>;

/** No floor that people garden on is built for less or for more, kg/m²: dwellings bear 150 to 300, stores up to 2,000. From memory. */
const LEAST_LOAD = 40;
const MOST_LOAD = 2_500;

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
    limit: optionalQuantityField("load", MOST_LOAD),
    site: z.array(z.enum(SITE_MARKS)).max(SITE_MARKS.length),
    /** Compass point that the open side faces; empty when nobody knows. */
    faces: z.enum(["", ...COMPASS]),
    /** A door in the wall: how far from its left end, and how wide; both or neither. */
    doorAt: optionalQuantityField("length", 20_000),
    doorWide: optionalQuantityField("length", 1_000),
    /** Hooks or rails that a bag can hang from, and what each of them bears; empty when nobody asked. */
    hooks: optionalWholeField(0, 200),
    hookLimit: optionalQuantityField("mass", 1_000),
    wants: Eats,
    /** What they would sell of what they grow: a kind of food, how much a week, and the price of a kilogram; all or none of it. */
    sell: z
      .strictObject({
        group: z.enum(["", ...FOOD_GROUPS]),
        week: optionalQuantityField("mass", 1_000),
        price: amountField(1_000),
      })
      .refine(({ group, week }) => (group === "") === (week === null), { error: "sell-half", path: ["week"] })
      .refine(({ group, price }) => (group === "") === (price === null), {
        error: "sell-half",
        path: ["price"],
      }),
    skill: z.enum(SKILLS),
    trays: z.enum(TRAY_PLACES),
    /** Cells or trays to raise seedlings in, counted in cells; empty when nobody asked. */
    cells: optionalWholeField(0, 5_000),
    /** Money to start with, in whole units of the programme's currency. */
    budget: amountField(100_000),
    /** Water that can be carried a day. */
    water: optionalQuantityField("volume", 2_000),
    away: z.array(Away).max(12),
  })
  .refine(({ limit }) => limit === null || limit.value >= LEAST_LOAD, {
    error: "load-unlikely",
    path: ["limit"],
  })
  .refine((s) => (s.doorAt === null) === (s.doorWide === null), { error: "door-half", path: ["doorWide"] });
export type SurveyTyped = z.input<typeof Survey>;
export type Survey = z.output<typeof Survey>;
