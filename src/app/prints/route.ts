import { jsonResponse } from "@/app/json";
import { currentActor } from "@/server/actor";
import { outcomeOf } from "@/server/outcome";
import { readPrints } from "@/server/prints";

/** How far the newest prints are, for the bar that watches them. */
export const GET = async (): Promise<Response> =>
  jsonResponse(
    await outcomeOf(async () => ({ ok: true as const, value: await readPrints(await currentActor()) })),
  );
