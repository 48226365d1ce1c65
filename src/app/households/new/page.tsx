import { addHouseholdAction } from "@/app/actions/households";
import { screen } from "@/app/screen";
import { blankSurvey } from "@/app/survey";
import { readOverrides, readProgramme, readToday } from "@/server/programme";
import { usualBagKg } from "@/server/reference";
import { climateOf } from "@/server/town";
import { Doorstep } from "@/ui/judged-screens";
import { t } from "@/ui/words/all";

export const metadata = { title: t("doorstep.newTitle") };

export default function Page() {
  return screen(async (actor) => {
    const programme = await readProgramme(actor);
    return (
      <Doorstep
        title={t("doorstep.newTitle")}
        start={blankSurvey()}
        isNew
        currency={programme.currency}
        today={await readToday(actor)}
        overrides={await readOverrides(actor)}
        climate={climateOf(programme)}
        usualBagKg={usualBagKg(programme)}
        save={addHouseholdAction}
      />
    );
  }, "change-programme");
}
