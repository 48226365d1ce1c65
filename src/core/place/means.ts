import { z } from "zod";
import { isDay } from "../day";

/** How sure a household's hands are: its first season, some seasons behind it, or able to show others. */
export const SKILLS = ["first", "some", "sure"] as const;
export type Skill = (typeof SKILLS)[number];

const DateText = z.string().refine(isDay, { error: "not-a-date" });

/** A stretch in which nobody is there to water. */
export const Away = z
  .strictObject({ from: DateText, to: DateText })
  .refine((a) => a.from <= a.to, { error: "away-backwards", path: ["to"] });
export type Away = z.infer<typeof Away>;
