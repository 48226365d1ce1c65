"use client";

import type { Odd } from "@/core/findings";
import { useWords } from "@/ui/words/use-words";
import { Link } from "@/ui/primitives/link";
import { t } from "./words";

/** What on record may be a slip: each with the way to where it can be asked about. */
export function OddOnes({
  odd,
  more,
  names,
  quiet,
}: {
  odd: readonly Odd[];
  /** How many more there are than are told. */
  more: number;
  names: Readonly<Record<string, { readonly code: string; readonly name: string }>>;
  /** Households that have gone quiet. */
  quiet: number;
}) {
  const { crop, quantity, number } = useWords();
  const says = (one: Odd): string => {
    switch (one.code) {
      case "too-much":
        return t("findings.oddOnes.too-much", {
          crop: crop(one.goalId),
          kg: quantity(one.kg, "mass"),
          expected: quantity(one.expectedKg, "mass"),
        });
      case "house-off":
        return `${t(one.ratio > 1 ? "findings.oddOnes.houseMore" : "findings.oddOnes.houseLess", {
          times: number(one.ratio > 1 ? one.ratio : 1 / one.ratio),
          count: one.plantings,
        })} ${one.units ? t("findings.oddOnes.units", { one: one.units[0], other: one.units[1] }) : ""}`;
      default:
        return t(`findings.oddOnes.${one.code}`, { crop: crop(one.goalId) });
    }
  };
  return (
    <section aria-label={t("findings.odd")} className="min-w-0">
      <h2 className="border-t-rule border-ink pt-1.5 text-lg font-bold">{t("findings.odd")}</h2>
      <p className="text-note text-muted">{t(odd.length > 0 ? "findings.oddLead" : "findings.noOdd")}</p>
      {quiet > 0 && (
        <p className="border-t border-line py-1.5 text-note">
          <Link href="/?filter=quiet" className="font-semibold underline">
            {t("findings.quiet", { count: quiet })}
          </Link>
        </p>
      )}
      <ul className="text-note">
        {odd.map((one) => {
          const house = names[one.householdId];
          const path = "plantingId" in one ? `planting/${one.plantingId}` : "log";
          return (
            <li key={`${one.code} ${path} ${one.householdId}`} className="border-t border-line py-1.5">
              <Link href={`/house/${one.householdId}/${path}`} className="font-semibold underline">
                {house ? `${house.code} ${house.name}` : t("findings.someHouse")}
              </Link>
              : {says(one)}
            </li>
          );
        })}
      </ul>
      {more > 0 && (
        <p className="border-t border-line py-1.5 text-note">{t("findings.oddMore", { count: more })}</p>
      )}
    </section>
  );
}
