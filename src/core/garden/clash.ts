import { type BagShape, sideHoles } from "../bag";
import { grownOn } from "../canopy";
import type { Day } from "../day";
import { distanceBetween } from "../placement";
import { apartOn, daysTogether, soilOn, stretches } from "./crowd";
import { type Draft, overlaps } from "./draft";
import type { Standing } from "./positions";
import { sunUnder } from "./shade";

/** Plantings of one bag that cannot have what they need at the same time, from when to when, and by how much. cm, L, h, holes. */
export interface Clash {
  readonly code: "room" | "soil" | "light" | "holes";
  /** The one that suffers, and the one in its way. */
  readonly plantingId: string;
  readonly goalId: string;
  readonly otherId: string;
  readonly otherGoalId: string;
  readonly from: Day;
  readonly to: Day;
  readonly need: number;
  readonly have: number;
}

/** A hair under the wanted distance is no clash. */
const SLACK = 0.98;
/** Shade that passes sooner does no lasting harm. Memory. */
const SHADE_DAYS = 10;
/** Smaller than this, a plant does not yet need its light. Memory. */
const LIGHT_FROM = 0.3;

interface Pair {
  readonly a: Draft;
  readonly b: Draft;
}

const named = ({ a, b }: Pair) => ({
  plantingId: a.planting.id,
  goalId: a.goal.id,
  otherId: b.planting.id,
  otherGoalId: b.goal.id,
});

/** The worst of `need` against `have` in a stretch. */
const worstIn = (
  days: readonly Day[],
  span: { from: Day; to: Day },
  amount: (day: Day) => number,
  pick: (...all: number[]) => number,
) => pick(...days.filter((d) => d >= span.from && d <= span.to).map(amount));

function roomClashes(pair: Pair, standings: ReadonlyMap<Draft, Standing>): Clash[] {
  const { a, b } = pair;
  const have = distanceBetween(standings.get(a)!.top, standings.get(b)!.top);
  const days = daysTogether(a, b);
  return stretches(days, (day) => apartOn(a, b, day) * SLACK > have).map((s) => ({
    code: "room",
    ...named(pair),
    ...s,
    have,
    need: worstIn(days, s, (day) => apartOn(a, b, day), Math.max),
  }));
}

function lightClashes(pair: Pair, standings: ReadonlyMap<Draft, Standing>, sunHours: number): Clash[] {
  const { a, b } = pair;
  const need = a.goal.sunHours.least;
  // A place that is too dark by itself is the place's fault and not the neighbour's.
  if (sunHours < need) return [];
  const days = daysTogether(a, b).filter((day) => grownOn(a.season.stages, day) >= LIGHT_FROM);
  const light = (day: Day) => sunUnder(a, [b], day, sunHours, standings);
  return stretches(days, (day) => light(day) < need)
    .filter((s) => days.filter((d) => d >= s.from && d <= s.to).length * 3 >= SHADE_DAYS)
    .map((s) => ({ code: "light", ...named(pair), ...s, need, have: worstIn(days, s, light, Math.min) }));
}

/** Bags whose soil cannot feed all that stands in it: the latest comer is the one in the way. */
function soilClashes(drafts: readonly Draft[], soilL: number): Clash[] {
  return drafts.flatMap((b) => {
    const others = drafts.filter(
      (d) =>
        d !== b &&
        d.stay.from <= b.stay.from &&
        overlaps(d, b) &&
        (d.stay.from < b.stay.from || drafts.indexOf(d) < drafts.indexOf(b)),
    );
    const days = [...new Set(others.flatMap((d) => daysTogether(d, b)))].sort();
    const wanted = (day: Day) => [b, ...others].reduce((sum, d) => sum + soilOn(d, day, "least"), 0);
    return stretches(days, (day) => wanted(day) * SLACK > soilL).flatMap((s): Clash[] => {
      const a = others.find((d) => d.stay.from <= s.from && s.from <= d.stay.to);
      return a
        ? [{ code: "soil", ...named({ a, b }), ...s, have: soilL, need: worstIn(days, s, wanted, Math.max) }]
        : [];
    });
  });
}

function holeClashes(drafts: readonly Draft[], shape: BagShape): Clash[] {
  const sided = drafts.filter((d) => d.planting.surface === "side");
  const holes = sideHoles(shape);
  return sided.flatMap((b, i) =>
    sided.slice(0, i).flatMap((a): Clash[] => {
      const need = (a.planting.plants ?? 0) + (b.planting.plants ?? 0);
      const days = daysTogether(a, b);
      return days.length > 1 && need > holes
        ? [{ code: "holes", ...named({ a, b }), from: days[0]!, to: days.at(-1)!, need, have: holes }]
        : [];
    }),
  );
}

/** Every clash between plantings of one bag, the earliest first. */
export function clashesOf(
  drafts: readonly Draft[],
  standings: ReadonlyMap<Draft, Standing>,
  shape: BagShape,
  soilL: number,
  sunHours: number,
): Clash[] {
  const onTop = drafts.filter((d) => d.planting.surface !== "side");
  const pairs = onTop.flatMap((a, i) =>
    onTop.slice(i + 1).flatMap((b) => (overlaps(a, b) ? [{ a, b }] : [])),
  );
  return [
    ...pairs.flatMap((pair) => roomClashes(pair, standings)),
    ...pairs.flatMap(({ a, b }) => [
      ...lightClashes({ a, b }, standings, sunHours),
      ...lightClashes({ a: b, b: a }, standings, sunHours),
    ]),
    ...soilClashes(drafts, soilL),
    ...holeClashes(drafts, shape),
  ].sort((x, y) => x.from.localeCompare(y.from));
}
