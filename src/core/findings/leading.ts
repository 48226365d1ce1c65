import tCdf from "@stdlib/stats-base-dists-t-cdf";
import tQuantile from "@stdlib/stats-base-dists-t-quantile";
import type { Belief } from "./belief";
import { isClaimed } from "./claims";
import type { GoalReport } from "./report";

/** A sentence that matters now, as facts. `isPerhaps`: it would be sure alone, but not among all that was looked at. */
export type Leading = { readonly isPerhaps: boolean } & (
  | {
      readonly code: "up" | "pick";
      readonly goalId: string;
      readonly days: number;
      readonly expected: number;
      readonly packetDays?: number;
      readonly n: number;
      readonly households: number;
    }
  | {
      readonly code: "lost";
      readonly goalId: string;
      readonly share: number;
      readonly low: number;
      readonly high: number;
      readonly reason?: string;
      readonly lost: number;
      readonly of: number;
    }
  | {
      readonly code: "gives";
      readonly goalId: string;
      readonly ratio: number;
      readonly low: number;
      readonly high: number;
      readonly n: number;
      readonly households: number;
    }
);

/** Less off than this is not worth a sentence. Assumption, no source. */
const WORTH = Math.log(1.12);
/** A loss of less than this is usual. Assumption, no source. */
const USUAL_LOSS = 0.12;

/** How often chance alone gives what was seen, were the expectation right: by how far it is off in its own standard errors, which its interval tells. */
function chanceOf({ seen, households }: Belief): number {
  const df = Math.max(1, households - 1);
  const half = (Math.log(seen.high) - Math.log(seen.low)) / 2;
  const se = half / tQuantile(0.975, df);
  return se > 0 ? 2 * tCdf(-Math.abs(Math.log(seen.value)) / se, df) : 1;
}

/**
 * What matters most of all that is known: what comes other than expected, by more than chance gives anywhere on the page
 * (Bonferroni), and what is lost; then, told as such, what would be sure alone. The most telling first, and one of each
 * kind before a second.
 */
export function leadingOf(reports: readonly GoalReport[], most = 3): Leading[] {
  const claims = reports
    .flatMap((r) => [r.up?.belief, r.pick?.belief, r.gave?.belief])
    .filter(Boolean).length;
  const isOff = (belief: Belief | undefined): belief is Belief =>
    belief !== undefined && Math.abs(Math.log(belief.seen.value)) >= WORTH && isClaimed(chanceOf(belief), 1);
  const isPerhaps = (belief: Belief) => !isClaimed(chanceOf(belief), claims);
  const found: { score: number; leading: Leading }[] = [];
  for (const { goalId, up, pick, losses, gave } of reports) {
    for (const [code, timing] of [
      ["up", up],
      ["pick", pick],
    ] as const) {
      const days = timing?.half.day;
      if (!timing || days === undefined || !isOff(timing.belief)) continue;
      const { belief, expected, packetDays } = timing;
      found.push({
        score: Math.abs(Math.log(belief.seen.value)) * Math.sqrt(belief.plantings),
        leading: {
          isPerhaps: isPerhaps(belief),
          ...{ code, goalId, days, expected: expected.likely, n: timing.came, households: belief.households },
          ...(packetDays !== undefined && { packetDays }),
        },
      });
    }
    if (losses && losses.share.low > USUAL_LOSS)
      found.push({
        score: losses.share.low * Math.sqrt(losses.lost),
        leading: {
          ...{ isPerhaps: false, code: "lost", goalId, share: losses.share.value },
          ...{ low: losses.share.low, high: losses.share.high },
          ...{ lost: losses.lost, of: losses.of, reason: losses.reasons[0]?.reason },
        },
      });
    if (gave && isOff(gave.belief)) {
      const { seen, plantings: n, households } = gave.belief;
      found.push({
        score: Math.abs(Math.log(seen.value)) * Math.sqrt(n),
        leading: {
          isPerhaps: isPerhaps(gave.belief),
          code: "gives",
          goalId,
          ratio: seen.value,
          low: seen.low,
          high: seen.high,
          n,
          households,
        },
      });
    }
  }
  found.sort((a, b) => b.score - a.score);
  const sure = found.filter(({ leading }) => !leading.isPerhaps);
  const firsts = sure.filter(
    ({ leading }, i) => sure.findIndex((f) => f.leading.code === leading.code) === i,
  );
  const rest = sure.filter((f) => !firsts.includes(f));
  const perhaps = found.filter(({ leading }) => leading.isPerhaps);
  return [...firsts, ...rest, ...perhaps].slice(0, most).map(({ leading }) => leading);
}
