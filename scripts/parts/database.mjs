import { must } from "./run.mjs";
import { at, ROOT } from "./machine.mjs";

const tsx = (file, env) => [
  process.execPath,
  [at("node_modules/tsx/dist/cli.mjs"), at(file)],
  { cwd: ROOT, env: { ...process.env, ...env } },
];

/** Brings the database up to this release. @returns what was done, in a line */
export const migrateDatabase = async (url) =>
  (
    await must("The database could not be migrated.", ...tsx("src/db/migrate.ts", { DATABASE_URL: url }))
  ).trim();

/** The day on which the demo stands still, unless another is set. */
export const DEMO_DAY = process.env.PIP_ROW_TODAY ?? "2026-05-18";

/** Loads the demo programme, as it is on the demo's day, if the database is empty. @returns what was done, in a line */
export const loadDemo = async (url) =>
  (
    await must(
      "The demo programme could not be loaded.",
      ...tsx("src/demo/load.ts", { DATABASE_URL: url, PIP_ROW_TODAY: DEMO_DAY }),
    )
  ).trim();

/** The cookie of the demo's trainer, with whom benches ask for pages. */
export const trainersCookie = async (url) =>
  (
    await must(
      "The demo's trainer could not sign in.",
      ...tsx("src/demo/session.ts", { DATABASE_URL: url, PIP_ROW_TODAY: DEMO_DAY }),
    )
  ).trim();
