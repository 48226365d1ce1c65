"use client";

import { useState } from "react";
import { GRADES } from "@/core/fit";
import type { Day } from "@/core/day";
import { type Advice, adviceFor } from "@/core/advice";
import { type Garden, isTooHeavy } from "@/core/garden";
import type { SiteMark } from "@/core/place";
import { Button } from "@/ui/primitives/button";
import { GradeMark } from "@/ui/primitives/grade-mark";
import { useWords } from "@/ui/words/use-words";
import type { Selection } from "./row-frame";
import { t } from "./words";

/** So many plantings that are merely tight are listed at once, and so much advice is open from the start. */
const MANY = 8;
const FEW = 4;

/** What could be better in the whole plan, the worst first; each line leads to where it can be changed. */
export function Better({
  garden,
  today,
  site,
  onSelect,
}: {
  garden: Garden;
  today: Day;
  /** What the place is like, where somebody said. */
  site: readonly SiteMark[];
  onSelect: (selection: Selection) => void;
}) {
  const { crop, bag, day, quantity, limit, season, clash } = useWords();
  const advice = adviceFor(garden, today, site);
  const [all, setAll] = useState(false);
  const rowNumber = (rowId: string) => garden.rows.findIndex((r) => r.row.id === rowId) + 1;
  const say = (a: Advice): string => {
    switch (a.code) {
      case "bag-worn":
        return t("advice.bag-worn", { season: a.season });
      case "same-family":
        return t("advice.same-family", {
          crop: crop(a.goalId),
          before: crop(a.beforeGoalId),
          family: a.family,
        });
      case "refresh-mix":
        return t("advice.refresh-mix", {
          crop: crop(a.goalId),
          before: crop(a.beforeGoalId),
          day: day(a.day),
        });
      case "tie-in-wind":
        return t("advice.tie-in-wind", { crop: crop(a.goalId) });
      case "fill-in-place":
        return t("advice.fill-in-place", { kg: quantity(a.kg, "mass") });
      default:
        return t(`advice.${a.code}`);
    }
  };
  const plantings = garden.rows
    .flatMap((row, i) => row.plantings.map((p) => ({ row, number: i + 1, p })))
    .filter(({ p }) => p.fit.grade === "wrong" || p.fit.grade === "tight")
    .sort((a, b) => GRADES.indexOf(b.p.fit.grade) - GRADES.indexOf(a.p.fit.grade));
  const wrong = plantings.filter(({ p }) => p.fit.grade === "wrong").length;
  const shown = all ? plantings : plantings.slice(0, Math.max(wrong, MANY));
  const heavy = garden.rows.map((row, i) => ({ row, number: i + 1 })).filter(({ row }) => isTooHeavy(row));
  const mislabelled = garden.rows
    .map((row, i) => ({ row, number: i + 1 }))
    .filter(({ row }) => row.label && !row.label.agrees);
  const clashes = garden.rows.flatMap((row, i) => row.clashes.map((c) => ({ row, number: i + 1, c })));
  const line =
    "grid w-full grid-cols-[1.5rem_1fr] gap-2 border-t border-line py-1.5 text-left text-note hover:underline";
  return (
    <div>
      <h2 className="mb-2 text-lg font-bold">{t("bench.better")}</h2>
      <ul>
        {heavy.map(({ row, number }) => (
          <li key={row.row.id}>
            <button type="button" className={line} onClick={() => onSelect({ rowId: row.row.id })}>
              <b className="text-beet">▲</b>
              <span>
                <b>
                  {number} {bag(row.bag.kindId)}
                </b>
                :{" "}
                {row.hook
                  ? t("bench.hookLine", {
                      wet: quantity(row.wetKg, "mass"),
                      limit: quantity(row.hook.limitKg ?? 0, "mass"),
                    })
                  : t("bench.loadLine", { load: quantity(row.load?.kgM2 ?? 0, "load") })}
              </span>
            </button>
          </li>
        ))}
        {mislabelled.map(({ row, number }) => (
          <li key={row.bag.id}>
            <button type="button" className={line} onClick={() => onSelect({ rowId: row.row.id })}>
              <b className="text-beet">✕</b>
              <span>
                <b>
                  {number} {bag(row.bag.kindId)}
                </b>
                :{" "}
                {t("bench.label", {
                  nominal: quantity(row.label?.nominalL ?? 0, "volume"),
                  measured: quantity(row.label?.measuredL ?? 0, "volume"),
                })}
              </span>
            </button>
          </li>
        ))}
        {clashes.map(({ row, number, c }) => (
          <li key={`${c.code} ${c.plantingId} ${c.otherId} ${c.from}`}>
            <button
              type="button"
              className={line}
              onClick={() => onSelect({ rowId: row.row.id, plantingId: c.plantingId })}
            >
              <b className="text-beet">✕</b>
              <span>
                <b>
                  {number} {t("clash.title")}
                </b>
                : {clash(c)}
              </span>
            </button>
          </li>
        ))}
        {shown.map(({ row, number, p }) => (
          <li key={p.planting.id}>
            <button
              type="button"
              className={line}
              onClick={() => onSelect({ rowId: row.row.id, plantingId: p.planting.id })}
            >
              <GradeMark grade={p.fit.grade} />
              <span>
                <b>
                  {number} {crop(p.goal.id)}
                </b>
                :{" "}
                {p.fit.limit.code === "season"
                  ? season(p.fit.limit.reason)
                  : `${t(`limits.${p.fit.limit.code}`)} ${limit(p.fit.limit)}`}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {shown.length < plantings.length && (
        <Button look="quiet" className="mt-1" onClick={() => setAll(true)}>
          {t("bench.betterMore", { count: plantings.length - shown.length })}
        </Button>
      )}
      {advice.length > 0 && (
        <details className="border-t border-line py-1.5" open={advice.length <= FEW || undefined}>
          <summary className="cursor-pointer font-semibold">
            {t("bench.betterAdvice", { count: advice.length })}
          </summary>
          <ul>
            {advice.map((a, i) => (
              <li key={`${a.code} ${i}`}>
                <button
                  type="button"
                  className={line}
                  onClick={() =>
                    onSelect(
                      "plantingId" in a ? { rowId: a.rowId, plantingId: a.plantingId } : { rowId: a.rowId },
                    )
                  }
                >
                  <b aria-hidden="true">→</b>
                  <span>
                    <b>{rowNumber(a.rowId)}</b>: {say(a)}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
      {heavy.length + mislabelled.length + clashes.length + plantings.length + advice.length === 0 && (
        <p className="border-t border-line py-1.5">{t("bench.allWell")}</p>
      )}
      <p className="mt-3 text-sm text-muted">{t("bench.select")}</p>
    </div>
  );
}
