import type { Outcome } from "@/core/problem";
import { statusOf } from "@/server/outcome";

/** Answers with a file to keep, or with a problem as JSON and its status. */
export function fileResponse(outcome: Outcome<{ text: string; name: string; type: string }>): Response {
  if (!outcome.ok) return Response.json({ problem: outcome.problem }, { status: statusOf(outcome.problem) });
  const { text, name, type } = outcome.value;
  return new Response(text, {
    headers: {
      "content-type": type,
      "content-disposition": `attachment; filename="${name}"`,
      "cache-control": "no-store",
    },
  });
}
