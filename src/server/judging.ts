import type { PlainSetting } from "@/core/setting";
import { db } from "@/db/pool";
import { askJudging } from "@/db/progress";
import type { Actor } from "./actor";
import { readPrices } from "./prices";
import { readGermination, readProgramme } from "./programme";
import { enqueue } from "./queue";
import { settingOf, type Surveyed } from "./setting";

/** What a household's plan is judged against, with all that the programme knows: its prices, and its own germination. */
export async function readSetting(actor: Actor, household: Surveyed): Promise<PlainSetting> {
  const [programme, prices, germination] = await Promise.all([
    readProgramme(actor),
    readPrices(actor),
    readGermination(actor),
  ]);
  return settingOf(programme, household, { prices, germination });
}

/** Has all plans of a programme judged anew by the queue, after a change that touches them. */
export async function judgeSoon(programmeId: string): Promise<void> {
  await askJudging(db(), programmeId);
  await workSoon(programmeId);
}

/** Wakes the queue for a programme whose plans are to be judged anew. The next start makes good for a queue that is away. */
export async function workSoon(programmeId: string): Promise<void> {
  await enqueue("judge", [{ programmeId }]).catch((error: unknown) =>
    console.error(`the queue did not take work: ${String(error)}`),
  );
}
