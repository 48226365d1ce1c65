import { chooseProgrammeAction } from "@/app/actions/people";
import { screen } from "@/app/screen";
import { signedIn } from "@/server/actor";
import { may } from "@/server/may";
import { readProgrammes } from "@/server/programmes";
import { Programmes } from "@/ui/programmes/programmes";
import { t } from "@/ui/words/all";

export const metadata = { title: t("programmes.title") };

export default function Page() {
  return screen(async (actor) => (
    <Programmes
      {...await readProgrammes(actor, (await signedIn())?.memberships ?? [])}
      mayBegin={may(actor, "keep-trainers")}
      choose={chooseProgrammeAction}
    />
  ));
}
