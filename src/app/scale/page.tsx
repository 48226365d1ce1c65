import { screen } from "@/app/screen";
import { KitchenScale } from "@/ui/scale/scale";
import { t } from "@/ui/words/all";

export const metadata = { title: t("scale.title") };

export default function Page() {
  return screen(async () => <KitchenScale />, "write-records");
}
