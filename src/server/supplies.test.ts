import { randomUUID } from "node:crypto";
import { PDFDocument } from "pdf-lib";
import { afterAll, describe, expect, it } from "vitest";
import { listSeedlings, putSeedlings } from "@/db/seedlings";
import { closePool, db } from "@/db/pool";
import { listTasks } from "@/db/tasks";
import { householdOf, planWith, twoTrainers } from "@/testing/programme";
import { readDaysForAll } from "./days";
import { followTasks } from "./following";
import { readGroup, readGroups, readTaught, placeInGroup, removeGroup, saveGroup } from "./groups";
import { readHousehold } from "./households";
import { readSetting } from "./judging";
import { readKitForAll, saveStock } from "./kit";
import { chooseMix, readMixes, removeMix, saveMix, saveSizes } from "./mixes";
import { readNursery } from "./nursery";
import { readPlan, savePlan } from "./plans";
import { askForPrint, householdSheet, readPrintFile, readPrints, workOutPrint } from "./prints";
import { readProgramme } from "./programme";
import { stopQueue } from "./queue";
import { addRecord } from "./records";
import { isSurveyed, type Surveyed } from "./setting";
import { readWeather, setWeatherMode } from "./weather";

const { trainer, stranger } = await twoTrainers();
afterAll(async () => {
  await stopQueue();
  await closePool();
});
const surveyed = async (id: string) => {
  const household = await readHousehold(trainer, id);
  if (!household || !isSurveyed(household)) throw new Error("not surveyed");
  return household;
};
const settingOf = async (household: Surveyed) => readSetting(trainer, household);

describe("mixes", () => {
  it("of a programme's own and weighed ones are kept, fill the bags that name them, and are refused in words", async () => {
    const recipe = [
      { part: "garden-soil", parts: 2 },
      { part: "sand", parts: 1 },
    ];
    expect(await saveMix(trainer, { id: "own/Harbour", recipe })).toEqual({ ok: true, value: null });
    expect(await saveMix(trainer, { id: "potting-mix", wetKgL: 1.1 })).toEqual({ ok: true, value: null });
    const { mixes, mixId } = await readMixes(trainer);
    expect(mixes.find(({ id }) => id === "own/Harbour")!.wetKgL).toBeCloseTo((2 * 1.8 + 1.9) / 3, 9);
    expect(mixes.find(({ id }) => id === "potting-mix")).toMatchObject({ wetKgL: 1.1, isWeighed: true });
    expect((await readMixes(stranger)).mixes.some(({ id }) => id === "own/Harbour")).toBe(false);

    const id = await householdOf(trainer);
    const { plan } = planWith();
    plan.rows[0]!.mixId = "own/Harbour";
    expect((await savePlan(trainer, id, 0, plan)).ok).toBe(true);
    expect((await readPlan(trainer, id)).plan.rows[0]!.mixId).toBe("own/Harbour");
    expect((await settingOf(await surveyed(id))).mixes!.map((mix) => mix.id)).toContain("own/Harbour");
    expect(await removeMix(trainer, "own/Harbour")).toMatchObject({ problem: { code: "mix-in-use" } });

    expect(await chooseMix(trainer, "soil-and-manure")).toEqual({ ok: true, value: null });
    expect((await settingOf(await surveyed(id))).mix.id).toBe("soil-and-manure");
    await chooseMix(trainer, mixId);
    expect(await chooseMix(trainer, "own/Nowhere")).toMatchObject({ problem: { code: "mix-unknown" } });
    expect(await saveMix(trainer, { id: "own/Empty", recipe: [] })).toMatchObject({
      problem: { code: "invalid-input" },
    });
    expect(await saveMix(trainer, { id: "gravel", wetKgL: 1 })).toMatchObject({
      problem: { code: "mix-unknown" },
    });
    expect(await saveSizes(trainer, { barrowL: -20, bucketL: 12, canL: 8 })).toMatchObject({
      fields: { barrowL: { code: "too-small" } },
    });
    expect(await saveSizes(trainer, { barrowL: 80, bucketL: 12, canL: 8 })).toEqual({
      ok: true,
      value: null,
    });
    expect((await settingOf(await surveyed(id))).sizes).toEqual({ barrowL: 80, bucketL: 12, canL: 8 });
    await removeMix(trainer, "potting-mix");
    expect(
      (await readMixes(trainer)).mixes.find((mix) => mix.id === "potting-mix")!.isWeighed,
    ).toBeUndefined();
  });
});

describe("the weather", () => {
  it("is asked once, kept, and told with its age while the service does not answer", async () => {
    const first = (await readWeather(trainer))!;
    expect(first).toMatchObject({ isOld: false });
    expect(first.days).toHaveLength(15);
    expect((await readWeather(trainer))!.askedAt).toBe(first.askedAt);
    expect((await setWeatherMode(trainer, "failing")).ok).toBe(true);
    const failing = (await readWeather(trainer))!;
    expect(failing).toEqual({ ...first, isOld: true });
    // Nobody waits for a silent service at every page.
    expect(await readWeather(trainer)).toEqual(failing);
    expect((await setWeatherMode(trainer, "heat-wave")).ok).toBe(true);
    const hot = (await readWeather(trainer))!;
    expect(hot.isOld).toBe(false);
    expect(hot.days[8]!.dayC).toBeGreaterThan(first.days[8]!.dayC + 5);
    expect(await setWeatherMode(trainer, "snow")).toMatchObject({ problem: { code: "invalid-input" } });
    await setWeatherMode(trainer, "usual");
  });

  it("is nothing, and no fault, where the service never answered", async () => {
    await setWeatherMode(stranger, "failing");
    expect(await readWeather(stranger)).toBeUndefined();
    expect(await readWeather(stranger)).toBeUndefined();
  });
});

describe("groups", () => {
  it("hold households of the programme, meet on days, and are parted without losing anybody", async () => {
    const id = randomUUID();
    const own = await householdOf(trainer);
    expect(
      await saveGroup(trainer, {
        id,
        name: " Landing ",
        meetsOn: ["2026-06-02", "2026-05-26", "2026-06-02"],
      }),
    ).toMatchObject({
      ok: true,
    });
    expect(await placeInGroup(trainer, own, id)).toMatchObject({ ok: true });
    expect(await readGroup(trainer, id)).toMatchObject({
      name: "Landing",
      meetsOn: ["2026-05-26", "2026-06-02"],
      households: 1,
      members: [{ id: own }],
    });
    expect(await saveGroup(trainer, { id: randomUUID(), name: "landing", meetsOn: [] })).toMatchObject({
      fields: { name: { code: "name-taken" } },
    });
    expect(await saveGroup(trainer, { id, name: "", meetsOn: [] })).toMatchObject({
      fields: { name: { code: "name-missing" } },
    });
    expect(await placeInGroup(stranger, own, id)).toMatchObject({ problem: { code: "not-found" } });
    expect(await placeInGroup(trainer, own, randomUUID())).toMatchObject({ problem: { code: "not-found" } });
    expect(await readGroup(stranger, id)).toBeUndefined();
    expect((await removeGroup(trainer, id)).ok).toBe(true);
    expect(await readHousehold(trainer, own)).toBeDefined();
    expect((await readGroups(trainer)).some((group) => group.id === id)).toBe(false);
  });

  it("order their own kit without what is in store, and are taught from their own plans", async () => {
    const [group] = await readGroups(trainer);
    const { members } = (await readGroup(trainer, group!.id))!;
    const [all, own] = [await readKitForAll(trainer, {}), await readKitForAll(trainer, { group: group!.id })];
    expect(own.order.sharers).toBeLessThanOrEqual(members.length);
    expect(own.order.sharers).toBeLessThan(all.order.sharers);
    const want = own.order.wanted.find(({ item }) => item.startsWith("bag/"))!;
    expect((await saveStock(trainer, { item: want.item, amount: want.amount })).ok).toBe(true);
    const stocked = await readKitForAll(trainer, { group: group!.id });
    expect(stocked.order.wanted.find(({ item }) => item === want.item)).toEqual(want);
    expect(stocked.order.forAll.lines.some(({ item }) => item === want.item)).toBe(false);
    expect(stocked.order.togetherMinor).toBe(own.order.togetherMinor);
    expect(await saveStock(trainer, { item: want.item, amount: -1 })).toMatchObject({
      fields: { amount: { code: "negative" } },
    });
    await saveStock(trainer, { item: want.item, amount: 0 });
    const taught = await readTaught(trainer, members);
    expect(taught.members.map(({ householdId }) => householdId).sort()).toEqual(
      members.map(({ id }) => id).sort(),
    );
  });
});

describe("what all have to do and to raise", () => {
  it("follows plans at once and records soon, of all or of a group, and nothing of another programme", async () => {
    const household = await householdOf(trainer);
    const scope = { programmeId: trainer.programmeId, householdId: household };
    const { plan, plantingId } = planWith();
    plan.rows[0]!.plantings[0] = {
      ...plan.rows[0]!.plantings[0]!,
      goalId: "cabbage/compact",
      method: "cells",
      sowOn: "2026-05-18",
    };
    expect((await savePlan(trainer, household, 0, plan)).ok).toBe(true);
    const ask = { day: "2026-05-18", until: "2026-05-31", page: 1 };
    const mine = async () =>
      (await listTasks(db("everything"), trainer.programmeId, ask)).find(
        ({ householdId }) => householdId === household,
      )?.tasks ?? [];
    expect((await mine()).map(({ kind }) => kind)).toContain("sow");
    const raised = async () =>
      (
        await listSeedlings(db("everything"), trainer.programmeId, {
          from: "2026-05-01",
          until: "2026-06-30",
        })
      ).filter(({ householdId }) => householdId === household);
    expect(await raised()).toMatchObject([{ goalId: "cabbage/compact", isSown: false }]);
    const sown = {
      id: randomUUID(),
      plantingId,
      kind: "sown",
      on: "2026-05-18",
      amount: null,
      note: "",
      supersedes: null,
    };
    expect((await addRecord(trainer, household, sown)).ok).toBe(true);
    await followTasks(scope);
    expect((await mine()).map(({ kind }) => kind)).not.toContain("sow");
    expect(await raised()).toMatchObject([{ isSown: true }]);
    const theirs = await readDaysForAll(stranger, {});
    expect([theirs.households, theirs.counts]).toEqual([[], []]);
    expect((await readNursery(stranger, {})).batches).toEqual([]);
    const nursery = await readNursery(trainer, { sure: "0.95" });
    expect(nursery.sure).toBe(0.95);
    expect((await readNursery(trainer, { sure: "0.1", group: "nonsense" })).sure).toBe(0.9);
    const all = await readDaysForAll(trainer, { kind: "pick", page: "-3", day: "not a day" });
    expect(all.page).toBe(1);
    expect(all.households.flatMap(({ tasks }) => tasks).every(({ kind }) => kind === "pick")).toBe(true);
  });

  it("names some of many households that a batch of seedlings is for, and all of them where that is asked", async () => {
    for (let i = 1; i <= 14; i++) {
      const scope = {
        programmeId: stranger.programmeId,
        householdId: await householdOf(stranger, `Traywick ${i}`),
      };
      const days = { sowOn: "2026-05-20", moveOn: "2026-06-17", holdUntil: "2026-06-27" };
      await putSeedlings(db("everything"), scope, [
        {
          ...{ plantingId: randomUUID(), goalId: "cabbage/compact", method: "cells", plants: 2, ...days },
          ...{ isSown: false, cells: 3, eachComesUp: 0.75 },
        },
      ]);
    }
    const { batches, names } = await readNursery(stranger, {});
    expect(batches).toMatchObject([{ plants: 28, more: 2 }]);
    expect(batches[0]!.shares).toHaveLength(12);
    expect(Object.values(names)).toHaveLength(12);
    const whole = await readNursery(stranger, { batch: batches[0]!.id });
    expect(whole.batches).toMatchObject([{ plants: 28, more: 0 }]);
    // By their codes, and the tenth after the ninth.
    expect(
      whole.batches[0]!.shares.map(({ householdId }) => whole.names[householdId]!.split(" ")[2]),
    ).toEqual(Array.from({ length: 14 }, (_, i) => String(i + 1)));
  });
});

describe("paper", () => {
  const LOOK = { units: "metric", paper: "A4", origin: "http://127.0.0.1:4310" };
  const pagesOf = async (pdf: Uint8Array) => (await PDFDocument.load(pdf)).getPageCount();

  it("is a sheet of two sides for a household, and nothing for a stranger", { timeout: 60_000 }, async () => {
    const household = await householdOf(trainer);
    const { plan } = planWith();
    await savePlan(trainer, household, 0, plan);
    const sheet = await householdSheet(trainer, household, LOOK);
    expect(sheet.ok && (await pagesOf(sheet.value.pdf))).toBe(2);
    expect(await householdSheet(stranger, household, LOOK)).toMatchObject({ problem: { code: "not-found" } });
    expect(await householdSheet(trainer, household, { ...LOOK, origin: "nowhere" })).toMatchObject({
      problem: { code: "invalid-input" },
    });
  });

  it("is one file for a group, made by the queue, that says how far it is", { timeout: 60_000 }, async () => {
    const [group] = await readGroups(trainer);
    const asked = await askForPrint(trainer, "sheets", group!.id, LOOK);
    if (!asked.ok) throw new Error(asked.problem.code);
    expect((await readPrints(trainer)).sheets).toMatchObject({
      id: asked.value.id,
      state: "asked",
      pages: null,
    });
    expect(await readPrintFile(trainer, asked.value.id)).toMatchObject({ problem: { code: "not-found" } });
    await workOutPrint({ programmeId: trainer.programmeId, printId: asked.value.id });
    expect((await readPrints(trainer)).sheets).toMatchObject({
      state: "done",
      progress: 1,
      pages: 2 * group!.households,
    });
    const file = await readPrintFile(trainer, asked.value.id);
    expect(file.ok && (await pagesOf(file.value.pdf))).toBe(2 * group!.households);
    expect(await readPrintFile(stranger, asked.value.id)).toMatchObject({ problem: { code: "not-found" } });
    const labels = await askForPrint(trainer, "labels", null, LOOK);
    if (!labels.ok) throw new Error(labels.problem.code);
    await workOutPrint({ programmeId: trainer.programmeId, printId: labels.value.id });
    const { sharers } = (await readKitForAll(trainer, {})).order;
    expect((await readPrints(trainer)).labels).toMatchObject({ pages: Math.ceil(sharers / 8) });
    expect(await askForPrint(trainer, "posters", null, LOOK)).toMatchObject({
      problem: { code: "invalid-input" },
    });
  });
});

it("keeps the programme's own weather and sizes apart from others'", async () => {
  expect((await readProgramme(stranger)).sizes).toEqual({ barrowL: 65, bucketL: 10, canL: 10 });
});
