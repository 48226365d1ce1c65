import { addDays, type Day } from "../day";
import type { Garden, RowView } from "../garden";
import type { Setting, Trial } from "../setting";
import type { Weather } from "../weather";
import { bagTasks } from "./bag-tasks";
import { type DoneLine, doneFrom } from "./done";
import { heldBack } from "./held-back";
import { plantingTasks } from "./planting-tasks";
import { stateOn, type Task, type TaskKind } from "./task";

const STATES = ["late", "due", "coming"] as const;

/** What was not done for so long is past, or was done and not written down: it is not asked for any more. Ours to choose. */
const PASSING = new Set<TaskKind>([
  "top-up",
  "thin",
  "harden",
  "stake",
  "net",
  "feed",
  "feed-liquid",
  "empty",
]);
const PAST_DAYS = 14;

/** What the two ways of a side-by-side may differ in, and what tells them apart in the end. */
const TRIED = new Set<TaskKind>(["fill", "sow", "move", "pick", "end"]);

/** The side-by-side that a task is part of: its planting's, or for a whole bag that of one which stands in it. */
function trialOf(task: Omit<Task, "row">, { plantings }: RowView, { trials }: Setting): Trial | undefined {
  if (!trials || !TRIED.has(task.kind)) return undefined;
  const ids = task.plantingId ? [task.plantingId] : plantings.map(({ planting }) => planting.id);
  return ids.map((id) => trials[id]).find((trial) => trial !== undefined);
}

/**
 * Everything that a garden asks its people to do, what presses most first: by plan, by what is on record, and by how
 * much each bag draws on that day. What a record says is not asked for, and nothing is asked twice.
 *
 * @param records what is on record of its plantings and rows
 * @param weather of these days, where it is known: tasks that it does not suit wait
 */
export function tasksOf(
  garden: Garden,
  records: readonly DoneLine[],
  { setting, today, weather }: { readonly setting: Setting; readonly today: Day; readonly weather?: Weather },
): Task[] {
  const done = doneFrom(records);
  const tasks = garden.rows.flatMap((row, i) =>
    [
      ...bagTasks({ row, setting, today, done, weather }),
      ...row.plantings.flatMap((view) => plantingTasks({ view, row, setting, today, done })),
    ].map((what) => {
      const trial = trialOf(what, row, setting);
      const task = { ...what, row: i + 1, ...(trial && { trial }) } as Task;
      const view = row.plantings.find(({ planting }) => planting.id === task.plantingId);
      return heldBack(task, view, weather, today);
    }),
  );
  const isPast = ({ kind, until }: Task) => PASSING.has(kind) && addDays(until, PAST_DAYS) < today;
  const rank = (task: Task) => STATES.indexOf(stateOn(task, today));
  return tasks
    .filter((task) => !isPast(task))
    .sort(
      (a, b) =>
        rank(a) - rank(b) || a.from.localeCompare(b.from) || a.row - b.row || a.id.localeCompare(b.id),
    );
}
