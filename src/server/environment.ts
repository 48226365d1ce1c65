import * as z from "zod";
import { type Day, isDay } from "@/core/day";
import { isThere } from "@/db/pool";

const Environment = z.object({
  /** The day that the app takes for today; the demo and the tests fix it. */
  PIP_ROW_TODAY: z.string().refine(isDay, { error: "PIP_ROW_TODAY is no date like 2026-05-18" }).optional(),
});

/** The day that the environment fixes as today, if it does. */
export const fixedDay = (): Day | undefined => Environment.parse(process.env).PIP_ROW_TODAY;

/** Whether the database answers, without which nothing can be shown or stored. */
export const isHealthy = (): Promise<boolean> => isThere();
