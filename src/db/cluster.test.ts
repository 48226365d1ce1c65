import { execFileSync } from "node:child_process";
import { chmodSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Client } from "pg";
import { afterAll, beforeAll, expect, it } from "vitest";
import { startPostgres } from "../../scripts/parts/postgres.mjs";

let home: string;
let cluster: string;
beforeAll(() => {
  home = mkdtempSync(join(tmpdir(), "pip-row-cluster-"));
  chmodSync(home, 0o755);
  cluster = join(home, "postgres");
});
afterAll(() => rmSync(home, { recursive: true, force: true }));

const pidFile = () => join(cluster, "data", "postmaster.pid");

async function query(url: string, sql: string): Promise<Record<string, unknown>[]> {
  const client = new Client({ connectionString: url });
  // The server is killed under this connection in one of the cases.
  client.on("error", () => {});
  await client.connect();
  try {
    return (await client.query(sql)).rows;
  } finally {
    await client.end();
  }
}

it(
  "starts, is adopted while it runs, and comes back with its data after it was killed",
  { timeout: 120_000 },
  async () => {
    const first = await startPostgres(cluster, { throwaway: true });
    await query(first.url, "CREATE TABLE kept AS SELECT 42 AS answer");
    expect(await query(first.url, "SHOW listen_addresses")).toEqual([{ listen_addresses: "127.0.0.1" }]);
    if (process.getuid?.() === 0) {
      const owner = execFileSync("stat", ["-c", "%U", join(cluster, "data")])
        .toString()
        .trim();
      expect(owner).toBe("postgres");
    }

    const again = await startPostgres(cluster, { throwaway: true });
    expect(again.url).toBe(first.url);

    process.kill(Number(readFileSync(pidFile(), "utf8").split("\n")[0]), "SIGKILL");
    const recovered = await startPostgres(cluster, { throwaway: true });
    expect(await query(recovered.url, "SELECT answer FROM kept")).toEqual([{ answer: 42 }]);

    await recovered.stop();
    expect(existsSync(pidFile())).toBe(false);

    // A pid file left behind, whose number another process has taken.
    writeFileSync(pidFile(), `${process.pid}\n${join(cluster, "data")}\n0\n1\n\n127.0.0.1\n`);
    const stale = await startPostgres(cluster, { throwaway: true });
    expect(await query(stale.url, "SELECT answer FROM kept")).toEqual([{ answer: 42 }]);
    await stale.stop();
  },
);
