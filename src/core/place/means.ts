import * as z from "zod";
import { DayText } from "../day";

/** A stretch in which nobody is there to water. */
export const Away = z
  .strictObject({ from: DayText, to: DayText })
  .refine((a) => a.from <= a.to, { error: "away-backwards", path: ["to"] });
export type Away = z.infer<typeof Away>;
