import { chmodSync, existsSync, mkdirSync, renameSync, rmSync, statSync } from "node:fs";
import { dirname, join } from "node:path";
import { migrateDatabase } from "./database.mjs";
import { at, ensureDebian } from "./machine.mjs";
import { clientOf, hasPostgres, startPostgres } from "./postgres.mjs";
import { must, run } from "./run.mjs";
import { CannotGoOn } from "./say.mjs";

/** Runs one of PostgreSQL's commands on the database of `url`: in its surroundings, so that no list of processes shows the password. */
const asked = (url, name, args) => {
  const { hostname, port, username, password, pathname } = new URL(url);
  return [
    clientOf(name),
    args,
    {
      env: {
        ...process.env,
        PGHOST: hostname,
        PGPORT: port || "5432",
        PGUSER: decodeURIComponent(username),
        PGPASSWORD: decodeURIComponent(password),
        PGDATABASE: nameIn(pathname),
      },
    },
  ];
};

const nameIn = (pathname) => decodeURIComponent(pathname.slice(1));

const named = (url, name) => Object.assign(new URL(url), { pathname: `/${name}` }).href;

const quoted = (name) => `"${name.replaceAll('"', '""')}"`;

const sql = (url, statement) => asked(url, "psql", ["-qAtX", "-v", "ON_ERROR_STOP=1", "-c", statement]);

/**
 * Writes all that a database holds into one file, which its owner alone can read. The app may go on meanwhile.
 *
 * @param path a file that is not there yet, or a folder, which gets a file named by the minute
 * @returns {Promise<string>} where it lies
 * @throws {CannotGoOn} with a sentence, and without a file
 */
export async function backUp(url, path) {
  const isFolder = existsSync(path) && statSync(path).isDirectory();
  const minute = new Date().toISOString().slice(0, 16).replace("T", "-").replace(":", "");
  const file = isFolder ? join(path, `pip-row-${minute}.backup`) : path;
  if (existsSync(file)) throw new CannotGoOn(`${file} is there already: name another file.`);
  if (!existsSync(dirname(file))) throw new CannotGoOn(`There is no folder ${dirname(file)}.`);
  const found = await must(
    "The database could not be reached.",
    ...sql(url, "SELECT to_regclass('public.pgmigrations')"),
  );
  if (!found.includes("pgmigrations"))
    throw new CannotGoOn("There is nothing to keep yet: no Pip Row ran with this database.");
  // Whole or not at all: a file that broke off would be taken for a backup.
  const part = `${file}.part`;
  try {
    await must(
      "The backup could not be written.",
      ...asked(url, "pg_dump", ["--format=custom", "--no-owner", "--no-privileges", "--file", part]),
    );
    chmodSync(part, 0o600);
    renameSync(part, file);
  } finally {
    rmSync(part, { force: true });
  }
  return file;
}

/**
 * Puts a backup in the place of a database. What was there stays beside it as `…_before`; until the backup is whole and
 * brought up to this release, nothing of it is touched.
 *
 * @throws {CannotGoOn} with a sentence, and with the database as it was: no backup, a broken one, one of a newer
 *   release, or a database that is in use
 */
export async function restore(url, file) {
  if (!existsSync(file)) throw new CannotGoOn(`There is no file ${file}.`);
  const listed = await run(...asked(url, "pg_restore", ["--list", file]));
  if (listed.code !== 0 || !listed.out.includes("pgmigrations"))
    throw new CannotGoOn(`${file} is no backup of Pip Row.`);
  const name = nameIn(new URL(url).pathname);
  const coming = `${name}_coming`;
  const before = `${name}_before`;
  const around = named(url, "postgres");
  const drop = (which) => `DROP DATABASE IF EXISTS ${quoted(which)}`;
  const rename = (from, to) => `ALTER DATABASE ${quoted(from)} RENAME TO ${quoted(to)}`;
  const told = "The backup could not be put back; the database is as it was.";
  await must(told, ...sql(around, drop(coming)));
  await must(told, ...sql(around, `CREATE DATABASE ${quoted(coming)} TEMPLATE template0 ENCODING 'UTF8'`));
  try {
    const there = named(url, coming);
    await must(
      told,
      ...asked(there, "pg_restore", [
        "--no-owner",
        "--no-privileges",
        "--single-transaction",
        "--exit-on-error",
        "--dbname",
        coming,
        file,
      ]),
    );
    await migrateDatabase(there);
    await must(told, ...sql(around, drop(before)));
    const moved = await run(...sql(around, rename(name, before)));
    if (moved.code !== 0)
      throw new CannotGoOn(
        `${told} ${/being accessed/.test(moved.out) ? "Somebody is using it: stop Pip Row first." : moved.out.trim()}`,
      );
    const arrived = await run(...sql(around, rename(coming, name)));
    if (arrived.code !== 0) {
      await run(...sql(around, rename(before, name)));
      throw new CannotGoOn(`${told}\n${arrived.out.trim()}`);
    }
  } finally {
    await run(...sql(around, drop(coming)));
  }
}

/** Does something with the database that DATABASE_URL names, else with the private one, which is left running if it ran. */
export async function withDatabase(act) {
  await ensureDebian("postgresql", hasPostgres);
  if (process.env.DATABASE_URL) return act(process.env.DATABASE_URL);
  const database = await startPostgres(at(".data", "postgres"));
  try {
    return await act(database.url);
  } finally {
    if (!database.adopted) await database.stop();
  }
}

/** Where backups go when no place is named. */
export function usualFolder() {
  const folder = at(".data", "backups");
  mkdirSync(folder, { recursive: true });
  return folder;
}
