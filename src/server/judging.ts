import { realOf } from "@/core/record";
import type { PlainSetting } from "@/core/setting";
import { db } from "@/db/pool";
import { allProgrammes } from "@/db/programmes";
import { askJudging } from "@/db/progress";
import type { Scope } from "@/db/scope";
import type { Actor } from "./actor";
import { readPrices } from "./prices";
import { readOnRecord } from "./on-record";
import { readGermination, readProgramme } from "./programme";
import { enqueue } from "./queue";
import { settingOf, type Surveyed, trialsOf } from "./setting";
import { todayIn } from "./town";

/** What a household's plan is judged against, with all that the programme knows: its prices, its own germination, and what is on record of the household. */
export async function readSetting(actor: Actor, household: Surveyed): Promise<PlainSetting> {
  const [programme, prices, germination, { happened, parts }] = await Promise.all([
    readProgramme(actor),
    readPrices(actor),
    readGermination(actor),
    readOnRecord(actor, household.id),
  ]);
  const trials = trialsOf(parts);
  return settingOf(programme, household, { prices, germination, happened: realOf(happened), trials });
}

/** Has all plans of a programme judged anew by the queue, after a change that touches them. */
export async function judgeSoon(programmeId: string): Promise<void> {
  await askJudging(db({ programmeId }), programmeId);
  await workSoon(programmeId);
}

/** Has all plans judged anew that were judged on another day of their town: what is due, late and over changes with it. */
export async function judgeNewDay(): Promise<void> {
  for (const programme of await allProgrammes(db("everything"))) {
    const { asked, done, on } = programme.judging;
    if (asked === done && on !== todayIn(programme)) await judgeSoon(programme.id);
  }
}

/** Wakes the queue for a programme whose plans are to be judged anew. The next start makes good for a queue that is away. */
export async function workSoon(programmeId: string): Promise<void> {
  await enqueue("judge", [{ programmeId }]).catch((error: unknown) =>
    console.error(`the queue did not take work: ${String(error)}`),
  );
}

/** Has what a household has to do worked out anew by the queue, after a record. */
export async function followSoon(scope: Scope): Promise<void> {
  await enqueue("follow", [scope]).catch((error: unknown) =>
    console.error(`the queue did not take work: ${String(error)}`),
  );
}

/** Has what a programme's records say worked out anew by the queue, where that is kept. */
export async function findSoon(programmeId: string): Promise<void> {
  await enqueue("find", [{ programmeId }]).catch((error: unknown) =>
    console.error(`the queue did not take work: ${String(error)}`),
  );
}
