import { notFound } from "next/navigation";
import { placeInGroupAction, removeGroupAction, saveGroupAction } from "@/app/actions/households";
import { screen } from "@/app/screen";
import { readUnits } from "@/app/units";
import { lessonsOf, sessionOf } from "@/core/teaching";
import { nextMeeting, readGroup, readTaught } from "@/server/groups";
import { readProgramme } from "@/server/programme";
import { Lessons } from "@/ui/groups/lessons";
import { Members } from "@/ui/groups/members";
import { TogetherSession } from "@/ui/groups/session";
import { buttonClass } from "@/ui/primitives/button";
import { Link } from "@/ui/primitives/link";
import { ForChangers } from "@/ui/rights";
import { wordsFor } from "@/ui/words/words-for";
import { t } from "@/ui/words/all";

export const metadata = { title: t("groups.title") };

export default async function Page({ params }: PageProps<"/groups/[id]">) {
  const { id } = await params;
  return screen(async (actor) => {
    const group = await readGroup(actor, id);
    if (!group) notFound();
    const [{ today, members }, { sizes, currency }, units] = await Promise.all([
      readTaught(actor, group.members),
      readProgramme(actor),
      readUnits(),
    ]);
    const words = wordsFor(units, currency);
    const on = nextMeeting(group, today);
    return (
      <div className="grid gap-6 px-4 py-4 lg:px-6">
        <div>
          <h1 className="text-title font-bold wrap-anywhere">{group.name}</h1>
          <p className="mt-1 flex flex-wrap gap-2">
            <Link href={`/kit?group=${id}`} className={buttonClass("open")}>
              {t("groups.kit")}
            </Link>
            <Link href={`/nursery?group=${id}`} className={buttonClass("open")}>
              {t("groups.nurseryOf")}
            </Link>
            <Link href={`/days?group=${id}`} className={buttonClass("open")}>
              {t("groups.daysOf")}
            </Link>
          </p>
        </div>
        <ForChangers>
          <Members
            group={{ id, name: group.name, meetsOn: group.meetsOn }}
            members={group.members}
            today={today}
            save={saveGroupAction}
            place={placeInGroupAction}
            part={removeGroupAction}
          />
        </ForChangers>
        <TogetherSession session={sessionOf(members, on)} on={on} sizes={sizes} words={words} />
        <Lessons
          lessons={lessonsOf(members, group.meetsOn, today)}
          settings={Object.fromEntries(members.map((member) => [member.householdId, member.setting]))}
          sizes={sizes}
          words={words}
        />
      </div>
    );
  });
}
