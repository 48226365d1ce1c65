import { addHouseholdAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { blankSurvey } from "@/app/survey";
import { today } from "@/server/environment";
import { readOverrides, readProgramme } from "@/server/programme";
import { usualBagKg } from "@/server/reference";
import { Doorstep } from "@/ui/doorstep/doorstep";
import { t } from "@/ui/words/translate";

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
        today={today().day}
        overrides={await readOverrides(actor)}
        usualBagKg={usualBagKg(programme)}
        save={addHouseholdAction}
      />
    );
  });
}
