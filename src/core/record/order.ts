import { addDays, type Day } from "../day";
import type { Problem } from "../problem";
import type { GardenRecord } from "./contract";
import type { RecordKind } from "./kinds";
import { validRecords } from "./record";

/** What must come before what. */
const STEPS: readonly RecordKind[] = ["sown", "up", "picked"];

/** Records go back so far: more than a year is of another season. Ours to choose. */
const BACK_DAYS = 400;

/** What a record is held against. */
interface Against {
  readonly today: Day;
  /** What is on record of the planting. */
  readonly records: readonly GardenRecord[];
}

/**
 * What is wrong with the day of a record: it is to come, of another season, or cannot be in that order, as a pick before
 * its sowing. Sowing again later is no fault.
 */
export function dayProblem(
  record: Omit<GardenRecord, "id" | "note" | "amount">,
  { today, records }: Against,
): Problem | undefined {
  const { kind, on, plantingId, supersedes } = record;
  if (on > today) return { code: "in-the-future" };
  const from = addDays(today, -BACK_DAYS);
  if (on < from) return { code: "too-long-ago", from };
  const own = validRecords(records).filter((r) => r.plantingId === plantingId && r.id !== supersedes);
  const first = (of: RecordKind) =>
    own
      .filter((r) => r.kind === of)
      .map((r) => r.on)
      .sort()[0];
  const step = STEPS.indexOf(kind);
  if (plantingId === null || step < 0) return undefined;
  for (const before of STEPS.slice(0, step)) {
    const day = first(before);
    if (day !== undefined && on < day) return { code: `before-${before}`, day };
  }
  if (kind === "sown" && first("sown") === undefined)
    for (const after of STEPS.slice(1)) {
      const day = first(after);
      if (day !== undefined && day < on) return { code: `after-${after}`, day };
    }
  return undefined;
}
