import { type BagShape, coverFor } from "../bag";
import { underCover } from "../climate";
import type { Row } from "../plan";
import type { Setting } from "./setting";

const covered = new WeakMap<Setting, Setting>();

/** What a row is judged against: the household's setting, or that under the cover over its bag. Only a bag that is laid flat takes one. */
export function settingUnder(
  setting: Setting,
  shape: BagShape,
  { isCovered }: Pick<Row, "isCovered">,
): Setting {
  if (!isCovered || !coverFor(shape)) return setting;
  const known = covered.get(setting) ?? {
    ...setting,
    climate: underCover(setting.climate),
    uncovered: setting,
  };
  covered.set(setting, known);
  return known;
}
