"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Outcome, Problem } from "@/core/problem";
import { type Weather, WEATHER_MODES, type WeatherMode } from "@/core/weather";
import { SelectField } from "@/ui/primitives/field";
import { OutcomeLines } from "@/ui/primitives/outcome-lines";
import { send } from "@/ui/primitives/send";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface ServiceProps {
  readonly mode: WeatherMode;
  readonly weather: Weather | undefined;
  readonly choose: (mode: WeatherMode) => Promise<Outcome<null>>;
}

/** The simulated weather service: what it tells of these days, and the switch by which it behaves otherwise. */
export function WeatherService({ mode, weather, choose }: ServiceProps) {
  const { day, clock, weekday, foretold, rain } = useWords();
  const router = useRouter();
  const [failure, setFailure] = useState<Problem>();
  const [done, setDone] = useState(false);
  const pick = async (next: WeatherMode) => {
    const outcome = await send(() => choose(next));
    setDone(outcome.ok);
    setFailure(outcome.ok ? undefined : outcome.problem);
    if (outcome.ok) router.refresh();
  };
  return (
    <section aria-labelledby="service" className="mt-4 border-t-rule border-ink pt-2">
      <h2 id="service" className="text-lg font-bold">
        {t("climate.service")}
      </h2>
      <p className="mb-2 text-note text-muted">{t("climate.serviceLead")}</p>
      <SelectField
        label={t("climate.serviceMode")}
        value={mode}
        onChange={(e) => void pick(WEATHER_MODES.find((m) => m === e.target.value) ?? "usual")}
      >
        {WEATHER_MODES.map((each) => (
          <option key={each} value={each}>
            {t(`climate.modes.${each}`)}
          </option>
        ))}
      </SelectField>
      <OutcomeLines done={done && t("climate.serviceSaved")} failure={failure}>
        {null}
      </OutcomeLines>
      {weather ? (
        <>
          <p className="text-note" suppressHydrationWarning>
            {weather.isOld
              ? t("weather.old", {
                  day: day(weather.askedAt.slice(0, 10)),
                  clock: clock(weather.askedAt),
                })
              : t("weather.asked", { clock: clock(weather.askedAt) })}
          </p>
          <table className="mt-1 w-full text-note tabular-nums">
            <thead className="text-left text-fine text-muted">
              <tr>
                <th scope="col">{t("weather.title")}</th>
                <th scope="col" className="text-right">
                  {t("weather.night")}
                </th>
                <th scope="col" className="text-right">
                  {t("weather.top")}
                </th>
                <th scope="col" className="text-right">
                  {t("weather.rain")}
                </th>
              </tr>
            </thead>
            <tbody>
              {weather.days.map((at) => (
                <tr key={at.day} className="border-t border-line">
                  <th scope="row" className="text-left font-semibold">
                    {weekday(at.day)} {day(at.day)}
                  </th>
                  <td className="text-right">{foretold(at.nightC)}</td>
                  <td className="text-right">{foretold(at.dayC)}</td>
                  <td className="text-right">{at.rainMm > 0 ? rain(at.rainMm) : "–"}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : (
        <p className="text-note text-muted">{t("weather.none")}</p>
      )}
    </section>
  );
}
