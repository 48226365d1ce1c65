import { sideHoles } from "../bag";
import { temperatureOn } from "../climate";
import { lightNeed } from "../crop";
import { addDays, type Day, daysBetween } from "../day";
import type { DoneLine, Task } from "../days";
import { nextWater } from "../days";
import type { PlantingView, RowView } from "../garden";
import type { Setting } from "../setting";
import { dayLength } from "../sun";
import type { Weather } from "../weather";

/** What people see. */
export const TROUBLE_SIGNS = [
  "nothing-up",
  "floppy",
  "yellow",
  "eaten",
  "wilting",
  "no-fruit",
  "split",
  "bolting",
  "washed-out",
  "bottom-ring",
] as const;
export type TroubleSign = (typeof TROUBLE_SIGNS)[number];

/** What may be behind it: what to look at and what to do is said by the words of each. */
export type CauseCode =
  | "too-early"
  | "cold-soil"
  | "too-deep"
  | "dried-out"
  | "poor-seed"
  | "washed-away"
  | "little-light"
  | "crowded"
  | "held-long"
  | "feed-overdue"
  | "too-wet"
  | "little-soil"
  | "no-net"
  | "slugs"
  | "animals"
  | "thirsty"
  | "hot"
  | "root-hurt"
  | "too-hot-to-set"
  | "too-cold-to-set"
  | "overfed"
  | "uneven-water"
  | "long-days"
  | "poured"
  | "no-mulch"
  | "no-core"
  | "not-plumb"
  | "natural";

/** A cause, how much speaks for it (2: what is known says so; 1: it is usual), and the figure that says so. */
export interface Cause {
  readonly code: CauseCode;
  readonly weight: 1 | 2;
  readonly is?: number;
  readonly needs?: number;
  readonly day?: Day;
}

/** What is known of a planting in its row when somebody asks. */
export interface Asked {
  readonly view: PlantingView;
  readonly row: RowView;
  readonly setting: Setting;
  readonly today: Day;
  readonly records: readonly DoneLine[];
  /** What is still asked for it and its row. */
  readonly tasks: readonly Task[];
  readonly weather?: Weather;
}

const CABBAGE_FAMILY = "Brassicaceae";
const FRUITING = new Set(["fruit", "pod", "cob"]);
/** Rain from which seed is washed out and bags are soaked, mm a day. Common practice. */
const HEAVY_MM = 20;
/** So many days back the weather speaks for what is seen today. Ours to choose. */
const RECENT_DAYS = 6;

/** The signs that make sense for a planting: fruit of what fruits, rings of what has them. */
export const signsFor = ({ view, row }: Pick<Asked, "view" | "row">): TroubleSign[] =>
  TROUBLE_SIGNS.filter((sign) => {
    if (sign === "no-fruit") return FRUITING.has(view.goal.kind);
    if (sign === "split") return ["fruit", "head", "root", "tuber"].includes(view.goal.kind);
    if (sign === "bottom-ring") return view.planting.surface === "side" && sideHoles(row.shape) > 0;
    return true;
  });

/** Likely causes of what is seen, what is known to speak for them first. Common practice. */
export function causesOf(sign: TroubleSign, asked: Asked): Cause[] {
  const causes = RULES[sign](factsOf(asked));
  return [...causes.filter(({ weight }) => weight === 2), ...causes.filter(({ weight }) => weight === 1)];
}

/** A cause that is usual, and that something known speaks for or not. */
const cause = (code: CauseCode, known: boolean, figures: Omit<Cause, "code" | "weight"> = {}): Cause =>
  known ? { code, weight: 2, ...figures } : { code, weight: 1 };

/** What the rules ask, worked out once. */
function factsOf({ view, row, setting, today, records, tasks, weather }: Asked) {
  const { planting, crop, goal, course, real, season } = view;
  const recent = (weather?.days ?? []).filter(
    ({ day }) => day <= today && day > addDays(today, -RECENT_DAYS),
  );
  const usual = temperatureOn(row.setting.climate, today);
  const mean = (of: (day: { nightC: number; dayC: number }) => number) =>
    recent.length > 0 ? recent.reduce((sum, day) => sum + of(day), 0) / recent.length : of(usual);
  const lateTask = (kind: Task["kind"]) =>
    tasks.find((task) => task.kind === kind && task.plantingId === planting.id && task.until < today);
  const watered = records.find((line) => line.rowId === row.row.id && line.kind === "watered")?.days.at(-1);
  const water = nextWater(row, watered, { setting, weather, today });
  return {
    view,
    row,
    crop,
    goal,
    today,
    up: season.stages.up,
    sownOn: real?.sownOn ?? planting.sowOn,
    pick: season.stages.firstPick,
    soilC: mean(({ nightC, dayC }) => (nightC + dayC) / 2),
    nightC: mean(({ nightC }) => nightC),
    dayC: mean(({ dayC }) => dayC),
    lightH: dayLength(setting.climate.latitude, today),
    heavy: recent.find(({ rainMm }) => rainMm >= HEAVY_MM),
    mol: course.lightMol,
    needMol: lightNeed(goal).good,
    late: lateTask,
    isDryDay: water !== undefined && water.on < today,
    dryDays: water && water.on < today ? daysBetween(water.on, today) : 0,
    germination: setting.germination?.[crop.id],
    isNetted: records.some((line) => line.rowId === row.row.id && line.kind === "covered"),
    hasAnimals: setting.site?.includes("animals") ?? false,
    isTight: view.fit.limit?.code === "soil",
  };
}
type Facts = ReturnType<typeof factsOf>;

/** Fewer seeds than this coming up here say that the seed is poor, and not the hand. */
const POOR_SHARE = 0.4;

const RULES: Record<TroubleSign, (facts: Facts) => Cause[]> = {
  "nothing-up": (f) => [
    ...(f.up && f.today <= f.up.late ? [cause("too-early", true, { day: f.up.late })] : []),
    cause("cold-soil", f.soilC < f.crop.emergence.leastC, { is: f.soilC, needs: f.crop.emergence.leastC }),
    cause("dried-out", f.isDryDay, { is: f.dryDays }),
    cause("washed-away", f.heavy !== undefined, { is: f.heavy?.rainMm }),
    cause("too-deep", false),
    cause(
      "poor-seed",
      f.germination !== undefined &&
        f.germination.sown > 0 &&
        f.germination.up / f.germination.sown < POOR_SHARE,
      { is: f.germination && f.germination.up / f.germination.sown },
    ),
  ],
  floppy: (f) => [
    cause("little-light", f.mol < f.needMol, { is: f.mol, needs: f.needMol }),
    cause("crowded", f.late("thin") !== undefined, { day: f.late("thin")?.until }),
    cause("held-long", f.late("move") !== undefined, { day: f.late("move")?.until }),
  ],
  yellow: (f) => {
    const feed = f.late("feed") ?? f.late("feed-liquid");
    return [
      cause("feed-overdue", feed !== undefined, { day: feed?.until }),
      cause("too-wet", f.heavy !== undefined, { is: f.heavy?.rainMm }),
      cause("little-soil", f.isTight),
      cause("thirsty", f.isDryDay, { is: f.dryDays }),
      cause("natural", false),
    ];
  },
  eaten: (f) => [
    cause("no-net", f.crop.family === CABBAGE_FAMILY && !f.isNetted),
    cause("slugs", f.heavy !== undefined || f.nightC > 8, { is: f.nightC }),
    cause("animals", f.hasAnimals),
  ],
  wilting: (f) => [
    cause("thirsty", f.isDryDay, { is: f.dryDays }),
    cause("hot", f.dayC >= f.crop.heatC, { is: f.dayC, needs: f.crop.heatC }),
    cause("too-wet", f.heavy !== undefined, { is: f.heavy?.rainMm }),
    cause("root-hurt", false),
  ],
  "no-fruit": (f) => [
    ...(f.pick && f.today < f.pick.early ? [cause("too-early", true, { day: f.pick.likely })] : []),
    cause(
      "too-hot-to-set",
      f.crop.setsBelow !== undefined &&
        (f.dayC > f.crop.setsBelow.dayC || f.nightC > f.crop.setsBelow.nightC),
      { is: f.dayC, needs: f.crop.setsBelow?.dayC },
    ),
    cause("too-cold-to-set", f.nightC < f.crop.nights.plantOutC, {
      is: f.nightC,
      needs: f.crop.nights.plantOutC,
    }),
    cause("little-light", f.mol < f.needMol, { is: f.mol, needs: f.needMol }),
    cause("overfed", false),
  ],
  split: (f) => [
    cause("uneven-water", f.isDryDay || f.heavy !== undefined, { is: f.heavy?.rainMm ?? f.dryDays }),
    cause("held-long", f.late("pick") !== undefined, { day: f.late("pick")?.until }),
  ],
  bolting: (f) => [
    cause("hot", f.dayC >= f.crop.heatC, { is: f.dayC, needs: f.crop.heatC }),
    cause("long-days", f.crop.boltsH !== undefined && f.lightH > f.crop.boltsH, {
      is: f.lightH,
      needs: f.crop.boltsH,
    }),
    cause("thirsty", f.isDryDay, { is: f.dryDays }),
    cause("held-long", f.late("move") !== undefined, { day: f.late("move")?.until }),
  ],
  "washed-out": (f) => [
    cause("washed-away", f.heavy !== undefined, { is: f.heavy?.rainMm }),
    cause("poured", false),
    cause("no-mulch", false),
  ],
  "bottom-ring": (f) => [
    cause("no-core", f.row.shape.kind === "tower" && f.row.shape.coreCm === 0),
    cause("not-plumb", false),
    cause("feed-overdue", f.late("feed") !== undefined, { day: f.late("feed")?.until }),
    cause("little-light", f.mol < f.needMol, { is: f.mol, needs: f.needMol }),
  ],
};
