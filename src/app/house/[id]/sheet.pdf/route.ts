import { ownOrigin } from "@/app/origin";
import { pdfResponse } from "@/app/pdf";
import { readUnits } from "@/app/units";
import { currentActor } from "@/server/actor";
import { outcomeOf } from "@/server/outcome";
import { householdSheet } from "@/server/prints";

/** The page that a household keeps. `?paper=LETTER` for US paper. */
export async function GET(
  request: Request,
  { params }: RouteContext<"/house/[id]/sheet.pdf">,
): Promise<Response> {
  const units = await readUnits();
  const paper = new URL(request.url).searchParams.get("paper") ?? (units === "us" ? "LETTER" : "A4");
  const outcome = await outcomeOf(async () =>
    householdSheet(await currentActor("see-household"), (await params).id, {
      units,
      paper,
      origin: await ownOrigin(),
    }),
  );
  return pdfResponse(
    outcome.ok
      ? { ok: true, value: { name: `sheet-${outcome.value.code}.pdf`, pdf: outcome.value.pdf } }
      : outcome,
  );
}
