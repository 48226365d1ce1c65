import * as z from "zod";
import { type Day, DayText } from "@/core/day";
import { WeatherDay } from "@/core/weather";
import { type Db, rowOf } from "./pool";

export const KnownWeather = z.object({
  days: z.array(WeatherDay),
  /** The day for which it was asked, and when; null where it never answered. */
  askedOn: DayText.nullable(),
  askedAt: z.coerce.date().nullable(),
  triedAt: z.coerce.date(),
});
export type KnownWeather = z.infer<typeof KnownWeather>;

/** The weather of the town of programme $1, as it was last told. */
export const WEATHER = `SELECT days, asked_on AS "askedOn", asked_at AS "askedAt", tried_at AS "triedAt" FROM weather WHERE programme_id = $1`;

/** The weather of a programme's town as it was last told; undefined where nobody ever asked. */
export const findWeather = (on: Db, programmeId: string): Promise<KnownWeather | undefined> =>
  rowOf(on, KnownWeather, { sql: WEATHER, values: [programmeId] });

/** Keeps what the service told on a day. */
export async function putWeather(
  on: Db,
  programmeId: string,
  { days, askedOn }: { readonly days: readonly WeatherDay[]; readonly askedOn: Day },
): Promise<void> {
  await on.query(
    `INSERT INTO weather (programme_id, days, asked_on, asked_at, tried_at) VALUES ($1, $2, $3, now(), now())
     ON CONFLICT (programme_id) DO UPDATE SET days = excluded.days, asked_on = excluded.asked_on, asked_at = now(), tried_at = now()`,
    [programmeId, JSON.stringify(days), askedOn],
  );
}

/** Notes that the service was asked and did not answer: what it told before stays. */
export async function noteWeatherTried(on: Db, programmeId: string): Promise<void> {
  await on.query(
    `INSERT INTO weather (programme_id, days, tried_at) VALUES ($1, '[]', now())
     ON CONFLICT (programme_id) DO UPDATE SET tried_at = now()`,
    [programmeId],
  );
}

/** Has the service asked anew at the next turn; what it told stays until then. */
export async function forgetWeatherAge(on: Db, programmeId: string): Promise<void> {
  await on.query(`UPDATE weather SET tried_at = 'epoch', asked_on = NULL WHERE programme_id = $1`, [
    programmeId,
  ]);
}
