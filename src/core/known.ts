/**
 * A value that the program's own order makes sure of: the only row of a garden of one row, a table's month.
 * @throws Error where it is missing after all: a fault of ours, never of the reader's input
 */
export function known<T>(value: T | null | undefined): T {
  if (value === undefined || value === null) throw new Error("A value that must be there is missing");
  return value;
}
