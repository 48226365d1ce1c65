import type { NextRequest } from "next/server";
import { fileResponse } from "@/app/file";
import { currentActor } from "@/server/actor";
import { findingsFile } from "@/server/findings";
import { outcomeOf } from "@/server/outcome";

/** What the records say, as a file, of the plantings that the address asks for. */
export const GET = async ({ nextUrl }: NextRequest): Promise<Response> =>
  fileResponse(
    await outcomeOf(async () =>
      findingsFile(await currentActor("change-programme"), Object.fromEntries(nextUrl.searchParams)),
    ),
  );
export const dynamic = "force-dynamic";
