import type { Household } from "@/db/households";
import type { Actor } from "./actor";
import { readSetting } from "./judging";
import { readPlan } from "./plans";
import { readOverrides, readToday } from "./programme";
import { readDone } from "./records";
import type { Surveyed } from "./setting";
import { readWeather } from "./weather";

/** A household's garden as its own screens show it: the plan, what it is judged against, what is on record of it, and the weather of these days. */
export async function readGarden(actor: Actor, household: Surveyed & Pick<Household, "id">) {
  const [{ plan }, setting, overrides, today, records, weather] = await Promise.all([
    readPlan(actor, household.id),
    readSetting(actor, household),
    readOverrides(actor),
    readToday(actor),
    readDone(actor, household.id),
    readWeather(actor),
  ]);
  return { plan, setting, overrides, today, records, weather };
}
