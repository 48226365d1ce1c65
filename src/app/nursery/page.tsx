import { screen } from "@/app/screen";
import { CONFIDENCES, readNursery } from "@/server/nursery";
import { Nursery } from "@/ui/nursery/nursery";
import { t } from "@/ui/words/all";

export const metadata = { title: t("nursery.title") };

export default async function Page({ searchParams }: PageProps<"/nursery">) {
  const query = await searchParams;
  return screen(async (actor) => <Nursery {...await readNursery(actor, query)} sures={CONFIDENCES} />);
}
