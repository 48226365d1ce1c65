import { isHealthy } from "@/server/environment";

/** Says whether the process serves and its database answers: 503 when that is gone. */
export async function GET(): Promise<Response> {
  const ok = await isHealthy();
  return Response.json({ ok }, { status: ok ? 200 : 503 });
}
export const dynamic = "force-dynamic";
