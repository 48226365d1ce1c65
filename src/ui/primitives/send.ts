import type { Outcome, Problem } from "@/core/problem";

/**
 * Calls an action of the server; a lost connection, or a fault of the server's own, becomes an outcome like any other, so
 * that nothing typed is lost.
 */
export async function send<T>(action: () => Promise<Outcome<T>>): Promise<Outcome<T>> {
  try {
    return await action();
  } catch (error) {
    // A redirect or another signal of the framework travels as an error and must go on.
    if (
      typeof error === "object" &&
      error !== null &&
      "digest" in error &&
      String(error.digest).startsWith("NEXT_")
    )
      throw error;
    // A browser that reached nobody fails with a TypeError; a server that answered badly with another.
    return { ok: false, problem: { code: error instanceof TypeError ? "offline" : "server-fault" } };
  }
}

/** Whether what went wrong passes, so that it is worth trying again: no connection, no database, or nobody signed in for now. */
export const isPassing = ({ code }: Problem): boolean =>
  code === "offline" || code === "database-unreachable" || code === "signed-out";
