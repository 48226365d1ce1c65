import { chooseMixAction, removeMixAction, saveMixAction, saveSizesAction } from "@/app/actions/values";
import { screen } from "@/app/screen";
import { readMixes } from "@/server/mixes";
import { Mixes } from "@/ui/mixes/mixes";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("mixScreen.title") };

export default function Page() {
  return screen(async (actor) => (
    <Mixes
      {...await readMixes(actor)}
      choose={chooseMixAction}
      save={saveMixAction}
      remove={removeMixAction}
      saveSizes={saveSizesAction}
    />
  ));
}
