import {
  type BagShape,
  bagMass,
  footprint,
  outlineArea,
  plantingTop,
  sideHoles,
  soilVolumeL,
  usualGapCm,
} from "../../bag";
import { crownM2, LEAN_CM } from "../../placement";
import { assessRow, type Garden, mixFor } from "../../garden";
import { wantedFor } from "../../needs";
import type { BagThing, Plan, Planting, Row } from "../../plan";
import { mixOf, shapeOf, type Setting } from "../../setting";
import { bearingOf } from "../../load";
import { costMinor, shoppingOf } from "../../money";
import { inForce } from "../../school";
import type { Ask } from "./ask";
import { weekOf } from "./weeks";
import { type BagClass, WEEKS } from "./instance";

/** At most this many bags of one kind are bought. */
const MOST_BOUGHT = 8;

/** Whether a row is left as it is: pinned, under a cover that the model knows nothing of, or in a repair without fault of its own: nothing wrong, no clash, nothing refused. */
function isLeft(ask: Ask, row: Row): boolean {
  if (row.pinned || row.isCovered) return true;
  if (!ask.repair) return false;
  const bag = ask.plan.bags.find((b) => b.id === row.bagId);
  const view = bag && assessRow(row, bag, ask.setting);
  const refused = row.plantings.some((p) => p.sowOn >= ask.today && ask.without.includes(p.goalId));
  return (
    view !== undefined &&
    !refused &&
    row.plantings.length > 0 &&
    view.clashes.length === 0 &&
    view.plantings.every((p) => p.fit.grade !== "wrong")
  );
}

/** Whether a planting is sown, by record or else by its day, or was chosen by hand. */
export const isKept = (p: Planting, { today, setting }: Pick<Ask, "today" | "setting">): boolean =>
  p.sowOn < today || p.isChosen === true || setting.happened?.[p.id] !== undefined;

/** What stays as it is: rows that are left, plantings that are sown already, and those that somebody chose by hand. */
export function keptPart(ask: Ask): Plan {
  const { plan } = ask;
  return {
    bags: plan.bags,
    rows: plan.rows.map((row) =>
      isLeft(ask, row) ? row : { ...row, plantings: row.plantings.filter((p) => isKept(p, ask)) },
    ),
  };
}

/** The bags that stay in the plan: those at hand, in a repair all, and those in which something stands. */
export const stayingBags = (ask: Ask, kept: Plan): BagThing[] =>
  ask.plan.bags.filter(
    (bag) => bag.atHand || ask.repair || kept.rows.some((r) => r.bagId === bag.id && r.plantings.length > 0),
  );

interface BagAsk {
  readonly bag: BagThing;
  readonly row: Row | undefined;
  readonly freeFrom: number;
}

/** The household's bags that can take something, each with the week from which it is free. */
function openBags(ask: Ask, kept: Garden): BagAsk[] {
  return stayingBags(ask, keptPart(ask)).flatMap((bag): BagAsk[] => {
    const row = ask.plan.rows.find((r) => r.bagId === bag.id);
    if (row && isLeft(ask, row)) return [];
    const view = kept.rows.find((r) => r.bag.id === bag.id);
    const busy = (view?.plantings ?? []).map((p) => weekOf(ask.today, p.stay.to) + 1);
    return [{ bag, row, freeFrom: Math.max(0, ...busy) }];
  });
}

/** Soil, wet mass and floor that a bag takes, with that over which its crowns lean and from which a hand reaches it; none of the floor for one that hangs. */
function measureOf(shape: BagShape, row: BagClass["row"] | undefined, setting: Setting) {
  const gap = row?.gapCm ?? usualGapCm(shape);
  const mix = mixOf(row, setting, inForce(setting.schools, row?.schools));
  const ground = footprint(shape);
  return {
    soilL: soilVolumeL(shape, gap),
    wetKg: bagMass(shape, mix, gap).wetKg,
    floorM2: ground ? crownM2(shape, "top", 2 * LEAN_CM) : 0,
  };
}

/** Smaller tops are not split, cm²: about that of a 7 gal bag. Assumption, no source. */
const SPLIT_FROM_CM2 = 800;

/** Whether two crops can have the top side by side, and whether its halves are alike. A top over side holes has little soil and stays whole. */
function partsOf(shape: BagShape): BagClass["parts"] {
  const top = plantingTop(shape);
  if (sideHoles(shape) > 0 || outlineArea(top) < SPLIT_FROM_CM2) return 0;
  return top.type === "rectangle" ? 2 : 1;
}

/** What is still to be paid for what stays, minor units. Bags that were only planned leave, and what they would have cost. */
export function keptMinor(ask: Ask, kept: Garden): number {
  const staying = new Set(stayingBags(ask, keptPart(ask)).map((bag) => bag.id));
  const garden = { ...kept, rows: kept.rows.filter((r) => staying.has(r.bag.id)) };
  return shoppingOf(wantedFor(garden, ask.setting, ask.today), ask.setting.prices ?? {}).minor;
}

/** What the bags that stay weigh and cover, planted or not. */
export function thereAlready(ask: Ask): { kg: number; m2: number; hanging: number } {
  return stayingBags(ask, keptPart(ask)).reduce(
    (sum, bag) => {
      const row = ask.plan.rows.find((r) => r.bagId === bag.id);
      const shape = shapeOf(bag, ask.setting, inForce(ask.setting.schools, row?.schools), row);
      if (!shape) return sum;
      const { wetKg, floorM2 } = measureOf(shape, row, ask.setting);
      return { kg: sum.kg + wetKg, m2: sum.m2 + floorM2, hanging: sum.hanging + (floorM2 === 0 ? 1 : 0) };
    },
    { kg: 0, m2: 0, hanging: 0 },
  );
}

/** What is left for what is new: load in kg, floor in m², money in minor units; undefined where there is no limit. */
export interface Left {
  readonly kg: number | undefined;
  readonly m2: number;
  readonly minor: number | undefined;
  /** Hooks with nothing on them. */
  readonly hooks: number | undefined;
}

/** How many bags of a kind could be bought at most if nothing else were. */
function affordable(
  { wetKg, floorM2, minor }: { wetKg: number; floorM2: number; minor: number },
  left: Left,
): number {
  const times = (whole: number | undefined, each: number) =>
    whole === undefined || each <= 0 ? MOST_BOUGHT : Math.floor(whole / each + 1e-9);
  const hangs = floorM2 === 0;
  return Math.min(
    MOST_BOUGHT,
    hangs ? (left.hooks ?? MOST_BOUGHT) : MOST_BOUGHT,
    times(left.kg, wetKg),
    times(left.m2, floorM2),
    times(left.minor, minor),
  );
}

/** Bags that are alike and free from the same week on, together, and the kinds that may be bought. */
export function classesOf(ask: Ask, kept: Garden, left: Left): BagClass[] {
  const { setting } = ask;
  const measure = (shape: BagShape, row?: BagClass["row"]) => measureOf(shape, row, setting);
  const sack = setting.prices?.[`mix/${setting.mix.id}`];
  const mixMinor = (mixL: number) => (sack?.together ? costMinor(sack, mixL) : 0);
  const { refresh } = inForce(setting.schools);
  const bagMinor = (kindId: string) => setting.prices?.[`bag/${kindId}`]?.minor ?? 0;
  const classes = new Map<string, BagClass>();
  for (const { bag, row, freeFrom } of openBags(ask, kept)) {
    const settings = {
      gapCm: row?.gapCm ?? null,
      rolledToCm: row?.rolledToCm,
      schools: row?.schools,
      mixId: row?.mixId,
    };
    const shape = shapeOf(bag, setting, inForce(setting.schools, row?.schools), settings);
    if (!shape || freeFrom >= WEEKS) continue;
    // A bag that has a row already is counted with what stands.
    const mixL = row ? 0 : mixFor(bag, measure(shape).soilL, { refresh, today: ask.today });
    // A repair keeps what it can where it is, so that its bags are told apart.
    const key = JSON.stringify([bag.kindId, bag.shape, settings, freeFrom, mixL, ask.repair ? bag.id : ""]);
    const bagIds = [...(classes.get(key)?.bagIds ?? []), bag.id];
    const [free, buyable] = mixL > 0 ? [0, bagIds.length] : [bagIds.length, 0];
    classes.set(key, {
      kindId: bag.kindId,
      shape,
      row: settings,
      bagIds,
      free,
      freeFrom,
      parts: partsOf(shape),
      buyable,
      minor: (row || bag.atHand ? 0 : bagMinor(bag.kindId)) + mixMinor(mixL),
      mixL,
      wetKg: 0,
      floorM2: 0,
    });
  }
  for (const kindId of ask.kinds) {
    const bag = { id: kindId, kindId, shape: null, atHand: false, firstSeason: null };
    const shape = shapeOf(bag, setting);
    if (!shape) continue;
    const { soilL, wetKg, floorM2 } = measure(shape);
    const measured = { mixL: mixFor(bag, soilL, { refresh, today: ask.today }), wetKg, floorM2 };
    // A bag too heavy for the spot it stands on, or for its hook, is not proposed.
    const { load, hook } = bearingOf(shape, measured.wetKg, setting);
    if ((load ?? hook)?.grade === "over") continue;
    const minor = bagMinor(kindId) + mixMinor(measured.mixL);
    const buyable = affordable({ ...measured, minor }, left);
    if (buyable > 0)
      classes.set(kindId, {
        kindId,
        shape,
        row: { gapCm: null },
        bagIds: [],
        free: 0,
        freeFrom: 0,
        parts: partsOf(shape),
        buyable,
        minor,
        ...measured,
      });
  }
  return [...classes.values()];
}
