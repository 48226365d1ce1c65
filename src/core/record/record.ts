import type { GardenRecord } from "./contract";
import type { Measure } from "./kinds";

/** The records that count: those that no other supersedes, without the ones that only strike out. Order is kept. */
export function validRecords<T extends GardenRecord>(records: readonly T[]): T[] {
  const replaced = new Set(records.map((r) => r.supersedes));
  return records.filter((r) => !replaced.has(r.id) && r.kind !== "struck");
}

/** What was picked in all, by measure: kg, pieces, bunches. */
export function pickedTotals(records: readonly GardenRecord[]): Partial<Record<Measure, number>> {
  const totals: Partial<Record<Measure, number>> = {};
  for (const { kind, amount } of validRecords(records)) {
    if (kind === "picked" && amount) totals[amount.measure] = (totals[amount.measure] ?? 0) + amount.value;
  }
  return totals;
}
