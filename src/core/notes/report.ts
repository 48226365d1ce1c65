import type { Draft } from "../message";
import type { Problem } from "../problem";

/** What became of one note, or would. */
export interface NoteLine {
  /** Its line in the table, the head being the first. */
  readonly line: number;
  readonly is: "new" | "known" | "wrong";
  readonly household: string;
  readonly records: readonly (Pick<Draft, "kind" | "on" | "amount" | "note"> & {
    readonly goalId?: string;
    /** Number of its row; 0 for what is of no bag. */
    readonly row: number;
  })[];
  readonly problem?: Problem;
}

export interface NotesReport {
  readonly lines: readonly NoteLine[];
  /** Records that were stored; none as long as a note is wrong. */
  readonly stored: number;
}
