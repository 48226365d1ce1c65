import type { Detail } from "../record";
import { groupBy } from "./group";
import type { Line } from "./line";
import { type Count, type Estimate, shareOfAll } from "./share";

type Reason = NonNullable<Detail["reason"]>;

/** Plants that were lost, and what took most of them. */
export interface Losses {
  readonly share: Estimate;
  readonly lost: number;
  readonly of: number;
  readonly young: number;
  readonly main?: { readonly reason: Reason; readonly plants: number };
}

/** What plantings of one goal lost; undefined where no plants were counted. */
export function lossesOf(lines: readonly Line[]): Losses | undefined {
  const counted = lines.filter((l) => l.plants !== null && l.plants > 0 && l.sownOn !== null);
  if (counted.length === 0) return undefined;
  const counts = [...groupBy(counted, (l) => l.householdId).values()].map((own): Count => {
    const n = own.reduce((sum, l) => sum + (l.plants ?? 0), 0);
    return {
      n,
      k: Math.min(
        n,
        own.reduce((sum, l) => sum + l.lostYoung + l.lostGrown, 0),
      ),
    };
  });
  const lost = counts.reduce((sum, { k }) => sum + k, 0);
  const reasons = new Map<Reason, number>();
  for (const line of counted)
    for (const [reason, plants] of Object.entries(line.reasons) as [Reason, number][])
      reasons.set(reason, (reasons.get(reason) ?? 0) + plants);
  const [main] = [...reasons].sort((a, b) => b[1] - a[1]);
  return {
    share: shareOfAll(counts),
    lost,
    of: counts.reduce((sum, { n }) => sum + n, 0),
    young: counted.reduce((sum, l) => sum + l.lostYoung, 0),
    ...(main && main[1] > 0 && { main: { reason: main[0], plants: main[1] } }),
  };
}
