/** Speed as ratios, so that they mean the same on any machine: how much the arithmetic costs over the bare loop. */
import { judgeSeason } from "@/core/calendar";
import { fit, rankMethods, surfaceFor } from "@/core/fit";
import { assessGarden, assessRow } from "@/core/garden";
import { matchAll } from "@/core/match";
import { changePlanting } from "@/core/plan";
import { shapeOf } from "@/core/setting";
import { leastDistance, placeTop } from "@/core/placement";
import { CROP_GOALS } from "@/library";
import { sumsOf } from "@/core/year";
import { ALL_BAGS, id, planting, settingWith } from "@/testing/garden";

/** Best known radii of n circles in a unit circle: Graham, Lubachevsky, Nurmela, Östergård 1998 (memory). */
const BEST = [
  0.5, 0.464102, 0.414214, 0.370192, 0.333333, 0.333333, 0.302593, 0.276769, 0.262259, 0.254855, 0.248163,
  0.236068, 0.231031, 0.221173, 0.216665, 0.20868, 0.205605, 0.205605, 0.195224,
];

const ratios = BEST.map((best, i) => {
  const apart = leastDistance(placeTop({ type: "circle", radiusCm: 1 }, i + 2, 0.1, 0));
  return apart / (2 + apart) / best;
});
console.log(
  `placement: radius over best known, n = 2 to 20: worst ${Math.min(...ratios).toFixed(5)}, mean ${(ratios.reduce((a, b) => a + b) / ratios.length).toFixed(5)}`,
);

const setting = settingWith({ sunHours: 6, limitKgM2: 200 });
/** As many bags as a large place has: every kind, and the usual ones again. */
const bags = Array.from({ length: 25 }, (_, i) => ({ ...ALL_BAGS[i % ALL_BAGS.length]!, id: `bag ${i}` }));
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

const day = (round: number) => `2026-${String((round % 12) + 1).padStart(2, "0")}-15`;
const season = judgeSeason(
  { crop: CROP_GOALS[0]!.crop, goal: CROP_GOALS[0]!.goal, method: CROP_GOALS[0]!.goal.methods[0]! },
  day(0),
  setting.climate,
);
const verdict = fit({
  goal: CROP_GOALS[0]!.goal,
  shape: setting.findShape("round-10-gal")!,
  where: "top",
  lightMol: 18,
  season,
});

/** The match with its arithmetic taken out: the same loops, surfaces, methods and cells, one season and one verdict for all. */
function stripped() {
  return CROP_GOALS.flatMap(({ crop, goal }) => {
    const cells = bags.flatMap((bag) => {
      const shape = shapeOf(bag, setting);
      const where = shape && surfaceFor(goal, shape);
      const [choice] = where ? rankMethods(goal, where) : [];
      return choice ? [{ bagId: bag.id, where, choice, season, fit: verdict }] : [];
    });
    return [{ crop, goal, cells }];
  });
}

const full = best(24, (round) => matchAll(CROP_GOALS, bags, day(round), setting));
const bare = best(24, () => stripped());
if (stripped().length !== matchAll(CROP_GOALS, bags, day(0), setting).length)
  throw new Error("the stripped loop does other work");
console.log(
  `match: ${cells} cells for one week, ${(full / bare).toFixed(1)} times the same loop with the arithmetic taken out`,
);

/** A garden of twenty bags with three plantings each, as a large household has it. */
const many = Array.from({ length: 20 }, (_, i) => {
  const bag = { ...ALL_BAGS[i % ALL_BAGS.length]!, id: id(100 + i) };
  const plantings = ["2026-03-01", "2026-06-01", "2026-09-01"].map((sowOn, n) =>
    planting(1000 + 10 * i + n, CROP_GOALS[(7 * i + 11 * n) % CROP_GOALS.length]!.goal.id, sowOn, {
      plants: 3,
    }),
  );
  return { bag, row: { id: id(500 + i), bagId: bag.id, gapCm: null, plantings } };
});
const plan = { bags: many.map(({ bag }) => bag), rows: many.map(({ row }) => row) };
const edited = (round: number) =>
  changePlanting(plan, plan.rows[0]!.plantings[0]!.id, { plants: 2 + (round % 3) });
assessGarden(plan, setting);
const one = best(12, (round) => assessRow(edited(round).rows[0]!, plan.bags[0]!, setting));
const rows = best(12, (round) => assessGarden(edited(round), setting));
const figures = best(12, (round) => sumsOf(assessGarden(edited(round), setting), setting, "2026-05-18"));
console.log(
  `edit in 20 bags with 60 plantings: the rows follow in ${(rows / one).toFixed(1)} times the judging of the row alone, the year's figures (in a worker) in ${(figures / one).toFixed(1)} times`,
);
