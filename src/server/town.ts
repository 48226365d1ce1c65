import type { Climate } from "@/core/climate";
import { type Day, dayAt } from "@/core/day";
import type { Programme } from "@/db/programmes";
import { CLIMATES, findClimate } from "@/library";
import { fixedDay } from "./environment";

/** The town's own climate, or the library's profile. */
export function climateOf(programme: Programme): Climate {
  if (programme.climate) return { id: "own", ...programme.climate };
  const climate = findClimate(programme.climateId);
  if (!climate) throw new Error(`the library has no climate ${programme.climateId}`);
  return climate;
}

/** Today where the programme is: by the clocks of its town, or of the server while nobody has said where it lies. */
export const todayIn = (programme: Programme): Day =>
  fixedDay() ?? dayAt(new Date(), climateOf(programme).timeZone);

/** The hour of the day where the programme is, 0 to 23. */
export const hourIn = (programme: Programme): number =>
  Number(
    new Intl.DateTimeFormat("en-GB", {
      hour: "2-digit",
      hourCycle: "h23",
      timeZone: climateOf(programme).timeZone || undefined,
    }).format(new Date()),
  );

/** Profiles that a town may start from, until it has a climate of its own. */
export const climateChoices = (): string[] => CLIMATES.map(({ id }) => id);
