"use client";

import type { ReactNode } from "react";
import type { Day } from "@/core/day";
import { type Garden, nextMeal } from "@/core/garden";
import { useWords } from "@/ui/words/use-words";

/** The figures that never leave sight: bags, mix, load against the floor's limit, first meal. */
export function Totals({ garden, today, limitKgM2 }: { garden: Garden; today: Day; limitKgM2?: number }) {
  const { t, shown, quantity, number, day, crop } = useWords();
  const { load, rows, soilL } = garden;
  const meal = nextMeal(garden, today);
  const perArea = shown(load.kgM2, "load");
  const over = load.grade === "over" || rows.some((r) => r.load?.grade === "over");
  const share = load.share === undefined ? t("bench.noShare") : t("bench.share", { share: `${number(load.share * 100)} %` });
  return (
    <div className="-mx-3 flex flex-wrap gap-y-2 lg:mx-0 lg:ml-auto lg:flex-nowrap">
      <Total amount={String(rows.length)} unit={t("bench.bags", { count: rows.length })} label={t("bench.mix", { soil: quantity(soilL, "volume") })} />
      <Total
        amount={`${over ? "▲ " : ""}${perArea.amount}`}
        unit={perArea.unit}
        label={`${t("bench.weight")}, ${share}`}
        extra={t("bench.wetAll", { kg: quantity(load.kg, "mass") })}
        bad={over}
      />
      {limitKgM2 === undefined && <Total amount="?" unit="" label={t("bench.limitNone")} />}
      <Total amount={meal ? day(meal.day) : "–"} unit="" label={meal ? t(meal.first ? "bench.firstMeal" : "bench.nextMeal", { crop: crop(meal.goalId) }) : t("bench.noMeal")} />
    </div>
  );
}

function Total({ amount, unit, label, extra, bad = false }: { amount: string; unit: string; label: ReactNode; extra?: string; bad?: boolean }) {
  return (
    <div className="border-l border-line px-3 whitespace-nowrap lg:px-4">
      <p className={bad ? "text-beet" : ""}>
        <span className="big-number">{amount}</span> <span className="text-sm">{unit}</span>
      </p>
      <p className="text-[0.8125rem] text-muted">{label}</p>
      {extra && <p className="text-[0.8125rem] text-muted">{extra}</p>}
    </div>
  );
}
