import { type Method, startsFromSeed } from "../crop";
import { type GardenRecord, standing } from "./record";

/** What a programme's own sowings came to: seeds that were counted, and how many came up. */
export interface Germination {
  readonly sown: number;
  readonly up: number;
  readonly share: number;
}

/** Fewer seeds than this tell more about luck than about seed. Common practice: a germination test takes a score or more. */
const LEAST_SEEDS = 20;
/** Even the best lot loses a seed in fifty; counts of everything are counts of little. Memory. */
const MOST_SHARE = 0.98;

/** Own germination by crop, from plantings whose seeds and seedlings were both counted; crops with too few seeds are left out. */
export function germinationOf(
  plantings: readonly {
    readonly cropId: string;
    readonly method: Method;
    readonly records: readonly GardenRecord[];
  }[],
): Record<string, Germination> {
  const sums = new Map<string, { sown: number; up: number }>();
  for (const { cropId, method, records } of plantings) {
    if (!startsFromSeed(method.method)) continue;
    const count = (kind: "sown" | "up") =>
      standing(records)
        .filter((r) => r.kind === kind)
        .reduce((sum, r) => sum + (r.amount?.value ?? 0), 0);
    const [sown, up] = [count("sown"), count("up")];
    if (sown === 0 || up === 0 || up > sown) continue;
    const before = sums.get(cropId) ?? { sown: 0, up: 0 };
    sums.set(cropId, { sown: before.sown + sown, up: before.up + up });
  }
  return Object.fromEntries(
    [...sums].flatMap(([id, { sown, up }]) =>
      sown < LEAST_SEEDS ? [] : [[id, { sown, up, share: Math.min(MOST_SHARE, up / sown) }]],
    ),
  );
}
