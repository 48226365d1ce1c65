import { redirect } from "next/navigation";
import { signInAction } from "@/app/actions/people";
import { homeOf } from "@/server/home";
import { currentActor } from "@/server/actor";
import { DEMO_ACCOUNTS, isDemo } from "@/server/demo-accounts";
import { outcomeOf } from "@/server/outcome";
import { isBegun } from "@/server/people";
import { SignIn } from "@/ui/sign-in/sign-in";
import { t } from "@/ui/words/all";

export const metadata = { title: t("signIn.title") };

const textOf = (value: string | string[] | undefined) => (typeof value === "string" ? value : "");

/** Only a path of this site: nobody is sent elsewhere by a link that somebody made. */
const ownPath = (to: string) => (/^\/(?![/\\])/.test(to) && !to.startsWith("/sign-in") ? to : "/");

export default async function Page({ searchParams }: PageProps<"/sign-in">) {
  const { to, card } = await searchParams;
  const actor = await outcomeOf(async () => ({
    ok: true as const,
    value: await currentActor("see-household"),
  }));
  // A database that is away is told of when somebody tries.
  const begun = await outcomeOf(async () => ({ ok: true as const, value: await isBegun() }));
  // Whoever comes by a card's code signs in as that household, whoever was in before.
  if (actor.ok && !card) redirect(homeOf(actor.value));
  return (
    <SignIn
      card={textOf(card).slice(0, 40)}
      to={ownPath(textOf(to))}
      isBegun={!begun.ok || begun.value}
      demo={isDemo() ? DEMO_ACCOUNTS : []}
      signIn={signInAction}
    />
  );
}
