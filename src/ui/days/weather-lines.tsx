import type { Day } from "@/core/day";
import { addDays } from "@/core/day";
import type { Warning } from "@/core/days";
import type { Weather, WeatherDay } from "@/core/weather";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** So many days are shown: the rest is too far to be sure of. */
const SHOWN_DAYS = 5;

/** The weather of today and the days to come, how old that is, and what it brings this garden. */
export function WeatherLines({
  weather,
  warnings,
  today,
}: {
  weather: Weather | undefined;
  warnings: readonly Warning[];
  today: Day;
}) {
  const { day, clock } = useWords();
  const coming = weather?.days.filter((at) => at.day >= today && at.day < addDays(today, SHOWN_DAYS)) ?? [];
  return (
    <section aria-label={t("weather.title")} className="mb-4 border-t-rule border-ink pt-1.5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-lg font-bold">{t("weather.title")}</h2>
        <p className="text-fine text-muted" suppressHydrationWarning>
          {weather === undefined
            ? t("weather.none")
            : weather.isOld
              ? t("weather.old", {
                  day: day(weather.askedAt.slice(0, 10)),
                  clock: clock(weather.askedAt),
                })
              : t("weather.asked", { clock: clock(weather.askedAt) })}
        </p>
      </div>
      {coming.length > 0 && (
        <ul className="mt-1 grid grid-cols-5 text-note tabular-nums">
          {coming.map((at) => (
            <DayOfWeather key={at.day} at={at} />
          ))}
        </ul>
      )}
      <ul>
        {warnings.map((warning) => (
          <WarningLine key={warning.code} warning={warning} />
        ))}
      </ul>
    </section>
  );
}

function DayOfWeather({ at: { day, nightC, dayC, rainMm } }: { at: WeatherDay }) {
  const { weekday, foretold, rain } = useWords();
  return (
    <li className="border-l border-line px-2 py-0.5">
      <b className="font-head">{weekday(day)}</b>
      <span className="block">
        <span className="sr-only">{t("weather.night")} </span>
        {foretold(nightC)}
        <span aria-hidden="true"> – </span>
        <span className="sr-only">, {t("weather.top")} </span>
        {foretold(dayC)}
      </span>
      <span className="block text-fine text-muted">
        {rainMm >= 0.5 ? `${t("weather.rain")} ${rain(rainMm)}` : "\u00a0"}
      </span>
    </li>
  );
}

function WarningLine({ warning }: { warning: Warning }) {
  const { day, foretold, rain, crop, number, units } = useWords();
  const rows = (list: readonly number[]) => list.join(", ");
  const said = (() => {
    switch (warning.code) {
      case "frost":
        return t("days.warn.frost", {
          night: foretold(warning.nightC),
          day: day(warning.day),
          rows: rows(warning.rows),
        });
      case "heat":
        return t("days.warn.heat", {
          top: foretold(warning.dayC),
          day: day(warning.day),
          crops: warning.goalIds.map(crop).join(", "),
        });
      case "rain":
        return t("days.warn.rain", {
          mm: rain(warning.mm),
          when: t(warning.isOver ? "days.warn.rainOver" : "days.warn.rainComes", { day: day(warning.day) }),
        });
      case "wind":
        return t("days.warn.wind", {
          day: day(warning.day),
          wind: units === "us" ? `${number(warning.windMS / 0.44704)} mph` : `${number(warning.windMS)} m/s`,
          rows: rows(warning.rows),
        });
    }
  })();
  return (
    <li className="mt-1 border-l-4 border-beet pl-2.5 text-sm font-semibold text-beet">
      <span aria-hidden="true">▲ </span>
      {said}
    </li>
  );
}
