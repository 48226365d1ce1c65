import { previewFindingAction, takeFindingAction } from "@/app/actions/findings";
import { screen } from "@/app/screen";
import { readFindings } from "@/server/findings";
import { readSharedGoals } from "@/server/letter";
import { may } from "@/server/may";
import { Findings } from "@/ui/findings/findings";
import { SharedFindings } from "@/ui/findings/shared-findings";
import { t } from "@/ui/words/all";

export const metadata = { title: t("findings.title") };

export default function Page({ searchParams }: PageProps<"/findings">) {
  return screen(async (actor) =>
    may(actor, "change-programme") ? (
      <Findings
        {...await readFindings(actor, await searchParams)}
        preview={previewFindingAction}
        take={takeFindingAction}
      />
    ) : (
      <SharedFindings goals={await readSharedGoals(actor)} />
    ),
  );
}
