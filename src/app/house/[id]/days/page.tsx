import { notFound, redirect } from "next/navigation";
import { addRecordAction } from "@/app/actions";
import { screen } from "@/app/screen";
import { readHousehold } from "@/server/households";
import { readSetting } from "@/server/judging";
import { readPlan } from "@/server/plans";
import { readOverrides, readToday } from "@/server/programme";
import { readDone } from "@/server/records";
import { isSurveyed } from "@/server/setting";
import { Days } from "@/ui/days/days";
import { t } from "@/ui/words/translate";

export const metadata = { title: t("days.title") };

export default async function Page({ params }: PageProps<"/house/[id]/days">) {
  const { id } = await params;
  return screen(async (actor) => {
    const household = await readHousehold(actor, id);
    if (!household) notFound();
    if (!isSurveyed(household)) redirect(`/house/${id}/doorstep`);
    const [{ plan }, setting, overrides, today, records] = await Promise.all([
      readPlan(actor, id),
      readSetting(actor, household),
      readOverrides(actor),
      readToday(actor),
      readDone(actor, id),
    ]);
    return (
      <Days
        householdId={id}
        title={`${t("days.title")}: ${household.code} ${household.name}`}
        today={today}
        plan={plan}
        setting={setting}
        overrides={overrides}
        records={records}
        away={household.away}
        store={addRecordAction}
      />
    );
  });
}
