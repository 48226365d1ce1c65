import * as z from "zod";
import { type Day, isDay } from "@/core/day";
import { isThere } from "@/db/pool";

const Environment = z.object({
  /** The day that the app takes for today; the demo and the tests fix it. */
  PIP_ROW_TODAY: z.string().refine(isDay, { error: "PIP_ROW_TODAY is no date like 2026-05-18" }).optional(),
});

/** Today as a calendar date where the server runs, or the day that the environment fixes. */
export function today(): { day: Day; fixed: boolean } {
  const { PIP_ROW_TODAY } = Environment.parse(process.env);
  if (PIP_ROW_TODAY) return { day: PIP_ROW_TODAY, fixed: true };
  const now = new Date();
  const two = (n: number) => String(n).padStart(2, "0");
  return { day: `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`, fixed: false };
}

/** Whether the database answers, without which nothing can be shown or stored. */
export const isHealthy = (): Promise<boolean> => isThere();
