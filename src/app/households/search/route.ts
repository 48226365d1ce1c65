import type { NextRequest } from "next/server";
import { jsonResponse } from "@/app/json";
import { currentActor } from "@/server/actor";
import { findHouseholds } from "@/server/households";
import { outcomeOf } from "@/server/outcome";

/** Households by name or code, for the switcher. */
export const GET = async (request: NextRequest): Promise<Response> =>
  jsonResponse(
    await outcomeOf(async () => {
      const text = request.nextUrl.searchParams.get("q") ?? "";
      return { ok: true, value: { households: await findHouseholds(await currentActor(), text) } };
    }),
  );
