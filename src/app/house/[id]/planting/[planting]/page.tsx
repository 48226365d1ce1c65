import { notFound } from "next/navigation";
import { houseScreen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { readStory } from "@/server/records";
import { Story } from "@/ui/log/story";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("story.title") };

export default async function Page({ params }: PageProps<"/house/[id]/planting/[planting]">) {
  return houseScreen(
    params,
    async (actor, household) => {
      const { planting } = await params;
      const garden = await readGarden(actor, household);
      // One that left the plan has its records in the log.
      if (!garden.plan.rows.some((row) => row.plantings.some((p) => p.id === planting))) notFound();
      return (
        <Story
          householdId={household.id}
          plantingId={planting}
          written={await readStory(actor, household.id, planting)}
          {...garden}
        />
      );
    },
    "see-household",
  );
}
