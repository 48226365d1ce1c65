import {
  addRecordAction,
  makeAddressAction,
  withdrawAddressAction,
  withdrawSheetCodeAction,
} from "@/app/actions/records";
import { houseScreen } from "@/app/screen";
import { readHasAddress } from "@/server/calendar-address";
import { may } from "@/server/may";
import { readGarden } from "@/server/garden";
import { Days } from "@/ui/judged-screens";
import { t } from "@/ui/words/all";

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
          address={
            may(actor, "write-records")
              ? {
                  hasAddress: await readHasAddress(actor, household.id),
                  make: makeAddressAction.bind(null, household.id),
                  withdraw: withdrawAddressAction.bind(null, household.id),
                }
              : undefined
          }
          withdrawPaper={
            may(actor, "write-records") ? withdrawSheetCodeAction.bind(null, household.id) : undefined
          }
          {...await readGarden(actor, household)}
        />
      );
    },
    "see-household",
  );
}
