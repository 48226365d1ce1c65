import type { Real } from "../calendar";
import type { Day } from "../day";
import type { RecordKind } from "./kinds";

/** One kind of thing that happened to a planting: on which days first and last, and how much in all. */
interface Happening {
  readonly plantingId: string;
  readonly kind: RecordKind;
  readonly first: Day;
  readonly last: Day;
  readonly sum: number;
  /** Plants that were planned; null for a stand sown dense. */
  readonly plants: number | null;
}

/** What is on record of each planting. One that was lost to the last plant ended on that day. */
export function realOf(happenings: readonly Happening[]): Record<string, Real> {
  const found: Record<string, Real> = {};
  for (const { plantingId, kind, first, last, sum, plants } of happenings) {
    const isLost = kind === "lost" && plants !== null && plants > 0 && sum >= plants;
    const so: Real = {
      ...(kind === "sown" && { sownOn: first }),
      ...(kind === "up" && { upOn: first }),
      ...(kind === "moved" && { movedOn: first }),
      ...(kind === "picked" && { pickedOn: first }),
      ...((kind === "ended" || isLost) && { endedOn: last }),
    };
    found[plantingId] = { ...found[plantingId], ...so };
  }
  return found;
}
