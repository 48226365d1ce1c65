import { loadsOf, type Sizes } from "@/core/mix";
import type { FillStep, SowStep } from "@/core/steps";
import { loadWords } from "@/ui/kit/load-words";
import type { wordsFor } from "@/ui/words/words-for";
import { t } from "./words";

/** Mix under shoots, cm. Common practice. */
const SHOOTS_CM = 2.5;

type Words = ReturnType<typeof wordsFor>;

/** A step of filling a bag in words. */
export function fillStepWords(step: FillStep, words: Words, sizes: Sizes): string {
  const { quantity } = words;
  const litres = (value: number) => quantity(value, "volume");
  const length = (cm: number) => quantity(cm, "length");
  switch (step.code) {
    case "plumb":
    case "loosen":
    case "firm":
      return t(`steps.fill.${step.code}`);
    case "stones":
      return t("steps.fill.stones", { stones: litres(step.stonesL) });
    case "out":
      return t("steps.fill.out", { out: litres(step.outL) });
    case "renew":
      return t("steps.fill.renew", {
        soil: litres(step.soilL),
        loads: loadWords(loadsOf(step.soilL, sizes)),
      });
    case "lime":
      return "limeKg" in step.lime
        ? t("steps.fill.limeKg", { lime: quantity(step.lime.limeKg, "mass") })
        : t("steps.fill.ashL", { ash: litres(step.lime.ashL) });
    case "lumpy":
      return t("steps.fill.lumpy", { cm: length(step.cm), lumpy: litres(step.lumpyL) });
    case "fill":
      return t("steps.fill.fill", {
        soil: litres(step.soilL),
        loads: loadWords(loadsOf(step.soilL, sizes)),
        gap: length(step.gapCm),
      });
    case "layers":
      return t("steps.fill.layers", { every: length(step.everyCm), layers: step.layers });
    case "soak":
      return t("steps.fill.soak", { water: litres(step.waterL), minutes: step.minutes });
    case "top-up":
      return t("steps.fill.top-up", { soil: litres(step.soilL) });
    case "earth-up":
      return t("steps.fill.earth-up", { soil: litres(step.soilL), cm: length(step.cm) });
    case "mulch":
      return t("steps.fill.mulch", { mulch: litres(step.mulchL) });
  }
}

/** A step of sowing or planting in words. */
export function sowStepWords(step: SowStep, { quantity, day }: Words): string {
  const length = (cm: number) => quantity(cm, "length");
  const deep = (cm: number) =>
    cm >= 0.5 ? t("steps.sow.depth", { depth: length(cm) }) : t("steps.sow.surface");
  switch (step.code) {
    case "soak-seed":
      return t("steps.sow.soak-seed", { hours: step.hours });
    case "cells":
      return t("steps.sow.cells", { count: step.count, each: step.seedsEach, deep: deep(step.depthCm) });
    case "tray":
      return t("steps.sow.tray", { seeds: step.seeds, deep: deep(step.depthCm) });
    case "strew":
      return t("steps.sow.strew", {
        amount:
          step.seeds === undefined
            ? quantity((step.seedG ?? 0) / 1000, "mass")
            : t("steps.sow.strewSome", { seeds: step.seeds }),
      });
    case "drills":
      return t("steps.sow.drills", {
        seeds: step.seeds,
        apart: length(step.apartCm),
        deep: deep(step.depthCm),
      });
    case "stations":
      return t("steps.sow.stations", {
        count: step.count,
        each: step.seedsEach,
        deep: deep(step.depthCm),
        spacing: length(step.spacingCm),
      });
    case "solid":
      return t("steps.sow.solid", { mass: quantity(step.seedG / 1000, "mass"), mix: length(SHOOTS_CM) });
    case "set":
      return t(`steps.sow.set.${step.of}`, {
        count: step.count,
        deep: step.depthCm >= 0.5 ? t("steps.sow.setDeep", { depth: length(step.depthCm) }) : "",
        apart:
          step.spacingCm !== undefined && step.count > 1
            ? t("steps.sow.setApart", { spacing: length(step.spacingCm) })
            : "",
      });
    case "rings":
      return t("steps.sow.rings", {
        rings: step.rings
          .map(({ heightCm, plants }) => t("steps.sow.ring", { plants, height: length(heightCm) }))
          .join(", "),
      });
    case "up-between":
      return t("steps.sow.up-between", { from: day(step.from), to: day(step.to) });
    case "move-at":
      return t("steps.sow.move-at", {
        about: day(step.about),
        sign: step.leaf
          ? t("steps.sow.moveLeaf", { leaf: step.leaf })
          : step.heightCm
            ? t("steps.sow.moveTall", { height: length(step.heightCm) })
            : "",
        hold: step.holdUntil ? t("steps.sow.moveHold", { day: day(step.holdUntil) }) : "",
      });
    case "thin-to":
      return t("steps.sow.thin-to", { to: length(step.toCm) });
    default:
      return t(`steps.sow.${step.code}`);
  }
}
