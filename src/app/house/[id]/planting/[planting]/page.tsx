import { notFound } from "next/navigation";
import { houseScreen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { readSharedGoals } from "@/server/letter";
import { readStory } from "@/server/records";
import { Story } from "@/ui/log/story";
import { t } from "@/ui/words/all";

export const metadata = { title: t("story.title") };

export default async function Page({ params }: PageProps<"/house/[id]/planting/[planting]">) {
  return houseScreen(
    params,
    async (actor, household) => {
      const { planting } = await params;
      const garden = await readGarden(actor, household);
      const own = garden.plan.rows.flatMap((row) => row.plantings).find((p) => p.id === planting);
      // One that left the plan has its records in the log.
      if (!own) notFound();
      const shared = await readSharedGoals(actor);
      return (
        <Story
          householdId={household.id}
          plantingId={planting}
          shared={shared.find(({ goalId }) => goalId === own.goalId)}
          written={await readStory(actor, household.id, planting)}
          {...garden}
        />
      );
    },
    "see-household",
  );
}
