import { houseScreen } from "@/app/screen";
import { readLetter } from "@/server/letter";
import { readProgramme } from "@/server/programme";
import { SeasonLetter } from "@/ui/findings/season-letter";
import { t } from "@/ui/words/all";

export const metadata = { title: t("letter.title") };

export default async function Page({ params, searchParams }: PageProps<"/house/[id]/season">) {
  const { year } = await searchParams;
  return houseScreen(
    params,
    async (actor, household) => (
      <SeasonLetter
        householdId={household.id}
        name={`${household.code} ${household.name}`}
        programme={(await readProgramme(actor)).name}
        {...await readLetter(actor, household.id, year)}
      />
    ),
    "see-household",
  );
}
