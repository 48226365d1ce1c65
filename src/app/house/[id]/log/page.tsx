import { notFound } from "next/navigation";
import { addRecordAction } from "@/app/actions/records";
import { screen } from "@/app/screen";
import { readHousehold } from "@/server/households";
import { logPlantings, readPicked, readRecords } from "@/server/records";
import { Log } from "@/ui/log/log";
import { readToday } from "@/server/programme";
import { t } from "@/ui/words/all";

export default async function Page({ params, searchParams }: PageProps<"/house/[id]/log">) {
  const { id } = await params;
  const { times, planting } = await searchParams;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();

    const [plantings, recorded, cameIn] = await Promise.all([
      logPlantings(actor, id),
      readRecords(actor, id, times),
      readPicked(actor, id),
    ]);
    return (
      <Log
        key={String(planting)}
        householdId={id}
        title={`${t("log.title")}: ${household.code} ${household.name}`}
        today={await readToday(actor)}
        plantings={plantings}
        asked={typeof planting === "string" ? planting : undefined}
        cameIn={cameIn}
        {...recorded}
        store={addRecordAction}
      />
    );
  }, "see-household");
}
