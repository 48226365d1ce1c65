import * as z from "zod";
import type { Day } from "@/core/day";
import type { Need } from "@/core/needs";
import { type Db, rowsOf } from "./pool";
import { HERE, type Scope } from "./scope";

/** Keeps what a household's plan has to buy, in place of what was kept. */
export async function putNeeds(
  on: Db,
  { programmeId, householdId }: Scope,
  needs: readonly Need[],
): Promise<void> {
  await on.query(`DELETE FROM need WHERE programme_id = $1 AND household_id = $2`, [
    programmeId,
    householdId,
  ]);
  await on.query(
    `INSERT INTO need (programme_id, household_id, item, amount, from_day, until_day)
     SELECT $1, $2, x.item, x.amount, x."from", x.until
     FROM jsonb_to_recordset($3) AS x(item text, amount double precision, "from" date, until date) WHERE x.amount > 0`,
    [programmeId, householdId, JSON.stringify(needs)],
  );
}

const Needed = z.object({ item: z.string(), amounts: z.array(z.number()) });

const Sharers = z.object({ group: z.string(), households: z.number() });

/** Needs that hold on the day that is the second value. */
const ON_DAY = `(from_day IS NULL OR from_day <= $2) AND (until_day IS NULL OR until_day >= $2)`;

/** Of all households, or of those of one group: the third value. */
const OF_GROUP = `($3::uuid IS NULL OR household_id IN (SELECT id FROM household WHERE programme_id = $1 AND group_id = $3))`;

/** Everything that the households of a programme, or of one group, still have to buy on a day: each item, with what each household that needs it needs. */
export const listOrder = (on: Db, programmeId: string, day: Day, groupId?: string) =>
  rowsOf(on, Needed, {
    sql: `SELECT item, array_agg(amount) AS amounts FROM (
        SELECT household_id, item, sum(amount) AS amount FROM need
        WHERE programme_id = $1 AND ${HERE} AND ${ON_DAY} AND ${OF_GROUP} GROUP BY household_id, item
      ) own GROUP BY item ORDER BY item`,
    values: [programmeId, day, groupId ?? null],
  });

const Stock = z.object({ item: z.string(), amount: z.number() });

/** What a programme has in store. */
export const listStock = (on: Db, programmeId: string) =>
  rowsOf(on, Stock, {
    sql: `SELECT item, amount FROM stock WHERE programme_id = $1 AND amount > 0 ORDER BY item`,
    values: [programmeId],
  });

/** Keeps how much of an item a programme has in store. */
export async function putStock(
  on: Db,
  programmeId: string,
  author: string,
  { item, amount }: { readonly item: string; readonly amount: number },
): Promise<void> {
  await on.query(
    `INSERT INTO stock (programme_id, item, amount, author) VALUES ($1, $2, $3, $4)
     ON CONFLICT (programme_id, item) DO UPDATE SET amount = excluded.amount, author = excluded.author, changed_at = now()`,
    [programmeId, item, amount, author],
  );
}

const Parcel = z.object({
  householdId: z.string(),
  code: z.string(),
  name: z.string(),
  lines: z.array(z.object({ item: z.string(), amount: z.number() })),
  /** Households that get anything at all. */
  all: z.number(),
});
/** What one household gets on a hand-out day, and how many households get anything. */
export type Parcel = z.infer<typeof Parcel>;

export const PARCELS_A_PAGE = 24;

/** What each household still has to buy on a day, by its code; one page of those that have to buy anything. */
export const listParcels = (
  on: Db,
  programmeId: string,
  { day, page, groupId }: { readonly day: Day; readonly page: number; readonly groupId?: string },
): Promise<Parcel[]> =>
  rowsOf(on, Parcel, {
    sql: `WITH own AS (
        SELECT household_id, count(*) OVER () AS all FROM need
        WHERE programme_id = $1 AND ${HERE} AND ${ON_DAY} AND ${OF_GROUP} GROUP BY household_id
      ), page AS (
        SELECT h.id, h.code, h.name, h.number, own.all FROM own JOIN household h ON h.id = own.household_id
        ORDER BY h.number LIMIT ${PARCELS_A_PAGE} OFFSET $4
      )
      SELECT page.id AS "householdId", page.code, page.name, page.all, (
        SELECT jsonb_agg(jsonb_build_object('item', item, 'amount', amount) ORDER BY item) FROM (
          SELECT item, sum(amount) AS amount FROM need WHERE programme_id = $1 AND household_id = page.id AND ${ON_DAY} GROUP BY item
        ) needed
      ) AS lines
      FROM page ORDER BY page.number`,
    values: [programmeId, day, groupId ?? null, (page - 1) * PARCELS_A_PAGE],
  });

/** How many households of a programme still have to buy something of each group of items on a day. */
export const countSharers = (on: Db, programmeId: string, day: Day) =>
  rowsOf(on, Sharers, {
    sql: `SELECT split_part(item, '/', 1) AS "group", count(DISTINCT household_id) AS households FROM need
      WHERE programme_id = $1 AND ${HERE} AND ${ON_DAY} GROUP BY 1`,
    values: [programmeId, day],
  });
