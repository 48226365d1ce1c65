import type { Goal } from "@/core/crop";
import { ripenessOf } from "@/core/ripeness";
import type { wordsFor } from "@/ui/words/words-for";
import { t } from "./words";

/** When a goal is ripe, how it is cut, how much is left, and whether that is its end. */
export function ripenessWords(goal: Goal, { quantity, percent }: ReturnType<typeof wordsFor>): string {
  const { sign, cut, aboveCrownCm, leaves, isEnd } = ripenessOf(goal);
  return [
    t(`ripeness.signs.${sign}`),
    t(`ripeness.cuts.${cut}`),
    aboveCrownCm !== undefined && t("ripeness.crown", { height: quantity(aboveCrownCm, "length") }),
    leaves !== undefined && t("ripeness.leave", { share: percent(leaves) }),
    isEnd && t("ripeness.end"),
  ]
    .filter(Boolean)
    .join(" ");
}
