import { houseScreen } from "@/app/screen";
import { readGarden } from "@/server/garden";
import { Contrast } from "@/ui/contrast/contrast";
import { t } from "@/ui/words/all";

export const metadata = { title: t("shared.contrast") };

export default async function Page({ params }: PageProps<"/house/[id]/contrast">) {
  return houseScreen(params, async (actor, household) => {
    const { plan, setting, overrides, today } = await readGarden(actor, household);
    return (
      <Contrast
        title={`${t("shared.contrast")}: ${household.code} ${household.name}`}
        plan={plan}
        setting={setting}
        overrides={overrides}
        today={today}
      />
    );
  });
}
