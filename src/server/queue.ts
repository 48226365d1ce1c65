import PgBoss from "pg-boss";
import { db } from "@/db/pool";

/** Work that takes longer than somebody waits for. One queue for each kind; jobs name what they are about by id only. */
const QUEUES = {
  "propose-failed": { policy: "standard", retryLimit: 2 },
  /** A garden proposed for a household. A solver that hangs is ended, and what fails twice is given up. */
  propose: { policy: "short", retryLimit: 1, expireInSeconds: 1200, deadLetter: "propose-failed" },
  "print-failed": { policy: "standard", retryLimit: 2 },
  /** Sheets and labels of many households in one file. */
  print: { policy: "standard", retryLimit: 1, expireInSeconds: 1800, deadLetter: "print-failed" },
  /** What a household has to do, after its records. */
  follow: { policy: "short", retryLimit: 2 },
  /** What the records of a programme say. */
  find: { policy: "short", retryLimit: 2, expireInSeconds: 3600 },
  /** Every hour: households that are to be reminded, where it is a waking hour. */
  remind: { policy: "short", retryLimit: 0 },
  /** Every few minutes: programmes in whose town another day has begun. */
  "new-day": { policy: "short", retryLimit: 0 },
  /** All plans of a programme judged anew. */
  judge: { policy: "short", retryLimit: 3, retryBackoff: true, expireInSeconds: 3600 },
} as const;
export type QueueName = keyof typeof QUEUES;

/** What a job of each queue says. */
export interface Jobs {
  readonly propose: { readonly programmeId: string; readonly householdId: string };
  readonly "propose-failed": Jobs["propose"];
  readonly print: { readonly programmeId: string; readonly printId: string };
  readonly "print-failed": Jobs["print"];
  readonly follow: Jobs["propose"];
  readonly find: { readonly programmeId: string };
  readonly remind: object;
  readonly "new-day": object;
  readonly judge: { readonly programmeId: string };
}

export type Workers = { readonly [Q in QueueName]: (job: Jobs[Q]) => Promise<void> };

const POLL_SECONDS = 0.5;
/** What follows records waits a while: more of them come as a rule, and one turn does for all. */
const AFTER_S: Partial<Record<QueueName, number>> = { follow: 2, find: 120 };
/** Five past, and every five minutes, in cron's words. */
const EVERY_HOUR = "5 * * * *";
const EVERY_FIVE_MINUTES = "*/5 * * * *";

// One for the process; kept across reloads of the development server.
const held = globalThis as { pipRowQueue?: Promise<PgBoss> };

/** The queue over the app's own pool, so that it knows one database and one limit of connections. */
async function open(): Promise<PgBoss> {
  let isOver = false;
  const boss = new PgBoss({
    db: {
      // What is still worked on when the queue ends was given back: what becomes of it here is told to nobody.
      executeSql: (text: string, values?: unknown[]) =>
        isOver ? Promise.resolve({ rows: [{ count: 0 }] }) : db("everything").query(text, values ?? []),
    },
  });
  boss.on("stopped", () => (isOver = true));
  boss.on("error", (error) => console.error(`the queue: ${error.message}`));
  await boss.start();
  for (const [name, options] of Object.entries(QUEUES)) await boss.createQueue(name, { name, ...options });
  return boss;
}

function queue(): Promise<PgBoss> {
  held.pipRowQueue ??= open().catch((error: unknown) => {
    held.pipRowQueue = undefined;
    throw error;
  });
  return held.pipRowQueue;
}

/** Puts jobs into a queue; one that waits there for the same thing already is not doubled. */
export async function enqueue<Q extends QueueName>(name: Q, jobs: readonly Jobs[Q][]): Promise<void> {
  const boss = await queue();
  for (const job of jobs) {
    const { programmeId, householdId, printId } = job as {
      programmeId: string;
      householdId?: string;
      printId?: string;
    };
    await boss.send(name, job, {
      singletonKey: printId ?? householdId ?? programmeId,
      startAfter: AFTER_S[name] ?? 0,
    });
  }
}

/** Takes jobs in this process, one of a kind at a time. @throws when the database cannot be reached */
export async function startWorkers(workers: Workers): Promise<void> {
  const boss = await queue();
  const start = async <Q extends QueueName>(name: Q) => {
    await boss.work<Jobs[Q]>(name, { pollingIntervalSeconds: POLL_SECONDS }, async ([job]) => {
      if (job) await workers[name](job.data);
    });
  };
  for (const name of Object.keys(QUEUES) as QueueName[]) await start(name);
  await boss.schedule("remind", EVERY_HOUR);
  await boss.schedule("new-day", EVERY_FIVE_MINUTES);
}

/** What is nearly done may be, before jobs are given back. */
const LAST_MS = 5000;

/** Ends this process's part of the queue; jobs that it still works on after a moment are given back. */
export async function stopQueue(): Promise<void> {
  const boss = await held.pipRowQueue;
  held.pipRowQueue = undefined;
  await boss?.stop({ graceful: true, timeout: LAST_MS, close: false, wait: true });
}
