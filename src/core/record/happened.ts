import type { Real } from "../calendar";
import type { Day } from "../day";
import { known } from "../known";
import type { GardenRecord } from "./contract";
import type { RecordKind } from "./kinds";
import { validRecords } from "./record";

/** One kind of thing that happened to a planting, or to the bag of a row: on which days first and last, and how much in all. */
interface Happening {
  /** Id of the planting, or of the row. */
  readonly of: string;
  readonly kind: RecordKind;
  readonly first: Day;
  readonly last: Day;
  readonly sum: number;
  /** Whether any of them says how much. */
  readonly isCounted: boolean;
  /** Days to the first pick that a packet promises, where the record of the sowing says it. */
  readonly packetDays?: number | null;
  /** Plants that were planned; null for a stand sown dense. */
  readonly plants: number | null;
}

/** What is on record of each planting, and of each bag. A planting that was lost to the last plant ended on that day. */
export function realOf(happenings: readonly Happening[]): Record<string, Real> {
  const found: Record<string, Real> = {};
  for (const { of, kind, first, last, sum, isCounted, plants, packetDays } of happenings) {
    const isLost = kind === "lost" && plants !== null && plants > 0 && sum >= plants;
    const isThinned = kind === "lost" && !isLost && plants !== null && sum > 0;
    const so: Real = {
      ...(kind === "sown" && { sownOn: first, ...(packetDays && { packetDays }) }),
      // Looked for, counted, and none there: not up.
      ...(kind === "up" && (!isCounted || sum > 0) && { upOn: first }),
      ...(kind === "moved" && { movedOn: first }),
      ...(kind === "filled" && { filledOn: last }),
      ...(kind === "picked" && { pickedOn: first }),
      ...(isThinned && { lost: sum }),
      ...((kind === "ended" || isLost) && { endedOn: last }),
    };
    found[of] = { ...found[of], ...so };
  }
  return found;
}

/** What happened to one planting by its records, those that count. */
export function happeningsIn(
  records: readonly GardenRecord[],
  { of: id, plants }: Pick<Happening, "of" | "plants">,
): Happening[] {
  const kinds = new Map<RecordKind, GardenRecord[]>();
  for (const r of validRecords(records)) kinds.set(r.kind, [...(kinds.get(r.kind) ?? []), r]);
  return [...kinds].map(([kind, of]) => {
    const days = of.map((r) => r.on).sort();
    return {
      of: id,
      kind,
      first: known(days[0]),
      last: known(days.at(-1)),
      sum: of.reduce((sum, r) => sum + (r.amount?.value ?? 0), 0),
      isCounted: of.some((r) => r.amount !== null),
      packetDays: of.findLast((r) => r.detail?.packetDays)?.detail?.packetDays,
      plants,
    };
  });
}
