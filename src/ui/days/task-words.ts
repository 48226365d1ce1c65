import { startsFromSeed } from "@/core/crop";
import type { HeldBack, Task } from "@/core/days";
import type { wordsFor } from "@/ui/words/words-for";
import { t } from "./words";

/** A task in words: what to do, and how much of what, or why. */
export interface TaskWords {
  readonly title: string;
  readonly detail: string;
}

/** Why the weather keeps a task back. */
export function heldBackWords(
  { code, is, needs }: HeldBack,
  { foretold, temperature, rain }: ReturnType<typeof wordsFor>,
): string {
  return code === "storm"
    ? t("days.heldBack.storm", { is: rain(is) })
    : t(`days.heldBack.${code}`, { is: foretold(is), needs: temperature(needs) });
}

/** For which side-by-side a task is done, and how it is done here; undefined for what is in none. */
export const trialWords = ({ trial, kind }: Task): string | undefined =>
  trial && t(kind === "pick" || kind === "end" ? `days.trial.${kind}` : "days.trial.way", { ...trial });

/** Says a task as a trainer would; for a side-by-side, with which way it is done here. */
export function taskWords(task: Task, words: ReturnType<typeof wordsFor>): TaskWords {
  const { title, detail } = plainWords(task, words);
  return { title, detail: [detail, trialWords(task)].filter(Boolean).join(". ") };
}

function plainWords(task: Task, words: ReturnType<typeof wordsFor>): TaskWords {
  const { quantity, day, harvest, temperature } = words;
  const crop = task.goalId ? words.crop(task.goalId) : "";
  const title = (values: Record<string, string | number> = {}) =>
    t(`days.tasks.${task.kind}`, { crop, ...values } as never);
  switch (task.kind) {
    case "fill":
      return {
        title: t(task.isRefresh ? "days.refresh" : "days.tasks.fill", {
          soil: quantity(task.soilL, "volume"),
        }),
        detail: t(task.isRefresh ? "days.refreshWhy" : "days.fillWhy"),
      };
    case "top-up":
      return { title: title({ soil: quantity(task.soilL, "volume") }), detail: t("days.topUpWhy") };
    case "sow": {
      const amount =
        task.pieces !== undefined
          ? t("days.pieces", { count: task.pieces })
          : task.seeds !== undefined
            ? t("days.seeds", { count: task.seeds })
            : task.seedG !== undefined
              ? t("days.seedMass", { mass: quantity(task.seedG / 1000, "mass") })
              : "";
      const deep =
        task.depthCm > 0 ? t("days.deep", { depth: quantity(task.depthCm, "length") }) : t("days.onTop");
      return {
        title: startsFromSeed(task.method) ? title() : t("days.plant", { crop }),
        detail: [t(`methods.${task.method}`), amount, deep].filter(Boolean).join(", "),
      };
    }
    case "thin":
      return { title: title({ to: quantity(task.toCm, "length") }), detail: t("days.thinWhy") };
    case "move":
      return { title: title({ plants: task.plants }), detail: t("days.moveWhy") };
    case "stake":
      return {
        title: title(),
        detail: t(`days.supports.${task.support as "cane"}`, { plants: task.plants }),
      };
    case "net":
      return { title: title(), detail: t(`days.netWhy.${task.because}`) };
    case "feed":
      return {
        title: title(),
        detail: `${t(`feedStages.${task.stage}`)}: ${words.spoons(task.dose.volumeL)} (${quantity(task.dose.volumeL, "volume")}) ${t(`feeds.${task.dose.feed.id}`)}`,
      };
    case "feed-liquid":
      return {
        title: title(),
        detail: t("days.liquidWhy", {
          days: task.everyDays,
          ml: quantity(task.mlPerL / 1000, "volume"),
        }),
      };
    case "water":
      return {
        title: title({ litres: quantity(task.litres, "volume") }),
        detail: `${
          task.everyDays < 1 ? t("water.twiceADay") : t("water.aboutEvery", { days: task.everyDays })
        }${task.last ? `, ${t("days.lastOn", { day: day(task.last) })}` : ""}`,
      };
    case "vent":
      return { title: title(), detail: t("days.ventWhy", { from: temperature(task.fromC) }) };
    case "pick":
      return {
        title: t(task.isFirst ? "days.tasks.pick" : "days.pickAgain", { crop }),
        detail: task.kg.high > 0 ? t("days.about", { kg: harvest(task.kg) }) : "",
      };
    case "end":
      return {
        title: title(),
        detail: task.next ? t("days.wantedFrom", { day: day(task.next) }) : t("days.endWhy"),
      };
    case "up":
      return { title: title(), detail: t("days.upWhy") };
    case "mist":
      return { title: title(), detail: t("days.mistWhy", { times: task.timesADay }) };
    case "harden":
      return { title: title(), detail: t("days.hardenWhy") };
    case "empty":
      return { title: title(), detail: t("days.emptyWhy") };
  }
}
