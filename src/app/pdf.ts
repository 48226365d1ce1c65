import type { Outcome } from "@/core/problem";
import { jsonResponse } from "./json";

/** Answers with a PDF to look at or keep, or with a problem as JSON and its status. */
export function pdfResponse(outcome: Outcome<{ readonly name: string; readonly pdf: Uint8Array }>): Response {
  if (!outcome.ok) return jsonResponse(outcome);
  const { name, pdf } = outcome.value;
  return new Response(pdf as BodyInit, {
    headers: {
      "content-type": "application/pdf",
      "content-disposition": `inline; filename="${name}"`,
      "cache-control": "no-store",
    },
  });
}
