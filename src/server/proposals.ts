import { join } from "node:path";
import { Worker } from "node:worker_threads";
import { z } from "zod";
import type { PlainSetting } from "@/core/setting";
import { type Aim, AIMS, type Ask, type Proposal } from "@/core/planner";
import type { Outcome } from "@/core/problem";
import { findHousehold, listHouseholds } from "@/db/households";
import { db } from "@/db/pool";
import { findProgramme } from "@/db/programmes";
import {
  findJob,
  finishJob,
  insertJobs,
  latestJobs,
  type ProposalJob,
  takeJob,
  touchJob,
} from "@/db/proposals";
import { type Actor, mayChange } from "./actor";
import { today } from "./environment";
import { readSetting } from "./judging";
import { outcomeOf, parsed, refused } from "./outcome";
import { readPlan, savePlan } from "./plans";
import { readReference } from "./reference";
import { isSurveyed, type Surveyed } from "./setting";

/** Bags that are proposed to be bought when nobody has chosen others. */
const KINDS = ["round-5-gal", "round-10-gal", "tub-80-l", "box-60-cm"];
/** A job of whose process nothing is heard is taken again. */
const LOST_AFTER_MINUTES = 3;
/** How often a process says that it still works on a job. */
const TOUCH_MS = 30_000;
/** Threads that work at a time, so that the app stays quick on two cores. */
const THREADS = 1;

/** One household in the list: how far its proposal is, and what it comes to. */
export interface HouseholdProposal {
  readonly householdId: string;
  readonly name: string;
  readonly status: ProposalJob["status"] | "none" | "unsurveyed";
  readonly jobId?: string;
  readonly aim?: Aim;
  readonly proposal?: Proposal;
  /** The plan has been saved since the proposal was made. */
  readonly stale: boolean;
}

type ThreadAsk = Omit<Ask, "setting"> & { readonly setting: PlainSetting };

/** Works one question out in a thread of its own; undefined when that fails. */
function inThread(ask: ThreadAsk): Promise<Proposal | undefined> {
  return new Promise((resolve) => {
    // A plain path, read at run time: the bundler leaves it alone.
    const thread = new Worker(join(/* turbopackIgnore: true */ process.cwd(), "src", "solver", "thread.mjs"));
    const end = (proposal: Proposal | undefined) => {
      resolve(proposal);
      void thread.terminate();
    };
    thread.once("message", (proposal: Proposal) => end(proposal));
    thread.once("error", (error) => {
      console.error(`a proposal failed: ${String(error)}`);
      end(undefined);
    });
    thread.postMessage(ask);
  });
}

async function workOut(actor: Actor, job: ProposalJob, household: Surveyed): Promise<void> {
  // A word that is missed is made good by the next.
  const touching = setInterval(() => void touchJob(db(), job.id).catch(() => undefined), TOUCH_MS);
  try {
    const saved = await readPlan(actor, household.id);
    const proposal = await inThread({
      plan: saved.plan,
      setting: await readSetting(actor, household),
      reference: await readReference(actor),
      today: today().day,
      aim: job.aim,
      kinds: KINDS,
      budgetMinor: household.budgetMinor ?? undefined,
      waterLDay: household.place.waterLDay ?? undefined,
      away: household.away,
      repair: false,
      without: [],
    });
    await finishJob(db(), job.id, saved.version, proposal ?? null);
  } finally {
    clearInterval(touching);
  }
}

// How many of this process's loops take jobs; kept across reloads of the development server.
const held = globalThis as { pipRowPlanning?: number };

/** Takes jobs of a programme until none is left. */
async function workQueue(actor: Actor): Promise<void> {
  held.pipRowPlanning = (held.pipRowPlanning ?? 0) + 1;
  try {
    for (;;) {
      const job = await takeJob(db(), actor.programmeId, LOST_AFTER_MINUTES);
      if (!job) return;
      const household = await findHousehold(db(), actor.programmeId, job.householdId);
      if (household && isSurveyed(household)) await workOut(actor, job, household);
      else await finishJob(db(), job.id, 0, null);
    }
  } finally {
    held.pipRowPlanning -= 1;
  }
}

/** Starts this process's loop on the queue, unless it works already. Answers at once; what fails is written to the job. */
function startWork(actor: Actor): void {
  if ((held.pipRowPlanning ?? 0) >= THREADS) return;
  workQueue(actor).catch((error: unknown) =>
    console.error(`the queue of proposals broke off: ${String(error)}`),
  );
}

/** Asks for a garden for every surveyed household of the programme. */
export function proposeForAll(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = mayChange(actor, await findProgramme(db(), actor.programmeId));
    if (!allowed.ok) return allowed;
    const aim = parsed(z.enum(AIMS), input);
    if (!aim.ok) return aim;
    const households = await listHouseholds(db(), actor.programmeId);
    await insertJobs(
      db(),
      actor.programmeId,
      households.filter(isSurveyed).map((h) => h.id),
      aim.value,
      actor.name,
    );
    startWork(actor);
    return { ok: true, value: null };
  });
}

/** How far the proposals of all households are. Work that another process left is taken up again. */
export async function readProposals(actor: Actor): Promise<HouseholdProposal[]> {
  const jobs = new Map((await latestJobs(db(), actor.programmeId)).map((job) => [job.householdId, job]));
  if ([...jobs.values()].some((job) => job.status === "waiting" || job.status === "working"))
    startWork(actor);
  const households = await listHouseholds(db(), actor.programmeId);
  return Promise.all(
    households.map(async (household): Promise<HouseholdProposal> => {
      const job = jobs.get(household.id);
      const base = { householdId: household.id, name: `${household.code} ${household.name}` };
      if (!isSurveyed(household)) return { ...base, status: "unsurveyed", stale: false };
      if (!job) return { ...base, status: "none", stale: false };
      const stale =
        job.status === "done" && (await readPlan(actor, household.id)).version !== job.planVersion;
      return {
        ...base,
        status: job.status,
        jobId: job.id,
        aim: job.aim,
        proposal: job.result ?? undefined,
        stale,
      };
    }),
  );
}

/** Saves a proposal as its household's plan, over the version that it was made for. */
export function takeProposal(actor: Actor, jobId: unknown): Promise<Outcome<{ version: number }>> {
  return outcomeOf(async () => {
    const id = parsed(z.string().regex(/^\d{1,18}$/), jobId);
    if (!id.ok) return refused({ code: "not-found" });
    const job = await findJob(db(), actor.programmeId, id.value);
    if (!job?.result || job.planVersion === null) return refused({ code: "not-found" });
    const saved = await savePlan(actor, job.householdId, job.planVersion, job.result.plan);
    return saved.ok ? { ok: true, value: { version: saved.value.version } } : saved;
  });
}
