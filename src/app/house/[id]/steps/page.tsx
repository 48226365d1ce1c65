import { addRecordAction } from "@/app/actions/records";
import { houseScreen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { Steps } from "@/ui/judged-screens";
import { t } from "@/ui/words/all";

export const metadata = { title: t("steps.title") };

export default async function Page({ params }: PageProps<"/house/[id]/steps">) {
  return houseScreen(
    params,
    async (actor, household) => {
      return (
        <Steps
          householdId={household.id}
          title={`${t("steps.title")}: ${household.code} ${household.name}`}
          store={addRecordAction}
          {...await readGarden(actor, household)}
        />
      );
    },
    "see-household",
  );
}
