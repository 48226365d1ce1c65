import { screen } from "@/app/screen";
import { overview } from "@/server/households";
import { Round } from "@/ui/households/round";
import { t } from "@/ui/words/all";

export const metadata = { title: t("round.title") };

/** What a helper sees first: the households that are theirs. */
export default async function Page({ searchParams }: PageProps<"/round">) {
  return screen(async (actor) => <Round {...await overview(actor, await searchParams)} />, "write-records");
}
