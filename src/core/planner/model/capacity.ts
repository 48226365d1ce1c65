import { sideHoles, soilDepthCm, soilVolumeL, usualGapCm } from "../../bag";
import type { Season } from "../../calendar";
import { unitsOf } from "../../course";
import type { Goal } from "../../crop";
import { fit } from "../../fit";
import { HALVES, soilShare, whereOf } from "../../placement";
import { inForce } from "../../school";
import type { Setting } from "../../setting";
import type { BagClass, Lane } from "./instance";

/** How many of a goal a bag's lane takes. */
export interface Capacity {
  /** Undefined for a dense stand. */
  readonly plants: number | undefined;
  readonly areaCm2: number;
  /** Plants, or m². */
  readonly units: number;
}

/**
 * How many of a goal a bag's lane takes, whatever the day and its sun; undefined when it takes none.
 *
 * @param season any season of the goal: it is not judged here
 * @param plants as many as are planned already; as many as reach good when left out
 */
export function capacityOf(
  { k, lane, goal, season, plants }: { k: BagClass; lane: Lane; goal: Goal; season: Season; plants?: number },
  setting: Setting,
): Capacity | undefined {
  const gapCm = k.row.gapCm ?? usualGapCm(k.shape);
  const half = HALVES.find((h) => h === lane);
  const verdict = fit({
    goal,
    shape: k.shape,
    gapCm,
    where: whereOf(lane),
    half,
    plants,
    lightMol: Number.POSITIVE_INFINITY,
    season,
    schools: inForce(setting.schools, k.row.schools),
    claimedL: (1 - soilShare(k.shape, lane)) * soilVolumeL(k.shape, gapCm),
  });
  if (verdict.limits.some((l) => l.code !== "season" && l.grade === "wrong") || verdict.plants === 0)
    return undefined;
  const areaCm2 = verdict.sown?.areaCm2 ?? 0;
  return { plants: verdict.plants, areaCm2, units: unitsOf(goal, { plants: verdict.plants, areaCm2 }) };
}

/** Deeper than this is no tray. Common practice. */
const TRAY_CM = 10;

/** The lanes of a bag that a goal can be planted in. */
export function lanesOf(k: BagClass, goal: Goal): Lane[] {
  // Shoots are grown in trays: in a deep bag they would only stand in a crop's place.
  if (goal.kind === "microgreen" && soilDepthCm(k.shape) > TRAY_CM) return [];
  const holed = sideHoles(k.shape) > 0;
  const halves = k.parts === 0 ? 0 : k.parts === 2 ? 1 : 2;
  return [
    ...(goal.where.includes("top") ? (["top", ...HALVES.slice(0, halves)] as const) : []),
    ...(holed && goal.where.includes("side") ? (["side"] as const) : []),
  ];
}
