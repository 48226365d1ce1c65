import { Pool, type PoolClient, types } from "pg";
import type { z } from "zod";

// Dates stay calendar dates: as text, without a zone.
types.setTypeParser(types.builtins.DATE, (text) => text);
// Counts come as bigint; none of ours passes 2^53.
types.setTypeParser(types.builtins.INT8, Number);

/** A statement of a page takes milliseconds; one that takes longer than this would only hold up all others. */
const STATEMENT_MS = 15_000;

// One pool for the process; kept across reloads of the development server.
const held = globalThis as { pipRowPool?: Pool };

function pool(): Pool {
  if (!held.pipRowPool) {
    const connectionString = process.env.DATABASE_URL;
    if (!connectionString) throw new Error("DATABASE_URL is not set: it names the database to use.");
    held.pipRowPool = new Pool({
      connectionString,
      max: 10,
      connectionTimeoutMillis: 4000,
      statement_timeout: STATEMENT_MS,
    });
    // A dropped idle connection is replaced at the next query; it must not end the process.
    held.pipRowPool.on("error", (error) => console.error(`database connection lost: ${error.message}`));
  }
  return held.pipRowPool;
}

/** Runs statements: the pool itself, or one connection inside a transaction. */
export type Db = Pick<PoolClient, "query">;

/** The pool as a `Db`, for what needs no transaction. */
export const db = (): Db => pool();

/** A connection of its own, for what reads on and on; its user gives it back with `release`. */
export const connectionOf = (): Promise<PoolClient> => pool().connect();

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

/** Runs `work` in one transaction; an error rolls all of it back. */
export async function transaction<T>(work: (on: Db) => Promise<T>): Promise<T> {
  const client = await pool().connect();
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
    await pool().query("SELECT 1");
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
  await held.pipRowPool?.end();
  held.pipRowPool = undefined;
}
