import { notFound, redirect } from "next/navigation";
import { screen } from "@/app/screen";
import { readHousehold } from "@/server/households";
import { readSetting } from "@/server/judging";
import { readPlan } from "@/server/plans";
import { readOverrides, readToday } from "@/server/programme";
import { readDone } from "@/server/records";
import { isSurveyed } from "@/server/setting";
import { OwnGarden } from "@/ui/garden/own-garden";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("own.title") };

export default async function Page({ params }: PageProps<"/house/[id]/garden">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    if (!isSurveyed(household)) redirect(`/house/${id}/doorstep`);
    return (
      <OwnGarden
        householdId={id}
        name={household.name}
        today={await readToday(actor)}
        plan={(await readPlan(actor, id)).plan}
        setting={await readSetting(actor, household)}
        overrides={await readOverrides(actor)}
        records={await readDone(actor, id)}
      />
    );
  });
}
