import type { MonthOfWater } from "@/core/year";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** What is carried a week, month by month: litres and cans, and where that is more than the household can. */
export function WaterYear({
  months,
  carriesLDay,
}: {
  months: readonly MonthOfWater[];
  carriesLDay: number | undefined;
}) {
  const { month, quantity } = useWords();
  const most = Math.max(1, ...months.map(({ weekL }) => weekL));
  if (months.every(({ weekL }) => weekL <= 0)) return null;
  return (
    <section aria-labelledby="water-year" className="mt-5">
      <h2 id="water-year" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
        {t("days.waterYear")}
      </h2>
      <p className="text-fine text-muted">
        {carriesLDay === undefined
          ? t("days.carriesUnknown")
          : t("days.carries", { litres: quantity(7 * carriesLDay, "volume") })}
      </p>
      <ol>
        {months.map(({ day, weekL, cans, isTooMuch }) => (
          <li
            key={day}
            className={`grid grid-cols-[2.5rem_minmax(0,1fr)_7.5rem] items-center gap-2 border-t border-line text-note tabular-nums ${isTooMuch ? "font-semibold text-beet" : ""}`}
          >
            <span>{month(day)}</span>
            <span aria-hidden="true" className="h-2.5">
              <span
                className={`block h-full ${isTooMuch ? "bg-beet" : "bg-water"}`}
                style={{ width: `${(100 * weekL) / most}%` }}
              />
            </span>
            <span className="text-right">
              {weekL > 0 ? `${quantity(weekL, "volume")} · ${t("days.cans", { cans })}` : "–"}
              {isTooMuch && <span className="sr-only"> {t("days.tooMuch")}</span>}
              {isTooMuch && <span aria-hidden="true"> ▲</span>}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
