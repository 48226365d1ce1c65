import { chooseMixAction, removeMixAction, saveMixAction, saveSizesAction } from "@/app/actions/values";
import { screen } from "@/app/screen";
import { readMixes } from "@/server/mixes";
import { Mixes } from "@/ui/mixes/mixes";
import { ForChangers } from "@/ui/rights";
import { t } from "@/ui/words/all";

export const metadata = { title: t("mixScreen.title") };

export default function Page() {
  return screen(async (actor) => (
    <ForChangers className="mx-4 lg:mx-6">
      <Mixes
        {...await readMixes(actor)}
        choose={chooseMixAction}
        save={saveMixAction}
        remove={removeMixAction}
        saveSizes={saveSizesAction}
      />
    </ForChangers>
  ));
}
