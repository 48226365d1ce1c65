"use client";

import Form from "next/form";
import type { PlaceKind } from "@/core/place";
import { HOUSEHOLD_STAGES, type HouseholdStage, type Measure } from "@/core/record";
import { Button, buttonClass } from "@/ui/primitives/button";
import { SelectField, TextField } from "@/ui/primitives/field";
import { JudgingSince } from "@/ui/primitives/judging-since";
import { Link } from "@/ui/primitives/link";
import { Pages } from "@/ui/primitives/pages";
import { Only } from "@/ui/rights";
import { useWords } from "@/ui/words/use-words";
import { DueLines, type DueTask } from "./due-lines";
import { StageMark } from "./stage-mark";
import { t } from "./words";

export interface Summary {
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
  readonly stage: HouseholdStage;
  readonly bags: number;
  readonly sunHours: number;
  readonly firstSowing?: string;
  /** The day of the last record, where that is weeks ago and something grows. */
  readonly quietSince?: string;
  readonly due: readonly DueTask[];
  readonly picked: Partial<Record<Measure, number>>;
}

const SORTS = ["pressing", "number", "name"] as const;
type Filter = HouseholdStage | "all" | "pressing" | "quiet" | "away";

interface Ask {
  readonly search: string;
  readonly filter: Filter;
  readonly sort: (typeof SORTS)[number];
  readonly page: number;
}

export interface HouseholdsProps {
  readonly programme: string;
  readonly summaries: readonly Summary[];
  readonly stages: Readonly<Partial<Record<HouseholdStage, number>>>;
  readonly found: number;
  readonly pressing: number;
  /** Households that have gone quiet. */
  readonly quiet: number;
  /** Households that were put away. */
  readonly away: number;
  readonly late: number;
  readonly due: number;
  readonly pages: number;
  readonly ask: Ask;
  readonly judgingSince?: string;
}

const COLUMNS = "lg:grid-cols-[3.5rem_12rem_15rem_8.5rem_1fr_8rem]";

/** The address of the list as it is, with some of what it asks for changed; what is usual is left out. */
function addressOf(ask: Ask): string {
  const query = new URLSearchParams();
  if (ask.search !== "") query.set("search", ask.search);
  if (ask.filter !== "all") query.set("filter", ask.filter);
  if (ask.sort !== "pressing") query.set("sort", ask.sort);
  if (ask.page !== 1) query.set("page", String(ask.page));
  return query.size > 0 ? `/?${query}` : "/";
}

/** The first screen: who is in the programme, how far each is, and what is due or late this week. */
export function Households(props: HouseholdsProps) {
  const { programme, summaries, stages, found, pressing, quiet, away, late, due, pages, ask } = props;
  const { judgingSince } = props;
  const counts: Partial<Record<Filter, number>> = { all: found, pressing, quiet, away, ...stages };
  const filters: Filter[] = [
    "all",
    "pressing",
    ...(quiet > 0 || ask.filter === "quiet" ? (["quiet"] as const) : []),
    ...HOUSEHOLD_STAGES.filter((stage) => stages[stage]),
    ...(away > 0 || ask.filter === "away" ? (["away"] as const) : []),
  ];
  const nameOf = (f: Filter) =>
    f === "all" || f === "pressing" || f === "quiet" || f === "away"
      ? t(`households.filters.${f}`)
      : t(`stages.${f}`);
  const isEmpty = found + away === 0 && ask.search === "";
  return (
    <div className="px-4 py-4 lg:px-6">
      <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-2">
        <div>
          <h1 className="text-title font-bold">
            {t("households.title")} <span className="text-lg font-semibold text-muted">{programme}</span>
          </h1>
          <p className="text-muted">{t("households.lead", { count: found, late, due })}</p>
          <JudgingSince since={judgingSince} />
        </div>
        <div className="ml-auto flex flex-wrap gap-2">
          <a href="/records.csv" download className={buttonClass("open")}>
            {t("shared.recordsCsv")}
          </a>
          <Only may="changes">
            <Link href="/households/new" className={buttonClass("solid")}>
              {t("shared.newHousehold")}
            </Link>
          </Only>
        </div>
      </div>
      {isEmpty ? (
        <p className="border-t border-line py-6">{t("households.empty")}</p>
      ) : (
        <>
          <div className="mb-2 flex flex-wrap items-end gap-x-6 gap-y-2">
            <Form action="/" key={addressOf(ask)} className="flex flex-wrap items-end gap-2">
              <TextField
                type="search"
                name="search"
                label={t("households.search")}
                defaultValue={ask.search}
                maxLength={80}
              />
              <SelectField label={t("households.sort")} name="sort" defaultValue={ask.sort}>
                {SORTS.map((sort) => (
                  <option key={sort} value={sort}>
                    {t(`households.sorts.${sort}`)}
                  </option>
                ))}
              </SelectField>
              <input type="hidden" name="filter" value={ask.filter} />
              <Button type="submit" className="min-h-10">
                {t("households.find")}
              </Button>
            </Form>
            <nav aria-label={t("households.filter")} className="flex flex-wrap gap-x-4 gap-y-1 text-note">
              {filters.map((f) => (
                <Link
                  key={f}
                  href={addressOf({ ...ask, filter: f, page: 1 })}
                  aria-current={ask.filter === f ? "true" : undefined}
                  className={`flex min-h-8 items-center gap-1 border-b-2 ${ask.filter === f ? "border-beet font-semibold" : "border-transparent text-muted hover:text-ink"}`}
                >
                  {nameOf(f)} <span className="text-sm">{counts[f] ?? 0}</span>
                </Link>
              ))}
            </nav>
          </div>
          <div
            aria-hidden="true"
            className={`hidden gap-x-3 text-fine font-semibold text-muted lg:grid ${COLUMNS}`}
          >
            <span className="col-span-2">{t("households.house")}</span>
            <span>{t("households.place")}</span>
            <span>{t("households.stage")}</span>
            <span>{t("households.week")}</span>
            <span className="text-right">{t("households.picked")}</span>
          </div>
          <ul className="border-t-rule border-ink">
            {summaries.map((summary) => (
              <HouseholdLine key={summary.id} summary={summary} />
            ))}
          </ul>
          {summaries.length === 0 && <p className="py-6">{t("households.nobody")}</p>}
          <Pages page={ask.page} pages={pages} hrefOf={(page) => addressOf({ ...ask, page })} />
        </>
      )}
    </div>
  );
}

/** The screen that a household needs next. */
const NEXT_SCREEN: Record<HouseholdStage, "doorstep" | "match" | "bench" | "log"> = {
  new: "doorstep",
  surveyed: "match",
  planned: "bench",
  sown: "log",
  picking: "log",
  finished: "bench",
};

function HouseholdLine({ summary: h }: { summary: Summary }) {
  const words = useWords();
  const { number, day } = words;
  const { stage, firstSowing, quietSince, due, picked } = h;
  const todo =
    stage === "planned" && firstSowing
      ? t("households.todo.planned", { day: day(firstSowing) })
      : stage === "new" || stage === "surveyed" || stage === "finished"
        ? t(`households.todo.${stage}`)
        : t("households.nothing");
  const amounts = words.picked({ ...picked, kg: picked.mass });
  return (
    <li
      className={`relative grid grid-cols-[2.5rem_1fr_auto] items-start gap-x-3 gap-y-1 border-b border-line py-2 hover:bg-card ${COLUMNS}`}
    >
      <span className="big-number text-muted">{h.code}</span>
      <div className="min-w-0">
        <Link
          href={`/house/${h.id}/${NEXT_SCREEN[stage]}`}
          className="font-head text-lg font-bold wrap-anywhere after:absolute after:inset-0"
        >
          {h.name}
        </Link>
        <p className="text-sm text-muted">
          {t("households.people", { adults: h.adults, children: h.children })}
        </p>
      </div>
      <div className="col-start-2 text-note lg:col-start-auto">
        {h.place && (
          <>
            {t(`places.${h.place.kind}`)} {h.place.lengthTyped} × {h.place.widthTyped}
            <p className="text-sm text-muted">
              {t("households.sun", { hours: number(h.sunHours) })} · {t("households.bags", { count: h.bags })}
            </p>
          </>
        )}
      </div>
      <div className="col-start-3 row-start-1 lg:col-start-auto lg:row-start-auto">
        <StageMark stage={stage} />
      </div>
      <ul className="col-span-2 col-start-2 text-note lg:col-span-1 lg:col-start-auto">
        <DueLines due={due} />
        {due.length === 0 && <li className="text-muted">{todo}</li>}
        {quietSince && <li className="text-sm">{t("households.quietSince", { day: day(quietSince) })}</li>}
      </ul>
      <p className="col-span-2 col-start-2 text-note lg:col-span-1 lg:col-start-auto lg:text-right">
        {amounts && (
          <>
            <span className="sr-only">{t("households.picked")}: </span>
            {amounts}
          </>
        )}
      </p>
    </li>
  );
}
