import { screen } from "@/app/screen";
import { readDaysForAll } from "@/server/days";
import { DaysForAll } from "@/ui/days/days-for-all";
import { t } from "@/ui/words/all";

export const metadata = { title: t("daysAll.title") };

export default async function Page({ searchParams }: PageProps<"/days">) {
  const query = await searchParams;
  return screen(async (actor) => <DaysForAll {...await readDaysForAll(actor, query)} />);
}
