"use client";

import type { ReactNode } from "react";
import { type Garden, isTooHeavy } from "@/core/garden";
import type { Sums } from "@/core/year";
import { useWords } from "@/ui/words/use-words";

/** The figures that never leave sight: bags and mix, load against the floor's limit, water, cost and worth, first meal. */
export function Totals({ garden, sums }: { garden: Garden; sums: Sums }) {
  const { t, shown, quantity, percent, money, day, crop } = useWords();
  const { load, rows, soilL } = garden;
  const { economy, meal } = sums;
  const perArea = shown(load.kgM2, "load");
  const over = load.grade === "over" || rows.some(isTooHeavy);
  const share =
    load.share === undefined ? t("bench.noShare") : t("bench.share", { share: percent(load.share) });
  const water = shown(sums.waterNowL, "volume");
  return (
    <div className="grid w-full grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3 lg:ml-auto lg:flex lg:w-auto lg:gap-0">
      <Total
        amount={String(rows.length)}
        unit={t("bench.bags", { count: rows.length })}
        label={t("bench.mix", { soil: quantity(soilL, "volume") })}
      />
      <Total
        amount={`${over ? "▲ " : ""}${perArea.amount}`}
        unit={perArea.unit}
        label={`${t("bench.weight")}, ${share}`}
        extra={t("bench.wetAll", { kg: quantity(load.kg, "mass") })}
        bad={over}
      />
      <Total amount={water.amount} unit={water.unit} label={t("bench.waterNow")} />
      <Total
        amount={money(economy.shopping.minor)}
        unit=""
        label={
          economy.shopping.unpriced > 0
            ? t("bench.costUnpriced", { count: economy.shopping.unpriced })
            : t(economy.shopping.shared ? "bench.toBuyShare" : "bench.toBuy")
        }
        extra={t("bench.worthYear", {
          low: money(economy.worthMinor.low),
          high: money(economy.worthMinor.high),
        })}
      />
      <Total
        amount={meal ? day(meal.day) : "–"}
        unit=""
        label={
          meal
            ? t(meal.first ? "bench.firstMeal" : "bench.nextMeal", { crop: crop(meal.goalId) })
            : t("bench.noMeal")
        }
        extra={
          economy.paidBack
            ? t("bench.paidBack", {
                day: day(economy.paidBack),
                late: economy.paidBackLate ? day(economy.paidBackLate) : t("bench.paidNever"),
              })
            : t("bench.neverPaid")
        }
      />
    </div>
  );
}

function Total({
  amount,
  unit,
  label,
  extra,
  bad = false,
}: {
  amount: string;
  unit: string;
  label: ReactNode;
  extra?: string;
  bad?: boolean;
}) {
  return (
    <div className="border-l border-line pl-2 last:col-span-2 sm:last:col-span-1 lg:px-3 lg:whitespace-nowrap">
      <p className={bad ? "text-beet" : ""}>
        <span className="big-number">{amount}</span> <span className="text-sm">{unit}</span>
      </p>
      <p className="text-fine text-muted">{label}</p>
      {extra && <p className="text-fine text-muted">{extra}</p>}
    </div>
  );
}
