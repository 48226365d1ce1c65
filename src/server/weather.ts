import { cache } from "react";
import * as z from "zod";
import type { Outcome } from "@/core/problem";
import { type Weather, WEATHER_MODES, WeatherReport } from "@/core/weather";
import { db } from "@/db/pool";
import { updateWeatherMode } from "@/db/programmes";
import { findWeather, forgetWeatherAge, type KnownWeather, noteWeatherTried, putWeather } from "@/db/weather";
import { askWeather } from "@/standins/weather";
import type { Actor } from "./actor";
import { outcomeOf, parsed } from "./outcome";
import { programmeToChange, readKnown, readProgramme } from "./programme";
import { climateOf, todayIn } from "./town";

/** What was told is asked anew after so long; a service that does not answer is left alone for so long, and waited for no longer than that. */
const FRESH_MS = 3 * 3600_000;
const AGAIN_MS = 10 * 60_000;
const WAIT_MS = 2000;

const since = (at: Date | null) => (at ? Date.now() - at.getTime() : Number.POSITIVE_INFINITY);

/** One town's weather stays the same however often it is asked. */
const seedOf = (programmeId: string) => Number.parseInt(programmeId.slice(0, 6), 16);

const late = () =>
  new Promise<never>((_, reject) =>
    setTimeout(() => reject(new Error("the weather service took too long")), WAIT_MS).unref(),
  );

const asWeather = (kept: KnownWeather | undefined, isOld: boolean): Weather | undefined =>
  kept?.askedAt && kept.days.length > 0
    ? { days: kept.days, askedAt: kept.askedAt.toISOString(), isOld }
    : undefined;

/** The weather of the actor's town: fresh, or as it was last known with its age; undefined where nobody ever told it. Read once a request. */
export const readWeather = cache(async (actor: Actor): Promise<Weather | undefined> => {
  const programme = await readProgramme(actor);
  const today = todayIn(programme);
  const [kept] = (await readKnown(actor)).weather;
  if (kept?.askedOn === today && since(kept.askedAt) < FRESH_MS) return asWeather(kept, false);
  if (
    kept &&
    since(kept.triedAt) < AGAIN_MS &&
    kept.askedOn !== today &&
    since(kept.triedAt) < since(kept.askedAt)
  )
    return asWeather(kept, true);
  try {
    const asked = {
      climate: climateOf(programme),
      on: today,
      mode: programme.weatherMode,
      seed: seedOf(programme.id),
    };
    const { days } = WeatherReport.parse(await Promise.race([askWeather(asked), late()]));
    await putWeather(db(actor), programme.id, { days, askedOn: today });
    return asWeather(await findWeather(db(actor), programme.id), false);
  } catch (error) {
    console.error(`no weather: ${error instanceof Error ? error.message : String(error)}`);
    await noteWeatherTried(db(actor), programme.id);
    return asWeather(kept, true);
  }
});

/** Switches how the simulated service behaves; it is asked anew at once. */
export function setWeatherMode(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const mode = parsed(z.enum(WEATHER_MODES), input);
    if (!mode.ok) return mode;
    await updateWeatherMode(db(actor), actor.programmeId, mode.value);
    await forgetWeatherAge(db(actor), actor.programmeId);
    return { ok: true, value: null };
  });
}
