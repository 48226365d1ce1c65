import type { Outcome } from "@/core/problem";
import { jsonResponse } from "./json";

/** A file to keep: whole, or read while it is written. */
interface FileOut {
  readonly name: string;
  readonly type: string;
  readonly parts: AsyncIterable<string | Uint8Array> | readonly string[];
}

async function* bytesOf(parts: FileOut["parts"]): AsyncGenerator<Uint8Array, void> {
  const encoder = new TextEncoder();
  for await (const part of parts) yield typeof part === "string" ? encoder.encode(part) : part;
}

/** Answers with a file to keep, or with a problem as JSON and its status. */
export function fileResponse(outcome: Outcome<FileOut>): Response {
  if (!outcome.ok) return jsonResponse(outcome);
  const { parts, name, type } = outcome.value;
  const bytes = bytesOf(parts);
  const body = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const { done, value } = await bytes.next();
      if (done) controller.close();
      else controller.enqueue(value);
    },
    async cancel() {
      await bytes.return();
    },
  });
  return new Response(body, {
    headers: {
      "content-type": type,
      "content-disposition": `attachment; filename="${name}"`,
      "cache-control": "no-store",
    },
  });
}
