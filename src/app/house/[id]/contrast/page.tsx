import { notFound, redirect } from "next/navigation";
import { screen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { readHousehold } from "@/server/households";
import { isSurveyed } from "@/server/setting";
import { Contrast } from "@/ui/contrast/contrast";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("contrast.title") };

export default async function Page({ params }: PageProps<"/house/[id]/contrast">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    if (!isSurveyed(household)) redirect(`/house/${id}/doorstep`);
    const { plan, setting, overrides, today } = await readGarden(actor, household);
    return (
      <Contrast
        title={`${t("contrast.title")}: ${household.code} ${household.name}`}
        plan={plan}
        setting={setting}
        overrides={overrides}
        today={today}
      />
    );
  });
}
