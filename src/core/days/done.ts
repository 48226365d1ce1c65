import type { Day } from "../day";
import type { RecordKind } from "../record";

/** One kind of thing that is on record of a planting, or of a row: the days on which it happened, the first one first. */
export interface DoneLine {
  readonly plantingId: string | null;
  readonly rowId: string | null;
  readonly kind: RecordKind;
  readonly days: readonly Day[];
}

/** What is on record of plantings and rows, to be asked. */
export interface Done {
  /** Days on which something of a kind happened to a planting or a row; none where nothing did. */
  readonly on: (id: string, kind: RecordKind) => readonly Day[];
}

/** Lines of records as something that can be asked. */
export function doneFrom(lines: readonly DoneLine[]): Done {
  const days = new Map(lines.map((line) => [`${line.rowId ?? line.plantingId} ${line.kind}`, line.days]));
  return { on: (id, kind) => days.get(`${id} ${kind}`) ?? [] };
}
