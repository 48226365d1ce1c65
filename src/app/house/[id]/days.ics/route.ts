import { addDays } from "@/core/day";
import { type Task, tasksOf } from "@/core/days";
import { calendarFile } from "@/core/exchange";
import { assessGarden } from "@/core/garden";
import { settingFrom } from "@/core/setting";
import { fileResponse } from "@/app/file";
import { readUnits } from "@/app/units";
import { currentActor } from "@/server/actor";
import { readHousehold } from "@/server/households";
import { readSetting } from "@/server/judging";
import { outcomeOf, refused } from "@/server/outcome";
import { readPlan } from "@/server/plans";
import { readProgramme, readReference, readToday } from "@/server/programme";
import { readDone } from "@/server/records";
import { isSurveyed } from "@/server/setting";
import { taskWords } from "@/ui/days/task-words";
import { wordsFor } from "@/ui/words/words-for";

/** So far ahead a calendar is told. */
const AHEAD_DAYS = 180;

/** A household's days as a calendar file: all that is to come, and what is late, on today. Watering goes by the weather, and is left out. */
export const GET = async (
  _request: Request,
  { params }: RouteContext<"/house/[id]/days.ics">,
): Promise<Response> =>
  fileResponse(
    await outcomeOf(async () => {
      const { id } = await params;
      const actor = await currentActor();
      const household = await readHousehold(actor, id);
      if (!household || !isSurveyed(household)) return refused({ code: "not-found" });
      const [{ plan }, plain, reference, today, records, { currency }] = await Promise.all([
        readPlan(actor, id),
        readSetting(actor, household),
        readReference(actor),
        readToday(actor),
        readDone(actor, id),
        readProgramme(actor),
      ]);
      const words = wordsFor(await readUnits(), currency);
      const setting = settingFrom(plain, reference);
      const garden = assessGarden(plan, setting);
      const last = addDays(today, AHEAD_DAYS);
      const isTold = ({ kind, from }: Task) => kind !== "water" && kind !== "vent" && from <= last;
      const entries = tasksOf(garden, records, { setting, today })
        .filter(isTold)
        .map((task) => {
          const { title, detail } = taskWords(task, words);
          const row = garden.rows[task.row - 1];
          const where = row ? `${task.row} ${words.bag(row.bag.kindId)}` : String(task.row);
          return {
            id: task.id,
            on: task.from < today ? today : task.from,
            title: words.t("days.reminder", { row: where, what: title }),
            text: [detail, words.t("days.until", { day: words.longDay(task.until) })]
              .filter(Boolean)
              .join("\n"),
          };
        });
      const name = `${household.code} ${household.name}`;
      return {
        ok: true,
        value: {
          name: `days-house-${household.code}.ics`,
          type: "text/calendar; charset=utf-8",
          parts: [calendarFile(name, entries, new Date().toISOString())],
        },
      };
    }),
  );
