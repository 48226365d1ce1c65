import { randomUUID } from "node:crypto";
import { parse } from "csv-parse/sync";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { type Plan, putPlanting } from "@/core/garden";
import type { GardenRecord } from "@/core/record";
import { loadDemo } from "@/demo/load";
import { migrate, NewerDatabase } from "@/db/migrate";
import { closePool, db } from "@/db/pool";
import { allProgrammes, insertProgramme } from "@/db/programmes";
import { finishJob, insertJobs, takeJob, touchJob } from "@/db/proposals";
import type { Actor } from "./actor";
import { saveClimate, searchTowns } from "./climate";
import { addHousehold, overview, readHousehold, readProgramme, resurvey } from "./households";
import { readSetting } from "./judging";
import { earlierPlans, nameVersion, readPlan, savePlan, setAside } from "./plans";
import { readPrices, savePrice } from "./prices";
import { readTogether, saveTogether } from "./together";
import { proposeForAll, readProposals, takeProposal } from "./proposals";
import { addRecord, readRecords, recordsCsv } from "./records";
import { overrideValue, previewOverride, readOverrides, readReference } from "./reference";
import { previewSchools, saveSchools } from "./schools";
import { isSurveyed } from "./setting";
import { importValues, valuesFile } from "./values-file";

let trainer: Actor;
let stranger: Actor;

const SURVEY = {
  name: "Testwick", adults: "2", children: "1", tastes: "", note: "", kind: "balcony", length: "10 ft 6 in", width: "1.1 m",
  sun: [{ from: "06:00", to: "18:00" }], limit: "40 psf",
  wants: { groups: { greens: "daily" }, must: ["kale"], never: [] }, skill: "first", cells: "0", budget: "60.50", water: "5 gal", away: [{ from: "2026-08-01", to: "2026-08-14" }], faces: "S", doorAt: "1 m", doorWide: "80 cm", hooks: "2", hookLimit: "30 lb",
};

beforeAll(async () => {
  const [programme] = await allProgrammes(db());
  trainer = { role: "trainer", programmeId: programme!.id, name: "Ilva Renn" };
  const other = { ...programme!, id: randomUUID(), name: "Zz elsewhere" };
  await insertProgramme(db(), other);
  stranger = { role: "trainer", programmeId: other.id, name: "Somebody" };
});
afterAll(closePool);

async function newHousehold(): Promise<string> {
  const made = await addHousehold(trainer, SURVEY);
  if (!made.ok) throw new Error(JSON.stringify(made));
  return made.value.id;
}

const planWith = (plants = 1): { plan: Plan; plantingId: string } => {
  const [bagId, plantingId] = [randomUUID(), randomUUID()];
  const plan: Plan = { bags: [{ id: bagId, kindId: "round-5-gal", shape: null, atHand: true, firstSeason: 2026 }], rows: [] };
  return { plan: putPlanting(plan, bagId, { id: plantingId, goalId: "tomato/bush", surface: "top", method: "bought", plants, sowOn: "2026-05-20" }, randomUUID()), plantingId };
};
const record = (plantingId: string | null, more: Partial<GardenRecord> = {}): GardenRecord => ({
  id: randomUUID(), plantingId, kind: "picked", on: "2026-05-18", amount: { measure: "mass", value: 0.42, typed: "420 g", unit: "g" }, note: "", supersedes: null, ...more,
});

describe("the demo programme", () => {
  it("is loaded once, with households at every stage", async () => {
    expect(await loadDemo()).toBe(false);
    const stages = new Set((await overview(trainer)).map((s) => s.stage));
    expect([...stages].sort()).toEqual(["finished", "picking", "planned", "sown", "surveyed"]);
  });
});

describe("a survey", () => {
  it("keeps what was typed beside what it means, and gives the next code", async () => {
    const id = await newHousehold();
    const household = (await readHousehold(trainer, id))!;
    expect(household.code).toMatch(/^1[3-9]|[2-9]\d$/);
    expect(household.place).toMatchObject({ lengthTyped: "10 ft 6 in", limitTyped: "40 psf" });
    expect(household.place!.lengthCm).toBeCloseTo(320.04, 6);
    expect(household.place!.limitKgM2).toBeCloseTo(195.297, 2);
    expect(household).toMatchObject({ wants: SURVEY.wants, skill: "first", cells: 0, budgetMinor: 6050, away: SURVEY.away });
    expect(household.place!.waterLDay).toBeCloseTo(18.927, 3);
  });

  it("is refused field by field, and stores nothing then", async () => {
    const before = (await overview(trainer)).length;
    const refused = await addHousehold(trainer, { ...SURVEY, name: " ", adults: "two", length: "5 kg", sun: [{ from: "13:00", to: "07:00" }], limit: "-3 psf" });
    expect(refused).toMatchObject({
      ok: false,
      problem: { code: "invalid-input" },
      fields: { name: { code: "name-missing" }, adults: { code: "not-whole" }, length: { code: "wrong-dimension", understood: "5 kg" }, "sun.0.to": { code: "sun-backwards" }, limit: { code: "negative" } },
    });
    expect(await addHousehold(trainer, { ...SURVEY, budget: "lots", cells: "-1", away: [{ from: "2026-08-14", to: "2026-08-01" }], wants: { ...SURVEY.wants, never: ["kale"] } })).toMatchObject({
      fields: { budget: { code: "not-an-amount", understood: "lots" }, cells: { code: "not-whole" }, "away.0.to": { code: "away-backwards" }, "wants.never": { code: "must-and-never" } },
    });
    expect(await addHousehold(trainer, { ...SURVEY, wants: { ...SURVEY.wants, must: ["mango"] } })).toMatchObject({ fields: { "wants.must": { code: "crop-unknown" } } });
    expect((await overview(trainer)).length).toBe(before);
  });

  it("is not written over a newer one", async () => {
    const id = await newHousehold();
    expect((await resurvey(trainer, id, 1, { ...SURVEY, adults: "3" })).ok).toBe(true);
    expect(await resurvey(trainer, id, 1, { ...SURVEY, adults: "4" })).toMatchObject({ ok: false, problem: { code: "survey-changed" } });
    expect((await readHousehold(trainer, id))!.adults).toBe(3);
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
    plan.rows[0]!.plantings[0]!.surface = "second-half";
    await savePlan(trainer, id, 0, plan);
    expect((await readHousehold(trainer, id))!.place).toMatchObject({ hooks: 2, hookLimitTyped: "30 lb" });
    expect((await readPlan(trainer, id)).plan).toEqual(plan);
    const [version] = await earlierPlans(trainer, id);
    expect(await nameVersion(trainer, id, { id: version!.id, name: "with pins" })).toEqual({ ok: true, value: null });
    expect((await earlierPlans(trainer, id))[0]).toMatchObject({ name: "with pins", plan });
    expect(await nameVersion(trainer, await newHousehold(), { id: version!.id, name: "theirs" })).toMatchObject({ problem: { code: "not-found" } });
    expect(await nameVersion(trainer, id, { id: "x", name: "" })).toMatchObject({ problem: { code: "invalid-input" } });
    expect(await nameVersion(stranger, id, { id: version!.id, name: "x" })).toMatchObject({ problem: { code: "not-found" } });
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
    expect(kept.map((v) => [v.setAside, v.plan])).toEqual([[true, loser], [false, winner]]);
  });

  it("keeps a planting that records speak of when it is taken out, and takes it back by undo", async () => {
    const id = await newHousehold();
    const { plan, plantingId } = planWith();
    await savePlan(trainer, id, 0, plan);
    expect((await addRecord(trainer, id, record(plantingId))).ok).toBe(true);
    expect((await savePlan(trainer, id, 1, { bags: [], rows: [] })).ok).toBe(true);
    expect((await readPlan(trainer, id)).plan).toEqual({ bags: [], rows: [] });
    expect(await readRecords(trainer, id)).toHaveLength(1);
    await savePlan(trainer, id, 2, plan);
    expect((await readPlan(trainer, id)).plan).toEqual(plan);
  });

  it("is refused when it names crops or bags that nobody knows, or another household's parts", async () => {
    const [mine, theirs] = [await newHousehold(), await newHousehold()];
    const { plan } = planWith();
    await savePlan(trainer, theirs, 0, plan);
    expect(await savePlan(trainer, mine, 0, plan)).toMatchObject({ ok: false, problem: { code: "id-taken" } });
    expect((await readPlan(trainer, mine)).version).toBe(0);
    const bad = planWith().plan;
    bad.rows[0]!.plantings[0]!.goalId = "mango/fruit";
    expect(await savePlan(trainer, mine, 0, bad)).toMatchObject({ problem: { code: "goal-unknown" } });
    expect(await savePlan(trainer, mine, 0, { nonsense: true })).toMatchObject({ problem: { code: "invalid-input" } });
  });
});

describe("records", () => {
  it("sent twice are stored once", async () => {
    const id = await newHousehold();
    const { plan, plantingId } = planWith();
    await savePlan(trainer, id, 0, plan);
    const r = record(plantingId);
    expect((await addRecord(trainer, id, r)).ok && (await addRecord(trainer, id, r)).ok).toBe(true);
    expect(await readRecords(trainer, id)).toHaveLength(1);
  });

  it("are never changed: the database itself refuses, and a correction is a new one, once", async () => {
    const id = await newHousehold();
    const { plan, plantingId } = planWith();
    await savePlan(trainer, id, 0, plan);
    const r = record(plantingId);
    await addRecord(trainer, id, r);
    await expect(db().query("UPDATE record SET value = 9 WHERE id = $1", [r.id])).rejects.toThrow("append-only");
    await expect(db().query("DELETE FROM record WHERE id = $1", [r.id])).rejects.toThrow("append-only");
    expect((await addRecord(trainer, id, record(plantingId, { supersedes: r.id }))).ok).toBe(true);
    expect(await addRecord(trainer, id, record(plantingId, { supersedes: r.id }))).toMatchObject({ ok: false, problem: { code: "already-corrected" } });
  });

  it("are refused for the future, for unknown plantings and for nonsense", async () => {
    const id = await newHousehold();
    expect(await addRecord(trainer, id, record(null, { kind: "note", note: "x", amount: null, on: "2026-05-19" }))).toMatchObject({ fields: { on: { code: "in-the-future" } } });
    expect(await addRecord(trainer, id, record(randomUUID()))).toMatchObject({ problem: { code: "planting-unknown" } });
    expect(await addRecord(trainer, id, { id: "x" })).toMatchObject({ problem: { code: "invalid-input" } });
    expect(await readRecords(trainer, id)).toEqual([]);
  });

  it("leave as CSV for one household and for all", async () => {
    const id = await newHousehold();
    const { plan, plantingId } = planWith();
    await savePlan(trainer, id, 0, plan);
    await addRecord(trainer, id, record(plantingId, { note: 'big, "red"' }));
    const own = await recordsCsv(trainer, id);
    const rows: Record<string, string>[] = own.ok ? parse(own.value.text, { columns: true }) : [];
    expect(rows).toHaveLength(1);
    expect(rows[0]).toMatchObject({ crop: "tomato", bag: "round-5-gal", value: "0.42", core_unit: "kg", note: 'big, "red"' });
    const all = await recordsCsv(trainer, null);
    expect(all.ok && parse(all.value.text, { columns: true }).length).toBeGreaterThan(50);
  });
});

describe("a trainer of another programme", () => {
  it("sees and changes nothing here", async () => {
    const id = await newHousehold();
    expect(await readHousehold(stranger, id)).toBeUndefined();
    expect((await overview(stranger)).some((s) => s.household.id === id)).toBe(false);
    expect((await readPlan(stranger, id)).version).toBe(0);
    expect(await savePlan(stranger, id, 0, planWith().plan)).toMatchObject({ problem: { code: "not-found" } });
    expect(await addRecord(stranger, id, record(null, { kind: "note", note: "x", amount: null }))).toMatchObject({ problem: { code: "not-found" } });
    expect(await recordsCsv(stranger, id)).toMatchObject({ problem: { code: "not-found" } });
    expect(await resurvey(stranger, id, 1, SURVEY)).toMatchObject({ problem: { code: "not-found" } });
    expect(await addHousehold({ ...stranger, programmeId: randomUUID() }, SURVEY)).toMatchObject({ problem: { code: "not-allowed" } });
  });
});

describe("schools", () => {
  it("are previewed, stored for programme, household and row, and refused when unknown", async () => {
    const id = await newHousehold();
    const { plan } = planWith();
    plan.rows[0]!.schools = { water: "often" };
    expect((await savePlan(trainer, id, 0, plan)).ok).toBe(true);
    expect((await readPlan(trainer, id)).plan).toEqual(plan);

    const preview = await previewSchools(trainer, { bagSize: "one-up" });
    expect(preview.ok && preview.value.some((d) => d.goalId === "tomato/bush" && d.before.grade === "right" && d.after.grade === "tight")).toBe(true);
    expect((await readProgramme(trainer)).schools).toEqual({});
    expect(await saveSchools(trainer, null, { moon: "waxing" })).toMatchObject({ ok: false, problem: { code: "invalid-input" } });
    expect((await saveSchools(trainer, null, { core: "none" })).ok && (await saveSchools(trainer, id, { core: "stones" })).ok).toBe(true);
    expect((await readProgramme(trainer)).schools).toEqual({ core: "none" });
    expect((await readHousehold(trainer, id))!.schools).toEqual({ core: "stones" });
    expect(await saveSchools(stranger, id, { core: "none" })).toMatchObject({ problem: { code: "not-found" } });
    await saveSchools(trainer, null, {});
  });
});

describe("prices", () => {
  it("are stored one by one, the newest counts, and one can be taken away", async () => {
    const kale = { item: "packet/kale", minor: 199, size: 2 };
    expect((await readPrices(trainer))["packet/kale"]).toEqual({ item: "packet/kale", minor: 170, size: 1.5, together: true });
    expect(await savePrice(trainer, kale)).toEqual({ ok: true, value: null });
    expect((await readPrices(trainer))["packet/kale"]).toEqual({ ...kale, together: true });
    await savePrice(trainer, { ...kale, minor: null });
    expect((await readPrices(trainer))["packet/kale"]).toBeUndefined();
    expect(await readPrices(stranger)).toEqual({});
    await savePrice(trainer, { item: "packet/kale", minor: 170, size: 1.5 });
    await expect(db().query("DELETE FROM price")).rejects.toThrow("append-only");
  });

  it("are refused for what does not exist or makes no sense", async () => {
    expect(await savePrice(trainer, { item: "packet/mango", minor: 1, size: 1 })).toMatchObject({ problem: { code: "item-unknown" } });
    expect(await savePrice(trainer, { item: "packet/kale", minor: -1, size: 1 })).toMatchObject({ problem: { code: "invalid-input" } });
    expect(await savePrice({ ...stranger, programmeId: randomUUID() }, { item: "packet/kale", minor: 1, size: 1 })).toMatchObject({ problem: { code: "not-allowed" } });
  });

  it("count shares of what the programme buys together, as it chose, and say what all plans need of it", async () => {
    const { together, pools } = await readTogether(trainer);
    expect(together).toEqual(["packet", "mix"]);
    expect(pools.packet.sharers).toBeGreaterThan(1);
    expect(pools.packet.forAll.minor).toBeLessThan(pools.packet.aloneMinor);
    expect(pools.packet.forAll.lines.every((line) => line.item.startsWith("packet/") && Number.isInteger(line.packs))).toBe(true);
    const choose = (groups: unknown) => saveTogether(trainer, groups);
    expect((await choose(["mix", "mix"])).ok).toBe(true);
    expect(await readPrices(trainer)).toMatchObject({ "packet/kale": { together: false }, "mix/potting-mix": { together: true }, "bag/round-5-gal": { together: false } });
    for (const bad of [["bag"], "packet", null]) expect(await choose(bad)).toMatchObject({ problem: { code: "invalid-input" } });
    expect(await saveTogether({ ...stranger, programmeId: randomUUID() }, [])).toMatchObject({ problem: { code: "not-allowed" } });
    expect((await readTogether(trainer)).together).toEqual(["mix"]);
    expect((await readTogether(stranger)).pools.packet).toEqual({ forAll: { lines: [], minor: 0, unpriced: 0, shared: false }, packs: 0, aloneMinor: 0, sharers: 0 });
    await choose(together);
  });
});

it("judges a household's plan with its hands and wants, and the programme's prices and germination", async () => {
  const household = (await readHousehold(trainer, await newHousehold()))!;
  if (!isSurveyed(household)) throw new Error("not surveyed");
  const setting = await readSetting(trainer, household);
  expect(setting).toMatchObject({ hands: { cells: 0, skill: "first" }, wants: SURVEY.wants, people: { adults: 2, children: 1 }, prices: { "market/kale": { minor: 380 } } });
  // The demo's records: 84 of 100 seeds of kale came up.
  expect(setting.germination!.kale).toEqual({ sown: 100, up: 84, share: 0.84 });
});

describe("a garden for every household", () => {
  it("is worked out from the queue in a thread, taken once, and refused when the plan has moved on", { timeout: 120_000 }, async () => {
    const made = await addHousehold(stranger, { ...SURVEY, length: "2 m", width: "1 m", wants: { groups: { greens: "daily" }, must: [], never: [] } });
    if (!made.ok) throw new Error(JSON.stringify(made));
    const { id } = made.value;
    expect(await proposeForAll(stranger, "moon")).toMatchObject({ ok: false, problem: { code: "invalid-input" } });
    expect(await proposeForAll(stranger, "ease")).toEqual({ ok: true, value: null });
    // Asked again while it waits, it stands in the queue once.
    await proposeForAll(stranger, "ease");
    const lineOf = async () => (await readProposals(stranger)).find((l) => l.householdId === id)!;
    let line = await lineOf();
    for (let i = 0; i < 200 && line.status !== "done" && line.status !== "failed"; i++) {
      await new Promise((resolve) => setTimeout(resolve, 500));
      line = await lineOf();
    }
    expect(line).toMatchObject({ status: "done", aim: "ease", stale: false });
    expect(line.proposal!.worth).toBeLessThanOrEqual(line.proposal!.bound + 1e-6);
    expect(Object.keys(line.proposal!.adds).length).toBeGreaterThan(0);
    expect(await takeProposal(trainer, line.jobId!)).toMatchObject({ problem: { code: "not-found" } });
    expect(await takeProposal(stranger, line.jobId!)).toEqual({ ok: true, value: { version: 1 } });
    expect((await readPlan(stranger, id)).plan).toEqual(line.proposal!.plan);
    expect((await lineOf()).stale).toBe(true);
    expect(await takeProposal(stranger, line.jobId!)).toMatchObject({ problem: { code: "plan-changed" } });
  });

  it("gives no job to two takers, and gives a lost one again", async () => {
    const programmeId = stranger.programmeId;
    const [household] = (await overview(stranger)).map((s) => s.household.id);
    await insertJobs(db(), programmeId, [household!], "soon", "x");
    const [first, second] = await Promise.all([takeJob(db(), programmeId, 5), takeJob(db(), programmeId, 5)]);
    expect([first, second].filter(Boolean)).toHaveLength(1);
    expect(await takeJob(db(), programmeId, 5)).toBeUndefined();
    // Nothing has been heard of it for long; a word that it goes on keeps it from others.
    const silent = () => db().query("UPDATE proposal_job SET taken_at = now() - interval '9 minutes' WHERE id = $1", [(first ?? second)!.id]);
    await silent();
    await touchJob(db(), (first ?? second)!.id);
    expect(await takeJob(db(), programmeId, 5)).toBeUndefined();
    await silent();
    const lost = await takeJob(db(), programmeId, 5);
    expect(lost!.id).toBe((first ?? second)!.id);
    await finishJob(db(), lost!.id, 0, null);
    expect((await readProposals(stranger)).find((l) => l.householdId === household)!.status).toBe("failed");
  });
});

describe("the town's climate", () => {
  const twelve = (first: number) => Array.from({ length: 12 }, (_, i) => first + i * 0.1);
  const climate = { latitude: 64, longitude: -21, timeZone: "Atlantic/Reykjavik", place: "Testvik", origin: "typed", lowC: twelve(4), highC: twelve(9) };

  it("is refused when a month is missing, changes every date when it is stored, and goes back", async () => {
    expect(await saveClimate(trainer, { ...climate, lowC: twelve(4).slice(1) })).toMatchObject({ ok: false, fields: { lowC: { code: "not-twelve" } } });
    expect(await saveClimate(trainer, { ...climate, lowC: twelve(20) })).toMatchObject({ ok: false, fields: { lowC: { code: "low-above-high" } } });
    expect((await readProgramme(trainer)).climate).toBeNull();
    const before = await overview(trainer);
    expect(await saveClimate(trainer, climate)).toEqual({ ok: true, value: null });
    expect((await readProgramme(trainer)).climate).toEqual(climate);
    expect(JSON.stringify((await overview(trainer)).map((s) => s.due))).not.toBe(JSON.stringify(before.map((s) => s.due)));
    await saveClimate(trainer, null);
    expect(await overview(trainer)).toEqual(before);
  });

  it("finds towns without a network, with or without accents", () => {
    expect(searchTowns("reykjav")[0]).toMatchObject({ country: "IS", timeZone: "Atlantic/Reykjavik" });
    expect(Math.abs(searchTowns("reykjavik")[0]!.latitude - 64.1)).toBeLessThan(0.2);
    expect(searchTowns("sao paulo").some((t) => t.name === "São Paulo")).toBe(true);
    expect(searchTowns("x")).toEqual([]);
  });
});

describe("a programme's own values", () => {
  const NAME = "goal/tomato/bush/stand.soilL.least";

  it("are previewed against its plans, stored with a reason, and taken back", async () => {
    const id = await newHousehold();
    await savePlan(trainer, id, 0, planWith().plan);
    const preview = await previewOverride(trainer, NAME, 15);
    expect(preview.ok).toBe(true);
    const senseless = await previewOverride(trainer, NAME, -1);
    expect(senseless).toMatchObject({ ok: false, fields: { value: { code: "override-senseless" } } });
    expect(await overrideValue(trainer, NAME, 14, " ")).toMatchObject({ fields: { reason: { code: "reason-missing" } } });
    expect(await readOverrides(trainer)).toEqual([]);

    const tight = await previewOverride(trainer, "goal/tomato/bush/stand.soilL.good", 30);
    expect(tight.ok && tight.value.some((d) => d.goalId === "tomato/bush" && d.before.grade === "right" && d.after.grade === "tight")).toBe(true);

    expect((await overrideValue(trainer, NAME, 14, "small bags here")).ok).toBe(true);
    expect((await overrideValue(trainer, NAME, 13, "measured again")).ok).toBe(true);
    expect(await readOverrides(trainer)).toMatchObject([{ name: NAME, value: 13, reason: "measured again", author: "Ilva Renn" }]);
    const tomato = (await readReference(trainer)).crops.find((c) => c.id === "tomato")!.goals[0]!;
    expect(tomato.stand).toMatchObject({ soilL: { least: 13 } });
    expect(await readOverrides(stranger)).toEqual([]);
    await overrideValue(trainer, NAME, null, "");
    expect(await readOverrides(trainer)).toEqual([]);
    await expect(db().query("DELETE FROM library_override")).rejects.toThrow("append-only");
  });

  it("come from a file all together or not at all", async () => {
    const bad = await importValues(trainer, `name,value,reason\n${NAME},13,roof\ncrop/tomato/heatC,hot,roof\ncrop/mango/heatC,30,roof\n`);
    expect(bad).toMatchObject({ ok: true, value: { stored: 0, faults: [{ line: 3, problem: { code: "not-a-number" } }, { line: 4, problem: { code: "value-unknown" } }] } });
    expect(await readOverrides(trainer)).toEqual([]);
    expect(await importValues(trainer, "{")).toMatchObject({ ok: false, problem: { code: "file-broken" } });
    expect(await importValues(trainer, `name,value,reason\n${NAME},13,roof\ncrop/tomato/heatC,34,roof\n`)).toEqual({ ok: true, value: { stored: 2, faults: [] } });
    for (const format of ["csv", "json"] as const) {
      const file = await valuesFile(trainer, format);
      expect(file.ok && (await importValues(trainer, file.value.text))).toEqual({ ok: true, value: { stored: 2, faults: [] } });
    }
    for (const { name } of await readOverrides(trainer)) await overrideValue(trainer, name, null, "");
  });
});

it("tells a database out of reach from a fault, so that a record can wait", async () => {
  const url = process.env.DATABASE_URL;
  await closePool();
  process.env.DATABASE_URL = "postgresql://app@127.0.0.1:1/nowhere";
  try {
    expect(await addRecord(trainer, randomUUID(), record(null, { kind: "note", note: "x", amount: null }))).toEqual({ ok: false, problem: { code: "database-unreachable" } });
    expect(await recordsCsv(trainer, null)).toEqual({ ok: false, problem: { code: "database-unreachable" } });
  } finally {
    await closePool();
    process.env.DATABASE_URL = url;
  }
  expect((await overview(trainer)).length).toBeGreaterThan(11);
});

it("refuses a database of a newer version, and changes nothing in it", async () => {
  const url = process.env.DATABASE_URL!;
  expect(await migrate(url)).toEqual([]);
  await db().query("INSERT INTO pgmigrations (name, run_on) VALUES ('9999_from-the-future', now())");
  await expect(migrate(url)).rejects.toThrow(NewerDatabase);
  await db().query("DELETE FROM pgmigrations WHERE name = '9999_from-the-future'");
});
