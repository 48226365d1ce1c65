import type { Real, Window } from "../calendar";
import { type Day, daysBetween } from "../day";
import type { PlantingView } from "./assess";

/** One step of a planting: when it was to happen, when it did, and by how many days it missed its window. */
export interface StoryStep {
  readonly step: "sow" | "up" | "move" | "first-pick" | "end";
  /** Undefined for a step that was not planned. */
  readonly planned?: Window;
  /** Undefined while nothing of it is on record. */
  readonly real?: Day;
  /** Days before (below zero) or after its window; 0 within it; undefined while there is nothing to compare. */
  readonly offDays?: number;
}

const missed = ({ early, late }: Window, real: Day): number =>
  real < early ? -daysBetween(real, early) : Math.max(0, daysBetween(late, real));

/**
 * How a planting went against its plan, step by step; steps that were neither planned nor happened are left out.
 *
 * @param planned the planting judged as it was planned, without what is on record
 * @param real what is on record of it
 */
export function storyOf({ planting, season: { stages } }: PlantingView, real: Real = {}): StoryStep[] {
  const sow = { early: planting.sowOn, likely: planting.sowOn, late: planting.sowOn };
  const steps: [StoryStep["step"], Window | undefined, Day | undefined][] = [
    ["sow", sow, real.sownOn],
    ["up", stages.up, real.upOn],
    ["move", stages.move, real.movedOn],
    ["first-pick", stages.firstPick, real.pickedOn],
    ["end", stages.lastPick, real.endedOn],
  ];
  return steps.flatMap(([step, planned, day]) =>
    planned || day
      ? [
          {
            step,
            ...(planned ? { planned } : {}),
            ...(day ? { real: day } : {}),
            ...(planned && day ? { offDays: missed(planned, day) } : {}),
          },
        ]
      : [],
  );
}
