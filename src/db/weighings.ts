import * as z from "zod";
import { COUNTED, type Weighing } from "@/core/record";
import type { Db } from "./pool";

export const Weighed = z.object({ goalId: z.string(), measure: z.enum(COUNTED), grams: z.array(z.number()) });

/** What bunches and pieces weigh in programme $1, the newest list of each goal. */
export const WEIGHINGS = `SELECT DISTINCT ON (goal_id, measure) goal_id AS "goalId", measure, grams FROM weighing
  WHERE programme_id = $1 ORDER BY goal_id, measure, id DESC`;

/** Keeps what some bunches or pieces of a goal weighed. */
export async function insertWeighing(
  on: Db,
  programmeId: string,
  { goalId, measure, grams, author }: Weighing & { readonly author: string },
): Promise<void> {
  await on.query(
    `INSERT INTO weighing (programme_id, goal_id, measure, grams, author) VALUES ($1, $2, $3, $4, $5)`,
    [programmeId, goalId, measure, grams, author],
  );
}
