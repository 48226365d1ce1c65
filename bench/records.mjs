/** Runs `bench/records.ts` in a database of its own, at ten thousand records and at a million. `-- 100000` stops there. */
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { loadDemo, migrateDatabase } from "../scripts/parts/database.mjs";
import { at, ROOT } from "../scripts/parts/machine.mjs";
import { startPostgres } from "../scripts/parts/postgres.mjs";
import { must } from "../scripts/parts/run.mjs";

const MOST = Number(process.argv[2] ?? 1_000_000);
const home = mkdtempSync(join(tmpdir(), "pip-row-records-"));
chmodSync(home, 0o755);
const database = await startPostgres(join(home, "postgres"), {
  throwaway: true,
  settings: ["shared_buffers=256MB"],
});
const env = { ...process.env, DATABASE_URL: database.url, PIP_ROW_TODAY: "2026-05-18" };
const tsx = (file, ...args) =>
  must(`${file} failed.`, process.execPath, [at("node_modules/tsx/dist/cli.mjs"), at(file), ...args], {
    cwd: ROOT,
    env,
  });
try {
  await migrateDatabase(database.url);
  await loadDemo(database.url);
  for (const records of [10_000, MOST]) {
    await tsx("src/demo/multiply.ts", "1000", String(records));
    console.log((await tsx("bench/records.ts")).trim());
  }
} finally {
  await database.stop();
  rmSync(home, { recursive: true, force: true });
}
