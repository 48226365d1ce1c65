import { randomBytes } from "node:crypto";
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { loadDemo, migrateDatabase } from "./database.mjs";
import { startPostgres } from "./postgres.mjs";
import { say } from "./say.mjs";

/** A database for one run of the tests, with the demo programme in it; `stop` removes it. */
export async function throwawayDatabase() {
  const home = mkdtempSync(join(tmpdir(), "pip-row-test-"));
  chmodSync(home, 0o755);
  const database = await startPostgres(join(home, "postgres"), { throwaway: true });
  say(await migrateDatabase(database.url));
  say(await loadDemo(database.url));
  return {
    url: database.url,
    stop: async () => {
      await database.stop();
      rmSync(home, { recursive: true, force: true });
    },
  };
}

/** One statement beside the databases of a cluster. */
async function beside(url, sql) {
  // It is installed only after this file is read on a new machine.
  const { default: pg } = await import("pg");
  const client = new pg.Client({
    connectionString: Object.assign(new URL(url), { pathname: "/postgres" }).href,
  });
  await client.connect();
  try {
    await client.query(sql);
  } finally {
    await client.end();
  }
}

/** A copy of a database that nobody is connected to, in the same cluster; `drop` removes it. */
export async function copyOf(url) {
  const name = `copy_${randomBytes(6).toString("hex")}`;
  await beside(url, `CREATE DATABASE ${name} TEMPLATE ${new URL(url).pathname.slice(1)}`);
  return {
    url: Object.assign(new URL(url), { pathname: `/${name}` }).href,
    drop: () => beside(url, `DROP DATABASE ${name} WITH (FORCE)`),
  };
}
