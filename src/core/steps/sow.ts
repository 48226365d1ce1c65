import { sideRings } from "../bag";
import { billOf } from "../course";
import { type SowingMethod, setsPlants, startsFromSeed } from "../crop";
import type { Day } from "../day";
import type { PlantingView, RowView } from "../garden";
import type { Setting } from "../setting";

/** One step of sowing or planting, with its amounts: cm, g, pieces. */
export type SowStep =
  | { readonly code: "soak-seed"; readonly hours: number }
  /** Cells or a tray are filled, and seed goes in. */
  | {
      readonly code: "cells";
      readonly count: number;
      readonly seedsEach: number;
      readonly depthCm: number;
    }
  | { readonly code: "tray"; readonly seeds: number; readonly depthCm: number }
  /** Sown where it grows: strewn, in drills, a few to a place, or as thick as it goes. */
  | { readonly code: "strew"; readonly seeds?: number; readonly seedG?: number }
  | { readonly code: "drills"; readonly seeds: number; readonly depthCm: number; readonly apartCm: number }
  | {
      readonly code: "stations";
      readonly count: number;
      readonly seedsEach: number;
      readonly depthCm: number;
      readonly spacingCm: number;
    }
  | { readonly code: "solid"; readonly seedG: number }
  /** Pieces or plants are set, so deep and so far apart. */
  | {
      readonly code: "set";
      readonly of: Extract<SowingMethod, "sets" | "tubers" | "cuttings" | "runners" | "bought"> | "seedlings";
      readonly count: number;
      readonly depthCm: number;
      readonly spacingCm?: number;
    }
  | { readonly code: "halve" }
  /** Side holes, from the lowest ring up: how high each is, and how many go into it. */
  | {
      readonly code: "rings";
      readonly rings: readonly { readonly heightCm: number; readonly plants: number }[];
    }
  /** Deep to the first leaves or level with the plug, as the school has it; crown or neck above the mix. */
  | { readonly code: "deep" }
  | { readonly code: "level" }
  | { readonly code: "crown" }
  | { readonly code: "mist" }
  | { readonly code: "water-in" }
  | { readonly code: "label" }
  /** What follows: look for it in these days, move it at this sign and no later. */
  | { readonly code: "up-between"; readonly from: Day; readonly to: Day }
  | {
      readonly code: "move-at";
      readonly leaf?: number;
      readonly heightCm?: number;
      readonly about: Day;
      readonly holdUntil?: Day;
    }
  | { readonly code: "thin-to"; readonly toCm: number };

/** Seed that is spread thick is soaked for a day before. Common practice. */
const SOAK_HOURS = 24;
const CABBAGE_FAMILY = "Brassicaceae";

const spacingOf = ({ goal }: PlantingView) =>
  goal.stand.type === "plants" ? goal.stand.spacingCm.good : undefined;

/** How a planting is started, step by step, to the day on which it is looked for. */
export function sowSteps(view: PlantingView, row: RowView, setting: Setting): SowStep[] {
  const { planting, method, course, fit, season } = view;
  if (!startsFromSeed(method.method)) return plantSteps(view, row);
  const bill = billOf(course, { plants: planting.plants, areaCm2: fit.sown?.areaCm2 }, setting);
  const { up, move } = season.stages;
  const { depthCm } = method;
  const seeds = bill.seeds ?? 0;
  const sown = ((): SowStep[] => {
    switch (method.method) {
      case "cells":
        return [
          { code: "cells", count: bill.places?.count ?? 0, seedsEach: bill.places?.seedsEach ?? 1, depthCm },
        ];
      case "tray":
        return [{ code: "tray", seeds, depthCm }];
      case "soaked":
        return [
          { code: "soak-seed", hours: SOAK_HOURS },
          { code: "solid", seedG: bill.seedG ?? 0 },
        ];
      case "drills":
        return [{ code: "drills", seeds, depthCm, apartCm: spacingOf(view) ?? 0 }];
      case "stations":
        return [
          {
            code: "stations",
            count: bill.places?.count ?? 0,
            seedsEach: bill.places?.seedsEach ?? 1,
            depthCm,
            spacingCm: spacingOf(view) ?? 0,
          },
        ];
      default:
        return [{ code: "strew", seeds: bill.seeds, seedG: bill.seedG }];
    }
  })();
  return [
    ...sown,
    { code: "label" },
    { code: "mist" },
    ...(up ? ([{ code: "up-between", from: up.early, to: up.late }] as const) : []),
    ...(method.thin ?? []).map(({ toCm }) => ({ code: "thin-to", toCm }) as const),
    ...(move
      ? ([
          {
            code: "move-at",
            leaf: method.move?.leaf,
            heightCm: method.move?.heightCm,
            about: move.likely,
            holdUntil: bill.holdUntil,
          },
        ] as const)
      : []),
  ];
}

/** How a planting's pieces or seedlings are set into their bag, step by step: from the lowest ring up where it has side holes. */
export function plantSteps(view: PlantingView, { shape, schools }: RowView): SowStep[] {
  const { planting, method, crop, goal, sides } = view;
  if (!setsPlants(method.method)) return [];
  const isRaised = startsFromSeed(method.method);
  const heights = sideRings(shape).map(({ heightCm }) => heightCm);
  const rings = heights.map((heightCm) => ({
    heightCm,
    plants: sides.filter((point) => Math.abs(point.heightCm - heightCm) < 0.5).length,
  }));
  const isBrassica = crop.family === CABBAGE_FAMILY;
  return [
    ...(method.method === "tubers" ? ([{ code: "halve" }] as const) : []),
    {
      code: "set",
      of: isRaised ? "seedlings" : (method.method as "sets"),
      count: planting.plants ?? 0,
      depthCm: isRaised ? 0 : method.depthCm,
      spacingCm: planting.surface === "side" ? undefined : spacingOf(view),
    },
    ...(planting.surface === "side" && rings.length > 0 ? ([{ code: "rings", rings }] as const) : []),
    ...(isBrassica ? ([{ code: schools.brassicaDepth }] as const) : []),
    ...(crop.id === "strawberry" || goal.kind === "bulb" ? ([{ code: "crown" }] as const) : []),
    { code: "label" },
    { code: "water-in" },
  ];
}
