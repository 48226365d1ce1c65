import { sharePickedAction } from "@/app/actions/households";
import { houseScreen } from "@/app/screen";
import { may } from "@/server/may";
import { readGarden } from "@/server/garden";
import { readShared } from "@/server/season";
import { OwnGarden } from "@/ui/judged-screens";
import { t } from "@/ui/words/all";

export const metadata = { title: t("own.title") };

export default async function Page({ params }: PageProps<"/house/[id]/garden">) {
  return houseScreen(
    params,
    async (actor, household) => {
      return (
        <OwnGarden
          householdId={household.id}
          name={household.name}
          shared={await readShared(actor)}
          sharing={
            may(actor, "write-records")
              ? { isShared: household.sharesPicked, share: sharePickedAction.bind(null, household.id) }
              : undefined
          }
          {...await readGarden(actor, household)}
        />
      );
    },
    "see-household",
  );
}
