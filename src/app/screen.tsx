import { notFound, redirect } from "next/navigation";
import type { ReactNode } from "react";
import { type Actor, currentActor } from "@/server/actor";
import { readHousehold } from "@/server/households";
import { troubleOf } from "@/server/outcome";
import { isSurveyed, type Surveyed } from "@/server/setting";
import { t } from "@/ui/words/translate";

/** Shows a screen for the actor; a database that is away or empty is told in words instead. */
export async function screen(render: (actor: Actor) => Promise<ReactNode>): Promise<ReactNode> {
  try {
    return await render(await currentActor());
  } catch (error) {
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

/** Shows a screen of a household of the actor's. Without a survey there is nothing to judge: its survey is shown then. */
export async function houseScreen(
  params: Promise<{ readonly id: string }>,
  render: (actor: Actor, household: Surveyed) => Promise<ReactNode>,
): Promise<ReactNode> {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    if (!isSurveyed(household)) redirect(`/house/${id}/doorstep`);
    return render(actor, household);
  });
}
