import { getTranslations } from "next-intl/server";
import { addHouseholdAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { readProgramme } from "@/server/households";
import { readReference, usualBagKg } from "@/server/reference";
import { Doorstep } from "@/ui/doorstep/doorstep";

export const generateMetadata = async () => ({ title: (await getTranslations("doorstep"))("newTitle") });

const BLANK = { name: "", adults: "", children: "0", tastes: "", note: "", kind: "balcony", length: "", width: "", sun: [{ from: "08:00", to: "13:00" }], limit: "" } as const;

export default function Page() {
  return screen(async (actor) => (
    <Doorstep
      title={(await getTranslations("doorstep"))("newTitle")}
      start={{ ...BLANK, sun: [...BLANK.sun] }}
      isNew
      crops={(await readReference(actor)).crops}
      usualBagKg={usualBagKg(await readProgramme(actor))}
      save={addHouseholdAction}
    />
  ));
}
