"use client";

import Link from "next/link";
import { useState } from "react";
import type { Measure } from "@/core/record";
import type { HouseholdStage } from "@/core/record";
import type { PlaceKind } from "@/core/place";
import { buttonClass } from "@/ui/primitives/button";
import { useWords } from "@/ui/words/use-words";
import { StageMark } from "./stage-mark";

interface Task {
  readonly task: "sow" | "up" | "move" | "pick";
  readonly day: string;
  readonly late: boolean;
  readonly days: number;
  readonly plantingId: string;
  readonly goalId: string;
}

export interface Summary {
  readonly household: {
    readonly id: string;
    readonly code: string;
    readonly name: string;
    readonly adults: number;
    readonly children: number;
    readonly place: {
      readonly kind: PlaceKind;
      readonly lengthTyped: string;
      readonly widthTyped: string;
    } | null;
  };
  readonly stage: HouseholdStage;
  readonly bags: number;
  readonly sunHours: number;
  readonly firstSowing?: string;
  readonly due: readonly Task[];
  readonly picked: Partial<Record<Measure, number>>;
}

const STAGES = ["new", "surveyed", "planned", "sown", "picking", "finished"] as const;
const SHOWN_TASKS = 3;

/** The first screen: who is in the programme, how far each is, and what is due or late this week. */
export function Households({ programme, summaries }: { programme: string; summaries: readonly Summary[] }) {
  const { t } = useWords();
  const [filter, setFilter] = useState<HouseholdStage | "all" | "pressing">("all");
  const tasks = summaries.flatMap((s) => s.due);
  const shown = summaries.filter(
    (s) => filter === "all" || (filter === "pressing" ? s.due.length > 0 : s.stage === filter),
  );
  const filters = [
    "all",
    "pressing",
    ...STAGES.filter((stage) => summaries.some((s) => s.stage === stage)),
  ] as const;
  const count = (f: (typeof filters)[number]) =>
    f === "all"
      ? summaries.length
      : summaries.filter((s) => (f === "pressing" ? s.due.length > 0 : s.stage === f)).length;
  return (
    <div className="px-4 py-4 lg:px-6">
      <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-2">
        <div>
          <h1 className="text-[1.625rem] font-bold">
            {t("households.title")} <span className="text-lg font-semibold text-muted">{programme}</span>
          </h1>
          <p className="text-muted">
            {t("households.lead", {
              count: summaries.length,
              late: tasks.filter((d) => d.late).length,
              due: tasks.filter((d) => !d.late).length,
            })}
          </p>
        </div>
        <div className="ml-auto flex flex-wrap gap-2">
          <a href="/records.csv" download className={buttonClass("open")}>
            {t("households.csv")}
          </a>
          <Link href="/households/new" className={buttonClass("solid")}>
            {t("households.new")}
          </Link>
        </div>
      </div>
      {summaries.length === 0 ? (
        <p className="border-t border-line py-6">{t("households.empty")}</p>
      ) : (
        <>
          <div
            role="group"
            aria-label={t("households.filter")}
            className="mb-2 flex flex-wrap gap-x-4 gap-y-1 text-[0.9375rem]"
          >
            {filters.map((f) => (
              <button
                key={f}
                type="button"
                aria-pressed={filter === f}
                onClick={() => setFilter(f)}
                className={`min-h-8 border-b-2 ${filter === f ? "border-beet font-semibold" : "border-transparent text-muted hover:text-ink"}`}
              >
                {f === "all"
                  ? t("households.all")
                  : f === "pressing"
                    ? t("households.lateOnly")
                    : t(`stages.${f}`)}{" "}
                <span className="text-sm">{count(f)}</span>
              </button>
            ))}
          </div>
          <ul className="border-t-[1.5px] border-ink">
            {shown.map((s) => (
              <HouseholdLine key={s.household.id} summary={s} />
            ))}
          </ul>
          {shown.length === 0 && <p className="py-6">{t("households.none")}</p>}
        </>
      )}
    </div>
  );
}

function HouseholdLine({
  summary: { household: h, stage, bags, sunHours, firstSowing, due, picked },
}: {
  summary: Summary;
}) {
  const { t, number, crop, day, quantity } = useWords();
  const todo =
    stage === "planned" && firstSowing
      ? t("households.todo.planned", { day: day(firstSowing) })
      : stage === "new" || stage === "surveyed" || stage === "finished"
        ? t(`households.todo.${stage}`)
        : t("households.nothing");
  const screen =
    stage === "new"
      ? "doorstep"
      : stage === "surveyed"
        ? "match"
        : stage === "sown" || stage === "picking"
          ? "log"
          : "bench";
  const amounts = [
    picked.mass !== undefined && quantity(picked.mass, "mass"),
    picked.bunches !== undefined && t("log.amounts.bunches", { n: picked.bunches }),
    picked.pieces !== undefined && t("log.amounts.pieces", { n: picked.pieces }),
  ].filter(Boolean);
  return (
    <li className="relative grid grid-cols-[2.5rem_1fr_auto] items-start gap-x-3 gap-y-1 border-b border-line py-2 hover:bg-card lg:grid-cols-[2.5rem_12rem_15rem_8.5rem_1fr_8rem]">
      <span className="big-number text-muted">{h.code}</span>
      <div>
        <Link
          href={`/house/${h.id}/${screen}`}
          className="font-head text-lg font-bold after:absolute after:inset-0"
        >
          {h.name}
        </Link>
        <p className="text-sm text-muted">
          {t("households.people", { adults: h.adults, children: h.children })}
        </p>
      </div>
      <div className="col-start-2 text-[0.9375rem] lg:col-start-auto">
        {h.place && (
          <>
            {t(`places.${h.place.kind}`)} {h.place.lengthTyped} × {h.place.widthTyped}
            <p className="text-sm text-muted">
              {t("households.sun", { hours: number(sunHours) })} · {t("households.bags", { count: bags })}
            </p>
          </>
        )}
      </div>
      <div className="col-start-3 row-start-1 lg:col-start-auto lg:row-start-auto">
        <StageMark stage={stage} />
      </div>
      <ul className="col-span-2 col-start-2 text-[0.9375rem] lg:col-span-1 lg:col-start-auto">
        {due.slice(0, SHOWN_TASKS).map((d) => (
          <li key={d.plantingId} className={d.late ? "font-semibold text-beet" : ""}>
            {t(`households.tasks.${d.task}`, { crop: crop(d.goalId) })}
            <span className="ml-2 text-sm">
              {d.late ? `▲ ${t("households.late", { days: d.days })}` : day(d.day)}
            </span>
          </li>
        ))}
        {due.length > SHOWN_TASKS && (
          <li className="text-sm text-muted">{t("households.more", { count: due.length - SHOWN_TASKS })}</li>
        )}
        {due.length === 0 && <li className="text-muted">{todo}</li>}
      </ul>
      <p className="col-span-2 col-start-2 text-[0.9375rem] lg:col-span-1 lg:col-start-auto lg:text-right">
        {amounts.length > 0 && (
          <>
            <span className="sr-only">{t("households.picked")}: </span>
            {amounts.join(", ")}
          </>
        )}
      </p>
    </li>
  );
}
