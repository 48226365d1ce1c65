import { afterAll, beforeAll, expect, it, vi } from "vitest";
import { seededRandom } from "@/core/chance";
import type { Outcome } from "@/core/problem";
import type { GardenRecord } from "@/core/record";
import { closePool, db } from "@/db/pool";
import { householdOf, planWith, twoTrainers } from "@/testing/programme";
import type { Actor } from "./actor";
import { savePlan } from "./plans";
import { stopQueue } from "./queue";
import { addRecord, readRecords } from "./records";

const DEVICES = 4;
const RECORDS = 2_000;
/** So many of them are picks of a planting, whose sums follow each record. */
const PICKS_OF = 40;
const TODAY = "2026-05-18";

let trainer: Actor;
beforeAll(async () => void ({ trainer } = await twoTrainers()));
afterAll(async () => {
  await stopQueue();
  await closePool();
});

// What a household has to do follows in the queue, which is held elsewhere to losing nothing.
vi.mock("./judging", async (original) => ({
  ...(await original<typeof import("./judging")>()),
  followSoon: async () => undefined,
}));

/** The outbox of one device: a module of its own, with storage of its own that outlives a visit. */
async function deviceOf(storage: Map<string, string>) {
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => storage.get(key) ?? null,
    setItem: (key: string, value: string) => storage.set(key, value),
    removeItem: (key: string) => storage.delete(key),
  });
  vi.resetModules();
  const outbox = await import("@/ui/offline/outbox");
  await outbox.openOutbox("a person");
  return outbox;
}

it(
  "loses none of two thousand records and doubles none, whatever happens on the way",
  { timeout: 120_000 },
  async () => {
    const household = await householdOf(trainer);
    const { plan, plantingId } = planWith();
    await savePlan(trainer, household, 0, plan);
    const random = seededRandom(15);
    const faults = { lost: 0, unanswered: 0, doubled: 0, closed: 0 };
    /** A line on which requests and answers are lost, and some come twice, one of them late. */
    const line = async (id: string, record: GardenRecord): Promise<Outcome<{ id: string }>> => {
      const chance = random();
      if (chance < 0.1) {
        faults.lost++;
        throw new TypeError("Failed to fetch");
      }
      const stored = await addRecord(trainer, id, record);
      if (chance < 0.2) {
        // Killed between commit and answer.
        faults.unanswered++;
        throw new TypeError("Failed to fetch");
      }
      if (chance < 0.3) {
        faults.doubled++;
        await Promise.all([addRecord(trainer, id, record), addRecord(trainer, id, record)]);
      }
      return stored;
    };
    const made = new Set<string>();
    const ahead = new Set<string>();
    let grams = 0;
    for (let n = 0; n < DEVICES; n++) {
      const storage = new Map<string, string>();
      let device = await deviceOf(storage);
      for (let i = 0; i < RECORDS / DEVICES; i++) {
        const id = `00000000-0000-4000-8${n}00-${String(i).padStart(12, "0")}`;
        const isPick = i % PICKS_OF === 0;
        // The last device's clock is a day ahead for a while.
        const isAhead = n === DEVICES - 1 && i % 100 === 7;
        const record: GardenRecord = {
          id,
          plantingId: isPick ? plantingId : null,
          kind: isPick ? "picked" : "note",
          on: isAhead ? "2026-05-19" : TODAY,
          amount: isPick ? { measure: "mass", value: 0.001, typed: "1 g", unit: "g" } : null,
          note: isPick ? "" : `note ${i}`,
          supersedes: null,
        };
        if (isPick) grams++;
        made.add(id);
        if (isAhead) ahead.add(id);
        await device.post(household, record, line);
        if (random() < 0.01) {
          // The page is closed, and opened again.
          faults.closed++;
          device = await deviceOf(storage);
        }
        if (random() < 0.02) await device.sendWaiting(line);
      }
      // Back in reach: it is tried until nothing waits that may be stored.
      while ((await device.sendWaiting(line)) > 0);
      const left = JSON.parse(storage.get("pip-row-outbox a person") ?? "{}") as {
        state: { waiting: { record: GardenRecord; refused: boolean }[] };
      };
      for (const { record, refused } of left.state.waiting.filter((w) => !w.refused)) {
        expect(refused).toBe(false);
        while (!(await device.post(household, record, line)).ok);
      }
      // What was dated ahead is refused, told, and kept on the device, until it is written down with another day.
      const kept = left.state.waiting.filter((w) => w.refused).map(({ record }) => record.id);
      expect(kept.sort()).toEqual(n === DEVICES - 1 ? [...ahead].sort() : []);
    }
    expect(
      Object.values(faults).every((count) => count > 5),
      JSON.stringify(faults),
    ).toBe(true);
    const { rows } = await db("everything").query(`SELECT id FROM record WHERE household_id = $1`, [
      household,
    ]);
    const there = rows.map((r: { id: string }) => r.id).sort();
    expect(there).toEqual([...made].filter((id) => !ahead.has(id)).sort());
    // And what is kept of them says the same.
    const { rows: sums } = await db("everything").query(
      `SELECT kg FROM planting_progress WHERE planting_id = $1`,
      [plantingId],
    );
    expect(sums[0].kg).toBeCloseTo(grams / 1000, 9);
    expect((await readRecords(trainer, household)).records).toHaveLength(30);
  },
);
