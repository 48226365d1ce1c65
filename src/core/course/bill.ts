import type { Setting } from "../setting";
import { CONFIDENCE, type SowingBill, sowingBill } from "../sowing";
import type { Course } from "./course";

/**
 * What a planting's sowing takes, by the programme's own germination where its records know one.
 *
 * @param wanted plants, or the area that a dense stand is sown on
 */
export const billOf = (
  { crop, goal, method, season }: Course,
  wanted: { readonly plants?: number | null; readonly areaCm2?: number },
  { germination }: Pick<Setting, "germination">,
): SowingBill =>
  sowingBill(
    { crop, goal, method, stages: season.stages },
    { plants: wanted.plants ?? undefined, areaCm2: wanted.areaCm2 ?? 0 },
    CONFIDENCE,
    germination?.[crop.id]?.share,
  );
