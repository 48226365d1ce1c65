import { randomUUID } from "node:crypto";
import { afterAll, describe, expect, it } from "vitest";
import { migrate, NewerDatabase } from "@/db/migrate";
import { closePool, db } from "@/db/pool";
import { loadDemo } from "@/demo/load";
import { householdOf, planWith, record, SURVEY, twoTrainers } from "@/testing/programme";
import type { Actor } from "./actor";
import { addHousehold, overview, readHousehold, resurvey } from "./households";
import { earlierPlans, nameVersion, readPlan, savePlan, setAside } from "./plans";
import { stopQueue } from "./queue";
import { addRecord, readRecords, recordsCsv } from "./records";

const { trainer, stranger } = await twoTrainers();
afterAll(async () => {
  await stopQueue();
  await closePool();
});
const newHousehold = () => householdOf(trainer);
const listed = async (actor: Actor, query: object = {}) => (await overview(actor, query)).summaries;

describe("the demo programme", () => {
  it("is loaded once, with households at every stage", async () => {
    expect(await loadDemo()).toBe(false);
    const stages = new Set((await listed(trainer)).map((s) => s.stage));
    expect([...stages].sort()).toEqual(["finished", "picking", "planned", "sown", "surveyed"]);
  });
});

describe("a survey", () => {
  it("keeps what was typed beside what it means, and gives the next code", async () => {
    const { rows } = await db("everything").query(
      "SELECT max(number) AS last FROM household WHERE programme_id = $1",
      [trainer.programmeId],
    );
    const id = await newHousehold();
    const household = (await readHousehold(trainer, id))!;
    expect(Number(household.code)).toBe(Number(rows[0].last) + 1);
    expect(household.place).toMatchObject({ lengthTyped: "10 ft 6 in", limitTyped: "40 psf" });
    expect(household.place!.lengthCm).toBeCloseTo(320.04, 6);
    expect(household.place!.limitKgM2).toBeCloseTo(195.297, 2);
    expect(household).toMatchObject({
      wants: { ...SURVEY.wants, sell: { group: "greens", minorKg: 450 } },
      skill: "first",
      trays: "mat",
      cells: 0,
      budgetMinor: 6050,
      away: SURVEY.away,
    });
    expect(household.wants.sell!.kgWeek).toBeCloseTo(0.4536, 4);
    expect(household.place!.waterLDay).toBeCloseTo(18.927, 3);
  });

  it("is refused field by field, and stores nothing then", async () => {
    const before = (await overview(trainer, {})).found;
    const refused = await addHousehold(trainer, {
      ...SURVEY,
      name: " ",
      adults: "two",
      length: "5 kg",
      sun: [{ from: "13:00", to: "07:00" }],
      limit: "-3 psf",
    });
    expect(refused).toMatchObject({
      ok: false,
      problem: { code: "invalid-input" },
      fields: {
        name: { code: "name-missing" },
        adults: { code: "not-whole" },
        length: { code: "wrong-dimension", understood: "5 kg" },
        "sun.0.to": { code: "sun-backwards" },
        limit: { code: "negative" },
      },
    });
    expect(
      await addHousehold(trainer, {
        ...SURVEY,
        budget: "lots",
        cells: "-1",
        away: [{ from: "2026-08-14", to: "2026-08-01" }],
        wants: { ...SURVEY.wants, never: ["kale"] },
        sell: { ...SURVEY.sell, week: "" },
      }),
    ).toMatchObject({
      fields: {
        budget: { code: "not-an-amount", understood: "lots" },
        cells: { code: "not-whole" },
        "away.0.to": { code: "away-backwards" },
        "wants.never": { code: "must-and-never" },
        "sell.week": { code: "sell-half" },
      },
    });
    expect(
      await addHousehold(trainer, { ...SURVEY, wants: { ...SURVEY.wants, must: ["mango"] } }),
    ).toMatchObject({ fields: { "wants.must": { code: "crop-unknown" } } });
    expect((await overview(trainer, {})).found).toBe(before);
  });

  it("is not written over a newer one", async () => {
    const id = await newHousehold();
    expect((await resurvey(trainer, id, 1, { ...SURVEY, adults: "3" })).ok).toBe(true);
    expect(await resurvey(trainer, id, 1, { ...SURVEY, adults: "4" })).toMatchObject({
      ok: false,
      problem: { code: "survey-changed" },
    });
    expect((await readHousehold(trainer, id))!.adults).toBe(3);
    for (const readAt of [-1, 1.5, "2", null])
      expect(await resurvey(trainer, id, readAt, SURVEY)).toMatchObject({
        problem: { code: "invalid-input" },
      });
  });

  it("saved again for another reason keeps the day on which its sun was seen", async () => {
    const id = await newHousehold();
    const seenOn = async () => (await readHousehold(trainer, id))!.place!.sunSeenOn;
    await db("everything").query("UPDATE place SET sun_seen_on = '2026-02-03' WHERE household_id = $1", [id]);
    await resurvey(trainer, id, 1, { ...SURVEY, note: "a cat" });
    expect(await seenOn()).toBe("2026-02-03");
    await resurvey(trainer, id, 2, { ...SURVEY, sun: [{ from: "07:00", to: "12:00" }] });
    expect(await seenOn()).toBe("2026-05-18");
  });

  it("has codes without a ceiling, which sort as numbers", async () => {
    const id = await householdOf(stranger);
    await db("everything").query("UPDATE household SET code = '999' WHERE id = $1", [id]);
    const next = (await readHousehold(stranger, await householdOf(stranger)))!;
    expect(next.code).toBe("1000");
    const codes = (await listed(stranger, { sort: "number" })).map((h) => h.code);
    expect(codes.slice(-2)).toEqual(["999", "1000"]);
  });
});

describe("a plan", () => {
  it("comes back as it was saved", async () => {
    const id = await newHousehold();
    const { plan } = planWith();
    plan.bags[0]!.shape = { kind: "round", diameterCm: 29, heightCm: 30 };
    plan.rows[0]!.rolledToCm = 24;
    plan.rows[0]!.plantings[0]!.outBy = "2026-09-01";
    const saved = await savePlan(trainer, id, 0, plan);
    expect(saved).toMatchObject({ ok: true, value: { version: 1 } });
    expect((await readPlan(trainer, id)).plan).toEqual(plan);
  });

  it("comes back with pins and spots, and its kept states by name", async () => {
    const id = await newHousehold();
    const { plan } = planWith();
    plan.bags[0]!.spot = { xCm: 60, yCm: 80, turned: true };
    plan.rows[0]!.pinned = true;
    plan.rows[0]!.isCovered = true;
    plan.rows[0]!.plantings[0]!.isChosen = true;
    plan.rows[0]!.plantings[0]!.surface = "second-half";
    await savePlan(trainer, id, 0, plan);
    expect((await readHousehold(trainer, id))!.place).toMatchObject({ hooks: 2, hookLimitTyped: "30 lb" });
    expect((await readPlan(trainer, id)).plan).toEqual(plan);
    const [version] = await earlierPlans(trainer, id);
    expect(await nameVersion(trainer, id, { id: version!.id, name: "with pins" })).toEqual({
      ok: true,
      value: null,
    });
    expect((await earlierPlans(trainer, id))[0]).toMatchObject({ name: "with pins", plan });
    expect(
      await nameVersion(trainer, await newHousehold(), { id: version!.id, name: "theirs" }),
    ).toMatchObject({ problem: { code: "not-found" } });
    expect(await nameVersion(trainer, id, { id: "x", name: "" })).toMatchObject({
      problem: { code: "invalid-input" },
    });
    expect(await nameVersion(stranger, id, { id: version!.id, name: "x" })).toMatchObject({
      problem: { code: "not-found" },
    });
  });

  it("saved from two tabs: the second is told, and neither loses work", async () => {
    const id = await newHousehold();
    const [first, second] = [planWith(1).plan, planWith(2).plan];
    const outcomes = await Promise.all([savePlan(trainer, id, 0, first), savePlan(trainer, id, 0, second)]);
    expect(outcomes.filter((o) => o.ok)).toHaveLength(1);
    const [loser, winner] = outcomes[0]!.ok ? [second, first] : [first, second];
    expect(outcomes.find((o) => !o.ok)).toMatchObject({ problem: { code: "plan-changed", version: 1 } });
    expect((await readPlan(trainer, id)).plan).toEqual(winner);
    expect((await setAside(trainer, id, 0, loser)).ok).toBe(true);
    const kept = await earlierPlans(trainer, id);
    expect(kept.map((v) => [v.setAside, v.plan])).toEqual([
      [true, loser],
      [false, winner],
    ]);
  });

  it("keeps a planting that records speak of when it is taken out, and takes it back by undo", async () => {
    const id = await newHousehold();
    const { plan, plantingId } = planWith();
    await savePlan(trainer, id, 0, plan);
    expect((await addRecord(trainer, id, record(plantingId))).ok).toBe(true);
    expect((await savePlan(trainer, id, 1, { bags: [], rows: [] })).ok).toBe(true);
    expect((await readPlan(trainer, id)).plan).toEqual({ bags: [], rows: [] });
    expect((await readRecords(trainer, id)).records).toHaveLength(1);
    await savePlan(trainer, id, 2, plan);
    expect((await readPlan(trainer, id)).plan).toEqual(plan);
  });

  it("is refused when it names crops or bags that nobody knows, or another household's parts", async () => {
    const [mine, theirs] = [await newHousehold(), await newHousehold()];
    const { plan } = planWith();
    await savePlan(trainer, theirs, 0, plan);
    expect(await savePlan(trainer, mine, 0, plan)).toMatchObject({
      ok: false,
      problem: { code: "id-taken" },
    });
    expect((await readPlan(trainer, mine)).version).toBe(0);
    const bad = planWith().plan;
    bad.rows[0]!.plantings[0]!.goalId = "mango/fruit";
    expect(await savePlan(trainer, mine, 0, bad)).toMatchObject({ problem: { code: "goal-unknown" } });
    expect(await savePlan(trainer, mine, 0, { nonsense: true })).toMatchObject({
      problem: { code: "invalid-input" },
    });
  });
});

describe("a trainer of another programme", () => {
  it("sees and changes nothing here", async () => {
    const id = await newHousehold();
    expect(await readHousehold(stranger, id)).toBeUndefined();
    expect((await listed(stranger)).some((s) => s.id === id)).toBe(false);
    expect((await readPlan(stranger, id)).version).toBe(0);
    expect(await savePlan(stranger, id, 0, planWith().plan)).toMatchObject({
      problem: { code: "not-found" },
    });
    expect(
      await addRecord(stranger, id, record(null, { kind: "note", note: "x", amount: null })),
    ).toMatchObject({ problem: { code: "not-found" } });
    expect(await recordsCsv(stranger, id)).toMatchObject({ problem: { code: "not-found" } });
    expect(await resurvey(stranger, id, 1, SURVEY)).toMatchObject({ problem: { code: "not-found" } });
    expect(await addHousehold({ ...stranger, programmeId: randomUUID() }, SURVEY)).toMatchObject({
      problem: { code: "not-allowed" },
    });
  });
});

it("tells a database out of reach from a fault, so that a record can wait", async () => {
  const url = process.env.DATABASE_URL;
  await closePool();
  process.env.DATABASE_URL = "postgresql://app@127.0.0.1:1/nowhere";
  try {
    expect(
      await addRecord(trainer, randomUUID(), record(null, { kind: "note", note: "x", amount: null })),
    ).toEqual({ ok: false, problem: { code: "database-unreachable" } });
    expect(await recordsCsv(trainer, randomUUID())).toEqual({
      ok: false,
      problem: { code: "database-unreachable" },
    });
  } finally {
    await closePool();
    process.env.DATABASE_URL = url;
  }
  expect((await overview(trainer, {})).found).toBeGreaterThan(11);
});

it("refuses a database of a newer version, and changes nothing in it", async () => {
  const url = process.env.DATABASE_URL!;
  expect(await migrate(url)).toEqual([]);
  await db("everything").query(
    "INSERT INTO pgmigrations (name, run_on) VALUES ('9999_from-the-future', now())",
  );
  await expect(migrate(url)).rejects.toThrow(NewerDatabase);
  await db("everything").query("DELETE FROM pgmigrations WHERE name = '9999_from-the-future'");
});
