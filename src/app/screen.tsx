import { notFound, redirect } from "next/navigation";
import { headers } from "next/headers";
import type { ReactNode } from "react";
import { type Actor, currentActor, NotAllowed, SignedOut } from "@/server/actor";
import { readHousehold } from "@/server/households";
import { homeOf } from "@/server/home";
import { may, type Right } from "@/server/may";
import { troubleOf } from "@/server/outcome";
import { isSurveyed, type Surveyed } from "@/server/setting";
import { t } from "@/ui/words/all";

/**
 * Shows a screen for the actor; a database that is away is told in words instead. Whoever has not signed in does that
 * first, and whoever may not see the screen is told that there is nothing.
 *
 * @param right what one has to be allowed to see it
 */
export async function screen(
  render: (actor: Actor) => Promise<ReactNode>,
  right: Right = "see-programme",
): Promise<ReactNode> {
  try {
    return await render(await currentActor(right));
  } catch (error) {
    const path = (await headers()).get("x-path") ?? "/";
    if (error instanceof SignedOut) redirect(`/sign-in?to=${encodeURIComponent(path)}`);
    if (error instanceof NotAllowed) {
      if (path === "/") redirect(homeOf(error.actor));
      notFound();
    }
    const trouble = troubleOf(error);
    if (!trouble) throw error;

    return (
      <section className="mx-auto max-w-xl p-6" role="alert">
        <h1 className="text-2xl font-bold">{t("trouble.title")}</h1>
        <p className="my-3">{t(`trouble.${trouble}`)}</p>
      </section>
    );
  }
}

/** Shows a screen of a household that the actor sees. Without a survey there is nothing to judge: its survey is shown then. */
export async function houseScreen(
  params: Promise<{ readonly id: string }>,
  render: (actor: Actor, household: Surveyed) => Promise<ReactNode>,
  right: Right = "see-programme",
): Promise<ReactNode> {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    if (!isSurveyed(household)) {
      if (!may(actor, "change-programme")) notFound();
      redirect(`/house/${id}/doorstep`);
    }
    return render(actor, household);
  }, right);
}
