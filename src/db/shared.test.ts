import { randomUUID } from "node:crypto";
import { afterAll, expect, it } from "vitest";
import { seededRandom } from "@/core/chance";
import { householdOf, planWith, twoTrainers } from "@/testing/programme";
import { savePlan } from "@/server/plans";
import { stopQueue } from "@/server/queue";
import { closePool, db, transaction } from "./pool";
import { listSharedGoals } from "./summaries";

const { stranger: trainer } = await twoTrainers();
afterAll(async () => {
  await stopQueue();
  await closePool();
});
const { programmeId } = trainer;

it(
  "tells of no fewer than three households that share, whoever picked what: no cell, and no two of them, give one household away",
  { timeout: 120_000 },
  async () => {
    const houses: { id: string; plantingId: string }[] = [];
    for (let n = 0; n < 7; n++) {
      const id = await householdOf(trainer);
      const { plan, plantingId } = planWith(1);
      await savePlan(trainer, id, 0, plan);
      houses.push({ id, plantingId });
    }
    const random = seededRandom(17);
    const one = { programmeId, households: [houses[0]!.id] };
    for (let programme = 0; programme < 200; programme++) {
      const grown = houses.map(({ id, plantingId }) => ({
        ...{ id, plantingId, kg: Math.round(1000 * random()) / 100 + 0.01, shares: random() < 0.7 },
        goalId: random() < 0.5 ? "tomato/bush" : "kale/leaf",
      }));
      await transaction("everything", async (on) => {
        for (const { id, plantingId, kg, shares, goalId } of grown) {
          await on.query(`UPDATE household SET shares_picked = $2 WHERE id = $1`, [id, shares]);
          await on.query(
            `UPDATE planting_summary SET goal_id = $2, kg = $3, picks = 1, sown_on = '2026-03-01', first_pick_on = '2026-05-01', last_on = '2026-05-01' WHERE planting_id = $1`,
            [plantingId, goalId, kg],
          );
        }
      });
      const told = await listSharedGoals(db(one));
      for (const goalId of ["tomato/bush", "kale/leaf"]) {
        const kgs = grown.filter((g) => g.shares && g.goalId === goalId).map((g) => g.kg);
        const cell = told.find((t) => t.goalId === goalId);
        if (kgs.length < 3) {
          expect(cell).toBeUndefined();
          continue;
        }
        const sorted = kgs.toSorted((a, b) => a - b);
        const counted = kgs.length < 5 ? sorted : sorted.slice(1, -1);
        expect(counted.length).toBeGreaterThanOrEqual(3);
        const mean = counted.reduce((sum, kg) => sum + kg, 0) / counted.length;
        // In two figures, so that what it was before or after one household tells little of that one.
        expect(cell).toMatchObject({ households: kgs.length, pickDays: 61 });
        expect(Number(cell!.kg.toPrecision(2))).toBe(cell!.kg);
        expect(Math.abs(cell!.kg / mean - 1)).toBeLessThan(0.051);
      }
      expect(told.length).toBeLessThanOrEqual(2);
    }
    // Nobody of another programme is told any of it.
    expect(await listSharedGoals(db({ programmeId: randomUUID() }))).toEqual([]);
  },
);
