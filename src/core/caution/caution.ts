import { widthOf } from "../bag";
import { type Goal, startsFromSeed } from "../crop";
import type { Day } from "../day";
import type { Task } from "../days";
import type { Garden, PlantingView, RowView } from "../garden";
import { carry } from "../load";
import type { Filling } from "../steps";

/** Warnings that need no numbers. Each defers to local rules and licensed practice in its words. */
export type CautionCode =
  | "floor"
  | "hooks"
  | "wayOut"
  | "water"
  | "manure"
  | "unknown-soil"
  | "lime"
  | "ash"
  | "reused"
  | "feed"
  | "vent"
  | "pesticide"
  | Goal["cautions"][number];

/** A warning, with the numbers that it goes by. */
export type Caution =
  | { readonly code: CautionCode; readonly isGrave?: undefined }
  /** One person cannot carry it: its wet mass and the recommended limit, kg; see `carry`. */
  | {
      readonly code: "lift" | "liftNever";
      readonly kg: number;
      readonly limitKg: number;
      readonly isGrave: true;
    };

const once = (cautions: readonly Caution[]): Caution[] => [
  ...new Map(cautions.map((caution) => [caution.code, caution])).values(),
];
const plain = (...codes: readonly (CautionCode | false | undefined)[]): Caution[] =>
  codes.flatMap((code) => (code ? [{ code }] : []));

/** Whether one person can carry a bag when it is wet. */
function liftOf({ wetKg, shape }: RowView): Caution[] {
  const { grade, limitKg } = carry(wetKg, widthOf(shape));
  return grade === "fine"
    ? []
    : [{ code: grade === "heavy" ? "lift" : "liftNever", kg: wetKg, limitKg, isGrave: true }];
}

/** Filling a bag: its weight, what is in its mix, dust of lime and ash, and what a used container held before. */
export function cautionsOfFilling({ row, steps }: Filling): Caution[] {
  const has = (part: string) => row.mix.recipe.some((line) => line.part === part);
  const lime = steps.find((step) => step.code === "lime");
  return [
    ...liftOf(row),
    ...plain(
      has("aged-manure") && "manure",
      has("garden-soil") && "unknown-soil",
      lime && ("limeKg" in lime.lime ? "lime" : "ash"),
      row.make?.material === "hard" && "reused",
    ),
  ];
}

/** What can hurt about a planting: when it is started, or when it is picked. */
export function cautionsOfPlanting(
  { goal, method, crop }: Pick<PlantingView, "goal" | "method" | "crop">,
  when: "start" | "pick",
): Caution[] {
  const atStart = new Set<CautionCode>(["clean-seed", "acid-mix", "weed-law", "gloves", "green-potato"]);
  if (when === "pick") return once(plain(...goal.cautions, CUT.has(goal.kind) && "blade"));
  return once(
    plain(
      ...goal.cautions.filter((code) => atStart.has(code)),
      method.method === "tubers" && "blade",
      crop.id === "bush-bean" && startsFromSeed(method.method) && "raw-bean",
    ),
  );
}
const CUT = new Set<Goal["kind"]>(["leaf", "baby-leaf", "head", "baby-head", "microgreen", "tops", "herb"]);

/** Doing a task, in the row in which it is done. */
export function cautionsOfTask(task: Task, row: RowView, filling?: Filling): Caution[] {
  switch (task.kind) {
    case "fill":
      return filling ? cautionsOfFilling(filling) : liftOf(row);
    case "feed":
    case "feed-liquid":
      return plain("feed");
    case "stake":
      return plain(task.support === "cane" && "canes-eyes");
    case "vent":
      return plain("vent");
    case "water":
      return plain("water");
    case "sow":
    case "move":
    case "pick": {
      const planting = row.plantings.find((p) => p.planting.id === task.plantingId);
      return planting ? cautionsOfPlanting(planting, task.kind === "pick" ? "pick" : "start") : [];
    }
    default:
      return [];
  }
}

/** All that holds for a garden's people from a day on, each once, the gravest first: for its printed sheet. */
export function cautionsOfGarden(garden: Garden, fillings: readonly Filling[], today: Day): Caution[] {
  const coming = garden.rows.flatMap((row) =>
    row.plantings.filter(({ stay, real }) => stay.to >= today && !real?.endedOn),
  );
  const all = once([
    ...fillings.flatMap(cautionsOfFilling),
    ...plain(
      "floor",
      garden.rows.some(({ hook }) => hook) && "hooks",
      "wayOut",
      "water",
      coming.some(({ season }) => season.stages.feeds.length > 0) && "feed",
      coming.some(({ goal }) => goal.support === "cane") && "canes-eyes",
      garden.rows.some(({ row }) => row.isCovered) && "vent",
    ),
    ...coming.flatMap((planting) => [
      ...cautionsOfPlanting(planting, "start"),
      ...cautionsOfPlanting(planting, "pick"),
    ]),
    ...plain("pesticide"),
  ]);
  return [...all.filter(({ isGrave }) => isGrave), ...all.filter(({ isGrave }) => !isGrave)];
}
