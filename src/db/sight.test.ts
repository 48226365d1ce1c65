import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import * as z from "zod";
import type { Actor } from "@/server/actor";
import { addRecord } from "@/server/records";
import { savePlan } from "@/server/plans";
import { householdOf, planWith, record, tinyJpeg, twoTrainers } from "@/testing/programme";
import { closePool, connectionOf, db, rowsOf, type Seen, transaction } from "./pool";

/** Tables with a row for each household, and tables of the whole programme. */
const OF_HOUSEHOLDS = [
  "bag",
  "due_task",
  "household_progress",
  "need",
  "place",
  "plan",
  "plan_row",
  "plan_version",
  "planting",
  "planting_progress",
  "record",
  "picked_week",
  "planting_summary",
  "photo",
];
const ACCOUNTS = ["auth_user", "auth_session", "auth_account", "auth_secret", "auth_tries", "pgmigrations"];

let trainer: Actor;
let stranger: Actor;
let mine = "";
let plantingId = "";
beforeAll(async () => {
  ({ trainer, stranger } = await twoTrainers());
  mine = await householdOf(trainer);
  const made = planWith();
  plantingId = made.plantingId;
  await savePlan(trainer, mine, 0, made.plan);
  await addRecord(trainer, mine, record(plantingId));
  const theirs = await householdOf(stranger);
  const seen = () => record(null, { kind: "note", amount: null, detail: { photo: true } });
  await addRecord(trainer, mine, seen(), tinyJpeg());
  await addRecord(stranger, theirs, seen(), tinyJpeg());
});
afterAll(closePool);

/** Which households, and which programmes, a statement without any filter comes back with. */
const foundIn = async (seen: Seen, table: string) =>
  rowsOf(db(seen), z.object({ programmeId: z.string(), householdId: z.string() }), {
    sql: `SELECT DISTINCT programme_id AS "programmeId", household_id AS "householdId" FROM ${table}`,
  });

describe("a statement with a forgotten filter", () => {
  it.each(OF_HOUSEHOLDS)(
    "finds in %s a trainer's own programme, a household's own rows, and no others",
    async (table) => {
      const all = await foundIn("everything", table);
      expect(new Set(all.map((r) => r.householdId)).size, "there is more than one to find").toBeGreaterThan(
        1,
      );
      const own = await foundIn(trainer, table);
      expect(own).toHaveLength(all.filter((r) => r.programmeId === trainer.programmeId).length);
      expect(new Set(own.map((r) => r.programmeId))).toEqual(new Set([trainer.programmeId]));
      const kept = await foundIn({ ...trainer, households: [mine] }, table);
      expect(kept).toEqual([{ programmeId: trainer.programmeId, householdId: mine }]);
      // Of another programme, its own households show it nothing.
      expect(await foundIn({ ...stranger, households: [mine] }, table)).toEqual([]);
      expect(await foundIn({ ...trainer, households: [] }, table)).toEqual([]);
    },
  );

  it("finds one household by name, and of the programme what a garden needs", async () => {
    const kept = { ...trainer, households: [mine] };
    const count = async (seen: Seen, sql: string) => (await db(seen).query(sql)).rows[0].n as number;
    expect(await count(kept, `SELECT count(*)::int AS n FROM household`)).toBe(1);
    expect(await count(kept, `SELECT count(*)::int AS n FROM programme`)).toBe(1);
    expect(await count(kept, `SELECT count(*)::int AS n FROM price`)).toBeGreaterThan(10);
    for (const table of ["member", "member_change", "household_group", "stock", "print"])
      expect(await count(kept, `SELECT count(*)::int AS n FROM ${table}`), table).toBe(0);
    expect(await count(stranger, `SELECT count(*)::int AS n FROM price`)).toBe(0);
  });

  it("writes and takes away nothing of others", async () => {
    const kept = { ...trainer, households: [mine] };
    const other = (await foundIn(trainer, "place")).find((r) => r.householdId !== mine)!;
    const changed = await db(kept).query(`UPDATE household SET name = 'taken' WHERE id <> $1`, [mine]);
    expect(changed.rowCount).toBe(0);
    expect((await db(kept).query(`DELETE FROM place WHERE household_id <> $1`, [mine])).rowCount).toBe(0);
    await expect(
      db(kept).query(
        `INSERT INTO need (programme_id, household_id, item, amount) VALUES ($1, $2, 'bag/cup', 1)`,
        [trainer.programmeId, other.householdId],
      ),
    ).rejects.toThrow(/row-level security/);
    await expect(
      db(kept).query(
        `INSERT INTO price (programme_id, item, minor, size, author) VALUES ($1, 'bag/cup', 1, 1, '')`,
        [trainer.programmeId],
      ),
    ).rejects.toThrow(/row-level security/);
    expect(await addRecord({ ...kept, role: "household" }, other.householdId, record(null))).toMatchObject({
      problem: { code: "not-allowed" },
    });
  });
});

it("reads no account, and is a role that cannot pass by its policies", async () => {
  for (const table of ACCOUNTS)
    await expect(db(trainer).query(`SELECT 1 FROM ${table}`), table).rejects.toThrow(/permission denied/);
  const [role] = (
    await db(trainer).query(
      `SELECT current_user AS name, rolsuper, rolbypassrls FROM pg_roles WHERE rolname = current_user`,
    )
  ).rows;
  expect(role).toEqual({ name: "pip_row_app", rolsuper: false, rolbypassrls: false });
  // Every table but the accounts' is held by a policy: one that is added without is found here.
  const { rows } = await db("everything").query(
    `SELECT relname FROM pg_class WHERE relkind = 'r' AND relnamespace = 'public'::regnamespace AND NOT relrowsecurity`,
  );
  expect(rows.map((r: { relname: string }) => r.relname).sort()).toEqual(
    [...ACCOUNTS, "auth_verification"].sort(),
  );
});

it("is asked once a statement, in words that the planner takes for likely", async () => {
  const { rows } = await db("everything").query(
    `SELECT tablename || ' ' || policyname AS name, qual FROM pg_policies WHERE schemaname = 'public'`,
  );
  expect(rows.length).toBeGreaterThan(20);
  const slow = rows.filter(
    ({ qual }: { qual: string }) => /(?<!SELECT )seen_\w+\(\)/.test(qual) || / IS NULL\) OR /.test(qual),
  );
  expect(slow.map(({ name }: { name: string }) => name)).toEqual([]);
});

it("sees nothing on a connection that was told nothing, and never what the one before saw", async () => {
  const client = await connectionOf(trainer);
  try {
    await client.query("RESET pip_row.programme");
    expect((await client.query(`SELECT 1 FROM household`)).rowCount).toBe(0);
  } finally {
    client.release(true);
  }
  // Many at once, by turns of two programmes, over the same few connections.
  const seen = await Promise.all(
    Array.from({ length: 60 }, (_, i) => (i % 2 ? trainer : stranger)).map(async (actor) => {
      const { rows } = await db(actor).query(`SELECT DISTINCT programme_id AS id FROM household`);
      return rows.length === 1 && rows[0].id === actor.programmeId;
    }),
  );
  expect(seen.every(Boolean)).toBe(true);
  // What one transaction saw is not what the next one sees, though it was rolled back.
  await transaction(trainer, async () => {
    throw new Error("rolled back");
  }).catch(() => undefined);
  const { rows } = await db({ programmeId: randomUUID() }).query(`SELECT 1 FROM household`);
  expect(rows).toEqual([]);
});
