import { notFound } from "next/navigation";
import { leaveAction, putAwayAction, resurveyAction } from "@/app/actions/households";
import { savePhoneAction } from "@/app/actions/records";
import { previewSchoolsAction, saveSchoolsAction } from "@/app/actions/values";
import { screen } from "@/app/screen";
import { typedSurvey } from "@/app/survey";
import { readHousehold } from "@/server/households";
import { readOverrides, readProgramme, readToday } from "@/server/programme";
import { usualBagKg } from "@/server/reference";
import { climateOf } from "@/server/town";
import { Doorstep } from "@/ui/judged-screens";
import { Phone } from "@/ui/doorstep/phone";
import { PutAway } from "@/ui/doorstep/put-away";
import { ForChangers } from "@/ui/rights";
import { SchoolsForm } from "@/ui/schools/schools";
import { t } from "@/ui/words/all";

export default async function Page({ params }: PageProps<"/house/[id]/doorstep">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    const programme = await readProgramme(actor);

    return (
      <ForChangers className="mx-4 lg:mx-6">
        <Doorstep
          title={`${household.code} ${household.name}`}
          start={typedSurvey(household, programme.currency)}
          isNew={false}
          currency={programme.currency}
          today={await readToday(actor)}
          overrides={await readOverrides(actor)}
          climate={climateOf(programme)}
          sunSeenOn={household.place?.sunSeenOn ?? undefined}
          usualBagKg={usualBagKg(programme)}
          save={resurveyAction.bind(null, household.id, household.version)}
        />
        <section aria-labelledby="schools" className="max-w-[44rem] px-4 pb-8 lg:px-6">
          <h2 id="schools" className="border-t-rule border-ink pt-2 text-lg font-bold">
            {t("schools.household")}
          </h2>
          <p className="mb-3 text-muted">{t("schools.householdLead")}</p>
          <SchoolsForm
            saved={household.schools}
            above={programme.schools}
            preview={previewSchoolsAction.bind(null, household.id)}
            save={saveSchoolsAction.bind(null, household.id)}
          />
          <Phone saved={household.phone} save={savePhoneAction.bind(null, household.id)} />
          <PutAway
            isPutAway={household.isPutAway}
            putAway={putAwayAction.bind(null, household.id)}
            leave={leaveAction.bind(null, household.id)}
          />
        </section>
      </ForChangers>
    );
  });
}
