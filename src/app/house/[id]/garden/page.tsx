import { notFound, redirect } from "next/navigation";
import { screen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { readHousehold } from "@/server/households";
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
    return <OwnGarden householdId={id} name={household.name} {...await readGarden(actor, household)} />;
  });
}
