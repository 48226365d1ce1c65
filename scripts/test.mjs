// Runs every check: types, lint, unit and external checks, then the real interface in a real browser.
import { existsSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { DEMO_DAY } from "./parts/database.mjs";
import { at, checkNode, ensureBuild, ensureDebian, ensurePackages, ROOT } from "./parts/machine.mjs";
import { hasPostgres } from "./parts/postgres.mjs";
import { run } from "./parts/run.mjs";
import { throwawayDatabase } from "./parts/throwaway.mjs";

/** So much of a failure is told again, letters. */
const TOLD = 1500;
/** Chromium without windows: the same engine, and an eighth less work for a small machine. */
const CHROMIUM = "/usr/bin/chromium-headless-shell";
/** What is held against the text alone: a name, and the tool with its arguments. */
const CHECKS = [
  ["lint", "eslint/bin/eslint.js", ".", "--max-warnings", "0"],
  ["types", "typescript/bin/tsc", "--noEmit"],
  ["form", "prettier/bin/prettier.cjs", "--check", ".", "--log-level", "warn"],
  [
    "import directions",
    "dependency-cruiser/bin/dependency-cruise.mjs",
    ...["src", "e2e", "bench", "--config", ".dependency-cruiser.cjs"],
  ],
  ["dead code", "knip/bin/knip.js", "--no-progress"],
];
let passed = 0;
let failed = 0;
/** What failed, told once more at the end, where everybody looks. */
const failures = [];

const tool = (file, ...args) => run(process.execPath, [at("node_modules", file), ...args], { cwd: ROOT });

async function check(name, work) {
  const { code, out } = await work();
  if (code === 0) passed++;
  else {
    failed++;
    failures.push(`${name}\n${out.trim()}`);
  }
  console.log(`${code === 0 ? "ok  " : "FAIL"} ${name}${code === 0 ? "" : `\n${out.trim()}`}`);
}

/** Runs projects of the test runner and adds up its own count; a run that reports nothing is a failure. */
async function suite(projects, env) {
  const folder = mkdtempSync(join(tmpdir(), "pip-row-report-"));
  const report = join(folder, "report.json");
  const { code } = await run(
    process.execPath,
    [
      at("node_modules/vitest/vitest.mjs"),
      "run",
      ...projects.flatMap((project) => ["--project", project]),
      "--reporter",
      "default",
      "--reporter",
      "json",
      "--outputFile.json",
      report,
    ],
    {
      cwd: ROOT,
      show: true,
      env: { ...process.env, ...env },
    },
  );
  const counts = existsSync(report)
    ? JSON.parse(readFileSync(report, "utf8"))
    : { numPassedTests: 0, numFailedTests: 0, numTotalTests: 0 };
  rmSync(folder, { recursive: true, force: true });
  passed += counts.numPassedTests;
  for (const { name: file, assertionResults, message } of counts.testResults ?? []) {
    const broken = assertionResults.filter(({ status }) => status === "failed");
    for (const { fullName, failureMessages } of broken)
      failures.push(`${file}: ${fullName}\n${failureMessages.join("\n").slice(0, TOLD)}`);
    if (broken.length === 0 && message) failures.push(`${file}\n${message.slice(0, TOLD)}`);
  }
  // What fails beside the tests counts as one failure: a file that breaks before its first, an error that none of them caught.
  failed += Math.max(counts.numFailedTests, code === 0 && counts.numTotalTests > 0 ? 0 : 1);
}

try {
  checkNode();
  await Promise.all([
    ensureDebian("postgresql", hasPostgres).then(() =>
      ensureDebian("chromium-headless-shell", () => existsSync(CHROMIUM)),
    ),
    ensurePackages(),
  ]);
  // The types of routes are made before types are checked; the rest goes two at a time, which is all of a small machine.
  await check("route types", () => tool("next/dist/bin/next", "typegen"));
  const left = [...CHECKS];
  const lane = async () => {
    for (let next = left.shift(); next; next = left.shift()) {
      const [name, ...command] = next;
      await check(name, () => tool(...command));
    }
  };
  await Promise.all([lane(), lane()]);
  await suite(["unit", "screens"], {});
  // The demo is loaded while the app is built.
  const loading = throwawayDatabase();
  try {
    const [database] = await Promise.all([loading, ensureBuild()]);
    const env = { DATABASE_URL: database.url, PIP_ROW_TODAY: DEMO_DAY, PIP_ROW_DEMO: "1", CHROMIUM };
    await suite(["server", "browser"], env);
  } finally {
    await (await loading).stop();
  }
} catch (error) {
  failed++;
  failures.push(String(error?.stack ?? error));
} finally {
  for (const failure of failures) console.log(`FAIL ${failure}\n`);
  console.log(`${passed} passed, ${failed} failed`);
  if (failed > 0) process.exitCode = 1;
}
