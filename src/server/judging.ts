import type { PlainSetting } from "@/core/setting";
import { type Germination, germinationOf } from "@/core/record";
import { everPlanted } from "@/db/plans";
import { db } from "@/db/pool";
import { listRecords } from "@/db/records";
import type { Actor } from "./actor";
import { readProgramme } from "./households";
import { readPrices } from "./prices";
import { readReference } from "./reference";
import { followed, settingOf, type Surveyed } from "./setting";

/** How much of its seed came up in the programme's own sowings, by crop. */
export async function readGermination(actor: Actor): Promise<Record<string, Germination>> {
  const reference = await readReference(actor);
  const plantings = await everPlanted(db(), actor.programmeId, null);
  const records = await listRecords(db(), actor.programmeId, null);
  return germinationOf(
    plantings.flatMap((p) => {
      const own = followed(
        p,
        records.filter((r) => r.plantingId === p.id),
        reference,
      );
      return own ? [{ cropId: own.crop.id, method: own.method, records: own.records }] : [];
    }),
  );
}

/** What a household's plan is judged against, with all that the programme knows: its prices, and its own germination. */
export async function readSetting(actor: Actor, household: Surveyed): Promise<PlainSetting> {
  return settingOf(await readProgramme(actor), household, {
    prices: await readPrices(actor),
    germination: await readGermination(actor),
  });
}
