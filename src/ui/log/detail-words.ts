import type { Detail } from "@/core/record";
import type { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** What else a record says, as one short line; empty where it says no more. */
export function detailWords(
  detail: Detail | null | undefined,
  { quantity }: Pick<ReturnType<typeof useWords>, "quantity">,
): string {
  const { variety, lot, packetDays, part, reason, quality, went, weather, condition, settledCm } =
    detail ?? {};
  return [
    weather && t(`detail.weathers.${weather}`),
    reason && t(`detail.reasons.${reason}`),
    quality && t(`detail.qualities.${quality}`),
    went && t(`detail.wents.${went}`),
    condition && t(`detail.conditions.${condition}`),
    settledCm !== undefined && t("detail.settledSays", { value: quantity(settledCm, "length") }),
    variety && t("detail.varietySays", { value: variety }),
    lot && t("detail.lotSays", { value: lot }),
    packetDays !== undefined && t("detail.packetDaysSays", { value: packetDays }),
    part,
  ]
    .filter(Boolean)
    .join(", ");
}
