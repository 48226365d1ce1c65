import { proposeForAllAction, readProposalsAction, takeProposalAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { readProposals } from "@/server/proposals";
import { Proposals } from "@/ui/proposals/proposals";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("proposals.title") };

export default function Page({ searchParams }: PageProps<"/proposals">) {
  return screen(async (actor) => (
    <Proposals
      start={await readProposals(actor, (await searchParams).page)}
      ask={proposeForAllAction}
      read={readProposalsAction}
      take={takeProposalAction}
    />
  ));
}
