"use client";

import type { Stages, Window } from "@/core/calendar";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** The dates of a planting as windows, and why a date is not where the packet puts it. */
export function Dates({ stages }: { stages: Stages }) {
  const { day, days, dateReason, number, percent } = useWords();
  const line = (name: string, w: Window | undefined, texture: string) =>
    w && (
      <div className="grid grid-cols-[1.25rem_5rem_auto_1fr] items-baseline gap-2">
        <i aria-hidden="true" className={`h-3 self-center border border-ink ${texture}`} />
        <dt>{name}</dt>
        <dd className="font-semibold">{day(w.likely)}</dd>
        <dd className="text-right text-sm text-muted">{days(w.early, w.late)}</dd>
      </div>
    );
  return (
    <div className="text-note">
      <dl className="grid gap-1">
        {line(t("clash.up"), stages.up, "stage-seed")}
        {line(t("clash.move"), stages.move, "")}
        {line(t("dates.firstPick"), stages.firstPick, "stage-growing")}
        {line(t("dates.lastPick"), stages.lastPick, "stage-picking")}
      </dl>
      {stages.seasons && (
        <ul className="mt-1 text-sm">
          {stages.seasons.map(({ from, to, share }) => (
            <li key={from}>
              {t("dates.season", { year: from.slice(0, 4), days: days(from, to), share: percent(share) })}
            </li>
          ))}
        </ul>
      )}
      {stages.bulb?.kind && (
        <p className="text-sm">{t(`bulbKinds.${stages.bulb.kind}`, { hours: number(stages.bulb.hours) })}</p>
      )}
      {stages.reasons.map((r) => (
        <p key={r.code} className="mt-1 text-sm text-muted">
          {dateReason(r)}
        </p>
      ))}
    </div>
  );
}
