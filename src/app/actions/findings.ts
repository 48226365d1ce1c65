"use server";

import type { Outcome } from "@/core/problem";
import { previewFinding, takeFinding } from "@/server/finding-values";
import type { PlanDifference } from "@/server/reference";
import { beginSideBySide, leavePairOut, lookAt } from "@/server/side-by-sides";
import { acting, changing } from "./acting";
import { t } from "@/ui/words/all";

export async function previewFindingAction(
  goalId: string,
  about: string,
): Promise<Outcome<PlanDifference[]>> {
  return acting("change-programme", (actor) => previewFinding(actor, goalId, about));
}

export async function takeFindingAction(goalId: string, about: string): Promise<Outcome<null>> {
  return changing("change-programme", (actor) =>
    takeFinding(actor, { goalId, about, reason: t("findings.reason") }),
  );
}

export async function beginSideBySideAction(begun: {
  readonly goalId: string;
  readonly question: string;
  readonly firstWay: string;
  readonly secondWay: string;
  readonly ratio: number;
}): Promise<Outcome<null>> {
  return changing("change-programme", async (actor) => {
    const made = await beginSideBySide(actor, begun);
    return made.ok ? { ok: true, value: null } : made;
  });
}

export async function lookAtAction(id: string): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => lookAt(actor, id));
}

export async function leavePairOutAction(pair: {
  readonly id: string;
  readonly position: number;
  readonly reason: string;
}): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => leavePairOut(actor, pair));
}
