import { isBegun, type Real } from "../calendar";
import { billOf, type Range } from "../course";
import { addDays, type Day } from "../day";
import { doseFor, LIQUID_ML_L } from "../feed";
import type { PlantingView, RowView } from "../garden";
import { type RecordKind, stepsOf, type Waiting } from "../record";
import type { Setting } from "../setting";
import type { Done } from "./done";
import type { Task, TaskWhat } from "./task";

/** Seedlings stand out by day for a week before they are moved. Common practice. */
const HARDEN_DAYS = 7;
/** Seed no deeper than this is misted, not poured on. Common practice; the depth is an assumption. */
const MISTED_CM = 1;
/** A thinning, a cane and a feed can wait so long. Common practice. */
const THIN_WITHIN = 7;
const STAKE_WITHIN = 5;
const FEED_WITHIN = 5;
/** What is sown where it grows is tied this long after it is up. Common practice. */
const STAKE_AFTER_UP = 14;
/** While it bears: every 7 to 14 days with liquid feed. Common practice. */
const LIQUID_EVERY = 10;
/** A pick waits so long before it is too old. Common practice: 3 to 5 days. */
const PICK_WITHIN = 4;
/** What has given its last stands so long until it is in the way. Ours to choose. */
const END_WITHIN = 7;

/** A planting in its row, with what it is asked by. */
interface Asked {
  readonly view: PlantingView;
  readonly row: RowView;
  readonly setting: Setting;
  readonly today: Day;
  readonly done: Done;
}

type Due = TaskWhat & { readonly from: Day; readonly until: Day; readonly n?: number };

/** The days of a feed, a thinning or the like that no record answers yet: the first so many are answered by the first so many records. */
const unanswered = <T>(steps: readonly T[], answers: number): { step: T; n: number }[] =>
  steps.map((step, n) => ({ step, n })).slice(answers);

/**
 * What a planting asks for. One that is not sown asks only for that, and tells what will follow; what is on record is
 * not asked for again, and nothing is asked of one that has ended.
 */
export function plantingTasks(asked: Asked): Omit<Task, "row">[] {
  const { view, row, today } = asked;
  const { planting, goal, real, season, stay } = view;
  if (real?.endedOn) return [];
  const isStarted = isBegun(real);
  const last = season.stages.lastPick;
  // Nobody sowed it, and its time is over: the Bench asks about it.
  if (!isStarted && (last ? last.late : stay.to) < today) return [];
  return following(asked).flatMap(({ n, ...what }) =>
    // What follows a sowing that has not happened is told, and not asked for.
    !isStarted && what.kind !== "sow" && what.from <= today
      ? []
      : [
          {
            ...what,
            id: `${planting.id}/${what.kind}${n === undefined ? "" : `/${n + 1}`}`,
            rowId: row.row.id,
            plantingId: planting.id,
            goalId: goal.id,
          } as Omit<Task, "row">,
        ],
  );
}

function sowing({ view, setting }: Asked, when: Pick<Waiting, "from" | "until">): Due {
  const { planting, method, course, fit } = view;
  const bill = billOf(course, { plants: planting.plants, areaCm2: fit.sown?.areaCm2 }, setting);
  return {
    kind: "sow",
    method: method.method,
    depthCm: method.depthCm,
    seeds: bill.seeds,
    pieces: bill.pieces,
    seedG: bill.seedG,
    ...when,
  };
}

/** Seed at or near the surface dries out in hours: it is misted until it is up. */
function misting({ view, today }: Asked, until: Day): Due[] {
  const { method, goal, real } = view;
  if (!real?.sownOn || method.depthCm > MISTED_CM) return [];
  const timesADay = goal.stand.type === "dense" ? 2 : 1;
  return until < today ? [] : [{ kind: "mist", timesADay, from: real.sownOn, until }];
}

function following(asked: Asked): Due[] {
  const { view, done } = asked;
  const { planting, goal, method, real, season } = view;
  const { up, move } = season.stages;
  const has = (...kinds: RecordKind[]) => kinds.some((kind) => real?.[SEEN[kind] ?? "endedOn"] !== undefined);
  const plants = planting.plants ?? 0;
  // The same steps by which lists say what is late.
  const due = stepsOf(planting.sowOn, season.stages, { has, isUp: has("up") }).flatMap(
    ({ task, from, until }): Due[] => {
      const when = { from, until };
      switch (task) {
        case "sow":
          return [sowing(asked, when)];
        case "up":
          return [...misting(asked, until), { kind: "up", ...when }];
        case "move":
          return [
            { kind: "harden", from: addDays(from, -HARDEN_DAYS), until: addDays(from, -1) },
            { kind: "move", plants, ...when },
          ];
        case "pick":
          return [
            { kind: "pick", isFirst: true, kg: kgOf(view, view.course.picks[0]?.g ?? 0), ...when, n: 0 },
          ];
      }
    },
  );
  if (up && method.thin && !has("picked"))
    for (const { step, n } of unanswered(method.thin, done.on(planting.id, "thinned").length)) {
      const from = addDays(up.likely, step.afterUp);
      due.push({ kind: "thin", toCm: step.toCm, from, until: addDays(from, THIN_WITHIN), n });
    }
  const inPlace = move?.likely ?? (up && addDays(up.likely, STAKE_AFTER_UP)) ?? planting.sowOn;
  if (goal.support !== "none" && !has("picked") && done.on(planting.id, "staked").length === 0)
    due.push({
      kind: "stake",
      support: goal.support,
      plants,
      from: inPlace,
      until: addDays(inPlace, STAKE_WITHIN),
    });
  due.push(...feeds(asked));
  if (has("picked")) due.push(...nextPick(asked));
  return due;
}

/** Where a step stands among what happened. */
const SEEN: Partial<Record<RecordKind, keyof Real>> = {
  sown: "sownOn",
  up: "upOn",
  moved: "movedOn",
  picked: "pickedOn",
};

/** What a pick of so many grams a unit comes to, as wide as the harvest is, kg. */
function kgOf({ units, harvest }: PlantingView, g: number): Range {
  const likely = (units * harvest.share * g) / 1000;
  const part = harvest.likely > 0 ? likely / harvest.likely : 0;
  return { low: part * harvest.low, likely, high: part * harvest.high };
}

function feeds({ view, row, today, done }: Asked): Due[] {
  const { planting, crop, season } = view;
  const fed = done.on(planting.id, "fed");
  const { feeds: stages, liquidFeeds } = season.stages;
  const last = fed.at(-1);
  // Once it bears, liquid feed takes the place of granules.
  if (liquidFeeds && today >= liquidFeeds.from) {
    const again = last ? addDays(last, LIQUID_EVERY) : liquidFeeds.from;
    const from = again > liquidFeeds.from ? again : liquidFeeds.from;
    const next = {
      kind: "feed-liquid",
      everyDays: LIQUID_EVERY,
      mlPerL: LIQUID_ML_L,
      n: fed.length,
    } as const;
    return from > liquidFeeds.to ? [] : [{ ...next, from, until: addDays(from, FEED_WITHIN) }];
  }
  return unanswered(stages, fed.length).map(({ step, n }) => ({
    kind: "feed",
    stage: step.stage,
    dose: doseFor(crop, step.stage, planting.plants ?? 1, row.schools.feed),
    from: step.day,
    until: addDays(step.day, FEED_WITHIN),
    n,
  }));
}

/** The next pick of what has been picked before; or that it is to be pulled, once it has given what it gives. */
function nextPick({ view, row, done }: Asked): Due[] {
  const { planting, goal, course, real, season } = view;
  const { lastPick, seasons } = season.stages;
  const picked = done.on(planting.id, "picked").at(-1) ?? real?.pickedOn;
  if (!lastPick || picked === undefined) return [];
  const isOnce = goal.picking.pattern === "once";
  const n = course.picks.findIndex(({ day }) => day > picked);
  const next = course.picks[n];
  if (!isOnce && next)
    return [
      {
        kind: "pick",
        isFirst: false,
        kg: kgOf(view, next.g),
        from: next.day,
        until: addDays(next.day, PICK_WITHIN),
        n,
      },
    ];
  // What bears for years sleeps, and stays.
  if (seasons) return [];
  const from = isOnce ? picked : lastPick.likely;
  const wanted = row.plantings
    .filter((p) => p !== view && !p.real && p.stay.from > from)
    .map((p) => p.stay.from)
    .sort()[0];
  return [{ kind: "end", next: wanted, from, until: addDays(from, END_WITHIN) }];
}
