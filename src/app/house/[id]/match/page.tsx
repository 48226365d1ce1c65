import { savePlanAction } from "@/app/actions/plans";
import { houseScreen } from "@/app/screen";
import { usualBagsAt } from "@/server/reference";
import { readSetting } from "@/server/judging";
import { readPlan } from "@/server/plans";
import { readOverrides, readToday } from "@/server/programme";
import { Match } from "@/ui/judged-screens";
import { t } from "@/ui/words/all";

export default async function Page({ params }: PageProps<"/house/[id]/match">) {
  return houseScreen(params, async (actor, household) => {
    const { id } = household;
    return (
      <Match
        householdId={id}
        title={`${t("match.title")}: ${household.code} ${household.name}`}
        today={await readToday(actor)}
        saved={await readPlan(actor, id)}
        usual={usualBagsAt(household.place.kind)}
        setting={await readSetting(actor, household)}
        overrides={await readOverrides(actor)}
        save={savePlanAction.bind(null, id)}
      />
    );
  });
}
