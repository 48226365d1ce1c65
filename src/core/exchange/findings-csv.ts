import Papa from "papaparse";
import type { GoalReport } from "../findings";

/** Each column of a file of findings, with what stands in it. */
const COLUMNS: readonly (readonly [name: string, of: (report: GoalReport) => number | string | undefined])[] =
  [
    ["goal", (r) => r.goalId],
    ["plantings", (r) => r.plantings],
    ["households", (r) => r.households],
    ["days_to_up", (r) => r.up?.half.day],
    ["days_to_up_low", (r) => r.up?.half.low],
    ["days_to_up_high", (r) => r.up?.half.high],
    ["days_to_up_expected", (r) => r.up?.expected.likely],
    ["up", (r) => r.up?.came],
    ["not_up_yet", (r) => r.up?.waiting],
    ["days_to_pick", (r) => r.pick?.half.day],
    ["days_to_pick_low", (r) => r.pick?.half.low],
    ["days_to_pick_high", (r) => r.pick?.half.high],
    ["days_to_pick_expected", (r) => r.pick?.expected.likely],
    ["days_to_pick_packet", (r) => r.pick?.packetDays],
    ["picked", (r) => r.pick?.came],
    ["not_picked_yet", (r) => r.pick?.waiting],
    ["days_to_end", (r) => r.end?.half.day],
    ["days_to_end_low", (r) => r.end?.half.low],
    ["days_to_end_high", (r) => r.end?.half.high],
    ["days_to_end_expected", (r) => r.end?.expected.likely],
    ["came_up_share", (r) => r.cameUp?.value],
    ["came_up_low", (r) => r.cameUp?.low],
    ["came_up_high", (r) => r.cameUp?.high],
    ["seeds", (r) => r.cameUp?.seeds],
    ["lost_share", (r) => r.losses?.share.value],
    ["lost_low", (r) => r.losses?.share.low],
    ["lost_high", (r) => r.losses?.share.high],
    ["lost_plants", (r) => r.losses?.lost],
    ["lost_mostly_to", (r) => r.losses?.reasons[0]?.reason],
    ["kg_middle", (r) => r.gave?.middle],
    ["kg_quarter", (r) => r.gave?.quarters[0]],
    ["kg_three_quarters", (r) => r.gave?.quarters[1]],
    ["g_a_plant", (r) => r.gave?.plantG],
    ["g_a_litre_of_mix", (r) => r.gave?.rates.litreG],
    ["kg_a_square_metre_of_bag", (r) => r.gave?.rates.m2Kg],
    ["g_a_week_from_sowing", (r) => r.gave?.rates.weekG],
    ["kg_a_household_and_season", (r) => r.gave?.rates.householdKg],
    ["gave_nothing", (r) => r.gave?.nothing],
    ["nobody_wrote", (r) => r.gave?.unknown],
    ["kg_over_expected", (r) => r.gave?.belief?.seen.value],
    ["kg_over_expected_low", (r) => r.gave?.belief?.seen.low],
    ["kg_over_expected_high", (r) => r.gave?.belief?.seen.high],
  ];

const shown = (value: number | string | undefined): number | string =>
  typeof value === "number" ? Number(value.toPrecision(6)) : (value ?? "");

/** Findings as a file: a line a goal; intervals hold in 95 cases of 100; empty where nobody knows. */
export const findingsCsv = (reports: readonly GoalReport[]): string =>
  `${Papa.unparse(
    {
      fields: COLUMNS.map(([name]) => name),
      data: reports.map((report) => COLUMNS.map(([, of]) => shown(of(report)))),
    },
    { newline: "\r\n", escapeFormulae: true },
  )}\r\n`;
