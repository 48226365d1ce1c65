import { askPrintAction } from "@/app/actions/records";
import { saveStockAction } from "@/app/actions/values";
import { screen } from "@/app/screen";
import { readKitForAll } from "@/server/kit";
import { KitForAll } from "@/ui/kit/kit-for-all";
import { t } from "@/ui/words/all";

export const metadata = { title: t("kitAll.title") };

export default async function Page({ searchParams }: PageProps<"/kit">) {
  const query = await searchParams;
  return screen(async (actor) => (
    <KitForAll {...await readKitForAll(actor, query)} saveStock={saveStockAction} askPrint={askPrintAction} />
  ));
}
