import * as z from "zod";
import { DayText } from "../day";

/** How sure a household's hands are: its first season, some seasons behind it, or able to show others. */
export const SKILLS = ["first", "some", "sure"] as const;
export type Skill = (typeof SKILLS)[number];

/** A stretch in which nobody is there to water. */
export const Away = z
  .strictObject({ from: DayText, to: DayText })
  .refine((a) => a.from <= a.to, { error: "away-backwards", path: ["to"] });
export type Away = z.infer<typeof Away>;
