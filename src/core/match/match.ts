import { nextSowing } from "../calendar";
import { soilVolumeL } from "../bag";
import { type Course, courseOf, type Harvest, harvestOf, unitsOf } from "../course";
import { type Crop, type Goal, type Method, standOn, type Where } from "../crop";
import { addDays, type Day } from "../day";
import type { Pick as Picked } from "../food";
import { chooseStart, type Fit, fit, rankMethods, type Start, surfaceFor } from "../fit";
import { crownM2, soilShare } from "../placement";
import type { BagThing } from "../plan";
import { inForce } from "../school";
import { type Setting, shapeOf } from "../setting";

export interface MatchCell extends Start {
  readonly bagId: string;
  readonly where: Where;
  /** Light a day that it would have on average until its first pick, mol/m². */
  readonly lightMol: number;
  readonly fit: Fit;
  /** What it would give there by itself. */
  readonly harvest: Harvest;
  /** Where the side holes take the goal: what the top takes besides, with the soil that is left. */
  readonly top?: Fit;
}

/** One crop and goal against every bag; bags that have no surface for it are missing. Its start is that on the usual surface. */
export interface MatchLine extends Start {
  readonly crop: Crop;
  readonly goal: Goal;
  readonly cells: readonly MatchCell[];
}

/** What a grid shows of a cell: its verdict without the reasoning, which makes most of its size. */
export type CellGlance = Omit<MatchCell, "fit" | "harvest" | "top"> & {
  readonly fit: Pick<Fit, "grade" | "plants" | "sown" | "limit">;
  readonly harvest: Pick<Harvest, "likely">;
  readonly top?: Pick<Fit, "plants">;
};
export type LineGlance = Omit<MatchLine, "cells"> & { readonly cells: readonly CellGlance[] };

/** A cell at a glance: of three thousand of them only this is sent to where they are shown. */
export const glanceOf = ({
  fit: { grade, plants, sown, limit },
  harvest,
  top,
  ...cell
}: MatchCell): CellGlance => ({
  ...cell,
  fit: { grade, plants, sown, limit },
  harvest: { likely: harvest.likely },
  top: top && { plants: top.plants },
});

const FIRST_YEAR_DAYS = 365;

/** What bears for years is held against the rest by what it gives in its first. */
const firstYearOf = ({ bears }: Goal, sowOn: Day): Day | undefined =>
  bears && addDays(sowOn, FIRST_YEAR_DAYS);

/** One cell opened up: what takes too long to find for all of them. */
export interface OpenCell {
  /** Its verdict with the next right sowing day among its fixes. */
  readonly fit: Fit;
  /** When it is picked, and how large each pick is beside the others. */
  readonly picks: readonly Picked[];
}

/** Opens one cell of a line. */
export function openCell(
  { line, cell, bag }: { readonly line: MatchLine; readonly cell: MatchCell; readonly bag: BagThing },
  sowOn: Day,
  setting: Setting,
): OpenCell {
  const { crop, goal } = line;
  const { where, lightMol, season, choice } = cell;
  const { method } = choice;
  const { picks } = courseOf({ crop, goal, method, sowOn, season, outBy: firstYearOf(goal, sowOn) }, setting);
  const shape = shapeOf(bag, setting);
  if (!shape || season.grade === "right") return { fit: cell.fit, picks };
  const next = nextSowing({ crop, goal, method }, sowOn, setting.climate);
  const schools = inForce(setting.schools);
  return { fit: fit({ goal, shape, where, lightMol, season, nextSowing: next, schools }), picks };
}

/** Every goal against every bag for one sowing day. A course is worked out once for each way to start, since bags do not change it. */
export function matchAll(
  goals: readonly { crop: Crop; goal: Goal }[],
  bags: readonly BagThing[],
  sowOn: Day,
  setting: Setting,
): MatchLine[] {
  const schools = inForce(setting.schools);
  const shapes = bags.flatMap((bag) => {
    const shape = shapeOf(bag, setting);
    return shape ? [{ bagId: bag.id, shape }] : [];
  });
  return goals.flatMap(({ crop, goal }) => {
    const courses = new Map<Method, Course>();
    const courseBy = (method: Method): Course => {
      const outBy = firstYearOf(goal, sowOn);
      const course = courses.get(method) ?? courseOf({ crop, goal, method, sowOn, outBy }, setting);
      courses.set(method, course);
      return course;
    };
    const starts = new Map<Where, Start | undefined>();
    const startOn = (where: Where): Start | undefined => {
      if (!starts.has(where)) {
        const ranked = rankMethods(goal, where, schools.start, setting.hands);
        starts.set(
          where,
          chooseStart(ranked, (method) => courseBy(method).season),
        );
      }
      return starts.get(where);
    };
    const usual = startOn(goal.where.includes("top") ? "top" : "side");
    if (!usual) return [];
    const cells = shapes.flatMap(({ bagId, shape }): MatchCell[] => {
      const where = surfaceFor(goal, shape);
      const start = where && startOn(where);
      if (!start) return [];
      const course = courseBy(start.choice.method);
      const { lightMol } = course;
      const own = fit({ goal, shape, lightMol, schools, where, season: start.season });
      const units = unitsOf(goal, { plants: own.plants, areaCm2: own.sown?.areaCm2 });
      const harvest = harvestOf(course, {
        units,
        lightM2: crownM2(shape, where, goal.widthCm),
        soilL: (soilVolumeL(shape) * soilShare(shape, where)) / units,
      });
      const cell = { bagId, where, ...start, lightMol, fit: own, harvest };
      const inHoles = standOn(goal, where);
      if (where !== "side" || !goal.where.includes("top") || inHoles.type !== "plants") return [cell];
      const claimedL = (own.plants ?? 0) * inHoles.soilL.least;
      const onTop = courseBy(usual.choice.method);
      const { season } = onTop;
      const top = fit({ goal, shape, lightMol: onTop.lightMol, schools, where: "top", season, claimedL });
      return [{ ...cell, top }];
    });
    return [{ crop, goal, ...usual, cells }];
  });
}
