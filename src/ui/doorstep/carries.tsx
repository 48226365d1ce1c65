"use client";

import type { Carries as PlaceCarries } from "@/core/match";
import type { SurveyTyped } from "@/core/place";
import { Caution } from "@/ui/primitives/caution";
import { PlaceDrawing } from "./place-drawing";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const HOURS = Array.from({ length: 17 }, (_, i) => i + 5);

/** What the survey means so far: floor, sun against what crops want, and what the load limit comes to in bags. */
export function Carries({
  typed,
  carries,
  goals,
  town,
}: {
  typed: SurveyTyped;
  carries: PlaceCarries;
  /** How many goals there are. */
  goals: number;
  town: { readonly usualBagKg: number };
}) {
  const { shown, quantity, number, mol, month } = useWords();
  const floor = carries.floorM2 === undefined ? undefined : shown(carries.floorM2 * 10_000, "area");
  const total = carries.totalKg === undefined ? undefined : shown(carries.totalKg, "mass");
  const lit = (hour: number) =>
    typed.sun.some(
      (w) =>
        w.from < `${String(hour + 1).padStart(2, "0")}:00` && w.to > `${String(hour).padStart(2, "0")}:00`,
    );
  return (
    <section
      aria-labelledby="carries"
      className="h-fit border-l-rule border-ink bg-card p-5 lg:sticky lg:top-4"
    >
      <h2 id="carries" className="mb-3 text-lg font-bold">
        {t("doorstep.carries")}
      </h2>
      <PlaceDrawing typed={typed} />
      {floor ? (
        <p>
          <span className="big-number">{floor.amount}</span>{" "}
          <span className="text-sm text-muted">
            {floor.unit} {t("doorstep.floor")}
          </span>
        </p>
      ) : (
        <p className="text-muted">{t("doorstep.waiting")}</p>
      )}
      <div className="mt-4 border-t border-line pt-3">
        <p>
          <span className="big-number">{number(carries.sunHours)}</span>{" "}
          <span className="text-sm text-muted">h {t("doorstep.sunHours")}</span>
        </p>
        <div aria-hidden="true" className="my-2 flex max-w-md">
          {HOURS.map((hour) => (
            <span key={hour} className="flex-1 text-center text-tiny text-muted">
              <i
                className={`block h-4 border-y border-l border-ink last:border-r ${lit(hour) ? "bg-marigold" : ""}`}
              />
              {hour % 3 === 0 ? hour : ""}
            </span>
          ))}
        </div>
        <p className="text-note">
          {carries.sunHours > 0
            ? t("doorstep.sunServes", {
                mol: mol(carries.lightMol),
                enough: carries.enough,
                little: carries.little,
                all: goals,
              })
            : t("doorstep.sunNone")}
        </p>
        {carries.sunHours > 0 && (
          <p className="mt-1 text-sm text-muted">
            {t(typed.faces === "" && typed.kind !== "roof" ? "doorstep.yearUnknown" : "doorstep.year", {
              least: mol(carries.least.mol),
              leastIn: month(carries.least.day),
              most: mol(carries.most.mol),
              mostIn: month(carries.most.day),
            })}
          </p>
        )}
      </div>
      <div className="mt-4 grid gap-2 border-t border-line pt-3 text-note">
        {total ? (
          <>
            <p>
              <span className="big-number">{total.amount}</span>{" "}
              <span className="text-sm text-muted">
                {total.unit} {t("doorstep.total")}
              </span>
            </p>
            <p>{t("doorstep.bagsCarried", { count: carries.usualBags ?? 0 })}</p>
          </>
        ) : (
          <p className="font-semibold">{t("doorstep.noLimit")}</p>
        )}
        <p className="text-sm text-muted">
          {quantity(town.usualBagKg, "mass")}: {t("bags.round-10-gal")}, {t("shared.soaked")}
        </p>
        <Caution>{t("cautions.floor")}</Caution>
        <Caution>{t("cautions.wayOut")}</Caution>
      </div>
    </section>
  );
}
