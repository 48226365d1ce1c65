import * as z from "zod";
import { type Aim, AIMS, type Ask, Proposal } from "@/core/planner";
import { EMPTY_PLAN, type Plan } from "@/core/plan";
import type { Outcome } from "@/core/problem";
import type { PlainSetting } from "@/core/setting";
import { db } from "@/db/pool";
import {
  askProposals,
  countProposals,
  failProposal,
  findProposal,
  finishProposal,
  listProposals,
  noteProgress,
  type ProposalLine,
  PROPOSALS_A_PAGE,
  startProposal,
} from "@/db/proposals";
import { USUAL_BAGS } from "@/library";
import type { Actor } from "./actor";
import { readHousehold, scopeOf } from "./households";
import { readSetting } from "./judging";
import { outcomeOf, parsed, refused } from "./outcome";
import { earlierPlans, readPlan, savePlan } from "./plans";
import { programmeToChange, readProgramme, readReference, readToday } from "./programme";
import { enqueue, type Jobs } from "./queue";
import { runThread } from "./run-thread";
import { isSurveyed } from "./setting";

/** A thread that works longer than this is ended, before the queue gives its job to another. */
const THREAD_MS = 18 * 60_000;

const ThreadSays = z.object({ progress: z.number().optional(), proposal: Proposal.optional() });

/** How far a proposal is stands in the database no newer than this. */
const NOTED_EVERY_MS = 1000;

/** The queue acts for the trainer of the programme that a job is of. */
export const actorOf = async (programmeId: string): Promise<Actor> => {
  const asked: Actor = { role: "trainer", programmeId, name: "" };
  return { ...asked, name: (await readProgramme(asked)).trainer };
};

/** Works out a job of the queue. A household that is gone, or whose proposal nobody waits for any more, is passed over. */
export async function workOut({ programmeId, householdId }: Jobs["propose"]): Promise<void> {
  const scope = { programmeId, householdId };
  const actor = await actorOf(programmeId);
  const aim = await startProposal(db(actor), scope);
  if (!aim) return;
  const household = await readHousehold(actor, householdId);
  if (!household || !isSurveyed(household)) return failProposal(db(actor), scope, "not surveyed");
  const saved = await readPlan(actor, householdId);
  let noted = 0;
  const note = (share: number) => {
    if (Date.now() - noted < NOTED_EVERY_MS) return;
    noted = Date.now();
    // Only a figure that people watch: the next one comes soon.
    void noteProgress(db(actor), scope, share).catch(() => undefined);
  };
  const question = {
    plan: saved.plan,
    setting: await readSetting(actor, household),
    reference: await readReference(actor),
    today: await readToday(actor),
    aim,
    kinds: USUAL_BAGS[household.place.kind],
    budgetMinor: household.budgetMinor ?? undefined,
    waterLDay: household.place.waterLDay ?? undefined,
    away: household.away,
    repair: false,
    without: [],
  } satisfies Omit<Ask, "setting"> & { readonly setting: PlainSetting };
  const proposal = await runThread("solver", question, {
    mostMs: THREAD_MS,
    hear: (said) => {
      const { progress, proposal: found } = ThreadSays.parse(said);
      if (progress !== undefined) note(progress);
      return found;
    },
  });
  await finishProposal(db(actor), scope, { planVersion: saved.version, proposal });
}

/** Gives up a job that failed as often as it may. */
export const giveUpOn = (job: Jobs["propose"]): Promise<void> =>
  failProposal(db({ programmeId: job.programmeId }), job, "failed as often as it is tried");

/** Asks for a garden for every surveyed household of the programme. */
export function proposeForAll(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const aim = parsed(z.enum(AIMS), input);
    if (!aim.ok) return aim;
    const { programmeId } = actor;
    const asked = await askProposals(db(actor), programmeId, { aim: aim.value as Aim, by: actor.name });
    await enqueue(
      "propose",
      asked.map((householdId) => ({ programmeId, householdId })),
    );
    return { ok: true, value: null };
  });
}

/** A page of the proposals of all households. */
export interface ProposalsPage {
  readonly lines: readonly ProposalLine[];
  readonly page: number;
  readonly pages: number;
  /** For how many households a proposal was asked, and how many of those are still to be worked out. */
  readonly asked: number;
  readonly open: number;
}

const Page = z.coerce.number().int().min(1).max(100_000).catch(1);

/** How far the proposals of all households are. */
export async function readProposals(actor: Actor, at: unknown): Promise<ProposalsPage> {
  const page = Page.parse(at);
  const [lines, totals] = await Promise.all([
    listProposals(db(actor), actor.programmeId, page),
    countProposals(db(actor), actor.programmeId),
  ]);
  const { households = 0, asked = 0, open = 0 } = totals ?? {};
  return { lines, page, pages: Math.max(1, Math.ceil(households / PROPOSALS_A_PAGE)), asked, open };
}

/** The plan of a household's proposal, as long as it was made for the plan that is saved and for all that is on record; undefined when there is none. */
export async function proposedPlan(actor: Actor, householdId: string): Promise<Plan | undefined> {
  const found = await findProposal(db(actor), scopeOf(actor, householdId));
  const saved = await readPlan(actor, householdId);
  return found?.result && !found.isOvertaken && found.planVersion === saved.version
    ? found.result.plan
    : undefined;
}

/** Puts the plan back over which a household's proposal was taken, as long as nobody has saved since. */
export function takeBackProposal(actor: Actor, householdId: unknown): Promise<Outcome<{ version: number }>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const id = parsed(z.uuid(), householdId);
    if (!id.ok) return refused({ code: "not-found" });
    const found = await findProposal(db(actor), scopeOf(actor, id.value));
    const { planVersion } = found ?? {};
    if (planVersion === undefined || planVersion === null) return refused({ code: "not-found" });
    const earlier = (await earlierPlans(actor, id.value)).find(
      (v) => v.version === planVersion && !v.setAside,
    );
    const plan = planVersion === 0 ? EMPTY_PLAN : earlier?.plan;
    if (!plan) return refused({ code: "not-found" });
    const saved = await savePlan(actor, id.value, planVersion + 1, plan);
    return saved.ok ? { ok: true, value: { version: saved.value.version } } : saved;
  });
}

/** Saves a proposal as its household's plan, over the version that it was made for. */
export function takeProposal(actor: Actor, householdId: unknown): Promise<Outcome<{ version: number }>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const id = parsed(z.uuid(), householdId);
    if (!id.ok) return refused({ code: "not-found" });
    const found = await findProposal(db(actor), scopeOf(actor, id.value));
    if (!found?.result || found.planVersion === null) return refused({ code: "not-found" });
    if (found.isOvertaken) return refused({ code: "proposal-overtaken" });
    const saved = await savePlan(actor, id.value, found.planVersion, found.result.plan);
    return saved.ok ? { ok: true, value: { version: saved.value.version } } : saved;
  });
}
