import * as z from "zod";
import { type Day } from "@/core/day";
import type { Price } from "@/core/money";
import { type Db, rowsOf } from "./pool";
import { STANDS } from "./scope";

/** What programme $1 pays now, by item. */
export const PRICES = `SELECT item, minor, size FROM (
    SELECT DISTINCT ON (item) item, minor, size FROM price WHERE programme_id = $1 ORDER BY item, id DESC
  ) newest WHERE minor IS NOT NULL ORDER BY item`;

/** Puts prices in place; a null amount takes one away. */
export async function insertPrices(
  on: Db,
  programmeId: string,
  author: string,
  prices: readonly (Omit<Price, "minor"> & { readonly minor: number | null })[],
): Promise<void> {
  await on.query(
    `INSERT INTO price (programme_id, author, item, minor, size)
     SELECT $1, $2, x.item, x.minor, x.size FROM jsonb_to_recordset($3) AS x(item text, minor integer, size double precision)`,
    [programmeId, author, JSON.stringify(prices)],
  );
}

const Seen = z.object({
  cropId: z.string(),
  times: z.number(),
  low: z.number(),
  middle: z.number(),
  high: z.number(),
});
/** What people saw a crop being sold for, in the currency for a kg: the lowest, the middle one and the highest of so many. */
export type SeenPrice = z.infer<typeof Seen>;

/** The prices that were seen in a programme since a day, by crop. */
export const listSeenPrices = (on: Db, programmeId: string, since: Day): Promise<SeenPrice[]> =>
  rowsOf(on, Seen, {
    sql: `SELECT split_part(p.goal_id, '/', 1) AS "cropId", count(*)::int AS times, min(t.value) AS low,
        percentile_cont(0.5) WITHIN GROUP (ORDER BY t.value) AS middle, max(t.value) AS high
      FROM record t JOIN planting p ON p.id = t.planting_id
      WHERE t.programme_id = $1 AND t.kind = 'priced' AND t.happened_on >= $2 AND ${STANDS} GROUP BY 1 ORDER BY 1`,
    values: [programmeId, since],
  });
