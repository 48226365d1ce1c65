"use client";

import type { ReactNode } from "react";
import { type Garden, isTooHeavy } from "@/core/garden";
import type { Sums } from "@/core/year";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

/** The figures that never leave sight: bags and mix, load against the floor's limit, water, cost and worth, first meal. */
export function Totals({ garden, sums }: { garden: Garden; sums: Sums }) {
  const { shown, quantity, percent, money, day, month, crop } = useWords();
  const { load, rows, soilL } = garden;
  const { economy, meal } = sums;
  const perArea = shown(load.kgM2, "load");
  const over = load.grade === "over" || rows.some(isTooHeavy);
  const share =
    load.share === undefined ? t("bench.noShare") : t("bench.share", { share: percent(load.share) });
  const water = shown(sums.waterNowL, "volume");
  const { harvest: food } = economy;
  return (
    <div
      role="group"
      aria-label={t("bench.totals")}
      tabIndex={0}
      className="flex min-w-0 flex-1 overflow-x-auto"
    >
      <Total
        amount={String(rows.length)}
        unit={t("bench.bags", { count: rows.length })}
        label={t("bench.mixWet", { soil: quantity(soilL, "volume"), kg: quantity(load.kg, "mass") })}
      />
      <Total amount={`${over ? "▲ " : ""}${perArea.amount}`} unit={perArea.unit} label={share} bad={over} />
      <Total
        amount={shown(food.low, "mass").amount}
        unit={t("bench.toFood", { high: quantity(food.high, "mass") })}
        label={t("bench.foodLikely", { likely: quantity(food.likely, "mass") })}
      />
      <Total
        amount={sums.waterNowL > 0 ? water.amount : t("bench.waterNoneYet")}
        unit={t("bench.aWeek", { unit: sums.waterNowL > 0 ? water.unit : "" })}
        label={t("bench.waterMostOf", {
          most: quantity(sums.waterMost.l, "volume"),
          month: month(sums.waterMost.from),
        })}
      />
      <Total
        amount={money(economy.shopping.minor)}
        unit={
          economy.shopping.unpriced > 0
            ? t("bench.costUnpriced", { count: economy.shopping.unpriced })
            : t(economy.shopping.shared ? "bench.toBuyShare" : "bench.toBuy")
        }
        label={t("bench.worthYear", {
          low: money(economy.worthMinor.low),
          high: money(economy.worthMinor.high),
        })}
      />
      <Total
        amount={meal ? day(meal.day) : "–"}
        unit=""
        label={
          meal ? t(meal.first ? "meals.first" : "meals.next", { crop: crop(meal.goalId) }) : t("meals.none")
        }
      />
    </div>
  );
}

interface TotalProps {
  readonly amount: string;
  readonly unit: string;
  readonly label: ReactNode;
  readonly bad?: boolean;
}

function Total({ amount, unit, label, bad = false }: TotalProps) {
  return (
    <div className="shrink-0 border-l border-line px-2.5 whitespace-nowrap first:border-l-0 first:pl-0">
      <p className={bad ? "text-beet" : ""}>
        <span className="font-head text-lg leading-tight font-bold">{amount}</span>{" "}
        <span className="text-fine">{unit}</span>
      </p>
      <p className="text-fine text-muted">{label}</p>
    </div>
  );
}
