"use client";

import { useRouter } from "next/navigation";
import { useMemo } from "react";
import { assessGarden, type StoryStep, storyOf } from "@/core/garden";
import { pickedTotals } from "@/core/record";
import { spanOf } from "@/core/year";
import { ROW_COLUMNS } from "@/ui/bench/row-frame";
import { StillRow } from "@/ui/bench/still-row";
import { SeasonAxis, SeasonLegend } from "@/ui/draw/strip";
import type { GardenProps } from "@/ui/garden-props";
import { buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { useJudged } from "@/ui/use-judged";
import { useWords } from "@/ui/words/use-words";
import { RecordList, type ShownRecord } from "./record-list";
import { t } from "./words";

interface StoryProps extends GardenProps {
  readonly householdId: string;
  readonly plantingId: string;
  /** All that is on record of it, newest first. */
  readonly written: readonly ShownRecord[];
  /** What households that share got of the same; left out where fewer than three do. */
  readonly shared?: { readonly households: number; readonly pickDays: number; readonly kg: number };
}

/** One planting from its plan to its end: its season drawn, each step against its window, what it gave, and all that was written down. */
export function Story({
  householdId,
  plantingId,
  written,
  shared,
  today,
  plan,
  setting: plain,
  overrides,
}: StoryProps) {
  const words = useWords();
  const { crop, bag, day, days, quantity, harvest } = words;
  const router = useRouter();
  const { setting } = useJudged(plain, overrides);
  const told = useMemo(() => assessGarden(plan, setting), [plan, setting]);
  const planned = useMemo(() => assessGarden(plan, { ...setting, happened: {} }), [plan, setting]);
  const span = useMemo(() => spanOf(told, today), [told, today]);
  const row = told.rows.find((r) => r.plantings.some((p) => p.planting.id === plantingId));
  const view = row?.plantings.find((p) => p.planting.id === plantingId);
  const before = planned.rows.flatMap((r) => r.plantings).find((p) => p.planting.id === plantingId);
  if (!row || !view || !before) return <p className="p-4">{t("trouble.missing")}</p>;
  const steps = storyOf(before, view.real);
  const picked = pickedTotals(written);
  const trial = setting.trials?.[plantingId];
  const name = `${crop(view.goal.id)}${view.planting.plants === null ? "" : ` × ${view.planting.plants}`}`;
  const number = told.rows.indexOf(row) + 1;
  return (
    <div className="py-4">
      <h1 className="px-4 text-title font-bold lg:px-6">{name}</h1>
      <p className="px-4 text-muted lg:px-6">
        {t("shared.row", { n: number })}, {bag(row.bag.kindId)}
      </p>
      {trial && (
        <p className="px-4 lg:px-6">{t("story.trial", { question: trial.question, way: trial.way })}</p>
      )}
      <div className="mt-3">
        <div className={`px-4 lg:pl-6 ${ROW_COLUMNS}`}>
          <SeasonLegend />
          <SeasonAxis span={span} today={today} />
        </div>
        <StillRow
          view={row}
          number={number}
          today={today}
          span={span}
          selection={{ rowId: row.row.id, plantingId }}
          onSelect={(chosen) =>
            chosen.plantingId && router.push(`/house/${householdId}/planting/${chosen.plantingId}`)
          }
        />
      </div>
      <div className="mt-6 grid gap-x-10 gap-y-6 px-4 lg:grid-cols-2 lg:px-6">
        <section aria-labelledby="steps" className="min-w-0">
          <h2 id="steps" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
            {t("story.steps")}
          </h2>
          <table className="w-full text-note">
            <thead className="text-left text-fine text-muted">
              <tr>
                <th scope="col">{t("story.step")}</th>
                <th scope="col">{t("story.planned")}</th>
                <th scope="col">{t("story.real")}</th>
                <th scope="col">{t("story.verdict")}</th>
              </tr>
            </thead>
            <tbody>
              {steps.map(({ step, planned: window, real, offDays }) => (
                <tr key={step} className="border-t border-line">
                  <th scope="row" className="py-1 text-left font-semibold">
                    {t(`story.stepNames.${step}`)}
                  </th>
                  <td className="py-1">
                    {window
                      ? window.early === window.late
                        ? day(window.early)
                        : days(window.early, window.late)
                      : "–"}
                  </td>
                  <td className="py-1">{real ? day(real) : t("story.notYet")}</td>
                  <td className={`py-1 ${offDays ? "font-semibold" : "text-muted"}`}>{verdictOf(offDays)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-3">
            {t("story.gave", {
              picked: words.picked({ ...picked, kg: picked.mass }) || t("log.nothingPicked"),
              planned: harvest(before.harvest),
            })}
          </p>
          {shared && (
            <p className="text-muted">
              {t("story.shared", {
                days: Math.round(shared.pickDays),
                kg: quantity(shared.kg, "mass"),
                households: shared.households,
              })}
            </p>
          )}
        </section>
        <section aria-labelledby="written" className="min-w-0">
          <h2 id="written" className="text-lg font-bold">
            {t("log.records")}
          </h2>
          <RecordList householdId={householdId} records={written} aboutOf={() => name} />
          <Link
            href={`/house/${householdId}/log?planting=${plantingId}`}
            className={`${buttonClass("solid")} mt-3 min-h-11`}
          >
            {t("shared.writeDown")}
          </Link>
        </section>
      </div>
    </div>
  );
}

/** Whether a step came in its days, or how far off it was. */
const verdictOf = (offDays: StoryStep["offDays"]): string =>
  offDays === undefined
    ? ""
    : offDays === 0
      ? t("story.inTime")
      : t(offDays < 0 ? "story.sooner" : "story.later", { days: Math.abs(offDays) });
