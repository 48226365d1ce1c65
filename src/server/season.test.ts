import { randomUUID } from "node:crypto";
import { afterAll, expect, it } from "vitest";
import { seededRandom } from "@/core/chance";
import { addDays, mondayOf } from "@/core/day";
import type { Role } from "@/core/role";
import { type GardenRecord, validRecords } from "@/core/record";
import { listRecords } from "@/db/records";
import { closePool, db } from "@/db/pool";
import { householdOf, planWith, record, twoTrainers } from "@/testing/programme";
import { savePlan } from "./plans";
import { stopQueue } from "./queue";
import { addRecord } from "./records";
import { putAway } from "./households";
import { priceList } from "./prices";
import { readProgrammes } from "./programmes";
import { readSeason, saveWeighing } from "./season";
import { householdOnPaper, pathOnPaper, withdrawSheetCode } from "./sheet-code";

const { stranger: trainer, trainer: demo } = await twoTrainers();
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

it("weighs what was counted once somebody weighed some, and refuses what weighs nothing", async () => {
  const id = await householdOf(trainer);
  const { plan, plantingId } = planWith(1);
  await savePlan(trainer, id, 0, plan);
  const bunches = { measure: "pieces", value: 10, typed: "10 pieces", unit: "pieces" } as const;
  await addRecord(trainer, id, record(plantingId, { on: "2026-05-18", amount: bunches }));
  const tomato = async () => (await readSeason(trainer)).crops.find((c) => c.goalId === "tomato/bush")!;
  const before = await tomato();
  expect(before).toMatchObject({ countedKg: 0, left: { pieces: before.pieces } });
  const weighing = { goalId: "tomato/bush", measure: "pieces", grams: [90, 110] };
  expect(await saveWeighing(trainer, weighing)).toMatchObject({ ok: true });
  const after = await tomato();
  expect(after.left.pieces).toBe(0);
  expect(after.kg - before.kg).toBeCloseTo(0.1 * before.pieces, 9);
  // The newest weighing counts.
  await saveWeighing(trainer, { ...weighing, grams: [50] });
  expect((await tomato()).countedKg).toBeCloseTo(0.05 * before.pieces, 9);
  for (const wrong of [{ grams: [] }, { grams: [0] }, { goalId: "tomato/none" }, { measure: "kg" }])
    expect(await saveWeighing(trainer, { ...weighing, ...wrong })).toMatchObject({ ok: false });
});

it("tells what people saw a crop sold for: corrected and struck prices do not count", async () => {
  const id = await householdOf(trainer);
  const { plan, plantingId } = planWith(1);
  await savePlan(trainer, id, 0, plan);
  const priced = (value: number, more: Partial<GardenRecord> = {}) =>
    record(plantingId, {
      kind: "priced",
      on: "2026-05-10",
      amount: { measure: "price", value, typed: `${value} / kg`, unit: "kg" },
      ...more,
    });
  const wrong = priced(30);
  for (const r of [priced(2), priced(5), wrong, priced(3, { supersedes: wrong.id })])
    expect(await addRecord(trainer, id, r)).toMatchObject({ ok: true });
  expect(await addRecord(trainer, id, priced(3, { amount: null }))).toMatchObject({ ok: false });
  expect((await priceList(trainer)).seen).toEqual([
    { cropId: "tomato", times: 3, low: 2, middle: 3, high: 5 },
  ]);
});

it("gives all papers of a household one code that leads to it until it is withdrawn", async () => {
  const id = await householdOf(trainer);
  expect(await withdrawSheetCode(trainer, id)).toMatchObject({ ok: false, problem: { code: "no-paper" } });
  const path = await pathOnPaper(trainer, id);
  expect(await pathOnPaper(trainer, id)).toBe(path);
  const code = path.split("/").at(-1);
  expect(await householdOnPaper(code)).toBe(id);
  expect(await withdrawSheetCode(trainer, id)).toMatchObject({ ok: true });
  expect(await householdOnPaper(code)).toBeUndefined();
  expect(await pathOnPaper(trainer, id)).not.toBe(path);
  for (const stale of ["", "../etc", `${code}x`, null]) expect(await householdOnPaper(stale)).toBeUndefined();
});

it("shows all programmes that somebody sees whole, each with its own figures, and no other", async () => {
  const member = (programmeId: string, role: Role) => ({
    ...{ memberId: randomUUID(), programmeId, programme: programmeId, town: "", role, name: "Somebody" },
    households: null,
  });
  const { programmes: seen, all } = await readProgrammes(trainer, [
    member(trainer.programmeId, "organiser"),
    member(demo.programmeId, "reader"),
    member(randomUUID(), "helper"),
  ]);
  expect(seen.map(({ id, isHere }) => [id, isHere])).toEqual([
    [trainer.programmeId, true],
    [demo.programmeId, false],
  ]);
  expect(seen[0]!.kg).toBeCloseTo(
    (await readSeason(trainer)).weeks.reduce((sum, { kg }) => sum + kg, 0),
    9,
  );
  expect(seen[1]!.households).toBeGreaterThanOrEqual(12);
  expect(all.households).toBe(seen[0]!.households + seen[1]!.households);
  expect(all.kg).toBeCloseTo(seen[0]!.kg + seen[1]!.kg, 9);
});
