import Papa from "papaparse";
import type { Line } from "../findings";
import { SCHOOL_NAMES, SCHOOLS } from "../school";

interface Column {
  readonly name: string;
  readonly type: "string" | "date" | "integer" | "number";
  readonly description: string;
  readonly of: (line: Line) => string | number | null;
}
const column = (name: string, type: Column["type"], of: Column["of"], description = ""): Column => ({
  name,
  type,
  description,
  of,
});

const COLUMNS: readonly Column[] = [
  column("planting_id", "string", (l) => l.plantingId, "the same everywhere"),
  column("household_id", "string", (l) => l.householdId),
  column("goal", "string", (l) => l.goalId, "crop, and what of it is grown for"),
  column("method", "string", (l) => l.method, "how it was started"),
  column("bag", "string", (l) => l.bagKindId, "kind of bag"),
  column("place", "string", (l) => l.placeKind, "kind of place"),
  column("variety", "string", (l) => l.variety),
  column(
    "ways",
    "string",
    (l) => SCHOOL_NAMES.map((name) => `${name}=${l.schools[name] ?? SCHOOLS[name][0]}`).join(" "),
    "of doing on which growers differ, when it was sown",
  ),
  column("mix_l", "number", (l) => l.soilL, "that its whole bag holds"),
  column("top_m2", "number", (l) => l.topM2, "area of its whole bag's top"),
  column("plants", "integer", (l) => l.plants, "that were planned; empty for a stand sown dense"),
  column("sown_on", "date", (l) => l.sownOn),
  column("up_on", "date", (l) => l.upOn),
  column("moved_on", "date", (l) => l.movedOn),
  column("first_pick_on", "date", (l) => l.firstPickOn),
  column("ended_on", "date", (l) => l.endedOn),
  column("last_on", "date", (l) => l.lastOn, "last day of which anything is on record"),
  column("seeds", "integer", (l) => l.seeds, "counted at sowing, where those that came up were counted too"),
  column("came_up", "integer", (l) => l.ups),
  column("lost_young", "integer", (l) => l.lostYoung, "plants lost before planting out, or before coming up"),
  column("lost_grown", "integer", (l) => l.lostGrown, "plants lost afterwards"),
  column("picks", "integer", (l) => l.picks),
  column("kg", "number", (l) => l.kg, "picked and weighed"),
  column("pieces", "number", (l) => l.pieces, "picked and counted"),
  column("bunches", "number", (l) => l.bunches, "picked and counted"),
  column("expected_up_days", "number", (l) => l.expectedUp?.likely ?? null, "from sowing"),
  column("expected_pick_days", "number", (l) => l.expectedPick?.likely ?? null, "from sowing"),
  column("expected_end_days", "number", (l) => l.expectedEnd?.likely ?? null, "from sowing to the last pick"),
  column("expected_kg", "number", (l) => l.expectedKg?.likely ?? null),
  column("packet_days", "integer", (l) => l.packetDays, "that the packet promises"),
];

/** Each column of a file of plantings, with its type and what stands in it, as Table Schema has them. */
export const PLANTING_FIELDS = COLUMNS.map(({ name, type, description }) => ({ name, type, description }));

/** Plantings as a file: a line each, with all that figures across households are made of. */
export const plantingsCsv = (lines: readonly Line[]): string =>
  `${Papa.unparse(
    {
      fields: COLUMNS.map(({ name }) => name),
      data: lines.map((line) => COLUMNS.map(({ of }) => of(line) ?? "")),
    },
    { newline: "\r\n", escapeFormulae: true },
  )}\r\n`;
