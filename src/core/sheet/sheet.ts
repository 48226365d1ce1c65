import { type Caution, cautionsOfGarden } from "../caution";
import type { Goal } from "../crop";
import { addDays, type Day, daysBetween } from "../day";
import { type DoneLine, type Task, tasksOf } from "../days";
import type { Garden, PlantingView, RowView } from "../garden";
import { fillingsIn } from "../kit";
import type { Setting } from "../setting";
import { rowThirst, wateringDays } from "../year";

/** One bag of the sheet, with what is in it or comes, and its water in each of the months that it tells of. */
export interface SheetRow {
  readonly view: RowView;
  readonly number: number;
  readonly plantings: readonly PlantingView[];
  /** Water a time, L, and days between, about the middle of a month, by its first day; none where nothing drinks then. */
  readonly water: readonly { readonly month: Day; readonly litres: number; readonly everyDays: number }[];
}

/** What a household keeps on its fridge. */
export interface Sheet {
  readonly rows: readonly SheetRow[];
  /** What comes in the next weeks, by day. */
  readonly tasks: readonly Task[];
  /** What will be picked, each once. */
  readonly goals: readonly Goal[];
  readonly cautions: readonly Caution[];
}

/** A sheet tells of so many weeks, and of the water of so many months. */
const WEEKS = 8;
const MONTHS = 3;
const MOST_EVERY = 7;
/** What is done every day, or goes by the day's weather, needs no date. */
const UNDATED = new Set<Task["kind"]>(["water", "vent", "mist"]);

/** The first days of the month of a day and of those that follow. */
const monthsFrom = (day: Day, count: number): Day[] => {
  const months = [`${day.slice(0, 7)}-01`];
  for (let d = day; months.length < count; d = addDays(d, 1)) {
    const month = `${d.slice(0, 7)}-01`;
    if (month !== months.at(-1)) months.push(month);
  }
  return months;
};

function waterOf(view: RowView, month: Day, { setting, today }: Asked) {
  const middle = addDays(month, 14);
  const day = middle < today ? today : middle;
  const daily = rowThirst(view, day, setting);
  if (daily <= 0) return [];
  const every = wateringDays(view, day, setting);
  const everyDays = every < 1 ? 0.5 : Math.min(MOST_EVERY, Math.floor(every));
  return [{ month, litres: daily * everyDays, everyDays }];
}

interface Asked {
  readonly setting: Setting;
  readonly today: Day;
}

/** The sheet of a garden on a day, by its plan and by what is on record. */
export function sheetOf(garden: Garden, records: readonly DoneLine[], asked: Asked): Sheet {
  const { today } = asked;
  const last = addDays(today, 7 * WEEKS);
  const all = tasksOf(garden, records, asked);
  const months = monthsFrom(today, MONTHS);
  const isComing = ({ stay, real }: PlantingView) => stay.to >= today && !real?.endedOn;
  const goals = new Map<string, Goal>();
  for (const view of garden.rows.flatMap((row) => row.plantings).filter(isComing)) {
    const first = view.season.stages.firstPick?.likely;
    if (first !== undefined && daysBetween(today, first) <= 7 * WEEKS) goals.set(view.goal.id, view.goal);
  }
  return {
    rows: garden.rows.map((view, i) => ({
      view,
      number: i + 1,
      plantings: view.plantings.filter(isComing).sort((a, b) => a.stay.from.localeCompare(b.stay.from)),
      water: months.flatMap((month) => waterOf(view, month, asked)),
    })),
    tasks: all
      .filter(({ kind, from }) => !UNDATED.has(kind) && from <= last)
      .sort((a, b) => a.from.localeCompare(b.from) || a.row - b.row),
    goals: [...goals.values()],
    cautions: cautionsOfGarden(garden, fillingsIn(all, garden), today),
  };
}
