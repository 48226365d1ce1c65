"use client";

import { useMemo } from "react";
import type { Day } from "@/core/day";
import { assessGarden, nextMeal } from "@/core/garden";
import { economyOf, SOON_WEEKS } from "@/core/year";
import type { Plan } from "@/core/plan";
import type { Setting } from "@/core/setting";
import { gapOf, isAsGood, type Proposal, type Step } from "@/core/planner";
import { SmallGarden } from "@/ui/draw/small-garden";
import { Button } from "@/ui/primitives/button";
import { Caution } from "@/ui/primitives/caution";
import { Progress } from "@/ui/primitives/progress";
import { useWords } from "@/ui/words/use-words";
import { t } from "./words";

interface CardProps {
  readonly title: string;
  /** How far the search is; undefined before and after. */
  readonly step: Step | undefined;
  /** Seconds that the search is likely to take still, where that is known. */
  readonly secondsLeft?: number;
  readonly proposal: Proposal | undefined;
  /** The plan as it is, to tell what is new. */
  readonly plan: Plan;
  readonly setting: Setting;
  readonly today: Day;
  readonly onTake: (plan: Plan) => void;
}

/** One proposal: what it gives and costs, how near it is to the best that can be proven, why each planting is in it, and what is not. */
export function ProposalCard({
  title,
  step,
  secondsLeft,
  proposal,
  plan,
  setting,
  today,
  onTake,
}: CardProps) {
  const { number, percent, money, day, crop, cropName, bag, harvest } = useWords();
  const seen = useMemo(() => {
    if (!proposal) return undefined;
    const garden = assessGarden(proposal.plan, setting);
    const fresh = {
      ...garden,
      meals: garden.meals.filter((m) => m.day >= today && proposal.adds[m.plantingId] !== undefined),
    };
    return {
      garden,
      meal: nextMeal(fresh, today),
      economy: economyOf(garden, setting, today),
    };
  }, [proposal, setting, today]);
  const known = new Set(plan.rows.flatMap((r) => r.plantings).map((p) => p.id));
  const left =
    secondsLeft === undefined
      ? ""
      : t("propose.left", { seconds: number(Math.max(1, Math.round(secondsLeft))) });
  const gap = gapOf((step ?? proposal)?.bound ?? 0, (step ?? proposal)?.worth ?? 0);
  const dropped = proposal
    ? plan.rows
        .flatMap((r) => r.plantings)
        .filter((p) => !proposal.plan.rows.some((r) => r.plantings.some((x) => x.id === p.id)))
    : [];
  return (
    <section aria-label={title} className="min-w-0 border-t-rule border-ink bg-card p-3">
      <h3 className="text-lg font-bold">{title}</h3>
      {!proposal && (
        <div role="status" className="mt-1 text-note text-muted">
          {step ? (
            <>
              <Progress label={t("propose.progress")} done={step.done} of={step.of} className="w-full" />
              <p>
                {Number.isFinite(step.bound)
                  ? t("propose.soFar", { worth: number(step.worth), gap: percent(gap) })
                  : t("propose.first", { worth: number(step.worth) })}{" "}
                {left}
              </p>
            </>
          ) : (
            t("propose.waiting")
          )}
        </div>
      )}
      {proposal && seen && (
        <>
          <SmallGarden sketch={proposal.sketch} today={today} />
          <dl className="mt-2 grid grid-cols-2 gap-x-3 gap-y-1.5 text-note">
            <Figure
              label={
                seen.meal
                  ? t(seen.meal.first ? "meals.first" : "meals.next", {
                      crop: crop(seen.meal.goalId),
                    })
                  : t("meals.none")
              }
              amount={seen.meal ? day(seen.meal.day) : "–"}
            />
            <Figure
              label={t("propose.soonFood", { weeks: SOON_WEEKS })}
              amount={seen.economy.soon.high > 0 ? harvest(seen.economy.soon) : t("propose.noFood")}
            />
            <Figure
              label={t(seen.economy.shopping.shared ? "bench.toBuyShare" : "bench.toBuy")}
              amount={money(proposal.minor)}
            />
            <Figure label={t("shared.foodInAYear")} amount={harvest(seen.economy.harvest)} />
            <Figure label={t("propose.hours")} amount={`${number(proposal.hours)} h`} wide />
          </dl>
          <p className="mt-2 text-note font-semibold">
            {t("propose.within", {
              best: String(isAsGood(gap)),
              gap: percent(gap),
              considered: number(proposal.considered),
            })}
          </p>
          {step && (
            <p role="status" className="flex items-center gap-2 text-sm text-muted">
              {t("propose.improving")} {left}
              <Progress
                label={t("propose.progress")}
                done={step.done}
                of={step.of}
                className="h-2 min-w-0 flex-1"
              />
            </p>
          )}
          <ul className="mt-2 grid gap-1 text-note" aria-label={t("propose.covers")}>
            {proposal.covered.map((c) => (
              <li key={c.group} className="grid grid-cols-[8.5rem_1fr_3rem] items-center gap-2">
                <span className="truncate">{t(`foodGroups.${c.group}`)}</span>
                <span aria-hidden="true" className="h-3 border border-ink bg-paper">
                  <i className="block h-full bg-leaf" style={{ width: `${Math.round(100 * c.share)}%` }} />
                </span>
                <span className="text-right tabular-nums">{percent(c.share)}</span>
              </li>
            ))}
          </ul>
          {proposal.bags.length > 0 && (
            <p className="mt-2 text-note">
              {t("propose.buys", {
                bags: proposal.bags.map((b) => `${b.count} × ${bag(b.kindId)}`).join(", "),
              })}
            </p>
          )}
          {proposal.missing.map((m) => (
            <p key={m.cropId} className="mt-1 text-note font-semibold text-beet">
              ▲ {t(`propose.missing.${m.blocked}`, { crop: cropName(m.cropId) })}
            </p>
          ))}
          <Button look="solid" className="mt-3 min-h-11 w-full" onClick={() => onTake(proposal.plan)}>
            {t("propose.take")}
          </Button>
          <details className="mt-3 border-t border-line pt-2">
            <summary className="cursor-pointer font-head font-bold">{t("propose.why")}</summary>
            <ol className="mt-1 text-note">
              {seen.garden.rows.map((row, i) => (
                <li key={row.row.id} className="border-t border-line py-1.5">
                  <b>
                    {i + 1} {bag(row.bag.kindId)}
                  </b>{" "}
                  {row.row.pinned && <span className="text-muted">{t("bench.pinned")}</span>}
                  <ul>
                    {row.plantings.map((p) => {
                      const adds = proposal.adds[p.planting.id];
                      return (
                        <li key={p.planting.id} className="flex justify-between gap-2">
                          <span>
                            {crop(p.goal.id)} {p.planting.plants !== null && `× ${p.planting.plants}`}
                          </span>
                          <span className="shrink-0 text-muted">
                            {day(p.planting.sowOn)}{" "}
                            {adds !== undefined && `· ${t("propose.adds", { helpings: number(adds) })}`}{" "}
                            {known.has(p.planting.id) && `· ${t("propose.kept")}`}
                          </span>
                        </li>
                      );
                    })}
                  </ul>
                </li>
              ))}
            </ol>
          </details>
          {dropped.length > 0 && (
            <p className="mt-2 text-sm text-muted">
              {t("propose.dropped", { crops: dropped.map((p) => crop(p.goalId)).join(", ") })}
            </p>
          )}
          <div className="mt-2">
            <Caution>{t("cautions.floor")}</Caution>
          </div>
        </>
      )}
    </section>
  );
}

function Figure({ label, amount, wide = false }: { label: string; amount: string; wide?: boolean }) {
  return (
    <div className={wide ? "col-span-2" : ""}>
      <dt className="text-fine text-muted">{label}</dt>
      <dd className="font-head text-xl font-bold">{amount}</dd>
    </div>
  );
}
