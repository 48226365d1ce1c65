import { addDays, type Day } from "../day";
import { type Task, type TaskKind, stateOn } from "../days";
import type { RowView } from "../garden";
import { gearFor, fillingsIn, heapsOf } from "../kit";
import { wantedFor } from "../needs";
import type { Wanted } from "../money";
import type { Setting } from "../setting";
import type { Member } from "./session";

/** The steps of a course, about a week apart. Common practice. */
export const LESSONS = ["seed", "mix", "plant", "care", "round"] as const;
export type LessonName = (typeof LESSONS)[number];

/** The bag on which a lesson is shown, and what is done on it. */
export interface Shown {
  readonly householdId: string;
  readonly name: string;
  readonly row: RowView;
  readonly task: Task;
}

/** What went wrong in the group since the last lesson: so many tasks of a kind are late, and of which crops. */
export interface Amiss {
  readonly kind: TaskKind;
  readonly late: number;
  readonly goalIds: readonly string[];
}

export interface Lesson {
  readonly name: LessonName;
  readonly on: Day;
  /** What to bring for all of the group. */
  readonly bring: readonly Wanted[];
  /** One bag that the lesson's work is due on, shown from start to end; undefined where no bag of the group asks for it. */
  readonly shown?: Shown;
  /** How many households have such work around that day. */
  readonly households: number;
  readonly amiss: readonly Amiss[];
}

/** What each lesson is about, and what of the kit it takes. */
const WORK: Record<LessonName, { readonly kinds: readonly TaskKind[]; readonly items: RegExp }> = {
  seed: { kinds: ["sow"], items: /^(packet\/|gear\/(cell|label))/ },
  mix: { kinds: ["fill", "top-up"], items: /^(bag\/|mix\/|gear\/(stones|lime|cover))/ },
  plant: { kinds: ["move", "sow"], items: /^(piece\/|gear\/net)/ },
  care: {
    kinds: ["feed", "stake", "thin", "pick", "net"],
    items: /^(feed\/|gear\/(cane|twine|wire|trellis|net))/,
  },
  round: { kinds: ["end", "empty", "fill"], items: /^mix\// },
};

const DAYS_APART = 7;
/** A bag is shown whose work is due so near to the lesson. Ours to choose. */
const NEAR_DAYS = 10;

/**
 * A course of five lessons for a group, from its own plans.
 *
 * @param meetsOn the days on which the group meets; where there are fewer than lessons, the rest follow a week apart
 */
export function lessonsOf(
  members: readonly (Member & { readonly setting: Setting })[],
  meetsOn: readonly Day[],
  today: Day,
): Lesson[] {
  const coming = [...meetsOn].filter((day) => day >= today).sort();
  const days: Day[] = [];
  for (const i of LESSONS.keys()) {
    const before = days[i - 1];
    days.push(coming[i] ?? (before ? addDays(before, DAYS_APART) : today));
  }
  return LESSONS.map((name, i) => lessonOf(name, days[i] ?? today, members, today));
}

function lessonOf(
  name: LessonName,
  on: Day,
  members: readonly (Member & { readonly setting: Setting })[],
  today: Day,
): Lesson {
  const { kinds, items } = WORK[name];
  const isNear = ({ kind, from, until }: Task) =>
    kinds.includes(kind) && from <= addDays(on, NEAR_DAYS) && until >= addDays(on, -NEAR_DAYS);
  const work = members.flatMap((member) => member.tasks.filter(isNear).map((task) => ({ member, task })));
  const bring = new Map<string, number>();
  for (const { garden, tasks, setting } of members) {
    const fillings = fillingsIn(tasks, garden);
    const wanted = [
      ...wantedFor(garden, setting, today),
      ...gearFor(tasks, fillings, heapsOf(fillings), { garden, setting, today }),
    ];
    for (const { item, amount } of wanted)
      if (items.test(item)) bring.set(item, (bring.get(item) ?? 0) + amount);
  }
  // The bag on which most of the group's work of that kind is like: the first that is due, in the plainest bag.
  const [first] = [...work].sort(
    (a, b) =>
      kinds.indexOf(a.task.kind) - kinds.indexOf(b.task.kind) || a.task.from.localeCompare(b.task.from),
  );
  const row = first?.member.garden.rows[first.task.row - 1];
  const late = members.flatMap(({ tasks }) => tasks.filter((task) => stateOn(task, today) === "late"));
  const lateKinds = [...new Set(late.map(({ kind }) => kind))].filter((kind) => kinds.includes(kind));
  return {
    name,
    on,
    bring: [...bring].map(([item, amount]) => ({ item, amount })),
    shown:
      first && row
        ? { householdId: first.member.householdId, name: first.member.name, row, task: first.task }
        : undefined,
    households: new Set(work.map(({ member }) => member.householdId)).size,
    amiss: lateKinds.map((kind) => {
      const of = late.filter((task) => task.kind === kind);
      return { kind, late: of.length, goalIds: [...new Set(of.flatMap(({ goalId }) => goalId ?? []))] };
    }),
  };
}
