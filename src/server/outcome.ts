import type { z } from "zod";
import { fieldProblems, type Outcome, type Problem } from "@/core/problem";
import { brokenConstraint, isUnreachable } from "@/db/pool";
import { NotAllowed, SignedOut } from "./actor";

export const refused = (
  problem: Problem,
  fields?: Record<string, Problem>,
): { ok: false; problem: Problem; fields?: Record<string, Problem> } => ({
  ok: false,
  problem,
  ...(fields ? { fields } : {}),
});

/** Parses what came over a boundary; a failure names each field. */
export function parsed<S extends z.ZodType>(schema: S, input: unknown): Outcome<z.output<S>> {
  const result = schema.safeParse(input);
  return result.success
    ? { ok: true, value: result.data }
    : { ok: false, problem: { code: "invalid-input" }, fields: fieldProblems(result.error.issues) };
}

/** What a broken constraint of the database means to a person. */
const MEANINGS: Record<string, string> = {
  record_supersedes_key: "already-corrected",
  record_programme_id_household_id_planting_id_fkey: "planting-unknown",
  record_programme_id_household_id_row_id_fkey: "row-unknown",
  record_programme_id_household_id_supersedes_fkey: "record-unknown",
};

/** Runs a use case; a database out of reach and a broken constraint become outcomes, anything else is a fault and thrown. */
export async function outcomeOf<T>(work: () => Promise<Outcome<T>>): Promise<Outcome<T>> {
  try {
    return await work();
  } catch (error) {
    if (isUnreachable(error)) return refused({ code: "database-unreachable" });
    if (error instanceof SignedOut) return refused({ code: "signed-out" });
    if (error instanceof NotAllowed) return refused({ code: "not-allowed" });
    const meaning = MEANINGS[brokenConstraint(error) ?? ""];
    if (meaning) return refused({ code: meaning });
    throw error;
  }
}

/** The status of an HTTP answer that carries a problem. */
export function statusOf({ code }: Problem): number {
  if (code === "database-unreachable") return 503;
  if (code === "signed-out") return 401;
  if (code === "not-allowed") return 403;
  if (code === "not-found") return 404;
  if (
    code === "plan-changed" ||
    code === "proposal-overtaken" ||
    code === "survey-changed" ||
    code === "already-corrected"
  )
    return 409;
  return 400;
}

/** What keeps a screen from being shown, where that is foreseen; undefined for a fault. */
export const troubleOf = (error: unknown): "database" | undefined =>
  isUnreachable(error) ? "database" : undefined;
