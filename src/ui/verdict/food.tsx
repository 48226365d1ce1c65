"use client";

import type { Crop, Goal } from "@/core/crop";
import type { Pick } from "@/core/food";
import { marketMinor, type Prices } from "@/core/money";
import { useWords } from "@/ui/words/use-words";

const MOST_BARS = 40;

interface FoodProps {
  readonly crop: Crop;
  readonly goal: Goal;
  /** What one unit gives, a plant or a m² of a dense stand, and how many there are. */
  readonly picks: readonly Pick[];
  readonly units: number;
  readonly prices: Prices | undefined;
}

/** What there is to eat and when: the likely picks as bars over the picking, their sum, and what it would cost at the market. */
export function Food({ crop, goal, picks: each, units, prices = {} }: FoodProps) {
  const { t, quantity, day, money } = useWords();
  const picks = units > 0 ? each.map(({ day, g }) => ({ day, g: g * units })) : [];
  const [first, last] = [picks[0], picks.at(-1)];
  if (!first || !last) return null;
  const most = Math.max(...picks.map((p) => p.g));
  const total = picks.reduce((sum, p) => sum + p.g, 0);
  const worth = marketMinor(prices, crop.id, total);
  return (
    <div className="text-note">
      <p>
        {t("food.total", { total: quantity(total / 1000, "mass"), picks: picks.length })}
        {picks.length > 1 && (
          <span className="text-muted"> {t("food.span", { from: day(first.day), to: day(last.day) })}</span>
        )}
        <span className="text-muted"> {t("food.keeps", { days: goal.keepsDays })}</span>
      </p>
      {worth !== undefined && <p className="text-muted">{t("match.worth", { money: money(worth) })}</p>}
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
