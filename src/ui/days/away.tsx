import { type Absence, AIDS } from "@/core/year";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** What the times away mean: which bags last them, how often somebody has to come with how much water, and what stretches it. */
export function AwayNotes({ absences }: { absences: readonly Absence[] }) {
  const { days, bag, quantity } = useWords();
  if (absences.length === 0) return null;
  return (
    <section aria-labelledby="away" className="mb-4">
      <h2 id="away" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
        {t("days.away")}
      </h2>
      {absences.map(({ from, to, rows, short, visits }) => (
        <div key={`${from} ${to}`} className="border-t border-line py-1.5 text-note">
          <p>
            <b>{days(from, to)}</b>:{" "}
            {visits
              ? t("days.visits", {
                  short: short.length,
                  rows,
                  days: visits.everyDays,
                  litres: quantity(visits.litres, "volume"),
                })
              : t("days.lastsAll", { rows })}
          </p>
          {short.length > 0 && (
            <ul>
              {short.map(({ row, number, lastsDays, with: aided }) => (
                <li key={row.row.id} className="text-muted">
                  {t("days.lasts", { row: `${number} ${bag(row.bag.kindId)}`, days: lastsDays })}
                  {"; "}
                  {[...AIDS, "all" as const]
                    .map((aid) => t(`days.aids.${aid}`, { days: aided[aid] === undefined ? -1 : aided[aid] }))
                    .join(", ")}
                </li>
              ))}
            </ul>
          )}
        </div>
      ))}
      <p className="text-note text-muted">{t("days.awayHelps")}</p>
    </section>
  );
}
