import { getTranslations } from "next-intl/server";
import { savePriceAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { priceList } from "@/server/prices";
import { Prices } from "@/ui/prices/prices";

export const generateMetadata = async () => ({ title: (await getTranslations("prices"))("title") });

export default function Page() {
  return screen(async (actor) => <Prices {...await priceList(actor)} save={savePriceAction} />);
}
