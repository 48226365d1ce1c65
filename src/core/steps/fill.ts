import { coreVolumeL, innerHeightCm, outlineArea, plantingTop, topOutline } from "../bag";
import type { GoalKind } from "../crop";
import type { Day } from "../day";
import { rawManureUntil } from "../feed";
import type { RowView } from "../garden";
import { firstSoakL, type Lime, limeFor, mulchL, settledL, swollenL } from "../mix";

/** One step of filling a bag, with its amounts: L, cm, minutes. */
export type FillStep =
  | { readonly code: "plumb" }
  | { readonly code: "stones"; readonly stonesL: number }
  /** Used mix comes out, is loosened, and swells: so much of it stays out. */
  | { readonly code: "out"; readonly outL: number }
  | { readonly code: "renew"; readonly soilL: number }
  /** In a lean year the old mix is loosened, and only fed. */
  | { readonly code: "loosen" }
  | { readonly code: "lime"; readonly lime: Lime }
  /** Below the roots of what is shallow, lumpy compost saves the good part. */
  | { readonly code: "lumpy"; readonly lumpyL: number; readonly cm: number }
  | { readonly code: "fill"; readonly soilL: number; readonly gapCm: number }
  | { readonly code: "layers"; readonly layers: number; readonly everyCm: number }
  /** Corn and potatoes are topped up as they grow: the rim is left so much freer at first. */
  | { readonly code: "earth-up"; readonly soilL: number; readonly cm: number }
  /** The cabbage family likes a firm bed. */
  | { readonly code: "firm" }
  | { readonly code: "soak"; readonly waterL: number; readonly minutes: number }
  | { readonly code: "top-up"; readonly soilL: number }
  | { readonly code: "mulch"; readonly mulchL: number };

/** A bag that is to be filled, or whose mix is refreshed. */
export interface Filling {
  readonly row: RowView;
  /** Its number in the plan, from 1. */
  readonly number: number;
  readonly isRefresh: boolean;
  /** Mix, what it is topped up with once it has settled, and water of its first soak, L; stones of a tower's core, L. */
  readonly soilL: number;
  readonly topUpL: number;
  readonly soakL: number;
  readonly stonesL: number;
  readonly until: Day;
  readonly steps: readonly FillStep[];
  /** The last day for raw manure in it, by the first pick that is planned: US 7 CFR 205.203. */
  readonly rawManureUntil?: Day;
}

/** Layers of dry leaves between the soil of a tower, cm apart. Common practice has the layers; the distance is an assumption. */
const LEAVES_EVERY_CM = 20;
/** Roots leave a bottom part that is worth saving from this share of the depth on. Ours to choose. */
const SAVES_FROM = 0.2;
/** Corn is topped up 8 to 10 cm as it grows, potatoes start 8 cm below the rim. Common practice. */
const EARTHED_UP_CM: Readonly<Record<string, number>> = { "sweet-corn": 9, potato: 8 };
/** A soak sinks in for so long before more is poured. Assumption, no source. */
const SOAK_MINUTES = 15;
const CABBAGE_FAMILY = "Brassicaceae";
/** What of that family stands on a stem and rocks in a loose bed. */
const STANDS_TALL = new Set<GoalKind>(["leaf", "head", "baby-head", "flower"]);

/** The part of a bag below the roots of all that is planned in it. */
function belowRoots({
  plantings,
  depthCm,
  soilL,
  shape,
}: RowView): { lumpyL: number; cm: number } | undefined {
  if (shape.kind === "tower" || shape.kind === "pocket" || shape.kind === "tiers" || plantings.length === 0)
    return undefined;
  const roots = Math.max(...plantings.map(({ goal }) => goal.depthCm.good));
  const share = 1 - roots / depthCm;
  return share >= SAVES_FROM ? { lumpyL: share * soilL, cm: share * depthCm } : undefined;
}

/**
 * How one bag is filled, step by step.
 *
 * @param soilL new mix that it takes, L: all of it, or what is renewed
 * @param until the last day on which it should be full
 */
export function fillingOf(
  row: RowView,
  number: number,
  { soilL, isRefresh, until }: { readonly soilL: number; readonly isRefresh: boolean; readonly until: Day },
): Filling {
  const { shape, gapCm, schools, mix, plantings } = row;
  const stonesL = isRefresh ? 0 : coreVolumeL(shape, gapCm);
  const topUpL = isRefresh ? 0 : settledL(soilL);
  const soakL = firstSoakL(row.soilL);
  const lime = soilL > 0 ? limeFor(mix, soilL, schools.lime) : undefined;
  const lumpy = isRefresh ? undefined : belowRoots(row);
  const coming = plantings.filter(({ real }) => !real?.endedOn);
  const freeCm = Math.max(0, ...coming.map(({ crop }) => EARTHED_UP_CM[crop.id] ?? 0));
  const laterL =
    isRefresh || freeCm <= gapCm
      ? 0
      : Math.min(soilL / 2, (outlineArea(topOutline(shape)) * (freeCm - gapCm)) / 1000);
  const layers =
    shape.kind === "tower" && mix.recipe.some(({ part }) => part === "garden-soil")
      ? Math.max(1, Math.floor(innerHeightCm(shape) / LEAVES_EVERY_CM) - 1)
      : 0;
  const isFirm = coming.some(
    ({ crop, goal }) => crop.family === CABBAGE_FAMILY && STANDS_TALL.has(goal.kind),
  );
  const isOpen = coming.some(({ goal }) => goal.stand.type === "plants");
  const picks = coming.flatMap(({ season, goal }) =>
    season.stages.firstPick ? [rawManureUntil(season.stages.firstPick.likely, goal.kind)] : [],
  );
  const steps: FillStep[] = [
    ...(isRefresh
      ? soilL > 0
        ? ([
            { code: "out", outL: soilL + swollenL(row.soilL - soilL) },
            { code: "renew", soilL },
          ] as const)
        : ([{ code: "loosen" }] as const)
      : []),
    ...(lime ? ([{ code: "lime", lime }] as const) : []),
    ...(shape.kind === "tower" && !isRefresh ? ([{ code: "plumb" }] as const) : []),
    ...(stonesL > 0 ? ([{ code: "stones", stonesL }] as const) : []),
    ...(lumpy ? ([{ code: "lumpy", ...lumpy }] as const) : []),
    ...(isRefresh
      ? []
      : ([
          { code: "fill", soilL: soilL - (lumpy?.lumpyL ?? 0) - laterL, gapCm: laterL > 0 ? freeCm : gapCm },
        ] as const)),
    ...(layers > 0 && !isRefresh ? ([{ code: "layers", layers, everyCm: LEAVES_EVERY_CM }] as const) : []),
    ...(isFirm ? ([{ code: "firm" }] as const) : []),
    { code: "soak", waterL: soakL, minutes: SOAK_MINUTES },
    ...(topUpL > 0 ? ([{ code: "top-up", soilL: topUpL }] as const) : []),
    ...(laterL > 0 ? ([{ code: "earth-up", soilL: laterL, cm: freeCm - gapCm }] as const) : []),
    ...(isOpen ? ([{ code: "mulch", mulchL: mulchL(outlineArea(plantingTop(shape))) }] as const) : []),
  ];
  return {
    row,
    number,
    isRefresh,
    soilL,
    topUpL,
    soakL,
    stonesL,
    until,
    steps,
    rawManureUntil: picks.sort()[0],
  };
}
