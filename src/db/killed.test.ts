import { randomUUID } from "node:crypto";
import { chmodSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, expect, it } from "vitest";
import { demoSurvey } from "@/testing/programme";
import { startPostgres } from "../../scripts/parts/postgres.mjs";
import { insertHousehold } from "./households";
import { migrate } from "./migrate";
import { closePool, db, transaction } from "./pool";
import { insertProgramme } from "./programmes";
import { insertRecord } from "./records";

const home = mkdtempSync(join(tmpdir(), "pip-row-killed-"));
chmodSync(home, 0o755);
const cluster = join(home, "postgres");
const postmaster = () => Number(readFileSync(join(cluster, "data", "postmaster.pid"), "utf8").split("\n")[0]);
afterAll(async () => {
  await closePool();
  rmSync(home, { recursive: true, force: true });
});

const WRITERS = 8;
const ROUNDS = 3;

it(
  "has every record that it acknowledged after the database was killed in the middle of writing, and takes the others again once",
  { timeout: 120_000 },
  async () => {
    let server = await startPostgres(cluster);
    await migrate(server.url);
    const scope = { programmeId: randomUUID(), householdId: randomUUID() };
    const acknowledged = new Set<string>();
    const tried = new Set<string>();
    const write = (id: string) =>
      transaction(scope, (on) =>
        insertRecord(on, scope, {
          record: {
            id,
            plantingId: null,
            kind: "note",
            on: "2026-05-18",
            amount: null,
            note: "x",
            supersedes: null,
          },
          author: "Somebody",
        }),
      );
    for (let round = 0; round < ROUNDS; round++) {
      await closePool();
      process.env.DATABASE_URL = server.url;
      if (round === 0) {
        const on = db("everything");
        await insertProgramme(on, {
          id: scope.programmeId,
          name: "Killed",
          town: "Larkmouth",
          climateId: "larkmouth",
          mixId: "potting-mix",
          currency: "EUR",
          trainer: "Somebody",
        });
        await insertHousehold(on, scope, "01", demoSurvey());
      }
      let isOver = false;
      const writers = Array.from({ length: WRITERS }, async () => {
        while (!isOver) {
          const id = randomUUID();
          tried.add(id);
          try {
            await write(id);
            acknowledged.add(id);
          } catch {
            isOver = true;
          }
        }
      });
      const before = acknowledged.size;
      while (acknowledged.size < before + 200) await new Promise((resolve) => setTimeout(resolve, 5));
      process.kill(postmaster(), "SIGKILL");
      await Promise.all(writers);
      expect(isOver).toBe(true);
      await closePool();
      server = await startPostgres(cluster);
      process.env.DATABASE_URL = server.url;
      const { rows } = await db("everything").query(`SELECT id FROM record`);
      const there = new Set(rows.map((r: { id: string }) => r.id));
      expect([...acknowledged].filter((id) => !there.has(id))).toEqual([]);
    }
    // What was not acknowledged waits on its device, and is sent again: once is enough, whether it had come or not.
    for (const id of tried) if (!acknowledged.has(id)) await write(id);
    const { rows } = await db("everything").query(
      `SELECT count(*) AS n, count(DISTINCT id) AS ids FROM record`,
    );
    expect(rows[0]).toEqual({ n: tried.size, ids: tried.size });
    await closePool();
    await server.stop();
  },
);
