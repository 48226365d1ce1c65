import { houseScreen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { Kit } from "@/ui/judged-screens";
import { t } from "@/ui/words/all";

export const metadata = { title: t("kit.title") };

export default async function Page({ params }: PageProps<"/house/[id]/kit">) {
  return houseScreen(params, async (actor, household) => {
    return (
      <Kit
        householdId={household.id}
        title={`${t("kit.title")}: ${household.code} ${household.name}`}
        {...await readGarden(actor, household)}
      />
    );
  });
}
