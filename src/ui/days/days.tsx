"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { addDays, type Day } from "@/core/day";
import { SETTLED_BY, stateOn, type Task, tasksOf, warningsFor } from "@/core/days";
import { assessGarden, type RowView } from "@/core/garden";
import { USUAL_SIZES } from "@/core/mix";
import { type GardenRecord, validRecords } from "@/core/record";
import type { Away } from "@/core/place";
import { absencesOf, waterByMonth } from "@/core/year";
import type { GardenProps } from "@/ui/garden-props";
import type { Outcome } from "@/core/problem";
import { post, type Store, useOutbox } from "@/ui/offline/outbox";
import { Button, buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { SheetLink } from "@/ui/kit/sheet-link";
import { useRights } from "@/ui/rights";
import { useJudged } from "@/ui/use-judged";
import { useWords } from "@/ui/words/use-words";
import { Amiss } from "./amiss";
import { AwayNotes } from "./away";
import { doneRecord } from "./done-record";
import { type AddressActs, CalendarAddress } from "./calendar-address";
import { Month } from "./month";
import { PaperCode } from "./paper-code";
import { TaskLine } from "./task-line";
import { taskWords } from "./task-words";
import { Watering } from "./watering";
import { WaterYear } from "./water-year";
import { WeatherLines } from "./weather-lines";
import { t } from "./words";

export interface DaysProps extends GardenProps {
  readonly householdId: string;
  readonly title: string;
  /** Times with nobody to water. */
  readonly away: readonly Away[];
  /** What the household can carry a day, L; left out where nobody asked. */
  readonly carriesLDay?: number;
  readonly store: Store;
  /** What gives its calendar an address; left out for those who may not. */
  readonly address?: AddressActs;
  /** Takes the code on its papers out of force; left out for those who may not. */
  readonly withdrawPaper?: () => Promise<Outcome<null>>;
}

const WEEK_DAYS = 7;
const SOON_DAYS = 28;

/** What a household does on which day, by its plan and its records; one tap writes down that it was done. */
export function Days({
  householdId,
  title,
  today,
  plan,
  setting: plain,
  overrides,
  records,
  away,
  carriesLDay,
  weather,
  store,
  address,
  withdrawPaper,
}: DaysProps) {
  const words = useWords();
  const { day } = words;
  const router = useRouter();
  const { setting } = useJudged(plain, overrides);
  const garden = useMemo(() => assessGarden(plan, setting), [plan, setting]);
  const tasks = useMemo(
    () => tasksOf(garden, records, { setting, today, weather }),
    [garden, records, setting, today, weather],
  );
  const warnings = useMemo(
    () => warningsFor(garden, weather, { setting, today }),
    [garden, weather, setting, today],
  );
  const absences = useMemo(
    () => absencesOf(garden, away, { setting, today }),
    [garden, away, setting, today],
  );
  const months = useMemo(
    () => waterByMonth(garden, setting, today, carriesLDay),
    [garden, setting, today, carriesLDay],
  );
  const { seesAll, writes } = useRights();
  const { waiting } = useOutbox();
  const [last, setLast] = useState<{ readonly what: string; readonly records: readonly GardenRecord[] }>();
  const [written, setWritten] = useState<ReadonlySet<string>>(new Set());
  const [chosen, setChosen] = useState<Day>();

  // What was to be done when the page opened keeps its place, so that nothing moves under a thumb.
  const [first] = useState(tasks);
  const current = new Set(tasks.map((task) => task.id));
  const known = new Set(first.map((task) => task.id));
  const shown = [...first, ...tasks.filter((task) => !known.has(task.id))];
  const mine = waiting.filter((w) => w.householdId === householdId && !w.refused).map((w) => w.record);
  const answered = answeredBy(
    validRecords(mine),
    shown.filter((task) => current.has(task.id)),
  );
  const isDone = (task: Task) => !current.has(task.id) || written.has(task.id) || answered.has(task.id);

  const write = async (of: readonly Task[], what: string) => {
    setWritten(new Set([...written, ...of.map((task) => task.id)]));
    const made = of.flatMap((task) => doneRecord(task, today) ?? []);
    setLast({ what, records: made });
    for (const record of made) await post(householdId, record, store);
    router.refresh();
  };
  const undo = async () => {
    if (!last) return;
    setLast(undefined);
    setWritten(new Set());
    for (const { id, plantingId } of last.records)
      await post(
        householdId,
        { ...STRUCK, id: crypto.randomUUID(), plantingId, on: today, supersedes: id },
        store,
      );
    router.refresh();
  };

  const water = shown.filter((task) => task.kind === "water");
  const rest = shown.filter((task) => task.kind !== "water");
  const onDay = chosen && rest.filter((task) => task.from === chosen);
  const inState = (state: ReturnType<typeof stateOn>) =>
    rest.filter((task) => stateOn(task, today) === state);
  const coming = inState("coming");
  const groups = onDay
    ? [{ name: t("days.chosenDay", { day: day(chosen) }), list: onDay }]
    : [
        { name: t("days.late"), list: inState("late") },
        { name: t("days.today"), list: inState("due") },
        { name: t("days.week"), list: coming.filter((task) => task.from <= addDays(today, WEEK_DAYS)) },
        {
          name: t("days.soon"),
          list: coming.filter(
            (task) => task.from > addDays(today, WEEK_DAYS) && task.from <= addDays(today, SOON_DAYS),
          ),
        },
      ];
  const rowOf = (task: Task): RowView | undefined => garden.rows.find((r) => r.row.id === task.rowId);
  return (
    <div className="grid gap-x-10 gap-y-4 px-4 py-4 lg:grid-cols-[minmax(0,1fr)_22rem] lg:px-6 print:block">
      <div className="min-w-0">
        <h1 className="text-title font-bold">{title}</h1>
        <p role="status" className="mb-2 flex min-h-12 flex-wrap items-center gap-3">
          {last ? (
            <>
              <b>✓ {t("shared.stored", { what: last.what })}</b>
              <Button onClick={() => void undo()}>{t("shared.undo")}</Button>
            </>
          ) : (
            <span className="text-muted">{t(writes ? "days.lead" : "rights.reads")}</span>
          )}
        </p>
        {garden.rows.length === 0 && (
          <p className="flex flex-wrap items-center gap-3">
            {t("days.nothingAtAll")}
            {seesAll && (
              <Link href={`/house/${householdId}/match`} className={buttonClass("solid")}>
                {t("shared.toMatch")}
              </Link>
            )}
          </p>
        )}
        {!onDay && garden.rows.length > 0 && (
          <WeatherLines weather={weather} warnings={warnings} today={today} />
        )}
        {!onDay && water.length > 0 && (
          <Watering
            sizes={setting.sizes ?? USUAL_SIZES}
            tasks={water}
            today={today}
            isDone={isDone}
            rowOf={rowOf}
            onDone={(of) => void write(of, t("recordKinds.watered"))}
          />
        )}
        {groups.map(({ name, list }) => (
          <Group key={name} name={name} isEmptyTold={name === t("days.today") && garden.rows.length > 0}>
            {list.map((task) => (
              <TaskLine
                key={task.id}
                task={task}
                row={rowOf(task)}
                today={today}
                isDone={isDone(task)}
                logHref={`/house/${householdId}/log?planting=${task.plantingId ?? ""}`}
                onDone={() => void write([task], taskWords(task, words).title)}
              />
            ))}
          </Group>
        ))}
        {!onDay && <AwayNotes absences={absences} />}
        {!onDay && (
          <Amiss
            garden={garden}
            setting={setting}
            today={today}
            records={records}
            tasks={tasks}
            weather={weather}
            onWrite={(record) => void post(householdId, record, store).then(() => router.refresh())}
          />
        )}
        {onDay && <Button onClick={() => setChosen(undefined)}>{t("days.allDays")}</Button>}
      </div>
      <div className="min-w-0 print:hidden">
        <Month
          tasks={rest.filter((task) => !isDone(task))}
          today={today}
          chosen={chosen}
          onChoose={setChosen}
        />
        <WaterYear months={months} carriesLDay={carriesLDay} />
        {garden.rows.length > 0 && (
          <div className="mt-4">
            <SheetLink householdId={householdId} />
          </div>
        )}
        {garden.rows.length > 0 && (
          <p className="mt-4 text-note text-muted">
            <a href={`/house/${householdId}/days.ics`} download className={`${buttonClass("open")} mr-2`}>
              {t("days.calendar")}
            </a>
            {t("days.calendarHint")}
          </p>
        )}
        {address && garden.rows.length > 0 && <CalendarAddress {...address} />}
        {withdrawPaper && garden.rows.length > 0 && <PaperCode withdraw={withdrawPaper} />}
      </div>
    </div>
  );
}

/** The tasks that records answer which wait on the device: each the first of its kind, as the server will have it. */
function answeredBy(records: readonly GardenRecord[], tasks: readonly Task[]): ReadonlySet<string> {
  const answered = new Set<string>();
  for (const { kind, plantingId, rowId } of records) {
    const task = tasks.find(
      (t) =>
        !answered.has(t.id) &&
        SETTLED_BY[t.kind] === kind &&
        (t.plantingId ?? t.rowId) === (plantingId ?? rowId),
    );
    if (task) answered.add(task.id);
  }
  return answered;
}

const STRUCK = { kind: "struck", amount: null, note: "" } as const;

function Group({
  name,
  isEmptyTold,
  children,
}: {
  name: string;
  isEmptyTold: boolean;
  children: React.ReactNode[];
}) {
  if (children.length === 0 && !isEmptyTold) return null;
  return (
    <section aria-label={name} className="mb-4">
      <h2 className="border-t-rule border-ink pt-1.5 text-lg font-bold">{name}</h2>
      {children.length === 0 ? <p className="text-muted">{t("days.nothing")}</p> : <ul>{children}</ul>}
    </section>
  );
}
