import { addRecordAction } from "@/app/actions";
import { houseScreen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { Days } from "@/ui/days/days";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("days.title") };

export default async function Page({ params }: PageProps<"/house/[id]/days">) {
  return houseScreen(
    params,
    async (actor, household) => {
      return (
        <Days
          householdId={household.id}
          title={`${t("days.title")}: ${household.code} ${household.name}`}
          away={household.away}
          carriesLDay={household.place.waterLDay ?? undefined}
          store={addRecordAction}
          {...await readGarden(actor, household)}
        />
      );
    },
    "see-household",
  );
}
