import type { PlantingView, RowView } from "@/core/garden";
import type { SectionPlant } from "./section";
import type { TopPlanting } from "./top";

/** A stand sown dense is drawn as so many. */
const DRAWN_DENSE = 7;

/** A planting as the section of its bag shows it: grown, or with the roots and the height that it has on a day. */
export const sectionPlant = (
  { goal, planting }: PlantingView,
  { depthCm }: Pick<RowView, "depthCm">,
  { rootCm, heightCm }: Pick<SectionPlant, "rootCm" | "heightCm"> = {
    rootCm: goal.depthCm.good,
    heightCm: goal.heightCm,
  },
): SectionPlant => ({
  goalId: goal.id,
  kind: goal.kind,
  count: planting.plants ?? DRAWN_DENSE,
  rootCm: Math.min(rootCm, depthCm),
  heightCm,
  side: planting.surface === "side",
});

/** A planting as its bag shows it from above. @param isSelected whether it is marked */
export const topPlanting = (
  { planting, goal, top, sides, patch, ground }: PlantingView,
  isSelected = false,
): TopPlanting => ({
  id: planting.id,
  top,
  sides,
  patch,
  ground,
  spacingCm: goal.stand.type === "plants" ? goal.stand.spacingCm.good : 0,
  selected: isSelected,
});
