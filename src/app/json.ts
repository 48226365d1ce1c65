import type { Outcome } from "@/core/problem";
import { statusOf } from "@/server/outcome";

/** Answers with a value as JSON, or with a problem and its status. */
export const jsonResponse = <T>(outcome: Outcome<T>): Response =>
  outcome.ok
    ? Response.json(outcome.value)
    : Response.json({ problem: outcome.problem }, { status: statusOf(outcome.problem) });
