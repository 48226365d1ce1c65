import type { RecordLine } from "@/core/exchange";

/** A record as a line of a file: a pick of 420 g, with what is said of it changed. */
export const recordLine = (more: Partial<RecordLine> = {}): RecordLine => ({
  id: "00000000-0000-4000-8000-000000000001",
  kind: "picked",
  on: "2026-05-18",
  measure: "mass",
  value: 0.42,
  typed: "420 g",
  unit: "g",
  note: "",
  supersedes: null,
  household: "01",
  householdName: "Orvane",
  row: 2,
  bag: "tub-80-l",
  goalId: "pea/pod",
  author: "Ilva Renn",
  notedAt: "2026-05-18T18:00:00.000Z",
  stands: true,
  ...more,
});
