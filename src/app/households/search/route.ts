import type { NextRequest } from "next/server";
import { currentActor } from "@/server/actor";
import { findHouseholds } from "@/server/households";
import { outcomeOf, statusOf } from "@/server/outcome";

/** Households by name or code, for the switcher. */
export async function GET(request: NextRequest): Promise<Response> {
  const outcome = await outcomeOf(async () => ({
    ok: true,
    value: await findHouseholds(await currentActor(), request.nextUrl.searchParams.get("q") ?? ""),
  }));
  return outcome.ok
    ? Response.json({ households: outcome.value })
    : Response.json({ problem: outcome.problem }, { status: statusOf(outcome.problem) });
}
export const dynamic = "force-dynamic";
