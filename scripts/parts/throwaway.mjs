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
