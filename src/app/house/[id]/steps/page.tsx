import { notFound, redirect } from "next/navigation";
import { addRecordAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { readHousehold } from "@/server/households";
import { isSurveyed } from "@/server/setting";
import { Steps } from "@/ui/steps/steps";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("steps.title") };

export default async function Page({ params }: PageProps<"/house/[id]/steps">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    if (!isSurveyed(household)) redirect(`/house/${id}/doorstep`);
    return (
      <Steps
        householdId={id}
        title={`${t("steps.title")}: ${household.code} ${household.name}`}
        store={addRecordAction}
        {...await readGarden(actor, household)}
      />
    );
  });
}
