import { getTranslations } from "next-intl/server";
import { notFound } from "next/navigation";
import { addRecordAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { today } from "@/server/environment";
import { readHousehold } from "@/server/households";
import { logPlantings, readRecords } from "@/server/records";
import { Log } from "@/ui/log/log";

export default async function Page({ params }: PageProps<"/house/[id]/log">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    const t = await getTranslations("log");
    const records = await readRecords(actor, id);
    return (
      <Log
        householdId={id}
        title={`${t("title")}: ${household.code} ${household.name}`}
        today={today().day}
        plantings={await logPlantings(actor, id, records)}
        records={records}
        store={addRecordAction.bind(null, id)}
      />
    );
  });
}
