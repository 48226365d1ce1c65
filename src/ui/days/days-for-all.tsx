"use client";

import { addDays, type Day, daysBetween } from "@/core/day";
import { stateOn, type Task, type TaskKind } from "@/core/days";
import type { Weather } from "@/core/weather";
import { GroupPick } from "@/ui/groups/group-pick";
import { JudgingSince } from "@/ui/primitives/judging-since";
import { Link } from "@/ui/primitives/link";
import { Pages } from "@/ui/primitives/pages";
import { useWords } from "@/ui/words/use-words";
import { taskWords } from "./task-words";
import { WeatherLines } from "./weather-lines";
import { t } from "./words";

export interface DaysForAllProps {
  readonly today: Day;
  readonly until: Day;
  /** The last day that is looked at; left out for the whole two weeks. */
  readonly day?: Day;
  readonly kind?: TaskKind;
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  readonly groupId?: string;
  readonly counts: readonly {
    readonly day: Day;
    readonly kind: string;
    readonly tasks: number;
    readonly households: number;
  }[];
  readonly households: readonly {
    readonly householdId: string;
    readonly code: string;
    readonly name: string;
    readonly tasks: readonly Task[];
  }[];
  readonly weather: Weather | undefined;
  readonly page: number;
  readonly pages: number;
  readonly judgingSince?: string;
}

/** Tasks of one household that are named in the list; the rest stands in its own Days. */
const NAMED = 5;

/** What all households have to do in two weeks: how much of what on which day, and who. */
export function DaysForAll(props: DaysForAllProps) {
  const { today, until, day, kind, groups, groupId, counts, households, weather, page, pages, judgingSince } =
    props;
  const href = (change: Partial<Record<"day" | "kind" | "group" | "page", string | undefined>>) => {
    const query = Object.entries({ group: groupId, kind, day, page: undefined, ...change }).flatMap(
      ([key, value]) => (value ? [`${key}=${value}`] : []),
    );
    return query.length > 0 ? `/days?${query.join("&")}` : "/days";
  };
  const kinds = [...new Set(counts.map((count) => count.kind))] as TaskKind[];
  const ofKind = (k: TaskKind | undefined) => counts.filter((count) => k === undefined || count.kind === k);
  const sum = (list: DaysForAllProps["counts"]) => list.reduce((all, { tasks }) => all + tasks, 0);
  const days = Array.from({ length: daysBetween(today, until) + 1 }, (_, i) => addDays(today, i));
  return (
    <div className="px-4 py-4 lg:px-6">
      <h1 className="text-title font-bold">{t("daysAll.title")}</h1>
      <p className="text-muted">{t("daysAll.lead")}</p>
      <JudgingSince since={judgingSince} />
      <div className="mt-2 grid gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="min-w-0">
          <GroupPick groups={groups} groupId={groupId} hrefOf={(group) => href({ group })} />
          <nav aria-label={t("groupPick.label")} className="my-2 flex flex-wrap gap-2 print:hidden">
            {[undefined, ...kinds].map((k) => (
              <Link
                key={k ?? "all"}
                href={href({ kind: k })}
                aria-current={k === kind ? "true" : undefined}
                className={`inline-flex min-h-9 items-center border-rule px-2.5 text-note ${k === kind ? "border-ink bg-ink font-semibold text-paper" : "border-line hover:border-ink"}`}
              >
                {k ? t(`taskKinds.${k as "sow"}`) : t("daysAll.all")} {sum(ofKind(k))}
              </Link>
            ))}
          </nav>
          {households.length === 0 ? (
            <p>{t("daysAll.nothing")}</p>
          ) : (
            <ul aria-label={t("daysAll.who")}>
              {households.map(({ householdId, code, name, tasks }) => (
                <li
                  key={householdId}
                  className="grid gap-x-4 border-t border-line py-2 sm:grid-cols-[11rem_minmax(0,1fr)]"
                >
                  <Link
                    href={`/house/${householdId}/days`}
                    className="font-head font-bold wrap-anywhere hover:underline"
                  >
                    <span className="text-muted">{code}</span> {name}
                  </Link>
                  <ul className="text-note">
                    {tasks.slice(0, NAMED).map((task) => (
                      <TaskOf key={task.id} task={task} today={today} />
                    ))}
                    {tasks.length > NAMED && (
                      <li className="text-muted">{t("daysAll.more", { count: tasks.length - NAMED })}</li>
                    )}
                  </ul>
                </li>
              ))}
            </ul>
          )}
          <Pages page={page} pages={pages} hrefOf={(n) => href({ page: String(n) })} />
        </div>
        <div className="min-w-0">
          <WeatherLines weather={weather} warnings={[]} today={today} />
          <section aria-labelledby="by-day">
            <h2 id="by-day" className="border-t-rule border-ink pt-1.5 text-lg font-bold">
              {t("daysAll.byDay")}
            </h2>
            <ol>
              {days.map((d) => (
                <DayLine
                  key={d}
                  day={d}
                  isFirst={d === today}
                  isChosen={d === day}
                  tasks={sum(ofKind(kind).filter((count) => count.day === d))}
                  most={Math.max(1, ...days.map((x) => sum(ofKind(kind).filter((count) => count.day === x))))}
                  href={href({ day: d === day ? undefined : d })}
                />
              ))}
            </ol>
          </section>
        </div>
      </div>
    </div>
  );
}

/** One day: how much falls on it, as a bar; pressed, the list goes as far as that. */
function DayLine({
  day: d,
  isFirst,
  isChosen,
  tasks,
  most,
  href,
}: {
  day: Day;
  isFirst: boolean;
  isChosen: boolean;
  tasks: number;
  most: number;
  href: string;
}) {
  const { day, weekday } = useWords();
  return (
    <li className="border-t border-line">
      <Link
        href={href}
        aria-current={isChosen ? "true" : undefined}
        className={`grid min-h-8 grid-cols-[6.5rem_minmax(0,1fr)_2.5rem] items-center gap-2 text-note hover:bg-card ${isChosen ? "font-bold text-beet" : ""}`}
      >
        <span>
          {weekday(d)} {day(d)}
        </span>
        <span aria-hidden="true" className="h-3">
          <span
            className={`block h-full ${isFirst ? "bg-beet" : "bg-soil"}`}
            style={{ width: `${(100 * tasks) / most}%` }}
          />
        </span>
        <span className="text-right tabular-nums">
          {tasks > 0 ? tasks : "–"}
          {isFirst && <span className="sr-only"> {t("daysAll.late")}</span>}
        </span>
      </Link>
    </li>
  );
}

function TaskOf({ task, today }: { task: Task; today: Day }) {
  const words = useWords();
  const { day } = words;
  const isLate = stateOn(task, today) === "late";
  return (
    <li>
      <b>{taskWords(task, words).title}</b>{" "}
      <span className={isLate ? "font-semibold text-beet" : "text-muted"}>
        {isLate
          ? `▲ ${t("due.late", { days: daysBetween(task.until, today) })}`
          : task.from <= today
            ? t("due.until", { day: day(task.until) })
            : t("days.from", { day: day(task.from) })}
      </span>
    </li>
  );
}
