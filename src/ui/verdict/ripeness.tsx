import type { Goal } from "@/core/crop";
import { ripenessOf } from "@/core/ripeness";
import { useWords } from "@/ui/words/use-words";

/** When a goal is ripe, how it is cut, how much is left, and whether that is its end. */
export function RipenessLine({ goal }: { goal: Goal }) {
  const { t, quantity, percent } = useWords();
  const { sign, cut, aboveCrownCm, leaves, isEnd } = ripenessOf(goal);
  return (
    <p className="text-note">
      {[
        t(`ripeness.signs.${sign}`),
        t(`ripeness.cuts.${cut}`),
        aboveCrownCm !== undefined && t("ripeness.crown", { height: quantity(aboveCrownCm, "length") }),
        leaves !== undefined && t("ripeness.leave", { share: percent(leaves) }),
        isEnd && t("ripeness.end"),
      ]
        .filter(Boolean)
        .join(" ")}
    </p>
  );
}
