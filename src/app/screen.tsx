import type { ReactNode } from "react";
import { type Actor, currentActor } from "@/server/actor";
import { troubleOf } from "@/server/outcome";
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
