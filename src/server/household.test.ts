import { randomUUID } from "node:crypto";
import { afterAll, describe, expect, it } from "vitest";
import type { GardenRecord } from "@/core/record";
import { readPlans, readStood } from "@/db/plans";
import { closePool, type Db, db, transaction } from "@/db/pool";
import { householdOf, planWith, record, SURVEY, tinyJpeg, twoTrainers } from "@/testing/programme";
import { addHousehold, findHouseholds, overview, putAway, readHousehold, readNextStep } from "./households";
import { readSetting } from "./judging";
import { takeNotes } from "./notes";
import { savePlan } from "./plans";
import { stopQueue } from "./queue";
import { readKitForAll } from "./kit";
import { addRecord, logPlantings, readDone, readPhoto, readRecords } from "./records";
import { isSurveyed } from "./setting";

const { trainer, stranger } = await twoTrainers();
afterAll(async () => {
  await stopQueue();
  await closePool();
});
const read = async (id: string) => (await readHousehold(trainer, id))!;

it("leaves every list when it is put away, keeps its records, and comes back", async () => {
  const id = await householdOf(trainer);
  const { plan, plantingId } = planWith();
  await savePlan(trainer, id, 0, plan);
  await addRecord(trainer, id, record(plantingId));
  const before = await overview(trainer, {});
  expect(await putAway(stranger, id, true)).toMatchObject({ problem: { code: "not-found" } });
  expect(await putAway(trainer, id, "yes")).toMatchObject({ ok: false });
  expect(await putAway(trainer, id, true)).toEqual({ ok: true, value: null });
  const after = await overview(trainer, {});
  expect([after.found, after.away]).toEqual([before.found - 1, before.away + 1]);
  expect((await overview(trainer, { filter: "away" })).summaries.map((s) => s.id)).toContain(id);
  const { code } = await read(id);
  expect((await findHouseholds(trainer, code)).map((h) => h.id)).not.toContain(id);
  expect((await readRecords(trainer, id)).records).toHaveLength(1);
  await putAway(trainer, id, false);
  expect((await overview(trainer, {})).found).toBe(before.found);
});

describe("what is read of a household", () => {
  interface Step {
    "Node Type": string;
    "Relation Name"?: string;
    "Actual Rows": number;
    Plans?: Step[];
  }
  const scansOf = (step: Step): Step[] => [
    ...(step["Relation Name"] ? [step] : []),
    ...(step.Plans ?? []).flatMap(scansOf),
  ];

  it("is read without all others', its plan and its garden through all seasons", async () => {
    const [id] = (await overview(trainer, {})).summaries.map((s) => s.id);
    const scope = { programmeId: trainer.programmeId, householdId: id! };
    await transaction("everything", async (on) => {
      // As a database does that holds many: it reads a table once and looks into that, instead of one row after another.
      await on.query(`SET LOCAL enable_nestloop = off`);
      const scanned: Step[] = [];
      const watched: Db = {
        query: async (sql, values) => {
          const { rows } = await on.query(`EXPLAIN (ANALYZE, FORMAT JSON) ${sql}`, values);
          scanned.push(...scansOf(rows[0]["QUERY PLAN"][0].Plan));
          return on.query(sql, values);
        },
      };
      await readStood(watched, scope);
      await readPlans(watched, scope.programmeId, [scope.householdId]);
      expect(new Set(scanned.map((s) => s["Relation Name"]))).toEqual(
        new Set(["plan", "bag", "plan_row", "planting", "planting_summary"]),
      );
      for (const { "Relation Name": table, "Actual Rows": found } of scanned) {
        const { rows } = await on.query(
          `SELECT count(*) FILTER (WHERE household_id = $1) AS own, count(*) AS all FROM ${table}`,
          [id],
        );
        expect(rows[0].own).toBeLessThan(rows[0].all);
        expect(found, table).toBeLessThanOrEqual(rows[0].own);
      }
    });
  });
});

describe("a household's next step", () => {
  it("goes from the survey to the choice, to what is due, to what comes later", async () => {
    const id = await householdOf(trainer);
    const step = async () => readNextStep(trainer, await read(id));
    expect(await step()).toEqual({ code: "choose" });
    const { plan, plantingId } = planWith();
    await savePlan(trainer, id, 0, plan);
    expect(await step()).toMatchObject({ code: "due", task: "sow", plantingId, late: false });
    await addRecord(trainer, id, { ...record(plantingId), kind: "sown", on: "2026-05-18", amount: null });
    expect(await step()).toMatchObject({ code: "later", task: "pick" });
  });
});

it("refuses a record on a day that cannot be, at its field, and takes one that comes a second time", async () => {
  const id = await householdOf(trainer);
  const { plan, plantingId } = planWith();
  await savePlan(trainer, id, 0, plan);
  const sown = { ...record(plantingId), kind: "sown" as const, on: "2026-05-10", amount: null };
  expect(await addRecord(trainer, id, sown)).toMatchObject({ ok: true });
  const early = { ...record(plantingId), id: randomUUID(), on: "2026-05-09" };
  expect(await addRecord(trainer, id, early)).toMatchObject({
    ok: false,
    fields: { on: { code: "before-sown", day: "2026-05-10" } },
  });
  expect(await addRecord(trainer, id, { ...early, on: "1999-05-09" })).toMatchObject({
    fields: { on: { code: "too-long-ago" } },
  });
  expect(await addRecord(trainer, id, sown)).toMatchObject({ ok: true });
  expect((await readRecords(trainer, id)).records).toHaveLength(1);
});

it("judges by what is on record: plants that were lost are gone from the count", async () => {
  const made = await addHousehold(trainer, SURVEY);
  if (!made.ok) throw new Error(made.problem.code);
  const { plan, plantingId } = planWith(3);
  await savePlan(trainer, made.value.id, 0, plan);
  const lost = (id: string, value: number) =>
    addRecord(trainer, made.value.id, {
      ...record(plantingId),
      id,
      kind: "lost" as const,
      on: "2026-05-12",
      amount: { measure: "count", value, typed: String(value), unit: "" },
    });
  await lost(randomUUID(), 2);
  const setting = async () => {
    const household = await read(made.value.id);
    if (!isSurveyed(household)) throw new Error("not surveyed");
    return (await readSetting(trainer, household)).happened?.[plantingId];
  };
  expect(await setting()).toEqual({ lost: 2 });
  await lost(randomUUID(), 1);
  expect(await setting()).toEqual({ endedOn: "2026-05-12" });
});

it("takes what has been sown by record off what the programme has to buy, and puts it back when that was struck out", async () => {
  const id = await householdOf(trainer);
  const { plan, plantingId } = planWith(2);
  await savePlan(trainer, id, 0, plan);
  const pieces = async () => {
    const { rows } = await db("everything").query(
      `SELECT amount FROM need WHERE household_id = $1 AND item = 'piece/tomato'`,
      [id],
    );
    return rows.map((row: { amount: number }) => row.amount);
  };
  expect(await pieces()).toEqual([2]);
  const sown = { ...record(plantingId), kind: "sown" as const, amount: null };
  await addRecord(trainer, id, sown);
  expect(await pieces()).toEqual([]);
  await addRecord(trainer, id, {
    ...record(plantingId),
    kind: "struck",
    amount: null,
    supersedes: sown.id,
  });
  expect(await pieces()).toEqual([2]);
});

it("keeps what is of a whole bag, takes no mix for one that is full, and takes it again when that is struck", async () => {
  const id = await householdOf(trainer);
  const { plan } = planWith();
  plan.bags[0]!.atHand = false;
  await savePlan(trainer, id, 0, plan);
  const rowId = plan.rows[0]!.id;
  const parcel = async () =>
    (await readKitForAll(trainer, { page: await pageOf(id) })).parcels.find((p) => p.householdId === id)
      ?.lines ?? [];
  const groups = async () => (await parcel()).map((line) => line.item.split("/")[0]);
  expect(await groups()).toEqual(expect.arrayContaining(["bag", "mix"]));
  const filled = {
    ...record(""),
    id: randomUUID(),
    plantingId: null,
    rowId,
    kind: "filled" as const,
    on: "2026-05-18",
    amount: null,
  };
  expect(await addRecord(trainer, id, { ...filled, rowId: undefined })).toMatchObject({
    fields: { rowId: { code: "row-missing" } },
  });
  // A row of another household is none of this one.
  expect(await addRecord(trainer, id, { ...filled, rowId: randomUUID() })).toMatchObject({
    problem: { code: "row-unknown" },
  });
  expect(await addRecord(trainer, id, filled)).toMatchObject({ ok: true });
  expect(await readDone(trainer, id)).toContainEqual({
    plantingId: null,
    rowId,
    kind: "filled",
    days: ["2026-05-18"],
  });
  expect(await groups()).not.toEqual(expect.arrayContaining(["mix"]));
  const struck = {
    ...filled,
    id: randomUUID(),
    rowId: undefined,
    kind: "struck" as const,
    supersedes: filled.id,
  };
  expect(await addRecord(trainer, id, struck)).toMatchObject({ ok: true });
  expect(await readDone(trainer, id)).toEqual([]);
  expect(await groups()).toEqual(expect.arrayContaining(["bag", "mix"]));
});

it("orders for all what all parcels hold, and nothing of another programme", async () => {
  const first = await readKitForAll(trainer, { page: 1 });
  const parcels = [...first.parcels];
  for (let page = 2; page <= first.pages; page++)
    parcels.push(...(await readKitForAll(trainer, { page: page })).parcels);
  expect(parcels.length).toBe(first.order.sharers);
  const sums = new Map<string, number>();
  for (const { item, amount } of parcels.flatMap((p) => p.lines))
    sums.set(item, (sums.get(item) ?? 0) + amount);
  expect(first.order.wanted.length).toBe(sums.size);
  for (const want of first.order.wanted) expect(want.amount).toBeCloseTo(sums.get(want.item)!, 6);
  // What is in store is bought no more.
  for (const line of first.order.forAll.lines)
    expect(line.amount).toBeCloseTo(sums.get(line.item)! - (first.stock[line.item] ?? 0), 6);
  expect(first.order.aloneMinor).toBeGreaterThanOrEqual(first.order.togetherMinor);
  expect(await readKitForAll(stranger, { page: "x" })).toMatchObject({
    parcels: [],
    page: 1,
    order: { sharers: 0 },
  });
});

/** The page of the parcels on which a household is. */
async function pageOf(id: string): Promise<number> {
  const { pages } = await readKitForAll(trainer, { page: 1 });
  for (let page = 1; page <= pages; page++)
    if ((await readKitForAll(trainer, { page: page })).parcels.some((p) => p.householdId === id)) return page;
  return 1;
}

it("keeps what else a record says, and the photo that came with it once, without what was hidden in it", async () => {
  const id = await householdOf(trainer);
  const { plan, plantingId } = planWith();
  await savePlan(trainer, id, 0, plan);
  const hidden = [0xff, 0xe1, 0, 8, ...new TextEncoder().encode("43.1 N")];
  const jpeg = tinyJpeg(hidden);
  const pest: GardenRecord = {
    ...record(plantingId, { kind: "pest", amount: null, note: "" }),
    detail: { photo: true, part: "left half" },
  };
  expect(await addRecord(trainer, id, pest)).toMatchObject({ problem: { code: "photo-unread" } });
  expect(await addRecord(trainer, id, pest, "no picture")).toMatchObject({
    problem: { code: "photo-unread" },
  });
  expect((await readRecords(trainer, id)).records).toEqual([]);
  expect(await addRecord(trainer, id, pest, jpeg)).toMatchObject({ ok: true });
  expect(await addRecord(trainer, id, pest, jpeg)).toMatchObject({ ok: true });
  const { records } = await readRecords(trainer, id);
  expect(records.map((r) => r.detail)).toEqual([{ photo: true, part: "left half" }]);
  const photo = await readPhoto(trainer, id, pest.id);
  expect(photo.ok && Buffer.from(photo.value).toString("base64")).toBe(tinyJpeg());
  // Nobody else's, by whatever way.
  const other = await householdOf(trainer);
  const refusal = { problem: { code: "not-found" } };
  expect(await readPhoto(trainer, other, pest.id)).toMatchObject(refusal);
  expect(await readPhoto({ ...trainer, households: [other] }, id, pest.id)).toMatchObject(refusal);
  expect(await readPhoto(stranger, id, pest.id)).toMatchObject(refusal);
  expect(await readPhoto(trainer, id, "../etc")).toMatchObject(refusal);
});

describe("other people's notes", () => {
  const note = (more: Record<string, string>) => ({
    household: "",
    date: "17.5.2026",
    what: "picked",
    crop: "tomato",
    row: "",
    amount: "0,5",
    unit: "kg",
    note: "",
    id: "",
    ...more,
  });
  const namesOf = (goalId: string) => [goalId.split("/")[0]!];
  const take = (rows: object[], isStored: boolean, actor = trainer) =>
    takeNotes(actor, { rows, order: "day-first", what: "", isStored }, namesOf);

  it("are told before they are stored, stored whole, and known when they come again", async () => {
    const id = await householdOf(trainer);
    const { plan } = planWith();
    await savePlan(trainer, id, 0, plan);
    const { code } = await read(id);
    const rows = [
      note({ household: code }),
      note({ household: code, date: "18.5.", amount: "3 pieces", unit: "", note: "split" }),
    ];
    const dry = await take(rows, false);
    expect(dry).toMatchObject({ ok: true, value: { stored: 0, lines: [{ is: "new" }, { is: "new" }] } });
    expect((await readRecords(trainer, id)).records).toEqual([]);
    // One that is wrong keeps all of them out.
    const mixed = await take([...rows, note({ household: code, crop: "mango" })], true);
    expect(mixed).toMatchObject({ value: { stored: 0, lines: [{}, {}, { is: "wrong", line: 4 }] } });
    expect((await readRecords(trainer, id)).records).toEqual([]);
    expect(await take(rows, true)).toMatchObject({ value: { stored: 2 } });
    expect((await readRecords(trainer, id)).records.map((r) => [r.on, r.amount?.value, r.note])).toEqual([
      ["2026-05-18", 3, "split"],
      ["2026-05-17", 0.5, ""],
    ]);
    expect((await logPlantings(trainer, id))[0]!.picked).toEqual({ mass: 0.5, pieces: 3 });
    const again = await take(rows, true);
    expect(again).toMatchObject({ value: { stored: 0, lines: [{ is: "known" }, { is: "known" }] } });
    expect((await readRecords(trainer, id)).records).toHaveLength(2);
  });

  it("are of the actor's own households, and read whatever is typed", async () => {
    const { code } = await read(await householdOf(trainer));
    const wrong = await take([note({ household: code }), note({ household: "9999" })], true, stranger);
    expect(wrong).toMatchObject({
      value: {
        stored: 0,
        lines: [{ problem: { code: "household-unknown" } }, { problem: { code: "household-unknown" } }],
      },
    });
    expect(await take([], true)).toMatchObject({ problem: { code: "file-empty" } });
    expect(await take([{ household: 7 }], true)).toMatchObject({ ok: false });
    expect(await take([note({ note: "x".repeat(1001) })], true)).toMatchObject({
      problem: { code: "too-long" },
    });
  });
});
