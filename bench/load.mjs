/**
 * Many people at once: 200 who write records and read logs against the built app, in two processes behind one database,
 * for two minutes. Prints how the slowest twentieth compares with one person alone, what failed, and whether every
 * acknowledged record is there. `npm run bench:load -- 20 50` takes 20 seconds and 50 people.
 */
import { randomUUID } from "node:crypto";
import { chmodSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import pg from "pg";
import { loadDemo, migrateDatabase, trainersCookie } from "../scripts/parts/database.mjs";
import { ensureBuild, freePort } from "../scripts/parts/machine.mjs";
import { startPostgres } from "../scripts/parts/postgres.mjs";
import { serve } from "../scripts/parts/serve.mjs";

const SECONDS = Number(process.argv[2] ?? 120);
const PEOPLE = Number(process.argv[3] ?? 200);
const PROCESSES = 2;
/** Somebody who stands in a garden writes or looks about every five seconds: a brisk pace. */
const PAUSE_MS = 5000;
const DAY = "2026-05-18";

const home = mkdtempSync(join(tmpdir(), "pip-row-load-"));
chmodSync(home, 0o755);
const database = await startPostgres(join(home, "postgres"), { throwaway: true });
const env = { DATABASE_URL: database.url, PIP_ROW_TODAY: DAY };
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const middle = (list, part) => [...list].sort((a, b) => a - b)[Math.floor(part * (list.length - 1))] ?? NaN;

/** Writes a record and reads the log, again and again until a moment. */
async function person({ base, house, cookie, until, took, stored, failures, pauseMs }) {
  while (Date.now() < until) {
    const id = randomUUID();
    const record = {
      id,
      plantingId: null,
      kind: "note",
      on: DAY,
      amount: null,
      note: "load",
      supersedes: null,
    };
    for (const [path, options] of [
      [
        "records",
        {
          method: "POST",
          headers: { cookie, "content-type": "application/json" },
          body: JSON.stringify({ record }),
        },
      ],
      ["log", { headers: { cookie, accept: "text/html" } }],
    ]) {
      const start = performance.now();
      try {
        const response = await fetch(`${base}/house/${house}/${path}`, options);
        await response.arrayBuffer();
        if (!response.ok) failures.push(`${path} ${response.status}`);
        else if (path === "records") stored.add(id);
      } catch (error) {
        failures.push(`${path} ${error.cause?.code ?? error.message}`);
      }
      took[path].push(performance.now() - start);
      await pause(pauseMs * (0.5 + Math.random()));
    }
  }
}

const servers = [];
try {
  await migrateDatabase(database.url);
  await loadDemo(database.url);
  await ensureBuild();
  const cookie = await trainersCookie(database.url);
  const bases = [];
  for (let i = 0; i < PROCESSES; i++) {
    const port = await freePort();
    const server = serve("start", port, env, { quiet: true });
    servers.push(server);
    await server.ready;
    bases.push(`http://127.0.0.1:${port}`);
  }
  const client = new pg.Client({ connectionString: database.url });
  await client.connect();
  const { rows: houses } = await client.query("SELECT id FROM household ORDER BY code");
  const run = async (people, seconds, pauseMs) => {
    const found = { took: { records: [], log: [] }, stored: new Set(), failures: [] };
    const until = Date.now() + 1000 * seconds;
    await Promise.all(
      Array.from({ length: people }, (_, i) =>
        person({
          ...found,
          base: bases[i % PROCESSES],
          house: houses[i % houses.length].id,
          cookie,
          until,
          pauseMs,
        }),
      ),
    );
    return found;
  };
  // The first pages of each process are slow for reasons of their own.
  await run(PROCESSES, 3, 0);
  const alone = await run(1, 5, 0);
  const all = await run(PEOPLE, SECONDS, PAUSE_MS);
  const { rows } = await client.query("SELECT id FROM record WHERE note = 'load'");
  const there = new Set(rows.map(({ id }) => id));
  const lost = [...all.stored].filter((id) => !there.has(id)).length;
  await client.end();
  console.log(
    `${PEOPLE} people on ${PROCESSES} processes for ${SECONDS} s: ${all.stored.size} records acknowledged, ${lost} of them lost, ${all.failures.length} failures${all.failures.length > 0 ? ` (${[...new Set(all.failures)].slice(0, 5).join(", ")})` : ""}`,
  );
  for (const [what, name] of [
    ["records", "a record stored"],
    ["log", "a log read"],
  ]) {
    const [idle, busy] = [middle(alone.took[what], 0.5), middle(all.took[what], 0.95)];
    console.log(
      `  ${name}: 95 % within ${(busy / idle).toFixed(1)} times the usual time of one person alone (${busy.toFixed(0)} ms against ${idle.toFixed(0)} ms here)`,
    );
  }
  if (lost > 0 || all.failures.length > 0) process.exitCode = 1;
} finally {
  for (const server of servers) await server.stop();
  await database.stop();
  rmSync(home, { recursive: true, force: true });
}
