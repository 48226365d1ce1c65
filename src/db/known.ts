import * as z from "zod";
import { known } from "@/core/known";
import { Price } from "@/core/money";
import { OverrideLine, OVERRIDES } from "./overrides";
import { asJson, type Db, rowOf } from "./pool";
import { PRICES } from "./prices";
import { Counted, GERMINATION } from "./progress";
import { KnownWeather, WEATHER } from "./weather";
import { Weighed, WEIGHINGS } from "./weighings";

const Known = z.object({
  overrides: z.array(OverrideLine),
  prices: z.array(Price),
  germination: z.array(Counted),
  weighings: z.array(Weighed),
  weather: z.array(KnownWeather).max(1),
});
/** What a programme knows besides the library: values of its own, what it pays, what came up and what bunches weigh; and the weather as it was last told, where anybody ever asked. */
export type Known = z.infer<typeof Known>;

/** What a programme knows, in one statement: nearly every page asks for some of it. */
export const readKnown = async (on: Db, programmeId: string): Promise<Known> =>
  known(
    await rowOf(on, Known, {
      sql: `SELECT ${asJson(OVERRIDES)} AS overrides, ${asJson(PRICES)} AS prices, ${asJson(GERMINATION)} AS germination,
        ${asJson(WEIGHINGS)} AS weighings, ${asJson(WEATHER)} AS weather`,
      values: [programmeId],
    }),
  );
