import type { NextRequest } from "next/server";
import { searchTowns } from "@/server/climate";

/** Towns by name, for the place picker. */
export const GET = (request: NextRequest): Response =>
  Response.json({ towns: searchTowns(request.nextUrl.searchParams.get("q")?.slice(0, 80) ?? "") });
