/**
 * How pages grow with a programme: each page's time as a ratio to the same page at twelve households, and its queries;
 * then how many pages a second one process gives fifty people at once, and how much script a page loads first, both against
 * the framework's own empty page.
 *
 * `npm run bench:scale` takes 12, 1,000 and 10,000 households with up to a million records; `-- 1000` stops at 1,000.
 * A private server and a private database on loopback, both ended at the end.
 */
import { spawn } from "node:child_process";
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import pg from "pg";
import { loadDemo, migrateDatabase, trainersCookie } from "../scripts/parts/database.mjs";
import { at, ensureBuild, freePort, ROOT } from "../scripts/parts/machine.mjs";
import { startPostgres } from "../scripts/parts/postgres.mjs";
import { must } from "../scripts/parts/run.mjs";
import { serve } from "../scripts/parts/serve.mjs";

const SIZES = [
  [12, 0],
  [1000, 97_000],
  [1000, 1_000_000],
  [10_000, 1_000_000],
].filter(([households]) => households <= Number(process.argv[2] ?? 10_000));
const DAY = "2026-05-18";
const TIMES = 15;
const PEOPLE = 50;
const PAGES_EACH = 6;
/** A page is to make no more statements. */
const MOST_QUERIES = 8;
/** Script before a page's frame works, in the framework's own. */
const MOST_SCRIPT = 1.5;

const home = mkdtempSync(join(tmpdir(), "pip-row-scale-"));
chmodSync(home, 0o755);
const database = await startPostgres(join(home, "postgres"), {
  throwaway: true,
  settings: ["log_statement=all", "shared_buffers=256MB"],
});
const env = { DATABASE_URL: database.url, PIP_ROW_TODAY: DAY };
const log = join(home, "postgres", "log");

let heard = 0;

/** Statements that the database has been sent since this was last asked, but for those of the queue, which looks for work of itself. */
function statements() {
  const all = readFileSync(log);
  const entries = all
    .subarray(heard)
    .toString()
    .split(/^(?=\d{4}-\d\d-\d\d )/m);
  heard = all.length;
  return entries.filter((entry) => /LOG: {2}(statement|execute)/.test(entry) && !/pgboss|: SET /.test(entry))
    .length;
}

/** Waits until the queue has done what it was left: a server that works something out is slower meanwhile. */
async function untilQuiet() {
  const client = new pg.Client({ connectionString: database.url });
  await client.connect();
  for (;;) {
    const { rows } = await client.query(
      `SELECT 1 FROM pgboss.job WHERE name IN ('judge', 'follow', 'find') AND state IN ('created', 'retry', 'active') LIMIT 1`,
    );
    if (rows.length === 0) break;
    await new Promise((resolve) => setTimeout(resolve, 1000));
  }
  await client.end();
}

/** The framework's own empty dynamic page, served beside the app: what no page can be quicker than. */
async function emptyPage() {
  const dir = at(".data", "empty-page");
  rmSync(dir, { recursive: true, force: true });
  mkdirSync(join(dir, "app"), { recursive: true });
  writeFileSync(
    join(dir, "app", "layout.jsx"),
    "export default function Layout({ children }) { return <html><body>{children}</body></html>; }",
  );
  writeFileSync(
    join(dir, "app", "page.jsx"),
    'export const dynamic = "force-dynamic"; export default function Page() { return <p>.</p>; }',
  );
  writeFileSync(join(dir, "package.json"), "{}");
  writeFileSync(
    join(dir, "next.config.mjs"),
    `export default { turbopack: { root: ${JSON.stringify(ROOT)} }, outputFileTracingRoot: ${JSON.stringify(ROOT)} };`,
  );
  const next = at("node_modules/next/dist/bin/next");
  const quiet = { ...process.env, NEXT_TELEMETRY_DISABLED: "1" };
  await must("The empty page could not be built.", process.execPath, [next, "build", dir], {
    cwd: dir,
    env: quiet,
  });
  const port = await freePort();
  const child = spawn(process.execPath, [next, "start", dir, "-H", "127.0.0.1", "-p", String(port)], {
    stdio: "ignore",
    env: quiet,
  });
  const url = `http://127.0.0.1:${port}/`;
  for (let i = 0; i < 200 && !(await fetch(url).catch(() => undefined)); i++)
    await new Promise((resolve) => setTimeout(resolve, 100));
  return { url, stop: () => child.kill("SIGKILL") };
}

/** The cookie of the demo's trainer. */
let cookie = "";

async function timed(url) {
  const start = performance.now();
  const response = await fetch(url, { headers: { accept: "text/html", cookie } });
  const bytes = (await response.arrayBuffer()).byteLength;
  if (!response.ok) throw new Error(`${url} answered ${response.status}`);
  return { ms: performance.now() - start, bytes };
}

const middle = (all) => all.sort((a, b) => a.ms - b.ms)[Math.floor(all.length / 2)];

/** Asked for by turns with another page that is the same for however many: a machine's speed swings by half within minutes. */
async function middleOf(url) {
  const [all, beside] = [[], []];
  for (let i = 0; i < TIMES; i++) {
    all.push(await timed(url));
    beside.push(await timed(new URL("/schools", url)));
  }
  return { ...middle(all), besideMs: middle(beside).ms };
}

const pagesOf = (house) => ({
  Households: "/",
  Proposals: "/proposals",
  "Kit for all": "/kit",
  Nursery: "/nursery",
  "Days for all": "/days",
  Groups: "/groups",
  "What came in": "/season",
  Findings: "/findings",
  Library: "/library",
  Climate: "/climate",
  Schools: "/schools",
  Prices: "/prices",
  Doorstep: `${house}/doorstep`,
  Match: `${house}/match`,
  Bench: `${house}/bench`,
  Kit: `${house}/kit`,
  Fill: `${house}/steps`,
  Days: `${house}/days`,
  Log: `${house}/log`,
  "own garden": `${house}/garden`,
});

async function measure(base) {
  const { households } = await (
    await fetch(`${base}/households/search?q=01`, { headers: { cookie } })
  ).json();
  const house = `/house/${households[0].id}`;
  const found = {};
  for (const [name, path] of Object.entries(pagesOf(house))) {
    await timed(base + path);
    // Work in the background only adds to what is counted: the least of a few is the page's own.
    let queries = Infinity;
    for (let i = 0; i < 4; i++) {
      statements();
      await timed(base + path);
      queries = Math.min(queries, statements());
    }
    found[name] = { ...(await middleOf(base + path)), queries };
  }
  return { found, house };
}

/** Pages a second that a number of people get who ask at once, again and again. */
async function pagesASecond(url) {
  const start = performance.now();
  await Promise.all(
    Array.from({ length: PEOPLE }, async () => {
      for (let i = 0; i < PAGES_EACH; i++) await timed(url);
    }),
  );
  return (1000 * PEOPLE * PAGES_EACH) / (performance.now() - start);
}

/** Bytes of script that a page asks for before anything else, and behind that, as they come over the wire. */
async function firstLoad(url) {
  const html = await (await fetch(url, { headers: { accept: "text/html", cookie } })).text();
  const bytesOf = async (tag, address) => {
    const tags = [...html.matchAll(tag)].map(([text]) => address.exec(text)?.[1]);
    let bytes = 0;
    for (const path of new Set(tags.filter(Boolean))) {
      const file = Buffer.from(await (await fetch(new URL(path, url))).arrayBuffer());
      bytes += gzipSync(file).byteLength;
    }
    return bytes;
  };
  return {
    first: await bytesOf(/<script[^>]*>/g, /src="([^"]+\.js[^"]*)"/),
    then: await bytesOf(/<link[^>]+as="script"[^>]*>/g, /href="([^"]+)"/),
  };
}

let server;
async function end() {
  await server?.stop();
  await database.stop();
  rmSync(home, { recursive: true, force: true });
}
for (const signal of ["SIGINT", "SIGTERM"])
  process.once(signal, () => void end().finally(() => process.exit(1)));

const grow = (...size) =>
  must(
    "The programme could not be made larger.",
    process.execPath,
    [at("node_modules/tsx/dist/cli.mjs"), at("src/demo/multiply.ts"), ...size.map(String)],
    { cwd: ROOT, env: { ...process.env, ...env } },
  );

/** How pages compare with the framework's own empty one. */
async function besideEmptyPage(base, house) {
  const blank = await emptyPage();
  const empty = await pagesASecond(blank.url);
  const { first: framework } = await firstLoad(blank.url);
  blank.stop();
  const log = await pagesASecond(`${base}${house}/log`);
  console.log(
    `  ${PEOPLE} people at once: Log ${(log / empty).toFixed(2)} of the pages a second of an empty dynamic page (${log.toFixed(0)} against ${empty.toFixed(0)} here)`,
  );
  const kB = (bytes) => Math.round(bytes / 1000);
  for (const [name, path] of Object.entries(pagesOf(house))) {
    const { first, then } = await firstLoad(base + path);
    console.log(
      `  first load of ${name}: ${(first / framework).toFixed(2)} times the framework's own script (${kB(first)} kB gzipped against ${kB(framework)})${then > 0 ? `, ${kB(then)} kB behind it` : ""}${first > MOST_SCRIPT * framework ? " (too much)" : ""}`,
    );
  }
}

try {
  await migrateDatabase(database.url);
  await loadDemo(database.url);
  await ensureBuild();
  cookie = await trainersCookie(database.url);
  let small;
  for (const [households, records] of SIZES) {
    if (records > 0) await grow(households, records);
    const port = await freePort();
    server = serve("start", port, env, { quiet: true });
    await server.ready;
    const base = `http://127.0.0.1:${port}`;
    await untilQuiet();
    const { found, house } = await measure(base);
    small ??= found;
    console.log(`\n${households} households${records ? `, ${records} records` : ", the demo's records"}`);
    for (const [name, { ms, besideMs, bytes, queries }] of Object.entries(found))
      console.log(
        `  ${name.padEnd(12)} ${(ms / besideMs / (small[name].ms / small[name].besideMs)).toFixed(2)} times the time at 12 (${ms.toFixed(0)} ms here), ${queries} queries${queries > MOST_QUERIES ? " (too many)" : ""}, ${Math.round(bytes / 1000)} kB`,
      );
    const csv = await timed(`${base}/records.csv`);
    console.log(
      `  all records as CSV: ${((1000 * csv.ms) / Math.max(1, csv.bytes)).toFixed(3)} ms a kB, ${Math.round(csv.bytes / 1000)} kB`,
    );
    if (households === 12) await besideEmptyPage(base, house);
    await server.stop();
    server = undefined;
  }
} finally {
  await end();
}
