import { notFound, redirect } from "next/navigation";
import { addRecordAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { readHousehold } from "@/server/households";
import { isSurveyed } from "@/server/setting";
import { Days } from "@/ui/days/days";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("days.title") };

export default async function Page({ params }: PageProps<"/house/[id]/days">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    if (!isSurveyed(household)) redirect(`/house/${id}/doorstep`);
    return (
      <Days
        householdId={id}
        title={`${t("days.title")}: ${household.code} ${household.name}`}
        away={household.away}
        carriesLDay={household.place.waterLDay ?? undefined}
        store={addRecordAction}
        {...await readGarden(actor, household)}
      />
    );
  });
}
