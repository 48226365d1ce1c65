import { notFound, redirect } from "next/navigation";
import { screen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { readHousehold } from "@/server/households";
import { isSurveyed } from "@/server/setting";
import { Kit } from "@/ui/kit/kit";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("kit.title") };

export default async function Page({ params }: PageProps<"/house/[id]/kit">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    if (!isSurveyed(household)) redirect(`/house/${id}/doorstep`);
    return (
      <Kit
        householdId={id}
        title={`${t("kit.title")}: ${household.code} ${household.name}`}
        {...await readGarden(actor, household)}
      />
    );
  });
}
