import type { Leading } from "@/core/findings";
import type { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** A sentence that matters now. */
export function leadingWords(
  leading: Leading,
  { crop, number, percent }: Pick<ReturnType<typeof useWords>, "crop" | "number" | "percent">,
): string {
  const name = crop(leading.goalId);
  /** Whole hundredths: no finer than anybody knows. */
  const about = (share: number) => percent(Math.abs(share));
  switch (leading.code) {
    case "up":
    case "pick":
      return t(`findings.leading.${leading.code}`, {
        crop: name,
        days: number(Math.round(leading.days)),
        expected: number(Math.round(leading.expected)),
        packet: leading.packetDays === undefined ? "" : number(Math.round(leading.packetDays)),
      });
    case "lost":
      return t(
        leading.reason && leading.reason !== "unknown" ? "findings.leading.lostTo" : "findings.leading.lost",
        {
          crop: name,
          share: about(leading.share),
          reason: leading.reason ? t(`detail.reasons.${leading.reason}` as "detail.reasons.slugs") : "",
        },
      );
    case "gives":
      return t(leading.ratio > 1 ? "findings.leading.more" : "findings.leading.less", {
        crop: name,
        low: about(leading.ratio > 1 ? leading.low - 1 : 1 - leading.high),
        high: about(leading.ratio > 1 ? leading.high - 1 : 1 - leading.low),
      });
  }
}

/** How sure a sentence is: on how much it stands. */
export function leadingBasis(
  leading: Leading,
  { percent }: Pick<ReturnType<typeof useWords>, "percent">,
): string {
  return leading.code === "lost"
    ? t("findings.basisLost", {
        ...{ lost: leading.lost, of: leading.of },
        ...{ low: percent(leading.low), high: percent(leading.high) },
      })
    : t("findings.basis", { plantings: leading.n, households: leading.households });
}
