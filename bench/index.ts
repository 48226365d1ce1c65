/** Speed as ratios, so that they mean the same on any machine: how much the arithmetic costs over the bare loop. */
import { matchAll, type Setting } from "@/core/garden";
import { leastDistance, placeTop } from "@/core/placement";
import { BAG_KINDS, CROP_GOALS, findBagKind, findClimate, findGoal, findMix } from "@/library";

/** Best known radii of n circles in a unit circle: Graham, Lubachevsky, Nurmela, Östergård 1998 (memory). */
const BEST = [0.5, 0.464102, 0.414214, 0.370192, 0.333333, 0.333333, 0.302593, 0.276769, 0.262259, 0.254855, 0.248163, 0.236068, 0.231031, 0.221173, 0.216665, 0.20868, 0.205605, 0.205605, 0.195224];

const ratios = BEST.map((best, i) => {
  const apart = leastDistance(placeTop({ type: "circle", radiusCm: 1 }, i + 2, 0.1, 0));
  return apart / (2 + apart) / best;
});
console.log(`placement: radius over best known, n = 2 to 20: worst ${Math.min(...ratios).toFixed(5)}, mean ${(ratios.reduce((a, b) => a + b) / ratios.length).toFixed(5)}`);

const setting: Setting = {
  climate: findClimate("larkmouth")!, mix: findMix("potting-mix")!, sunHours: 6, floorM2: 4, limitKgM2: 200,
  findShape: (id) => findBagKind(id)?.shape, findGoal,
};
const bags = BAG_KINDS.map(({ id }) => ({ id, kindId: id, shape: null, atHand: true, firstSeason: null }));
const cells = CROP_GOALS.length * bags.length;

/** Best of some rounds, in milliseconds. */
function best(rounds: number, work: (round: number) => unknown): number {
  let least = Number.POSITIVE_INFINITY;
  for (let round = 0; round < rounds; round++) {
    const start = performance.now();
    work(round);
    least = Math.min(least, performance.now() - start);
  }
  return least;
}

let sink = 0;
const day = (round: number) => `2026-${String((round % 12) + 1).padStart(2, "0")}-15`;
const full = best(24, (round) => matchAll(CROP_GOALS, bags, day(round), setting));
const empty = best(24, () => {
  for (const { goal } of CROP_GOALS) for (const bag of bags) sink += goal.id.length + bag.id.length;
});
console.log(`fit: ${cells} cells, ${Math.round((cells / full) * 1000)} a second; ${(full / empty).toFixed(0)} times the empty loop over the same cells`);
if (sink === 0) throw new Error("the empty loop was left out");
