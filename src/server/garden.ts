import type { Household } from "@/db/households";
import type { Actor } from "./actor";
import { readSetting } from "./judging";
import { readPlan } from "./plans";
import { readOverrides, readToday } from "./programme";
import { readDone } from "./records";
import type { Surveyed } from "./setting";

/** A household's garden as its own screens show it: the plan, what it is judged against, and what is on record of it. */
export async function readGarden(actor: Actor, household: Surveyed & Pick<Household, "id">) {
  const [{ plan }, setting, overrides, today, records] = await Promise.all([
    readPlan(actor, household.id),
    readSetting(actor, household),
    readOverrides(actor),
    readToday(actor),
    readDone(actor, household.id),
  ]);
  return { plan, setting, overrides, today, records };
}
