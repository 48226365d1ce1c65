import { currentActor } from "@/server/actor";
import type { Right } from "@/server/may";
import { outcomeOf } from "@/server/outcome";
import { recordsCsv, recordsPackage } from "@/server/records";
import { fileResponse } from "./file";

/** Answers with the records of a household, or of the whole programme, as a Data Package. */
export const packageResponse = async (
  householdId: string | null,
  right: Right = "see-programme",
): Promise<Response> =>
  fileResponse(await outcomeOf(async () => recordsPackage(await currentActor(right), householdId)));

/** Answers with the records of a household, or of the whole programme, as a CSV file. */
export const csvResponse = async (
  householdId: string | null,
  right: Right = "see-programme",
): Promise<Response> =>
  fileResponse(await outcomeOf(async () => recordsCsv(await currentActor(right), householdId)));
