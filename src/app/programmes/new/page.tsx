import { beginProgrammeAction, chooseProgrammeAction } from "@/app/actions/people";
import { screen } from "@/app/screen";
import { readProgramme } from "@/server/programme";
import { climateChoices } from "@/server/town";
import { Begin } from "@/ui/programmes/begin";
import { t } from "@/ui/words/all";

export const metadata = { title: t("shared.begin") };

export default function Page() {
  return screen(async (actor) => {
    const { name, town, climateId, currency } = await readProgramme(actor);
    return (
      <Begin
        before={{ name, town, climateId, currency }}
        climates={climateChoices()}
        begin={beginProgrammeAction}
        choose={chooseProgrammeAction}
      />
    );
  }, "keep-trainers");
}
