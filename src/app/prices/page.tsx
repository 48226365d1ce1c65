import { importPricesAction, savePriceAction, saveTogetherAction } from "@/app/actions/values";
import { screen } from "@/app/screen";
import { priceList } from "@/server/prices";
import { readTogether } from "@/server/together";
import { Prices } from "@/ui/prices/prices";
import { t } from "@/ui/words/all";

export const metadata = { title: t("prices.title") };

export default function Page() {
  return screen(async (actor) => (
    <Prices
      {...await priceList(actor)}
      {...await readTogether(actor)}
      save={savePriceAction}
      takeIn={importPricesAction}
      saveTogether={saveTogetherAction}
    />
  ));
}
