import { saveWeighingAction } from "@/app/actions/values";
import { screen } from "@/app/screen";
import { may } from "@/server/may";
import { readSeason } from "@/server/season";
import { Season } from "@/ui/season/season";
import { t } from "@/ui/words/all";

export const metadata = { title: t("season.title") };

export default function Page() {
  return screen(async (actor) => (
    <Season
      {...await readSeason(actor)}
      weigh={may(actor, "change-programme") ? saveWeighingAction : undefined}
    />
  ));
}
