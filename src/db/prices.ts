import { Price } from "@/core/money";
import { type Db, rowsOf } from "./pool";

/** What a programme pays now, by item. */
export const listPrices = (on: Db, programmeId: string): Promise<Price[]> =>
  rowsOf(on, Price, {
    sql: `SELECT item, minor, size FROM (
        SELECT DISTINCT ON (item) item, minor, size FROM price WHERE programme_id = $1 ORDER BY item, id DESC
      ) newest WHERE minor IS NOT NULL ORDER BY item`,
    values: [programmeId],
  });

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
