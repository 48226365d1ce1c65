import type { OpenRelaxation, Relaxed, WholeColumn, Within } from "./relax";

/** A part of all gardens: those in which some whole columns keep within limits. */
interface Part {
  readonly bound: number;
  readonly limits: Within;
  readonly columns: Float64Array;
}

const NEARLY_WHOLE = 1e-4;
/** A bag bought by halves flatters a bound most, then a sack, then a packet. */
const FLATTERS: Record<WholeColumn["of"], number> = { bags: 3, sacks: 2, packets: 1 };

/** The column of a part that is furthest from whole, the kind that flatters most first; undefined when all are whole. */
function mostBroken(whole: readonly WholeColumn[], columns: Float64Array): WholeColumn | undefined {
  const broken = ({ column }: WholeColumn) => Math.abs(columns[column]! - Math.round(columns[column]!));
  const rated = whole.filter((w) => broken(w) > NEARLY_WHOLE).map((w) => ({ w, rate: FLATTERS[w.of] + broken(w) }));
  return rated.reduce<(typeof rated)[number] | undefined>((a, b) => (a && a.rate >= b.rate ? a : b), undefined)?.w;
}

/**
 * Lowers the bound on what any garden can be worth: parts the gardens by bags, sacks and packets that have to be whole,
 * the part with the highest bound first, and leaves out parts that cannot beat `worth`. Yields the bound after each
 * parting, so that it may be stopped; it holds at any time.
 */
export function* tighten(open: OpenRelaxation, root: Relaxed, worth: number): Generator<number, void> {
  let parts: Part[] = [{ bound: root.bound, limits: new Map(), columns: root.columns }];
  for (;;) {
    const highest = parts.reduce<Part | undefined>((a, b) => (a && a.bound >= b.bound ? a : b), undefined);
    yield Math.max(worth, highest?.bound ?? worth);
    const broken = highest && mostBroken(open.whole, highest.columns);
    if (!highest || !broken) return;
    parts = parts.filter((p) => p !== highest);
    const [lower, upper] = highest.limits.get(broken) ?? [0, broken.upper];
    const at = highest.columns[broken.column]!;
    for (const limit of [[lower, Math.floor(at)], [Math.ceil(at), upper]] as const) {
      const limits = new Map([...highest.limits, [broken, limit]]);
      const relaxed = open.solveWithin(limits);
      if (relaxed === "none") continue;
      // Where the solver fails, the bound of the whole part still holds.
      const part = relaxed === "failed" ? { ...highest, limits } : { bound: Math.min(highest.bound, relaxed.bound), limits, columns: relaxed.columns };
      if (part.bound > worth) parts.push(part);
    }
  }
}
