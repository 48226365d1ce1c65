import Papa from "papaparse";
import type { Problem } from "../problem";

/** A row of a file that could not be used, and why. */
export interface RowFault {
  readonly line: number;
  readonly problem: Problem;
  /** The row as it stood in the file, to be given back. */
  readonly row: Readonly<Record<string, string>>;
}

/** Refused rows as a file of their own: each as it stood, with its line and what was wrong. */
export const faultsToCsv = (faults: readonly RowFault[]): string =>
  `${Papa.unparse(
    faults.map(({ line, problem, row }) => ({ line, problem: problem.code, ...row })),
    { newline: "\r\n", escapeFormulae: true },
  )}\r\n`;
