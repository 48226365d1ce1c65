"use server";

import type { Plan } from "@/core/plan";
import type { Aim } from "@/core/planner";
import type { Outcome } from "@/core/problem";
import { type SavedPlan, nameVersion, rereadPlan, savePlan, setAside } from "@/server/plans";
import {
  type ProposalsPage,
  proposeForAll,
  readProposals,
  takeBackProposal,
  takeProposal,
} from "@/server/proposals";
import { acting, changing } from "./acting";

export async function savePlanAction(householdId: string, readAt: number, plan: Plan) {
  return acting("change-programme", (actor) => savePlan(actor, householdId, readAt, plan));
}

export async function setAsideAction(
  householdId: string,
  readAt: number,
  plan: Plan,
): Promise<Outcome<null>> {
  return acting("change-programme", (actor) => setAside(actor, householdId, readAt, plan));
}

export async function readPlanAction(householdId: string): Promise<Outcome<SavedPlan>> {
  return acting("see-programme", (actor) => rereadPlan(actor, householdId));
}

export async function nameVersionAction(
  householdId: string,
  id: string,
  name: string,
): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => nameVersion(actor, householdId, { id, name }));
}

export async function proposeForAllAction(aim: Aim): Promise<Outcome<null>> {
  return acting("change-programme", (actor) => proposeForAll(actor, aim));
}

export async function readProposalsAction(page: number): Promise<Outcome<ProposalsPage>> {
  return acting("see-programme", async (actor) => ({ ok: true, value: await readProposals(actor, page) }));
}

export async function takeProposalAction(householdId: string): Promise<Outcome<{ version: number }>> {
  return changing("change-programme", (actor) => takeProposal(actor, householdId));
}

export async function takeBackProposalAction(householdId: string): Promise<Outcome<{ version: number }>> {
  return changing("change-programme", (actor) => takeBackProposal(actor, householdId));
}
