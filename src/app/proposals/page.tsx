import {
  proposeForAllAction,
  readProposalsAction,
  takeBackProposalAction,
  takeProposalAction,
} from "@/app/actions/plans";
import { screen } from "@/app/screen";
import { readToday } from "@/server/programme";
import { readProposals } from "@/server/proposals";
import { Proposals } from "@/ui/proposals/proposals";
import { Queries } from "@/ui/primitives/queries";
import { t } from "@/ui/words/all";

export const metadata = { title: t("proposals.title") };

export default function Page({ searchParams }: PageProps<"/proposals">) {
  return screen(async (actor) => (
    <Queries>
      <Proposals
        start={await readProposals(actor, (await searchParams).page)}
        today={await readToday(actor)}
        ask={proposeForAllAction}
        read={readProposalsAction}
        take={takeProposalAction}
        takeBack={takeBackProposalAction}
      />
    </Queries>
  ));
}
