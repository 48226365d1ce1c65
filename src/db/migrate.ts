import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { runner } from "node-pg-migrate";
import { Client } from "pg";

const FOLDER = fileURLToPath(new URL("./migrations", import.meta.url));
const RIGHTS = fileURLToPath(new URL("./rights.sql", import.meta.url));
const TABLE = "pgmigrations";

/** The database was migrated by a newer release than this one. */
export class NewerDatabase extends Error {}

/**
 * Brings a database up to this release's tables.
 * @throws {NewerDatabase} when it holds migrations that this release does not know: nothing is changed then
 */
export async function migrate(databaseUrl: string): Promise<string[]> {
  const known = readdirSync(FOLDER).map((file) => file.replace(/\.sql$/, ""));
  const client = new Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    const { rows: tables } = await client.query("SELECT to_regclass($1) AS found", [TABLE]);
    if (tables[0].found) {
      const { rows } = await client.query<{ name: string }>(`SELECT name FROM ${TABLE}`);
      const foreign = rows.find((row) => !known.includes(row.name));
      if (foreign)
        throw new NewerDatabase(
          `The database is of a newer version of Pip Row (it has ${foreign.name}). Update Pip Row, or use another database.`,
        );
    }
  } finally {
    await client.end();
  }
  const done = await runner({
    databaseUrl,
    dir: FOLDER,
    migrationsTable: TABLE,
    direction: "up",
    log: () => {},
  });
  await giveRights(databaseUrl);
  return done.map((m) => m.name);
}

async function giveRights(connectionString: string): Promise<void> {
  const client = new Client({ connectionString });
  await client.connect();
  try {
    await client.query(readFileSync(RIGHTS, "utf8"));
  } finally {
    await client.end();
  }
}

if (process.argv[1]?.endsWith("migrate.ts")) {
  const url = process.env.DATABASE_URL;
  if (!url) {
    console.error("DATABASE_URL is not set: it names the database to migrate.");
    process.exit(1);
  }
  try {
    const done = await migrate(url);
    console.log(done.length > 0 ? `migrated: ${done.join(", ")}` : "the database is up to date");
  } catch (error) {
    console.error(error instanceof Error ? error.message : error);
    process.exit(1);
  }
}
