import { getTranslations } from "next-intl/server";
import { addHouseholdAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { blankSurvey } from "@/app/survey";
import { today } from "@/server/environment";
import { readProgramme } from "@/server/households";
import { readReference, usualBagKg } from "@/server/reference";
import { Doorstep } from "@/ui/doorstep/doorstep";

export const generateMetadata = async () => ({ title: (await getTranslations("doorstep"))("newTitle") });

export default function Page() {
  return screen(async (actor) => {
    const programme = await readProgramme(actor);
    return (
      <Doorstep
        title={(await getTranslations("doorstep"))("newTitle")}
        start={blankSurvey()}
        isNew
        currency={programme.currency}
        today={today().day}
        crops={(await readReference(actor)).crops}
        usualBagKg={usualBagKg(programme)}
        save={addHouseholdAction}
      />
    );
  });
}
