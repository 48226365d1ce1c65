"use client";

import type { Letter } from "@/core/findings";
import { FactTable } from "@/ui/primitives/fact-table";
import { Button } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** A household's season on one page, to read, to print and to keep. */
export function SeasonLetter({
  householdId,
  name,
  programme,
  year,
  years,
  letter,
  shared,
}: {
  householdId: string;
  name: string;
  programme: string;
  year?: number;
  years: readonly number[];
  letter: Letter;
  /** What all that share got of what this household grew, a planting, from three households on. */
  shared: readonly {
    readonly goalId: string;
    readonly households: number;
    readonly pickDays: number;
    readonly kg: number;
  }[];
}) {
  const { crop, picked, quantity, money, longDay, number, percent } = useWords();
  const { grown, kg, worthMinor, pricedShare, firstPickOn, picks, well, hard } = letter;
  const amount = (g: (typeof grown)[number]) => picked({ kg: g.kg, ...g.left }) || "–";
  return (
    <article className="max-w-[46rem] px-4 py-4 lg:px-6">
      <p className="text-muted">{programme}</p>
      <h1 className="text-title font-bold">
        {year === undefined ? t("letter.title") : t("letter.of", { name, year: String(year) })}
      </h1>
      {years.length > 1 && (
        <p className="my-2 flex flex-wrap gap-3 print:hidden">
          {years.map((y) => (
            <Link
              key={y}
              href={`/house/${householdId}/season?year=${y}`}
              aria-current={y === year ? "page" : undefined}
              className="min-h-9 py-1.5 underline aria-[current=page]:font-bold aria-[current=page]:no-underline"
            >
              {y}
            </Link>
          ))}
          <Button className="ml-auto" onClick={() => window.print()}>
            {t("letter.print")}
          </Button>
        </p>
      )}
      {grown.length === 0 ? (
        <p className="border-t border-line py-6">{t("letter.none")}</p>
      ) : (
        <>
          <p className="my-3 text-lg">
            <b>{t("letter.sum", { kg: quantity(kg, "mass"), picks })}</b>{" "}
            {firstPickOn && t("letter.first", { day: longDay(firstPickOn) })}{" "}
            {worthMinor > 0 &&
              t("letter.worth", {
                money: money(worthMinor),
                priced: percent(pricedShare),
              })}
          </p>
          {well.length > 0 && (
            <p className="border-t border-line py-2">
              <b>{t("letter.well")}</b>{" "}
              {well
                .map(({ goalId, ratio }) =>
                  t("letter.wellOne", { crop: crop(goalId), ratio: number(Math.round(10 * ratio) / 10) }),
                )
                .join(", ")}
              .
            </p>
          )}
          {hard.length > 0 && (
            <p className="border-t border-line py-2">
              <b>{t("letter.hard")}</b>{" "}
              {hard
                .map(({ goalId, lost, of, reason }) =>
                  t(reason ? "letter.hardTo" : "letter.hardOne", {
                    ...{ crop: crop(goalId), lost: number(lost), of: number(of) },
                    reason: reason ? t(`detail.reasons.${reason}`) : "",
                  }),
                )
                .join("; ")}
              .
            </p>
          )}
          <FactTable
            head={[t("letter.crop"), t("letter.plantings"), t("letter.picked"), t("letter.worthHead")]}
            rows={grown.map((g) => [
              crop(g.goalId),
              String(g.plantings),
              amount(g),
              g.worthMinor === undefined ? "–" : money(g.worthMinor),
            ])}
          />
          {letter.doubtful.map(({ goalId, kg: much }, i) => (
            <p key={i} className="mt-2 text-note font-semibold text-beet">
              ▲ {t("letter.doubtful", { crop: crop(goalId), kg: quantity(much, "mass") })}
            </p>
          ))}
          {shared.length > 0 && (
            <section aria-label={t("letter.shared")} className="mt-5">
              <h2 className="text-lg font-bold">{t("letter.shared")}</h2>
              <p className="text-fine text-muted">{t("letter.sharedLead")}</p>
              <FactTable
                head={[
                  t("letter.crop"),
                  t("letter.households"),
                  t("letter.days"),
                  t("letter.each"),
                  t("letter.own"),
                ]}
                rows={shared.map((s) => {
                  const own = grown.find((g) => g.goalId === s.goalId);
                  return [
                    crop(s.goalId),
                    String(s.households),
                    number(Math.round(s.pickDays)),
                    quantity(s.kg, "mass"),
                    own && own.kg > 0 ? quantity(own.eachKg, "mass") : "–",
                  ];
                })}
              />
            </section>
          )}
          <p className="mt-3 text-fine text-muted">{t("letter.basis")}</p>
        </>
      )}
    </article>
  );
}
