import type { NextRequest } from "next/server";
import { jsonResponse } from "@/app/json";
import { currentActor } from "@/server/actor";
import { searchTowns } from "@/server/climate";
import { outcomeOf } from "@/server/outcome";

/** Towns by name, for the place picker. */
export const GET = async (request: NextRequest): Promise<Response> =>
  jsonResponse(
    await outcomeOf(async () => {
      await currentActor();
      return {
        ok: true,
        value: { towns: searchTowns(request.nextUrl.searchParams.get("q")?.slice(0, 80) ?? "") },
      };
    }),
  );
