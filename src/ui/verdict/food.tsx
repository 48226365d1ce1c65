"use client";

import type { Stages } from "@/core/calendar";
import type { Goal } from "@/core/crop";
import { picksOf } from "@/core/food";
import { useWords } from "@/ui/words/use-words";

const MOST_BARS = 40;

/** What there is to eat and when: the likely picks as bars over the picking, and their sum. */
export function Food({ goal, stages, plants, areaCm2 }: { goal: Goal; stages: Stages; plants: number | undefined; areaCm2: number }) {
  const { t, quantity, day } = useWords();
  const picks = picksOf(goal, stages, goal.stand.type === "thick" ? areaCm2 / 10_000 : (plants ?? 0));
  const [first, last] = [picks[0], picks.at(-1)];
  if (!first || !last) return null;
  const most = Math.max(...picks.map((p) => p.g));
  const total = picks.reduce((sum, p) => sum + p.g, 0);
  return (
    <div className="text-[0.9375rem]">
      <p>
        {t("food.total", { total: quantity(total / 1000, "mass"), picks: picks.length })}
        {picks.length > 1 && <span className="text-muted"> {t("food.span", { from: day(first.day), to: day(last.day) })}</span>}
      </p>
      {picks.length > 1 && (
        <div aria-hidden="true" className="mt-1 flex h-8 items-end gap-px">
          {picks.slice(0, MOST_BARS).map((p) => (
            <i key={p.day} className="max-w-2 flex-1 bg-leaf" style={{ height: `${Math.max(6, (100 * p.g) / most)}%` }} />
          ))}
        </div>
      )}
    </div>
  );
}
