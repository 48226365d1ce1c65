import {
  endMembershipAction,
  giveCardAction,
  giveHouseholdsAction,
  inviteAction,
  renewAction,
  signOutEverywhereAction,
} from "@/app/actions/people";
import { ownOrigin } from "@/app/origin";
import { screen } from "@/app/screen";
import { readCards, readPeople } from "@/server/people";
import { Access } from "@/ui/people/access";
import { t } from "@/ui/words/all";

export const metadata = { title: t("access.title") };

export default async function Page({ searchParams }: PageProps<"/people">) {
  const { page } = await searchParams;
  return screen(
    async (actor) => (
      <Access
        {...await readPeople(actor)}
        {...await readCards(actor, page)}
        origin={await ownOrigin()}
        invite={inviteAction}
        giveCard={giveCardAction}
        renew={renewAction}
        signOut={signOutEverywhereAction}
        end={endMembershipAction}
        give={giveHouseholdsAction}
      />
    ),
    "keep-people",
  );
}
