"use client";

import { kgOf, type PickedWeek } from "@/core/record";
import { WeekChart } from "@/ui/draw/week-chart";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** What a household picked and weighed, week by week. */
export function CameIn({ weeks }: { weeks: readonly PickedWeek[] }) {
  const { quantity } = useWords();
  return (
    <section aria-label={t("draw.cameIn")} className="mb-4">
      <h2 className="text-lg font-bold">{t("draw.cameIn")}</h2>
      <WeekChart
        weeks={weeks}
        height={110}
        label={t("log.cameInChart", { kg: quantity(kgOf(weeks), "mass"), weeks: weeks.length })}
      />
    </section>
  );
}
