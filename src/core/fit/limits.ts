import {
  type BagShape,
  outlineArea,
  plantingTop,
  sideHoles,
  sideReachCm,
  soilDepthCm,
  soilVolumeL,
} from "../bag";
import type { SeasonReason } from "../calendar";
import type { Goal, GoalKind, Need, Where } from "../crop";
import { capacity, crownM2, type Half, halfCapacity } from "../placement";

/** Best first. `wrong`: it fails; `tight`: it works with care; `right`: nothing is missing; `roomy`: half as much again is there. */
export const GRADES = ["roomy", "right", "tight", "wrong"] as const;
export type Grade = (typeof GRADES)[number];

/** The worst of some grades; roomy where there is none. */
export const worst = (grades: readonly Grade[]): Grade =>
  grades.reduce<Grade>((a, b) => (GRADES.indexOf(b) > GRADES.indexOf(a) ? b : a), "roomy");

/** One limit on a planting: what it needs, what is there. cm, L, mol/m² a day; `soil` is litres for each plant, `room` is plants. */
export type Limit =
  | {
      readonly code: "depth" | "soil" | "light";
      readonly grade: Grade;
      readonly need: Need;
      readonly have: number;
    }
  | {
      readonly code: "room";
      readonly grade: Grade;
      readonly plants: number;
      readonly good: number;
      readonly most: number;
      readonly spacingCm: Need;
    }
  | { readonly code: "holes"; readonly grade: Grade; readonly plants: number; readonly holes: number }
  | { readonly code: "season"; readonly grade: Grade; readonly reason: SeasonReason };

/** A plant with this much more than the good amount is roomy. */
const ROOMY = 1.5;
/** What is short by a tenth of the least gives about a tenth less: with care, and no refusal. Assumption, no source. */
const SHORT_BY = 0.9;
/** Rounding is no shortage. */
const EPSILON = 1e-9;

/**
 * Grades a measured amount against a need. Depth and light beyond good are no merit to boast of: they only stop being a
 * concern.
 *
 * @param have in the need's own measure: cm, L or mol
 * @param roomyFrom from where there is more than it takes
 */
export function gradeOf(have: number, need: Need, roomyFrom = need.good): Grade {
  if (have + EPSILON >= roomyFrom) return "roomy";
  if (have + EPSILON >= need.good) return "right";
  return have + EPSILON >= SHORT_BY * need.least ? "tight" : "wrong";
}

/** What the bag offers to a planting on one of its surfaces. */
export interface Offer {
  readonly depthCm: number;
  /** Litres of mix that nobody else in the bag claims. */
  readonly soilL: number;
  /** Plants that find the room of a spacing each; Infinity on the side, where holes count instead. */
  readonly room: (spacingCm: number) => number;
  /** Side holes; undefined on top. */
  readonly holes?: number;
  /** Area that can be sown, cm². */
  readonly areaCm2: number;
}

/** What was counted already on a bag's top: the same bag is asked for every goal, and again on every week. */
const counted = new WeakMap<BagShape, Map<string, number>>();

/** What swells in the ground cannot lean out of its neighbour's way. */
const SWELLS: ReadonlySet<GoalKind> = new Set<GoalKind>(["root", "bulb", "tuber"]);
/** Crowns lean out over the rim, so that stems in a bag may stand so much nearer than in a field. Assumption, no source. */
const STEMS = 0.75;
/** Ground for each plant where all stand a spacing apart in a field, as a share of the spacing's square: even triangles. */
const TRIANGLES = Math.sqrt(3) / 2;

/**
 * Plants that find the room of a spacing on a top: as many as can share what their crowns catch light on, rim and all, and
 * whose stems stand far enough apart. A few round a bag have more room than the same distance gives them in a field.
 */
function roomOnTop(ask: OfferAsk, spacingCm: number): number {
  const { shape, goal, half } = ask;
  if (SWELLS.has(goal.kind)) return stemsOnTop(ask, spacingCm);
  const crownsM2 = crownM2(shape, half ?? "top", goal.widthCm);
  const crowns = Math.floor((crownsM2 * 10_000) / (TRIANGLES * spacingCm ** 2) + EPSILON);
  return Math.min(stemsOnTop(ask, STEMS * spacingCm), Math.max(1, crowns));
}

/** Stems that stand a distance apart on a top, and keep the inset. */
function stemsOnTop({ shape, goal, half }: OfferAsk, spacingCm: number): number {
  const { insetCm } = goal;
  const borderCm = borderOf(goal);
  const known = counted.get(shape) ?? new Map<string, number>();
  counted.set(shape, known);
  const key = half ? `${spacingCm}/${insetCm}/${half}/${borderCm}` : `${spacingCm}/${insetCm}`;
  const top = plantingTop(shape);
  const room =
    known.get(key) ??
    (half ? halfCapacity(top, half, { spacingCm, insetCm, borderCm }) : capacity(top, spacingCm, insetCm));
  known.set(key, room);
  return room;
}

/** Half of what a plant keeps from its own kind at least: what it keeps from the border of its half, so that both sides keep theirs. */
const borderOf = (goal: Goal) => (goal.stand.type === "plants" ? goal.stand.spacingCm.least / 2 : 0);

/** What a surface of a bag is asked for. */
export interface OfferAsk {
  readonly shape: BagShape;
  readonly gapCm: number;
  readonly goal: Goal;
  readonly where: Where;
  /** Litres that other plantings in the bag need at the same time, and side holes that they take. */
  readonly claimedL?: number;
  readonly claimedHoles?: number;
  /** The half of the top that it keeps to. */
  readonly half?: Half;
}

/** What a surface of a bag has for a goal. */
export function offerOf(ask: OfferAsk): Offer {
  const { shape, gapCm, where, claimedL = 0, claimedHoles = 0, half } = ask;
  const soilL = Math.max(0, soilVolumeL(shape, gapCm) - claimedL);
  const depthCm = soilDepthCm(shape, gapCm);
  if (where === "side") {
    const holes = Math.max(0, sideHoles(shape) - claimedHoles);
    return {
      depthCm: Math.min(depthCm, sideReachCm(shape)),
      soilL,
      room: () => Number.POSITIVE_INFINITY,
      holes,
      areaCm2: 0,
    };
  }
  return {
    depthCm,
    soilL,
    room: (spacingCm) => roomOnTop(ask, spacingCm),
    areaCm2: outlineArea(plantingTop(shape)) / (half ? 2 : 1),
  };
}

/** The most plants for which each limit still reaches `mark`. */
export function plantsAt(
  offer: Offer,
  stand: Extract<Goal["stand"], { type: "plants" }>,
  mark: keyof Need,
): number {
  const bySoil = Math.floor(offer.soilL / stand.soilL[mark] + EPSILON);
  return Math.min(bySoil, offer.holes ?? offer.room(stand.spacingCm[mark]));
}

/** Limits that count plants, for `plants` of them. */
export function plantLimits(
  offer: Offer,
  stand: Extract<Goal["stand"], { type: "plants" }>,
  plants: number,
): Limit[] {
  const perPlant = plants > 0 ? offer.soilL / plants : offer.soilL;
  const soil: Limit = {
    code: "soil",
    grade: gradeOf(perPlant, stand.soilL, ROOMY * stand.soilL.good),
    need: stand.soilL,
    have: perPlant,
  };
  if (offer.holes !== undefined) {
    return [
      soil,
      {
        code: "holes",
        grade: plants <= offer.holes && offer.holes > 0 ? "roomy" : "wrong",
        plants,
        holes: offer.holes,
      },
    ];
  }
  const { spacingCm } = stand;
  const good = offer.room(spacingCm.good);
  const most = offer.room(spacingCm.least);
  const grade =
    most < Math.max(1, plants)
      ? "wrong"
      : good < plants
        ? "tight"
        : offer.room(1.25 * spacingCm.good) >= plants
          ? "roomy"
          : "right";
  return [soil, { code: "room", grade, plants, good, most, spacingCm }];
}
