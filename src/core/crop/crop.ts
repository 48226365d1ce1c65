import * as z from "zod";
import { setsPlants, SOWING_METHODS } from "./methods";
import { SOURCES } from "./sources";

const positive = z.number().positive();

/** A need with two marks: below `least` it fails, from `good` on nothing is missing. */
const Need = z
  .strictObject({ least: z.number().nonnegative(), good: positive })
  .refine((n) => n.least <= n.good, { error: "least is above good" });
export type Need = z.infer<typeof Need>;

/** A range: the least and the most that are usual, and what is likely. */
const Range = z
  .strictObject({
    low: z.number().nonnegative(),
    likely: z.number().nonnegative(),
    high: z.number().nonnegative(),
  })
  .refine((d) => d.low <= d.likely && d.likely <= d.high, { error: "low, likely and high are out of order" });

/** Source marks: one for each value that differs, and `rest` for all others. */
const marks = <const K extends string>(...keys: K[]) =>
  z
    .partialRecord(z.enum(["rest", ...keys]), z.enum(SOURCES))
    .refine((m) => "rest" in m, { error: "rest has no source" });

const Method = z.strictObject({
  method: z.enum(SOWING_METHODS),
  depthCm: z.number().nonnegative(),
  /** Seeds at each place; the weakest are taken out. */
  seeds: positive.optional(),
  /** Why growers start it so; turned into words by the screens. */
  why: z.enum([
    "hates-moving",
    "quick-and-cheap",
    "choose-the-best",
    "seed-is-dear",
    "not-from-seed",
    "no-tray",
    "head-start",
  ]),
  /** Thinning steps: days after they are up, and the distance that is left between plants, cm. Thinnings are eaten or moved. */
  thin: z.array(z.strictObject({ afterUp: positive, toCm: positive })).optional(),
  /** When a raised seedling is moved: days after it is up, the sign to go by, and how long it can be held after that. */
  move: z
    .strictObject({
      afterUp: Range,
      leaf: positive.optional(),
      heightCm: positive.optional(),
      holdDays: positive,
    })
    .optional(),
});
export type Method = z.infer<typeof Method>;

const GOAL_KINDS = [
  "leaf",
  "baby-leaf",
  "head",
  "baby-head",
  "bulb",
  "root",
  "tuber",
  "pod",
  "cob",
  "fruit",
  "microgreen",
  "tops",
  "herb",
  "flower",
  "tree",
] as const;

export const Goal = z.strictObject({
  /** `crop/goal`, as in `cabbage/compact`. */
  id: z.string().regex(/^[a-z-]+\/[a-z-]+$/),
  kind: z.enum(GOAL_KINDS),
  /** Plants that are counted, each with its spacing and soil; or a stand sown dense and cut as one. */
  stand: z.discriminatedUnion("type", [
    z.strictObject({
      type: z.literal("plants"),
      spacingCm: Need,
      soilL: Need,
      /** Soil that each wants in a side hole, where that is less: its roots run on into the bag. */
      sideSoilL: Need.optional(),
    }),
    z.strictObject({ type: z.literal("dense"), seedGM2: positive }),
  ]),
  insetCm: z.number().nonnegative(),
  depthCm: Need,
  sunHours: Need,
  /** Surfaces it can be planted on, the best first. */
  where: z.array(z.enum(["top", "side"])).min(1),
  /** Height and canopy width when it is first picked, cm. */
  heightCm: positive,
  widthCm: positive,
  methods: z.array(Method).min(1),
  /** Days to the first pick while it is `atC` on average; from sowing, or from planting out a seedling of `nurseryDays`. */
  days: z.strictObject({
    from: z.enum(["sowing", "planting"]),
    /** Its year begins when days lengthen past this, h: before that it sleeps, or grows leaves only. */
    wakesH: positive.optional(),
    /** Its bulbs swell once days are long enough, and it is grown: see `bulbKind`. */
    bulbs: z.literal("day-length").optional(),
    /** So many nights colder than this it wants before it makes what is picked. */
    chill: z.strictObject({ nights: positive, belowC: z.number() }).optional(),
    window: Range,
    atC: z.number(),
    nurseryDays: z.number().nonnegative(),
  }),
  /** Yield over the whole picking, g: from a plant that has all the room, light and soil which it can use, or from a m² of a stand sown dense. 0 for what is not eaten. */
  yieldG: Range,
  /** What a m² of its plants gives over the whole picking, kg, at the usual density in full sun; left out for a stand sown dense, whose yield is that. */
  closedKgM2: Range.optional(),
  /** Of what is picked, the share that is not water; and of what grows, the share that is picked, at best. */
  dryMatter: z.number().gt(0).max(1),
  harvestIndex: z.number().gt(0).max(1),
  picking: z.strictObject({ pattern: z.enum(["once", "leaf", "flushes", "continuous"]), window: Range }),
  /** It bears for years: shares of a grown plant's harvest in its first season, its second and so on; it is pulled after the last. */
  bears: z.array(z.number().min(0).max(1)).min(2).optional(),
  /** Days that it keeps at home once it is picked, in the cool and dark: the days over which it is eaten. */
  keepsDays: z.number().nonnegative().max(365),
  /** Feeds: a share of the way from planting to first pick (0 at planting). */
  feeds: z.array(
    z.strictObject({
      stage: z.enum(["planting", "growing", "before-flowers", "heading", "week-3", "ring"]),
      share: z.number().min(0).max(1),
    }),
  ),
  support: z.enum(["none", "cane", "trellis", "twine", "wire"]),
  cautions: z.array(
    z.enum([
      "green-potato",
      "raw-bean",
      "clean-seed",
      "blade",
      "canes-eyes",
      "known-kinds-cooked",
      "green-parts",
      "sap",
      "gloves",
      "bitter-fruit",
      "cooked-only",
      "acid-mix",
      "weed-law",
    ]),
  ),
  source: marks(
    "stand",
    "insetCm",
    "depthCm",
    "sunHours",
    "where",
    "heightCm",
    "widthCm",
    "methods",
    "days",
    "yieldG",
    "closedKgM2",
    "dryMatter",
    "harvestIndex",
    "picking",
    "bears",
    "keepsDays",
    "feeds",
    "support",
  ),
});
export type Goal = z.infer<typeof Goal>;

const Profile = z.strictObject({
  id: z.string().regex(/^[a-z-]+$/),
  botanical: z.string().min(3),
  family: z.string().min(3),
  /** Thermal time to emergence: days × (T − baseC), T no higher than bestC. */
  emergence: z.strictObject({
    baseC: z.number(),
    bestC: z.number(),
    degreeDays: positive,
    /** Soil colder than this lets seed rot before it comes up. */
    leastC: z.number(),
  }),
  /** Growth is nought at baseC and fastest at bestC. */
  growth: z.strictObject({ baseC: z.number(), bestC: z.number() }),
  /** Mean night from which it may stand outdoors; lowest single night that plants stand, and seedlings. */
  nights: z
    .strictObject({ plantOutC: z.number(), standsC: z.number(), seedlingStandsC: z.number() })
    .refine((n) => n.seedlingStandsC >= n.standsC, { error: "seedlings stand more cold than plants" }),
  /** Days of this heat make it bolt, turn bitter or drop its flowers. */
  heatC: z.number(),
  /** While its flowers set fruit, or its tubers form, hotter days or warmer nights than these stop it, °C. */
  setsBelow: z.strictObject({ dayC: z.number(), nightC: z.number() }).optional(),
  /** Days longer than this make it run up to seed, h. */
  boltsH: positive.optional(),
  /** Share of seed that comes up at least; none for crops that are not sown. */
  germination: z.number().gt(0).max(1).optional(),
  /** Mass of a thousand seeds, g. */
  thousandSeedG: positive.optional(),
  water: z.strictObject({
    kc: z.strictObject({ initial: positive, mid: positive, end: positive }),
  }),
  feeding: z.enum(["light", "medium", "heavy"]),
  /** Builds sugar as maize and amaranth do, and more of it in heat and full sun. */
  c4: z.boolean().optional(),
  goals: z.array(Goal).min(1),
  source: marks(
    "emergence",
    "growth",
    "nights",
    "heatC",
    "setsBelow",
    "germination",
    "thousandSeedG",
    "water",
    "feeding",
  ),
});

/** Whether a goal can be started on every surface that it names: a side hole takes a plant, never loose seed. */
const startsEverywhere = ({ where, methods }: z.infer<typeof Goal>) =>
  !where.includes("side") || methods.some(({ method }) => setsPlants(method));

/** A crop whose clocks can run: each best above its base, and every goal's days counted at a warmth in which it grows. */
export const Crop = Profile.refine(
  (c) => c.emergence.bestC > c.emergence.baseC && c.growth.bestC > c.growth.baseC,
  { error: "best is not above base" },
)
  .refine((c) => c.goals.every((g) => g.days.atC > c.growth.baseC && g.days.atC > c.emergence.baseC), {
    error: "days are counted where nothing grows",
  })
  .refine((c) => c.goals.every(startsEverywhere), {
    error: "a goal has no way to start on a surface of its own",
  });
export type Crop = z.infer<typeof Crop>;

export type Where = Goal["where"][number];
export type GoalKind = Goal["kind"];
