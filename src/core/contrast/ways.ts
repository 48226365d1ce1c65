import type { BagShape } from "../bag";
import { footprint, outlineArea } from "../bag";
import type { Crop, Goal } from "../crop";
import type { Day } from "../day";
import { assessGarden } from "../garden";
import { plantingOf } from "../match";
import type { BagThing, Row } from "../plan";
import type { Setting } from "../setting";
import { type Figures, figuresOf } from "./figures";

/** Ways of growing that people weigh against each other. */
const WAYS = ["fabric", "pot", "tiers", "tower", "bed"] as const;
export type WayName = (typeof WAYS)[number];

/** A bed on legs or on the ground, of boards: 120 × 60 cm, 30 deep. Assumption, no source. */
const BED: BagShape = { kind: "tub", lengthCm: 120, widthCm: 60, heightCm: 35 };

/** A usual one of each way. Ours to choose. */
const BAGS: Record<WayName, { readonly kindId: string; readonly shape: BagShape | null }> = {
  fabric: { kindId: "round-10-gal", shape: null },
  pot: { kindId: "pot-25-l", shape: null },
  tiers: { kindId: "tiers-5", shape: null },
  tower: { kindId: "tower-50", shape: null },
  bed: { kindId: "raised-bed", shape: BED },
};

/** A crop grown in one way. */
export interface Way {
  readonly name: WayName;
  readonly figures: Figures;
  /** Floor that it covers, m², and what it puts on it when wet, kg/m². */
  readonly floorM2: number;
  readonly loadKgM2: number;
}

/** One crop in each way of growing at a place, sown on a day; ways in which it does not grow are left out. */
export function waysOf(
  found: { readonly crop: Crop; readonly goal: Goal },
  setting: Setting,
  sowOn: Day,
  today: Day,
): Way[] {
  const planned: Setting = { ...setting, happened: undefined };
  return WAYS.flatMap((name): Way[] => {
    const bag: BagThing = { id: name, ...BAGS[name], atHand: false, firstSeason: null };
    const empty: Row = { id: name, bagId: name, gapCm: null, plantings: [] };
    const [view] = assessGarden({ bags: [bag], rows: [empty] }, planned).rows;
    const planting = view && plantingOf(found, view, sowOn, planned);
    if (!view || !planting || planting.plants === 0) return [];
    const figures = figuresOf(
      bag,
      { ...empty, plantings: [{ id: `${name} planting`, ...planting }] },
      planned,
      today,
    );
    const ground = footprint(view.shape);
    if (!figures || !ground) return [];
    const floorM2 = outlineArea(ground) / 10_000;
    return [{ name, figures, floorM2, loadKgM2: figures.wetKg / floorM2 }];
  });
}
