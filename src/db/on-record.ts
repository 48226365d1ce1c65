import * as z from "zod";
import type { Day } from "@/core/day";
import { known } from "@/core/known";
import { asJson, type Db, rowOf } from "./pool";
import { DONE, DoneStored, Happened, HAPPENED } from "./records";
import type { Scope } from "./scope";
import { Part, PARTS } from "./side-by-sides";

const OnRecord = z.object({
  happened: z.array(Happened),
  done: z.array(DoneStored),
  parts: z.array(Part),
});
/** What is on record of a household's garden: what happened to it, on which days of this season, and its part in side-by-sides. */
export type OnRecord = z.infer<typeof OnRecord>;

/** What is on record of a household's garden, in one statement. @param since first day of the season */
export const readOnRecord = async (
  on: Db,
  { programmeId, householdId }: Scope,
  since: Day,
): Promise<OnRecord> =>
  known(
    await rowOf(on, OnRecord, {
      sql: `SELECT ${asJson(HAPPENED)} AS happened, ${asJson(DONE)} AS done, ${asJson(PARTS)} AS parts`,
      values: [programmeId, householdId, since],
    }),
  );
