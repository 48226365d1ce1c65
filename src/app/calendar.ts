import { tasksOf } from "@/core/days";
import { calendarFile } from "@/core/exchange";
import { assessGarden } from "@/core/garden";
import type { Outcome } from "@/core/problem";
import { settingFrom } from "@/core/setting";
import { readUnits } from "@/app/units";
import type { Actor } from "@/server/actor";
import { readGarden } from "@/server/garden";
import { readHousehold } from "@/server/households";
import { refused } from "@/server/outcome";
import { readProgramme, readReference } from "@/server/programme";
import { isSurveyed } from "@/server/setting";
import { calendarEntries } from "@/ui/days/calendar-entries";
import { wordsFor } from "@/ui/words/words-for";

/** A household's days as a calendar file, in the reader's units. */
export async function householdCalendar(
  actor: Actor,
  householdId: string,
): Promise<Outcome<{ name: string; type: string; parts: readonly string[] }>> {
  const household = await readHousehold(actor, householdId);
  if (!household || !isSurveyed(household)) return refused({ code: "not-found" });
  const { plan, setting: plain, today, records } = await readGarden(actor, household);
  const setting = settingFrom(plain, await readReference(actor));
  const garden = assessGarden(plan, setting);
  const words = wordsFor(await readUnits(), (await readProgramme(actor)).currency);
  const entries = calendarEntries(tasksOf(garden, records, { setting, today }), garden, today, words);
  const { code, name } = household;
  return {
    ok: true,
    value: {
      name: `days-house-${code}.ics`,
      type: "text/calendar; charset=utf-8",
      parts: [calendarFile(`${code} ${name}`, entries, new Date().toISOString())],
    },
  };
}
