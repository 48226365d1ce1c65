import * as z from "zod";
import { EMPTY_PLAN, type KeptPlan, Plan } from "@/core/plan";
import type { Outcome, Problem } from "@/core/problem";
import { findBagKind, findGoal } from "@/library";
import {
  insertVersionName,
  keepVersion,
  listVersions,
  lockPlan,
  readPlans,
  type SavedPlan,
  writePlan,
} from "@/db/plans";
import { db, transaction } from "@/db/pool";
import type { Actor } from "./actor";
import { followHousehold } from "./following";
import { ReadAt, readHousehold, scopeOf } from "./households";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeToChange } from "./programme";

export type { SavedPlan };

const NONE: SavedPlan = { version: 0, savedAt: null, savedBy: null, plan: EMPTY_PLAN };

/** A household's plan; version 0 and empty when nobody has saved one. */
export async function readPlan(actor: Actor, householdId: string): Promise<SavedPlan> {
  return (await readPlans(db(actor), actor.programmeId, [householdId])).get(householdId) ?? NONE;
}

/** The plan as it is stored now, for one who has to compare. */
export function rereadPlan(actor: Actor, householdId: string): Promise<Outcome<SavedPlan>> {
  return outcomeOf(async () =>
    (await readHousehold(actor, householdId))
      ? { ok: true, value: await readPlan(actor, householdId) }
      : refused({ code: "not-found" }),
  );
}

/** Crops and bags that the library does not know make a plan that nobody could compute. */
function unknownIn(plan: Plan): Problem | undefined {
  const bag = plan.bags.find((b) => b.shape === null && !findBagKind(b.kindId));
  if (bag) return { code: "bag-kind-unknown", kind: bag.kindId };
  const planting = plan.rows.flatMap((r) => r.plantings).find((p) => !findGoal(p.goalId));
  return planting && { code: "goal-unknown", goal: planting.goalId };
}

/** Ends a transaction whose work must not be stored, and carries why. */
class Undo extends Error {
  constructor(readonly problem: Problem) {
    super(problem.code);
  }
}

/** Thrown problems of a rolled-back transaction as an outcome. */
async function undoable<T>(work: () => Promise<Outcome<T>>): Promise<Outcome<T>> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof Undo) return refused(error.problem);
    throw error;
  }
}

async function planToStore(actor: Actor, householdId: string, content: unknown): Promise<Outcome<Plan>> {
  const allowed = await programmeToChange(actor);
  if (!allowed.ok) return allowed;
  if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
  const plan = parsed(Plan, content);
  if (!plan.ok) return plan;
  const unknown = unknownIn(plan.value);
  return unknown ? refused(unknown) : plan;
}

/**
 * Saves a plan over the version that it was read at, and keeps the state among the plan's versions.
 * When somebody has saved since, nothing is stored and the problem is `plan-changed`.
 */
export function savePlan(
  actor: Actor,
  householdId: string,
  readAt: unknown,
  content: unknown,
): Promise<Outcome<SavedPlan>> {
  return outcomeOf(() =>
    undoable(async () => {
      const version = parsed(ReadAt, readAt);
      if (!version.ok) return version;
      const plan = await planToStore(actor, householdId, content);
      if (!plan.ok) return plan;
      const scope = scopeOf(actor, householdId);
      const stored = await transaction(actor, async (on): Promise<Outcome<null>> => {
        const current = await lockPlan(on, scope);
        if (current !== version.value) return refused({ code: "plan-changed", version: current });
        const state = { version: current + 1, by: actor.name, plan: plan.value };
        if (!(await writePlan(on, scope, state))) throw new Undo({ code: "id-taken" });
        await keepVersion(on, scope, { ...state, setAside: false });
        await followHousehold(on, scope);
        return { ok: true, value: null };
      });
      return stored.ok ? { ok: true, value: await readPlan(actor, householdId) } : stored;
    }),
  );
}

/** Keeps a state that lost a conflict among the plan's versions, so that it can be opened again. */
export function setAside(
  actor: Actor,
  householdId: string,
  readAt: unknown,
  content: unknown,
): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const version = parsed(ReadAt, readAt);
    if (!version.ok) return version;
    const plan = await planToStore(actor, householdId, content);
    if (!plan.ok) return plan;
    await keepVersion(db(actor), scopeOf(actor, householdId), {
      version: version.value,
      by: actor.name,
      plan: plan.value,
      setAside: true,
    });
    return { ok: true, value: null };
  });
}

const VersionName = z.strictObject({
  id: z.string().regex(/^\d{1,18}$/),
  name: z.string().trim().max(80, { error: "too-long" }),
});

/** Gives a kept state of a plan a name, so that it is found again however many come after it; an empty one takes it away. */
export function nameVersion(actor: Actor, householdId: string, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const named = parsed(VersionName, input);
    if (!named.ok) return named;
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    const stored = await insertVersionName(db(actor), scopeOf(actor, householdId), {
      ...named.value,
      author: actor.name,
    });
    return stored ? { ok: true, value: null } : refused({ code: "not-found" });
  });
}

const MOST_VERSIONS = 20;

/** Earlier states of a plan, newest first; those that today's contract no longer reads are left out. */
export async function earlierPlans(actor: Actor, householdId: string): Promise<KeptPlan[]> {
  const versions = await listVersions(db(actor), scopeOf(actor, householdId), MOST_VERSIONS);
  return versions.flatMap(({ content, ...version }) => {
    const plan = Plan.safeParse(content);
    return plan.success ? [{ ...version, plan: plan.data }] : [];
  });
}
