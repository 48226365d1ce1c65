import { sideHoles, soilVolumeL, usualGapCm } from "../bag";
import type { Season } from "../calendar";
import { canopyOn, grownOn, standsFrom } from "../canopy";
import type { Crop, Goal } from "../crop";
import { addDays, type Day, daysBetween } from "../day";
import { fit } from "../fit";
import { picksOf, tableOf } from "../food";
import type { Setting } from "../garden";
import { HALVES, whereOf } from "../placement";
import { inForce } from "../school";
import { coefficient } from "../water";
import { type BagClass, FORTNIGHTS, type Lane, WEEKS } from "./instance";

/** A tower's top leaves its sides this share of the soil. Common practice: the top takes what stands, on the same mix. */
const SIDE_SHARE = 0.75;

/** Weeks from `today` to a day; below 0 before it. */
export const weekOf = (today: Day, day: Day) => Math.floor(daysBetween(today, day) / 7);

/** Sums an amount by day into fortnights from `today` on; what lies outside is left out. */
export function byFortnight(
  today: Day,
  amounts: readonly (readonly [day: Day, amount: number])[],
): [number, number][] {
  const sums = new Map<number, number>();
  for (const [day, amount] of amounts) {
    const fortnight = Math.floor(daysBetween(today, day) / 14);
    if (fortnight >= 0 && fortnight < FORTNIGHTS && amount > 0)
      sums.set(fortnight, (sums.get(fortnight) ?? 0) + amount);
  }
  return [...sums].sort((a, b) => a[0] - b[0]);
}

/** How one planting goes from a sowing day on, for each plant or m²: food on the table and leaves by fortnight, and how often it is picked. The same in every bag. */
export interface Course {
  readonly inBag: Day;
  readonly to: Day;
  readonly food: readonly (readonly [fortnight: number, g: number])[];
  readonly picks: number;
  readonly leaves: readonly (readonly [fortnight: number, cm2: number, kc: number])[];
}

/** Undefined for what never ripens, or has no pick within the year. */
export function courseOf(
  crop: Crop,
  goal: Goal,
  { stages }: Season,
  today: Day,
  outBy: Day | undefined,
): Course | undefined {
  if (!stages.firstPick || !stages.lastPick || weekOf(today, stages.firstPick.likely) >= WEEKS)
    return undefined;
  const to = outBy !== undefined && outBy < stages.lastPick.likely ? outBy : stages.lastPick.likely;
  const food = byFortnight(
    today,
    tableOf(goal, stages, 1, to).map(({ day, g }) => [day, g] as const),
  );
  if (food.length === 0) return undefined;
  const inBag = standsFrom(stages);
  const leaves = Array.from({ length: FORTNIGHTS }, (_, fortnight) => fortnight).flatMap(
    (fortnight): [number, number, number][] => {
      const day = addDays(today, 14 * fortnight + 7);
      if (day < inBag || day > to) return [];
      const grown = grownOn(stages, day);
      // A m² sown thick is covered by its leaves, and no more.
      const cm2 =
        goal.stand.type === "thick"
          ? 10_000 * grown
          : Math.PI * (canopyOn(goal, stages, day).widthCm / 2) ** 2;
      return [[fortnight, cm2, coefficient(crop.water, grown)]];
    },
  );
  const picks = picksOf(goal, stages, 1).filter(({ day }) => day <= to).length;
  return { inBag, to, food, picks, leaves };
}

/** How many of a goal a bag's lane takes, whatever the day and its sun; undefined when it takes none. */
export interface Stand {
  readonly plants: number | undefined;
  readonly areaCm2: number;
  /** Plants, or m². */
  readonly units: number;
}

export function standOf(
  k: BagClass,
  lane: Lane,
  goal: Goal,
  season: Season,
  setting: Setting,
  plants?: number,
): Stand | undefined {
  const soilL = soilVolumeL(k.shape, k.row.gapCm ?? usualGapCm(k.shape));
  const half = HALVES.find((h) => h === lane);
  const claimed = half ? 0.5 : sideHoles(k.shape) === 0 ? 0 : lane === "side" ? 1 - SIDE_SHARE : SIDE_SHARE;
  const claimedL = claimed * soilL;
  const verdict = fit({
    goal,
    shape: k.shape,
    gapCm: k.row.gapCm ?? undefined,
    where: whereOf(lane),
    half,
    plants,
    sunHours: Number.POSITIVE_INFINITY,
    season,
    schools: inForce(setting.schools, k.row.schools),
    claimedL,
  });
  if (verdict.limits.some((l) => l.code !== "season" && l.grade === "wrong") || verdict.plants === 0)
    return undefined;
  const areaCm2 = verdict.sown?.areaCm2 ?? 0;
  return { plants: verdict.plants, areaCm2, units: verdict.sown ? areaCm2 / 10_000 : (verdict.plants ?? 0) };
}

/** The lanes of a bag that a goal can be planted in. */
export function lanesOf(k: BagClass, goal: Goal): Lane[] {
  const holed = sideHoles(k.shape) > 0;
  return [
    ...(goal.where.includes("top")
      ? (["top", ...HALVES.slice(0, k.parts === 0 ? 0 : k.parts === 2 ? 1 : 2)] as const)
      : []),
    ...(holed && goal.where.includes("side") ? (["side"] as const) : []),
  ];
}
