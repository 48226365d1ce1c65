import { nameVersionAction, readPlanAction, savePlanAction, setAsideAction } from "@/app/actions/plans";
import { houseScreen } from "@/app/screen";
import { readOverrides, readProgramme, readToday } from "@/server/programme";
import { readSetting } from "@/server/judging";
import { proposedPlan } from "@/server/proposals";
import { earlierPlans, readPlan } from "@/server/plans";
import { Bench } from "@/ui/judged-screens";
import { t } from "@/ui/words/all";

export default async function Page({ params, searchParams }: PageProps<"/house/[id]/bench">) {
  const { proposal } = await searchParams;
  return houseScreen(params, async (actor, household) => {
    const { id } = household;
    const { place } = household;

    const { currency } = await readProgramme(actor);
    const setting = await readSetting(actor, household);
    return (
      <Bench
        household={{
          id,
          title: `${household.code} ${household.name}`,
          sub: t("bench.sub", {
            people: t("households.people", { adults: household.adults, children: household.children }),
            place: t(`places.${place.kind}`),
            length: place.lengthTyped,
            width: place.widthTyped,
            sun: setting.sunHours,
          }),
        }}
        today={await readToday(actor)}
        saved={await readPlan(actor, id)}
        earlier={await earlierPlans(actor, id)}
        setting={setting}
        means={{
          budgetMinor: household.budgetMinor,
          waterLDay: place.waterLDay,
          away: household.away,
          currency,
          place: place.kind,
        }}
        trial={proposal === undefined ? undefined : await proposedPlan(actor, id)}
        overrides={await readOverrides(actor)}
        save={savePlanAction.bind(null, id)}
        nameVersion={nameVersionAction.bind(null, id)}
        setAside={setAsideAction.bind(null, id)}
        reread={readPlanAction.bind(null, id)}
      />
    );
  });
}
