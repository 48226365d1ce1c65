import type { Detail } from "../record";
import { groupBy } from "./group";
import type { Line } from "./line";
import { type Count, type Estimate, shareOfAll } from "./share";

type Reason = NonNullable<Detail["reason"]>;

/** Plants that were lost, and what took them. */
export interface Losses {
  readonly share: Estimate;
  readonly lost: number;
  readonly of: number;
  readonly young: number;
  /** What is thought to have taken them, most plants first. */
  readonly reasons: readonly { readonly reason: Reason; readonly plants: number }[];
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
  return {
    share: shareOfAll(counts),
    lost,
    of: counts.reduce((sum, { n }) => sum + n, 0),
    young: counted.reduce((sum, l) => sum + l.lostYoung, 0),
    reasons: [...reasons]
      .map(([reason, plants]) => ({ reason, plants }))
      .filter(({ plants }) => plants > 0)
      .sort((a, b) => b.plants - a.plants),
  };
}
