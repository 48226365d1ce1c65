"use client";

import Link from "next/link";
import { useMemo, useState } from "react";
import { addDays, type Day } from "@/core/day";
import { assessGarden, nextMeal, type PlantingView } from "@/core/garden";
import type { Override } from "@/core/override";
import type { PlainSetting } from "@/core/setting";
import type { Plan } from "@/core/plan";
import { rowThirst, spanOf, wateringDays } from "@/core/year";
import { ROW_COLUMNS, type Selection } from "@/ui/bench/row-frame";
import { StillRow } from "@/ui/bench/still-row";
import { BagSection } from "@/ui/draw/section";
import { SeasonAxis, SeasonLegend } from "@/ui/draw/strip";
import { Caution } from "@/ui/primitives/caution";
import { buttonClass } from "@/ui/primitives/button";
import { useJudged } from "@/ui/use-judged";
import { Dates } from "@/ui/verdict/dates";
import { useWords } from "@/ui/words/use-words";

interface OwnGardenProps {
  readonly householdId: string;
  readonly name: string;
  readonly today: Day;
  readonly plan: Plan;
  readonly setting: PlainSetting;
  readonly overrides: readonly Override[];
}

/** What comes within this many days is worth a card, a line; and what was to be done so long ago still is. */
const WEEK_DAYS = 7;
const SOON_DAYS = 21;
const LATE_DAYS = 30;

/** A household's own garden, to look at and not to change: what is next, how much water each bag takes, and every bag's season. */
export function OwnGarden({ householdId, name, today, plan, setting: plain, overrides }: OwnGardenProps) {
  const { t, crop, day, quantity } = useWords();
  const { setting } = useJudged(plain, overrides);
  const garden = useMemo(() => assessGarden(plan, setting), [plan, setting]);
  const span = useMemo(() => spanOf(garden, today), [garden, today]);
  const [selection, setSelection] = useState<Selection>();
  const meal = nextMeal(garden, today);
  const chosen = garden.rows.find((r) => r.row.id === selection?.rowId);
  const planting = chosen?.plantings.find((p) => p.planting.id === selection?.plantingId);
  const coming = garden.rows
    .flatMap((row, i) =>
      row.plantings.flatMap((p) =>
        comingOf(p).map((c) => ({ ...c, row, number: i + 1, goalId: p.goal.id, kind: p.goal.kind, p })),
      ),
    )
    .filter((c) => c.day >= addDays(today, -LATE_DAYS) && c.day <= addDays(today, SOON_DAYS))
    .sort((a, b) => a.day.localeCompare(b.day));
  const thisWeek = coming.filter((c) => c.day <= addDays(today, WEEK_DAYS));
  const soon = coming.filter((c) => c.day > addDays(today, WEEK_DAYS));
  return (
    <div className="mx-auto max-w-4xl pb-8 print:max-w-none print:[zoom:0.7]">
      <div className="px-4 pt-3">
        <h1 className="text-title font-bold">{t("own.title")}</h1>
        <p className="text-muted">{t("own.lead", { name })}</p>
        {meal && (
          <p className="mt-2 text-lg font-semibold">
            {t(meal.first ? "bench.firstMeal" : "bench.nextMeal", { crop: crop(meal.goalId) })}:{" "}
            {day(meal.day)}
          </p>
        )}
        <Link href={`/house/${householdId}/log`} className={`${buttonClass("solid")} mt-2 min-h-11`}>
          {t("own.log")}
        </Link>
        <h2 className="mt-4 border-t-rule border-ink pt-2 text-lg font-bold">{t("own.week")}</h2>
        {thisWeek.length === 0 && <p className="text-muted">{t("own.nothingWeek")}</p>}
        <ul className="grid gap-3 sm:grid-cols-2">
          {thisWeek.map((c) => (
            <li
              key={`${c.code} ${c.number} ${c.goalId} ${c.day}`}
              className="flex items-end gap-3 border-rule border-ink bg-card p-3"
            >
              <BagSection
                shape={c.row.shape}
                depthCm={c.row.depthCm}
                isSmall={false}
                plants={[
                  {
                    goalId: c.goalId,
                    kind: c.kind,
                    count: c.p.planting.plants ?? 7,
                    rootCm: Math.min(c.p.goal.depthCm.good, c.row.depthCm),
                    heightCm: c.p.goal.heightCm,
                    side: c.p.planting.surface === "side",
                  },
                ]}
              />
              <p>
                <b className="block font-head text-lg">
                  {c.day < today ? `▲ ${t("own.since", { day: day(c.day) })}` : day(c.day)}
                </b>
                {t(`own.coming.${c.code}`, { crop: crop(c.goalId) })}{" "}
                <span className="text-muted">({t("bench.row", { n: c.number })})</span>
              </p>
            </li>
          ))}
        </ul>
        {soon.length > 0 && <h2 className="mt-4 text-lg font-bold">{t("own.soon")}</h2>}
        <ul>
          {soon.map((c) => (
            <li
              key={`${c.code} ${c.number} ${c.goalId} ${c.day}`}
              className="flex gap-3 border-t border-line py-1.5"
            >
              <b className="w-16 shrink-0">{day(c.day)}</b>
              <span>
                {t(`own.coming.${c.code}`, { crop: crop(c.goalId) })}{" "}
                <span className="text-muted">({t("bench.row", { n: c.number })})</span>
              </span>
            </li>
          ))}
        </ul>
        <h2 className="mt-4 mb-1 border-t-rule border-ink pt-2 text-lg font-bold">{t("own.bags")}</h2>
      </div>
      {garden.rows.length > 0 && (
        <div className={`px-4 lg:pl-6 ${ROW_COLUMNS}`}>
          <SeasonLegend />
          <SeasonAxis span={span} today={today} />
        </div>
      )}
      {garden.rows.map((view, i) => {
        const daily = rowThirst(view, today, setting);
        const every = wateringDays(view, today, setting);
        return (
          <div key={view.row.id}>
            <StillRow
              view={view}
              number={i + 1}
              span={span}
              today={today}
              selection={selection}
              onSelect={setSelection}
              isLarge
            />
            <p className="px-4 pb-2 text-note">
              {daily > 0
                ? t("bench.waterRow", {
                    day: quantity(daily, "volume"),
                    days:
                      every < 1 ? t("bench.twiceADay") : t("bench.everyDays", { days: Math.floor(every) }),
                  })
                : t("bench.waterNone")}
            </p>
            {planting && chosen === view && (
              <div className="mx-4 mb-3 border-l-4 border-beet bg-card p-3">
                <h3 className="font-head text-lg font-bold">{crop(planting.goal.id)}</h3>
                <Dates stages={planting.season.stages} />
                {planting.goal.cautions.map((caution) => (
                  <Caution key={caution}>{t(`cautions.${caution}`)}</Caution>
                ))}
              </div>
            )}
          </div>
        );
      })}
      <div className="grid gap-2 px-4">
        <Caution>{t("cautions.floor")}</Caution>
        <Caution>{t("cautions.water")}</Caution>
      </div>
    </div>
  );
}

type Coming = { readonly code: "sow" | "move" | "pick"; readonly day: Day };

/** What a planting asks to be done, and on which day; not what is on record already. */
function comingOf({ planting, season, real, stay }: PlantingView): Coming[] {
  const { move, firstPick } = season.stages;
  const coming: Coming[] = [
    ...(real ? [] : [{ code: "sow", day: planting.sowOn } as const]),
    ...(move && !real?.movedOn ? [{ code: "move", day: move.likely } as const] : []),
    ...(firstPick && !real?.pickedOn ? [{ code: "pick", day: firstPick.likely } as const] : []),
  ];
  return coming.filter(({ day }) => day <= stay.to);
}
