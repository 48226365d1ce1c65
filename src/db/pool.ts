import { Pool, type PoolClient, type QueryResult, types } from "pg";
import type { z } from "zod";

// Dates stay calendar dates: as text, without a zone.
types.setTypeParser(types.builtins.DATE, (text) => text);
// Counts come as bigint; none of ours passes 2^53.
types.setTypeParser(types.builtins.INT8, Number);

/** A statement of a page takes milliseconds; one that takes longer than this would only hold up all others. */
const STATEMENT_MS = 15_000;

/** Whose rows are seen and changed: those of a programme, or only of some of its households. */
export interface Sight {
  readonly programmeId: string;
  /** Left out: all households of the programme. */
  readonly households?: readonly string[];
}

/** What signs people in, migrates and works off the queue sees everything, as the owner of the tables. */
export type Seen = Sight | "everything";

/** The role that the application reads and writes with. The tables' policies hold it to what its connection says it sees. */
const APP_ROLE = "pip_row_app";

// One pool of each for the process; kept across reloads of the development server.
const held = globalThis as { pipRowPools?: { readonly app: Pool; readonly owner: Pool } };

function pools() {
  const connectionString = process.env.DATABASE_URL;
  if (!connectionString) throw new Error("DATABASE_URL is not set: it names the database to use.");
  const poolOf = (max: number, options = "") => {
    const pool = new Pool({
      connectionString,
      max,
      // Compiling a statement takes longer than any of ours does.
      options: `-c jit=off ${options}`,
      connectionTimeoutMillis: 4000,
      statement_timeout: STATEMENT_MS,
    });
    // One that drops while somebody has it fails the statement that it is at; said a second time, it would end the process.
    pool.on("connect", (client) => client.on("error", () => undefined));
    // A dropped idle connection is replaced at the next query; it must not end the process either.
    return pool.on("error", (error) => console.error(`database connection lost: ${error.message}`));
  };
  return (held.pipRowPools ??= { app: poolOf(10, `-c role=${APP_ROLE}`), owner: poolOf(6) });
}

/** The owner's pool itself, for packages that keep their own tables. */
export const ownerPool = (): Pool => pools().owner;

/** What each connection of the application's role was last told to see. */
const told = new WeakMap<PoolClient, string>();

/** A connection that sees so much, and no more; its user gives it back with `release`. */
export async function connectionOf(seen: Seen): Promise<PoolClient> {
  if (seen === "everything") return pools().owner.connect();
  const client = await pools().app.connect();
  const households = seen.households ? `{${seen.households.join(",")}}` : "";
  const sight = `${seen.programmeId} ${households}`;
  if (told.get(client) === sight) return client;
  try {
    told.delete(client);
    await client.query(
      `SELECT set_config('pip_row.programme', $1, false), set_config('pip_row.households', $2, false)`,
      [seen.programmeId, households],
    );
    told.set(client, sight);
    return client;
  } catch (error) {
    client.release(error as Error);
    throw error;
  }
}

/** Runs statements: one connection, or as many as it takes. */
export interface Db {
  readonly query: (sql: string, values?: unknown[]) => Promise<QueryResult>;
}

/** The database as somebody sees it, for what needs no transaction. */
export const db = (seen: Seen): Db => ({
  query: async (sql, values) => {
    const client = await connectionOf(seen);
    try {
      return await client.query(sql, values);
    } finally {
      client.release();
    }
  },
});

/** One statement for `rowsOf`: its SQL, and the values of $1, $2 and so on. */
export interface Statement {
  readonly sql: string;
  readonly values?: readonly unknown[];
}

/**
 * All rows of one statement, each read by a schema: what comes out of the database is checked like all that comes in.
 *
 * @throws {ZodError} when a row is not what the release expects
 */
export async function rowsOf<S extends z.ZodType>(
  on: Db,
  row: S,
  { sql, values = [] }: Statement,
): Promise<z.output<S>[]> {
  const { rows } = await on.query(sql, [...values]);
  return rows.map((each) => row.parse(each));
}

/** The only row of one statement; undefined when there is none. */
export const rowOf = async <S extends z.ZodType>(
  on: Db,
  row: S,
  statement: Statement,
): Promise<z.output<S> | undefined> => (await rowsOf(on, row, statement))[0];

/** All rows of a statement as one JSON value, to be read beside others in one statement. Days come as text, instants too. */
export const asJson = (sql: string): string => `(SELECT coalesce(jsonb_agg(one), '[]') FROM (${sql}) one)`;

/** Runs `work` in one transaction that sees so much; an error rolls all of it back. */
export async function transaction<T>(seen: Seen, work: (on: Db) => Promise<T>): Promise<T> {
  const client = await connectionOf(seen);
  try {
    await client.query("BEGIN");
    const value = await work(client);
    await client.query("COMMIT");
    client.release();
    return value;
  } catch (error) {
    await client.query("ROLLBACK").then(
      () => client.release(),
      (broken: Error) => client.release(broken),
    );
    throw error;
  }
}

/** Whether the database answers now. */
export async function isThere(): Promise<boolean> {
  try {
    await ownerPool().query("SELECT 1");
    return true;
  } catch {
    return false;
  }
}

/** Whether an error means that the database cannot be reached now, so that trying later makes sense. */
export function isUnreachable(error: unknown): boolean {
  const code = (error as { code?: string } | null)?.code ?? "";
  const message = error instanceof Error ? error.message : "";
  return (
    [
      "ECONNREFUSED",
      "ECONNRESET",
      "ENOTFOUND",
      "ETIMEDOUT",
      "EPIPE",
      "57P01",
      "57P02",
      "57P03",
      "08006",
      "08001",
      "53300",
    ].includes(code) || /connection terminated|timeout exceeded when trying to connect/i.test(message)
  );
}

/** The name of the constraint that a statement broke; undefined for any other error. */
export const brokenConstraint = (error: unknown): string | undefined =>
  (error as { constraint?: string } | null)?.constraint;

export async function closePool(): Promise<void> {
  await Promise.all([held.pipRowPools?.app.end(), held.pipRowPools?.owner.end()]);
  held.pipRowPools = undefined;
}
