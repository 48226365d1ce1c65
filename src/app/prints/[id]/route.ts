import { pdfResponse } from "@/app/pdf";
import { currentActor } from "@/server/actor";
import { outcomeOf } from "@/server/outcome";
import { readPrintFile } from "@/server/prints";

/** The file of a print of many households. */
export async function GET(_request: Request, { params }: RouteContext<"/prints/[id]">): Promise<Response> {
  const outcome = await outcomeOf(async () => readPrintFile(await currentActor(), (await params).id));
  return pdfResponse(
    outcome.ok ? { ok: true, value: { name: `${outcome.value.kind}.pdf`, pdf: outcome.value.pdf } } : outcome,
  );
}
