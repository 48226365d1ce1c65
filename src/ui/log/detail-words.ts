import type { Detail } from "@/core/record";
import type { useWords } from "@/ui/words/use-words";

/** What else a record says, as one short line; empty where it says no more. */
export function detailWords(
  detail: Detail | null | undefined,
  { t, quantity }: Pick<ReturnType<typeof useWords>, "t" | "quantity">,
): string {
  const { variety, lot, packetDays, part, reason, quality, went, weather, condition, settledCm } =
    detail ?? {};
  return [
    weather && t(`log.detail.weathers.${weather}`),
    reason && t(`log.detail.reasons.${reason}`),
    quality && t(`log.detail.qualities.${quality}`),
    went && t(`log.detail.wents.${went}`),
    condition && t(`log.detail.conditions.${condition}`),
    settledCm !== undefined && t("log.detail.settledSays", { value: quantity(settledCm, "length") }),
    variety && t("log.detail.varietySays", { value: variety }),
    lot && t("log.detail.lotSays", { value: lot }),
    packetDays !== undefined && t("log.detail.packetDaysSays", { value: packetDays }),
    part,
  ]
    .filter(Boolean)
    .join(", ");
}
