"use client";

import { useMemo } from "react";
import type { Day } from "@/core/day";
import { assessGarden, nextMeal } from "@/core/garden";
import { comparePlans, type Plan, type Planting } from "@/core/plan";
import { economyOf, weeklyThirst } from "@/core/year";
import type { Setting } from "@/core/setting";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface CompareProps {
  readonly title: string;
  /** What the plan on the screen is called. */
  readonly titleAfter: string;
  readonly before: Plan;
  readonly after: Plan;
  readonly setting: Setting;
  readonly today: Day;
}

/** Two states of a plan compared: what each comes to, and which plantings differ. */
export function Compare({ title, titleAfter, before, after, setting, today }: CompareProps) {
  const { number, money, quantity, harvest, day, crop } = useWords();
  const sums = useMemo(
    () =>
      [before, after].map((plan) => {
        const garden = assessGarden(plan, setting);
        return {
          garden,
          economy: economyOf(garden, setting, today),
          meal: nextMeal(garden, today),
          water: weeklyThirst(garden, today, setting),
        };
      }),
    [before, after, setting, today],
  );
  const change = useMemo(() => comparePlans(before, after), [before, after]);
  const name = (p: Planting) =>
    `${crop(p.goalId)}${p.plants === null ? "" : ` × ${p.plants}`}, ${day(p.sowOn)}`;
  const lines: readonly (readonly [label: string, of: (s: (typeof sums)[number]) => string])[] = [
    [t("compare.bags"), (s) => number(s.garden.rows.length)],
    [t("compare.mix"), (s) => quantity(s.garden.soilL, "volume")],
    [t("compare.weight"), (s) => quantity(s.garden.load.kg, "mass")],
    [t("bench.waterNow"), (s) => quantity(s.water, "volume")],
    [t("bench.toBuy"), (s) => money(s.economy.shopping.minor)],
    [t("shared.foodInAYear"), (s) => harvest(s.economy.harvest)],
    [t("compare.worth"), (s) => `${money(s.economy.worthMinor.low)} – ${money(s.economy.worthMinor.high)}`],
    [t("compare.meal"), (s) => (s.meal ? day(s.meal.day) : "–")],
    [t("clash.title"), (s) => number(s.garden.rows.reduce((n, r) => n + r.clashes.length, 0))],
  ];
  return (
    <section aria-label={t("bench.compare")} className="mb-3 border-y-rule border-ink py-2">
      <table className="w-full text-note">
        <thead>
          <tr>
            <td />
            <th scope="col" className="px-2 text-right">
              {title}
            </th>
            <th scope="col" className="px-2 text-right">
              {titleAfter}
            </th>
          </tr>
        </thead>
        <tbody>
          {lines.map(([label, of]) => {
            const [then, now] = sums.map(of);
            return (
              <tr key={label} className="border-t border-line">
                <th scope="row" className="py-0.5 text-left font-normal">
                  {label}
                </th>
                <td className="px-2 text-right">{then}</td>
                <td className={`px-2 text-right ${then === now ? "" : "font-bold"}`}>{now}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <ul className="mt-2 text-note">
        {change.added.map((p) => (
          <li key={p.id}>+ {name(p)}</li>
        ))}
        {change.removed.map((p) => (
          <li key={p.id}>− {name(p)}</li>
        ))}
        {change.changed.map(({ before: b, after: a }) => (
          <li key={a.id}>
            {name(b)} → {name(a)}
          </li>
        ))}
        {change.added.length + change.removed.length + change.changed.length === 0 && (
          <li className="text-muted">{t("compare.same")}</li>
        )}
      </ul>
    </section>
  );
}
