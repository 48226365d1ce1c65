import { notFound, redirect } from "next/navigation";
import { householdOnPaper } from "@/server/sheet-code";
import { t } from "@/ui/words/all";

export const metadata = { title: t("paper.title") };

/** Where the code on a household's paper leads: to its log, for whoever may see it. */
export default async function Page({ params }: PageProps<"/paper/[code]">) {
  const householdId = await householdOnPaper((await params).code);
  if (!householdId) notFound();
  redirect(`/house/${householdId}/log`);
}
