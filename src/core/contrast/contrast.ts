import { soilVolumeL } from "../bag";
import type { Day } from "../day";
import type { RowView } from "../garden";
import type { BagThing, Row } from "../plan";
import type { Schools } from "../school";
import type { Reference, Setting } from "../setting";
import { type Figures, figuresOf, gardenOfOne } from "./figures";

/** The one thing in which the second bag differs. */
const CHANGES = ["size", "mix", "density", "core", "colour", "sun", "water"] as const;
export type Change = (typeof CHANGES)[number];

/** Two bags, alike but for one thing. */
export interface Contrast {
  readonly change: Change;
  readonly a: Figures;
  readonly b: Figures;
}

/** So many hours less of direct sun: what a wall or a tree takes. Ours to choose. */
const LESS_SUN_H = 2;

/** The changes that mean something to a bag: a core where there is a tower, a colour where there is fabric. */
export const changesFor = ({ shape, make }: RowView): Change[] =>
  CHANGES.filter((change) => {
    if (change === "core") return shape.kind === "tower";
    if (change === "colour") return make?.material === "fabric";
    return change === "size" ? shape.kind !== "flat" : true;
  });

interface Asked {
  readonly setting: Setting;
  readonly reference: Pick<Reference, "bagKinds">;
  readonly today: Day;
  /** The mix of the second bag, where that is the change. */
  readonly mixId?: string;
}

/** The next larger kind of bag of the same build; the next smaller one for the largest. */
function nextSize({ shape, soilL, bag }: RowView, { bagKinds }: Asked["reference"]): string | undefined {
  const others = bagKinds
    .filter((kind) => kind.shape.kind === shape.kind && kind.id !== bag.kindId)
    .map((kind) => ({ id: kind.id, soilL: soilVolumeL(kind.shape) }))
    .sort((x, y) => x.soilL - y.soilL);
  return (others.find((kind) => kind.soilL > soilL) ?? others.at(-1))?.id;
}

/** One bag, its row, and what it is judged against. */
interface Side {
  readonly bag: BagThing;
  readonly row: Row;
  readonly setting: Setting;
}

/** A side with as many plants as its own schools have it: what is counted is counted anew. */
function withCounts({ bag, row, setting }: Side): Side {
  const uncounted = { ...row, plantings: row.plantings.map((planting) => ({ ...planting, plants: null })) };
  const judged = gardenOfOne(bag, uncounted, setting).rows[0]?.plantings ?? [];
  const plantings = row.plantings.map((planting) => {
    const count = judged.find((view) => view.planting.id === planting.id)?.fit.plants;
    return planting.plants === null || count === undefined ? planting : { ...planting, plants: count };
  });
  return { bag, row: { ...row, plantings }, setting };
}

/** The second bag: what differs of it, its row, and the place. */
function changed(change: Change, view: RowView, asked: Asked): Side | undefined {
  const { row, bag, schools } = view;
  const { setting } = asked;
  const withSchools = (own: Schools) => ({
    bag,
    row: { ...row, schools: { ...row.schools, ...own } },
    setting,
  });
  switch (change) {
    case "size": {
      const kindId = nextSize(view, asked.reference);
      return kindId === undefined ? undefined : { bag: { ...bag, kindId, shape: null }, row, setting };
    }
    case "mix":
      return asked.mixId === undefined ? undefined : { bag, row: { ...row, mixId: asked.mixId }, setting };
    case "density":
      return withCounts(withSchools({ density: schools.density === "crowded" ? "full" : "crowded" }));
    case "core":
      return withSchools({ core: schools.core === "stones" ? "none" : "stones" });
    case "colour":
      return withSchools({ colour: schools.colour === "dark" ? "light" : "dark" });
    case "water":
      return withSchools({ water: schools.water === "deep" ? "often" : "deep" });
    case "sun":
      return {
        bag,
        row,
        setting: { ...setting, sky: undefined, sunHours: Math.max(0, setting.sunHours - LESS_SUN_H) },
      };
  }
}

/**
 * A bag of a garden beside one that differs in one thing, both as planned, without what is on record: to explain why.
 * Undefined where there is nothing to change it into.
 */
export function contrastOf(change: Change, view: RowView, asked: Asked): Contrast | undefined {
  const fresh = { ...view.bag, atHand: false, firstSeason: null };
  const planned: Setting = { ...asked.setting, happened: undefined };
  // Hours of sun are compared as hours: the sky over the place knows nothing of two hours less.
  const base = change === "sun" ? { ...planned, sky: undefined } : planned;
  const next = changed(change, { ...view, bag: fresh }, { ...asked, setting: planned });
  const a = figuresOf(fresh, view.row, base, asked.today);
  const b = next && figuresOf(next.bag, next.row, next.setting, asked.today);
  return a && b ? { change, a, b } : undefined;
}
