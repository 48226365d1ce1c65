import { previewFindingAction, takeFindingAction } from "@/app/actions/findings";
import { screen } from "@/app/screen";
import { readFindings } from "@/server/findings";
import { may } from "@/server/may";
import { Findings } from "@/ui/findings/findings";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("findings.title") };

export default function Page({ searchParams }: PageProps<"/findings">) {
  return screen(async (actor) => (
    <Findings
      {...await readFindings(actor, await searchParams)}
      {...(may(actor, "change-programme") ? { preview: previewFindingAction, take: takeFindingAction } : {})}
    />
  ));
}
