/**
 * How records grow: what came in, and findings, over all records against a bare count of them, and a record stored with all that follows
 * from it against a bare insert through the same pool, at ten thousand records and at a million. Asks for a database of its
 * own by DATABASE_URL, with the demo in it: `node bench/records.mjs` makes one.
 */
import { randomUUID } from "node:crypto";
import { closePool, db } from "@/db/pool";
import { allProgrammes } from "@/db/programmes";
import type { Actor } from "@/server/actor";
import { keepFindings, readFindings } from "@/server/findings";
import { stopQueue } from "@/server/queue";
import { addRecord } from "@/server/records";
import { readSeason } from "@/server/season";

const TIMES = 15;
const INSERTS = 200;

const [programme] = await allProgrammes(db("everything"));
if (!programme) throw new Error("the database holds no programme");
const actor: Actor = { role: "trainer", programmeId: programme.id, name: "bench" };
const on = db("everything");

async function middleOf(times: number, work: () => Promise<unknown>): Promise<number> {
  const took: number[] = [];
  for (let i = 0; i < times; i++) {
    const start = performance.now();
    await work();
    took.push(performance.now() - start);
  }
  return took.sort((a, b) => a - b)[Math.floor(times / 2)] ?? Number.NaN;
}

const { rows } = await on.query(
  `SELECT p.household_id AS household, p.id AS planting FROM planting p JOIN planting_progress g ON g.planting_id = p.id
    WHERE NOT p.removed AND g.is_started AND NOT EXISTS (SELECT 1 FROM record r WHERE r.planting_id = p.id AND r.happened_on > '2026-05-17') LIMIT ${INSERTS}`,
);
const counted = await middleOf(TIMES, () => on.query(`SELECT count(*) FROM record`));
const season = await middleOf(TIMES, () => readSeason(actor));
// As the queue does, then as the page does.
const worked = await middleOf(1, () => keepFindings(actor.programmeId));
const findings = await middleOf(TIMES, () => readFindings(actor, {}));
const bare = await middleOf(INSERTS, () =>
  on.query(
    `INSERT INTO record (id, programme_id, household_id, kind, happened_on, typed, unit, note, author) VALUES ($1, $2, $3, 'note', '2026-05-18', '', '', 'bench', 'bench')`,
    [randomUUID(), programme.id, rows[0].household],
  ),
);
let at = 0;
const whole = await middleOf(Math.min(INSERTS, rows.length), () => {
  const { household, planting } = rows[at++] as { household: string; planting: string };
  return addRecord(actor, household, {
    id: randomUUID(),
    plantingId: planting,
    kind: "picked",
    on: "2026-05-18",
    amount: { measure: "mass", value: 0.1, typed: "100 g", unit: "g" },
    note: "",
    supersedes: null,
  });
});
const { rows: counts } = await on.query(`SELECT count(*) AS n FROM record`);
console.log(
  `${counts[0].n} records: what came in takes ${(season / counted).toFixed(1)} times count(*) (${season.toFixed(0)} ms against ${counted.toFixed(0)} ms here); ` +
    `findings ${(findings / counted).toFixed(1)} times (${findings.toFixed(0)} ms here), all parts of them worked out by the queue ${(worked / counted).toFixed(0)} times (${(worked / 1000).toFixed(1)} s here); ` +
    `a record with all that follows takes ${(whole / bare).toFixed(1)} times a bare insert (${whole.toFixed(1)} ms against ${bare.toFixed(1)} ms here)`,
);
await stopQueue();
await closePool();
