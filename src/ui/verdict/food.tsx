"use client";

import type { Harvest } from "@/core/course";
import type { Crop, Goal } from "@/core/crop";
import type { Pick } from "@/core/food";
import { marketMinor, type Prices } from "@/core/money";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

const MOST_BARS = 40;

interface FoodProps {
  readonly crop: Crop;
  readonly goal: Goal;
  /** When it is picked, and how large each pick is beside the others. */
  readonly picks: readonly Pick[];
  /** What all of it gives, kg, and what limits it. */
  readonly harvest: Harvest;
  readonly prices: Prices | undefined;
}

/** What there is to eat and when: the picks as bars over the picking, their sum as a range, and what it would cost at the market. */
export function Food({ crop, goal, picks, harvest, prices = {} }: FoodProps) {
  const { harvest: range, day, money } = useWords();
  const [first, last] = [picks[0], picks.at(-1)];
  if (!first || !last || harvest.likely <= 0) return null;
  const most = Math.max(...picks.map((p) => p.g));
  const worth = marketMinor(prices, crop.id, 1000 * harvest.likely);
  return (
    <div className="text-note">
      <p>
        {t("food.total", { total: range(harvest), picks: picks.length })}
        {picks.length > 1 && (
          <span className="text-muted"> {t("food.span", { from: day(first.day), to: day(last.day) })}</span>
        )}
        <span className="text-muted"> {t("food.keeps", { days: goal.keepsDays })}</span>
      </p>
      {harvest.scarce !== "none" && <p className="text-muted">{t(`light.scarce.${harvest.scarce}`)}</p>}
      {worth !== undefined && <p className="text-muted">{t("bill.worth", { money: money(worth) })}</p>}
      {picks.length > 1 && (
        <div aria-hidden="true" className="mt-1 flex h-8 items-end gap-px">
          {picks.slice(0, MOST_BARS).map((p) => (
            <i
              key={p.day}
              className="max-w-2 flex-1 bg-leaf"
              style={{ height: `${Math.max(6, (100 * p.g) / most)}%` }}
            />
          ))}
        </div>
      )}
    </div>
  );
}
