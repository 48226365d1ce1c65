/**
 * How often findings find what is true and claim what is not, over many invented programmes: `npm run bench:findings -- 1000`.
 * Side-by-sides with and without a difference, looked at three times; and whole programmes with and without known truths.
 */
import normalQuantile from "@stdlib/stats-base-dists-normal-quantile";
import { seededRandom } from "@/core/chance";
import { answerOf, calibrations, leadingOf, type Line, pairsFor, reportsOf, shareOf } from "@/core/findings";
import { TRUTHS, type Truths } from "@/demo/seasons";
import { linesOf } from "@/testing/past";

const PROGRAMMES = Number(process.argv[2] ?? 1000);
const AIM = { ratio: 1.3, spread: 0.35, power: 0.8, falseClaims: 0.05, looks: [0.4, 0.7] };
const LOOKS = [...AIM.looks, 1];

const percent = (k: number, n: number): string => {
  const { value, low, high } = shareOf({ k, n });
  return `${(100 * value).toFixed(1)} % (${(100 * low).toFixed(1)} to ${(100 * high).toFixed(1)})`;
};

/** How many of so many side-by-sides claim a difference at any of their looks. */
function claims(ratio: number, seed: number): number {
  const random = seededRandom(seed);
  const planned = pairsFor(AIM) ?? 0;
  let claimed = 0;
  for (let n = 0; n < PROGRAMMES; n++) {
    const ratios = Array.from({ length: planned }, () =>
      Math.exp(normalQuantile(Math.min(1 - 1e-12, Math.max(1e-12, random())), Math.log(ratio), AIM.spread)),
    );
    const isClaimed = LOOKS.some((share, i) => {
      const so = ratios.slice(0, Math.round(share * planned));
      const { verdict } = answerOf(so, { aim: AIM, planned, looks: LOOKS.slice(0, i) });
      return verdict === "more" || verdict === "less";
    });
    if (isClaimed) claimed++;
  }
  return claimed;
}

const pairs = pairsFor(AIM);
console.log(`side-by-sides of ${pairs} pairs, looked at three times, ${PROGRAMMES} of each:`);
console.log(`  without a difference ${percent(claims(1, 1), PROGRAMMES)} claim one`);
console.log(`  with the one that was planned for ${percent(claims(AIM.ratio, 2), PROGRAMMES)} find it`);

/** What whole programmes say that hold a set of truths. */
function programmes(truths: Truths, seed: number) {
  let [found, wrong] = [0, 0];
  const all: Line[] = [];
  for (let n = 0; n < PROGRAMMES; n++) {
    const lines = linesOf(seed + n, truths).map((l) => ({
      ...l,
      householdId: `${n} ${l.householdId}`,
      plantingId: `${n} ${l.plantingId}`,
    }));
    const sure = leadingOf([...reportsOf(lines, [])], 20).filter(({ isPerhaps }) => !isPerhaps);
    if (sure.some((s) => s.code === "up" && s.goalId === "pak-choi/leaf")) found++;
    if (
      sure.some(
        ({ code, goalId }) => code !== "lost" && !(goalId in truths.harvest) && goalId !== "pak-choi/leaf",
      )
    )
      wrong++;
    if (all.length < 20_000) all.push(...lines);
  }
  return { found, wrong, held: calibrations(all, []) };
}

const told = programmes(TRUTHS, 1000);
const none = programmes({ up: {}, harvest: {}, slugs: {} }, 500_000);
console.log(`${PROGRAMMES} programmes of twelve households and two seasons each:`);
console.log(
  `  pak choi, which is up in two thirds of the days, is named by ${percent(told.found, PROGRAMMES)}`,
);
console.log(`  where nothing differs ${percent(none.wrong, PROGRAMMES)} name something all the same`);
for (const [about, { held }] of Object.entries(none.held))
  for (const { promised, held: share, n } of held)
    console.log(
      `  ${about}: ranges for ${100 * promised} % held in ${(100 * share.value).toFixed(1)} % of ${n}`,
    );
