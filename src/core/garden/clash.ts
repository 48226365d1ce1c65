import { type BagShape, sideHoles } from "../bag";
import { LIGHT_FROM, type Stay } from "../course";
import { lightNeed } from "../crop";
import { type Day, dayOf } from "../day";
import { distanceBetween } from "../placement";
import { apartOn, daysTogether, soilOn, STEP_DAYS, stretches } from "./crowd";
import { type Occupant, overlaps, stayOf, type Stretch } from "./occupant";
import type { Positions } from "./positions";
import { litShare } from "./shade";

/** Plantings of one bag that cannot have what they need at the same time, from when to when, and by how much. cm, L, mol/m², holes. */
export interface Clash extends Stay {
  readonly code: "room" | "soil" | "light" | "holes";
  /** The one that suffers, and the one in its way. */
  readonly plantingId: string;
  readonly goalId: string;
  readonly otherId: string;
  readonly otherGoalId: string;
  readonly need: number;
  readonly have: number;
}

/** A hair under the wanted distance is no clash. */
const SLACK = 0.98;
/** Shade that passes sooner does no lasting harm. Assumption, no source. */
const SHADE_DAYS = 10;

interface Pair {
  readonly a: Occupant;
  readonly b: Occupant;
}

/** What a row is to those that stand in it. */
export interface RowFacts {
  readonly occupants: readonly Occupant[];
  readonly positions: ReadonlyMap<Occupant, Positions>;
  readonly shape: BagShape;
  readonly soilL: number;
  /** Light that the place gets on a day, mol/m². */
  readonly lightOn: (day: number) => number;
}

const named = ({ a, b }: Pair) => ({
  plantingId: a.planting.id,
  goalId: a.goal.id,
  otherId: b.planting.id,
  otherGoalId: b.goal.id,
});

const within = (days: readonly number[], { from, to }: Stretch) => days.filter((d) => d >= from && d <= to);

function roomClashes(pair: Pair, { positions }: RowFacts): Clash[] {
  const { a, b } = pair;
  const have = distanceBetween(positions.get(a)?.top ?? [], positions.get(b)?.top ?? []);
  const days = daysTogether(a, b);
  return stretches(days, (day) => apartOn(a, b, day) * SLACK > have).map((s) => ({
    code: "room",
    ...named(pair),
    ...stayOf(s),
    have,
    need: Math.max(...within(days, s).map((day) => apartOn(a, b, day))),
  }));
}

function lightClashes(pair: Pair, { positions, lightOn }: RowFacts): Clash[] {
  const { a, b } = pair;
  const need = lightNeed(a.goal).least;
  // On a day on which the place is too dark by itself that is the place's fault and not the neighbour's.
  const days = daysTogether(a, b).filter((day) => a.course.grown(day) >= LIGHT_FROM && lightOn(day) >= need);
  const light = (day: number) => lightOn(day) * litShare(a, [b], day, positions);
  return stretches(days, (day) => light(day) < need)
    .filter((s) => within(days, s).length * STEP_DAYS >= SHADE_DAYS)
    .map((s) => ({
      code: "light",
      ...named(pair),
      ...stayOf(s),
      need,
      have: Math.min(...within(days, s).map(light)),
    }));
}

/** Bags whose soil cannot feed all that stands in it: the latest comer is the one in the way. */
function soilClashes({ occupants, soilL }: RowFacts): Clash[] {
  const before = (a: Occupant, b: Occupant) =>
    a.course.from < b.course.from ||
    (a.course.from === b.course.from && occupants.indexOf(a) < occupants.indexOf(b));
  return occupants.flatMap((b) => {
    const others = occupants.filter((o) => o !== b && before(o, b) && overlaps(o, b));
    const days = [...new Set(others.flatMap((o) => daysTogether(o, b)))].sort((x, y) => x - y);
    const wanted = (day: number) => [b, ...others].reduce((sum, o) => sum + soilOn(o, day, "least"), 0);
    return stretches(days, (day) => wanted(day) * SLACK > soilL).flatMap((s): Clash[] => {
      const a = others.find(({ course }) => course.standsOn(s.from));
      const need = Math.max(...within(days, s).map(wanted));
      return a ? [{ code: "soil", ...named({ a, b }), ...stayOf(s), have: soilL, need }] : [];
    });
  });
}

function holeClashes({ occupants, shape }: RowFacts): Clash[] {
  const sided = occupants.filter(({ planting }) => planting.surface === "side");
  const have = sideHoles(shape);
  return sided.flatMap((b, i) =>
    sided.slice(0, i).flatMap((a): Clash[] => {
      const need = (a.planting.plants ?? 0) + (b.planting.plants ?? 0);
      const [from, ...more] = daysTogether(a, b);
      const to = more.at(-1);
      if (from === undefined || to === undefined || need <= have) return [];
      return [{ code: "holes", ...named({ a, b }), from: dayOf(from), to: dayOf(to), need, have }];
    }),
  );
}

/** Every clash between plantings of one bag, the earliest first. */
export function clashesOf(row: RowFacts): Clash[] {
  const onTop = row.occupants.filter(({ planting }) => planting.surface !== "side");
  const pairs = onTop.flatMap((a, i) =>
    onTop.slice(i + 1).flatMap((b): Pair[] => (overlaps(a, b) ? [{ a, b }] : [])),
  );
  const byDay = (x: { from: Day }, y: { from: Day }) => x.from.localeCompare(y.from);
  return [
    ...pairs.flatMap((pair) => roomClashes(pair, row)),
    ...pairs.flatMap(({ a, b }) => [...lightClashes({ a, b }, row), ...lightClashes({ a: b, b: a }, row)]),
    ...soilClashes(row),
    ...holeClashes(row),
  ].sort(byDay);
}
