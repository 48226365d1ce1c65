import { notFound, redirect } from "next/navigation";
import { savePlanAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { usualBagsAt } from "@/server/reference";
import { readHousehold } from "@/server/households";
import { readSetting } from "@/server/judging";
import { readPlan } from "@/server/plans";
import { readOverrides, readToday } from "@/server/programme";
import { isSurveyed } from "@/server/setting";
import { Match } from "@/ui/match/match";
import { t } from "@/ui/words/translate";

export default async function Page({ params }: PageProps<"/house/[id]/match">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    if (!isSurveyed(household)) redirect(`/house/${id}/doorstep`);

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
