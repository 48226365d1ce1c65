import { Pool, type PoolClient, type QueryResultRow, types } from "pg";

// Dates stay calendar dates: as text, without a zone.
types.setTypeParser(types.builtins.DATE, (text) => text);

// One pool for the process; kept across reloads of the development server.
const held = globalThis as { pipRowPool?: Pool };

function pool(): Pool {
  if (!held.pipRowPool) {
    const connectionString = process.env.DATABASE_URL;
    if (!connectionString) throw new Error("DATABASE_URL is not set: it names the database to use.");
    held.pipRowPool = new Pool({ connectionString, max: 10, connectionTimeoutMillis: 4000 });
    // A dropped idle connection is replaced at the next query; it must not end the process.
    held.pipRowPool.on("error", (error) => console.error(`database connection lost: ${error.message}`));
  }
  return held.pipRowPool;
}

/** Runs statements: the pool itself, or one connection inside a transaction. */
export type Db = Pick<PoolClient, "query">;

/** The pool as a `Db`, for what needs no transaction. */
export const db = (): Db => pool();

/** All rows of one statement. */
export async function rowsOf<T extends QueryResultRow>(
  on: Db,
  sql: string,
  values: readonly unknown[] = [],
): Promise<T[]> {
  return (await on.query<T>(sql, [...values])).rows;
}

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
