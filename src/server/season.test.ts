import { randomUUID } from "node:crypto";
import { afterAll, expect, it } from "vitest";
import { seededRandom } from "@/core/chance";
import { addDays, mondayOf } from "@/core/day";
import { type GardenRecord, validRecords } from "@/core/record";
import { listRecords } from "@/db/records";
import { closePool, db } from "@/db/pool";
import { householdOf, planWith, record, twoTrainers } from "@/testing/programme";
import { savePlan } from "./plans";
import { stopQueue } from "./queue";
import { addRecord } from "./records";
import { putAway } from "./households";
import { readSeason } from "./season";

const { stranger: trainer } = await twoTrainers();
afterAll(async () => {
  await stopQueue();
  await closePool();
});

it("comes to what a recount of the records comes to, through corrections and strikes, and without who has left", async () => {
  const random = seededRandom(4);
  const houses: { id: string; plantingId: string }[] = [];
  for (let n = 0; n < 3; n++) {
    const id = await householdOf(trainer);
    const { plan, plantingId } = planWith(4);
    await savePlan(trainer, id, 0, plan);
    houses.push({ id, plantingId });
  }
  for (const { id, plantingId } of houses) {
    let last: string | null = null;
    for (let i = 0; i < 12; i++) {
      const chance = random();
      const value = Math.round(1000 * random()) / 1000;
      const picked = record(plantingId, {
        on: addDays("2026-05-18", -Math.floor(60 * random())),
        amount: { measure: "mass", value, typed: `${value} kg`, unit: "kg" },
        supersedes: chance < 0.25 ? last : null,
      });
      const made: GardenRecord =
        chance > 0.85 && last
          ? record(plantingId, { kind: "struck", amount: null, supersedes: last })
          : picked;
      expect(await addRecord(trainer, id, made)).toMatchObject({ ok: true });
      last = made.kind === "struck" ? null : made.id;
    }
  }
  const recount = async (ids: readonly string[]) => {
    const weeks = new Map<string, number>();
    for (const id of ids)
      for (const { kind, on, amount } of validRecords(
        await listRecords(db(trainer), { programmeId: trainer.programmeId, householdId: id }),
      ))
        if (kind === "picked" && amount)
          weeks.set(mondayOf(on), (weeks.get(mondayOf(on)) ?? 0) + amount.value);
    return new Map([...weeks].sort());
  };
  const expectSame = async (ids: readonly string[]) => {
    const { weeks, crops, places } = await readSeason(trainer);
    const counted = await recount(ids);
    expect(weeks.map((week) => week.from)).toEqual([...counted.keys()]);
    for (const { from, kg } of weeks) expect(kg, from).toBeCloseTo(counted.get(from)!, 9);
    const all = [...counted.values()].reduce((a, b) => a + b, 0);
    expect(crops.reduce((sum, { kg }) => sum + kg, 0)).toBeCloseTo(all, 9);
    expect(places[0]).toMatchObject({ kind: "balcony", pickers: ids.length });
    expect(places[0]!.eachKg).toBeCloseTo(all / ids.length, 9);
  };
  await expectSame(houses.map(({ id }) => id));
  await putAway(trainer, houses[0]!.id, true);
  await expectSame(houses.slice(1).map(({ id }) => id));
});

it("tells which step is late in how many households of those that grow it, and what was lost by its reason", async () => {
  const { stranger: fresh } = await twoTrainers();
  for (let n = 0; n < 3; n++) {
    const id = await householdOf(fresh);
    const { plan, plantingId } = planWith(6);
    plan.rows[0]!.plantings[0]!.sowOn = "2026-04-20";
    await savePlan(fresh, id, 0, plan);
    if (n === 0) continue;
    await addRecord(fresh, id, {
      ...record(plantingId, { id: randomUUID(), kind: "lost", on: "2026-05-10" }),
      amount: { measure: "count", value: 2, typed: "2", unit: "" },
      ...(n === 1 ? { detail: { reason: "slugs" as const } } : {}),
    });
  }
  const { late, losses } = await readSeason(fresh);
  expect(losses).toEqual([
    { goalId: "tomato/bush", reason: "slugs", plants: 2, households: 1 },
    { goalId: "tomato/bush", reason: null, plants: 2, households: 1 },
  ]);
  expect(late).toHaveLength(1);
  expect(late[0]).toMatchObject({ goalId: "tomato/bush", of: 3 });
  expect(late[0]!.plantings).toBe(late[0]!.households);
  expect(late[0]!.days).toBeGreaterThan(0);
});
