import { randomUUID } from "node:crypto";
import { afterAll, describe, expect, it } from "vitest";
import { listSummaries } from "@/db/summaries";
import { closePool, db } from "@/db/pool";
import { askProposals, findProposal, finishProposal, startProposal } from "@/db/proposals";
import { householdOf, planWith, SURVEY, twoTrainers } from "@/testing/programme";
import { saveClimate, searchTowns } from "./climate";
import { judgeAll } from "./following";
import { addHousehold, overview, readHousehold } from "./households";
import { judgeNewDay, readSetting } from "./judging";
import { readPlan, savePlan } from "./plans";
import { readPrices, savePrice } from "./prices";
import { readTogether, saveTogether } from "./together";
import { proposedPlan, proposeForAll, readProposals, takeBackProposal, takeProposal } from "./proposals";
import { judgingSince, readOverrides, readProgramme, readReference, readToday } from "./programme";
import { enqueue, stopQueue } from "./queue";
import { addRecord } from "./records";
import { overrideValue, previewOverride } from "./reference";
import { previewSchools, saveSchools } from "./schools";
import { isSurveyed } from "./setting";
import { importValues, valuesFile } from "./values-file";
import { messageWords } from "@/ui/messages/message-words";
import { wordsFor } from "@/ui/words/words-for";
import { startWork } from "./work";

const { trainer, stranger } = await twoTrainers();
afterAll(async () => {
  await stopQueue();
  await closePool();
});
const WORDS = messageWords(wordsFor("metric", "EUR"));
const newHousehold = () => householdOf(trainer);

/** Looks again and again until something holds, for a minute and a half at most. */
async function until<T>(look: () => Promise<T>, holds: (seen: T) => boolean): Promise<T> {
  for (let i = 0; ; i++) {
    const seen = await look();
    if (holds(seen) || i > 180) return seen;
    await new Promise((resolve) => setTimeout(resolve, 500));
  }
}

describe("schools", () => {
  it("are previewed, stored for programme, household and row, and refused when unknown", async () => {
    const id = await newHousehold();
    const { plan } = planWith();
    plan.rows[0]!.schools = { water: "often" };
    expect((await savePlan(trainer, id, 0, plan)).ok).toBe(true);
    expect((await readPlan(trainer, id)).plan).toEqual(plan);

    const preview = await previewSchools(trainer, null, { bagSize: "one-up" }, true);
    expect(
      preview.ok &&
        preview.value.isAll &&
        preview.value.changes.some(
          (d) => d.goalId === "tomato/bush" && d.before.grade === "right" && d.after.grade === "tight",
        ),
    ).toBe(true);
    const own = await previewSchools(trainer, id, { bagSize: "one-up" }, false);
    if (!own.ok || !preview.ok) throw new Error("no preview");
    expect(own.value).toMatchObject({ plans: 1, isAll: true });
    expect(own.value.after).toEqual(own.value.before);
    expect(own.value.changes.length).toBeLessThan(preview.value.changes.length);
    expect(await previewSchools(stranger, id, {}, false)).toMatchObject({ ok: true, value: { plans: 0 } });
    expect((await readProgramme(trainer)).schools).toEqual({});
    expect(await saveSchools(trainer, null, { moon: "waxing" })).toMatchObject({
      ok: false,
      problem: { code: "invalid-input" },
    });
    expect(
      (await saveSchools(trainer, null, { core: "none" })).ok &&
        (await saveSchools(trainer, id, { core: "stones" })).ok,
    ).toBe(true);
    expect((await readProgramme(trainer)).schools).toEqual({ core: "none" });
    expect((await readHousehold(trainer, id))!.schools).toEqual({ core: "stones" });
    expect(await saveSchools(stranger, id, { core: "none" })).toMatchObject({
      problem: { code: "not-found" },
    });
    await saveSchools(trainer, null, {});
  });
});

describe("prices", () => {
  it("are stored one by one, the newest counts, and one can be taken away", async () => {
    const kale = { item: "packet/kale", minor: 199, size: 2 };
    expect((await readPrices(trainer))["packet/kale"]).toEqual({
      item: "packet/kale",
      minor: 170,
      size: 1.5,
      together: true,
    });
    expect(await savePrice(trainer, kale)).toEqual({ ok: true, value: null });
    expect((await readPrices(trainer))["packet/kale"]).toEqual({ ...kale, together: true });
    await savePrice(trainer, { ...kale, minor: null });
    expect((await readPrices(trainer))["packet/kale"]).toBeUndefined();
    expect(await readPrices(stranger)).toEqual({});
    await savePrice(trainer, { item: "packet/kale", minor: 170, size: 1.5 });
    await expect(db("everything").query("DELETE FROM price")).rejects.toThrow("append-only");
  });

  it("are refused for what does not exist or makes no sense", async () => {
    expect(await savePrice(trainer, { item: "packet/mango", minor: 1, size: 1 })).toMatchObject({
      problem: { code: "item-unknown" },
    });
    expect(await savePrice(trainer, { item: "packet/kale", minor: -1, size: 1 })).toMatchObject({
      problem: { code: "invalid-input" },
    });
    expect(
      await savePrice({ ...stranger, programmeId: randomUUID() }, { item: "packet/kale", minor: 1, size: 1 }),
    ).toMatchObject({ problem: { code: "not-allowed" } });
  });

  it("count shares of what the programme buys together, as it chose, and say what all plans need of it", async () => {
    const { together, pools } = await readTogether(trainer);
    expect(together).toEqual(["packet", "mix"]);
    expect(pools.packet.sharers).toBeGreaterThan(1);
    expect(pools.packet.forAll.minor).toBeLessThan(pools.packet.aloneMinor);
    expect(
      pools.packet.forAll.lines.every(
        (line) => line.item.startsWith("packet/") && Number.isInteger(line.packs),
      ),
    ).toBe(true);
    const choose = (groups: unknown) => saveTogether(trainer, groups);
    expect((await choose(["mix", "mix"])).ok).toBe(true);
    expect(await readPrices(trainer)).toMatchObject({
      "packet/kale": { together: false },
      "mix/potting-mix": { together: true },
      "bag/round-5-gal": { together: false },
    });
    for (const bad of [["bag"], "packet", null])
      expect(await choose(bad)).toMatchObject({ problem: { code: "invalid-input" } });
    expect(await saveTogether({ ...stranger, programmeId: randomUUID() }, [])).toMatchObject({
      problem: { code: "not-allowed" },
    });
    expect((await readTogether(trainer)).together).toEqual(["mix"]);
    expect((await readTogether(stranger)).pools.packet).toMatchObject({
      forAll: { lines: [], minor: 0, unpriced: 0, shared: false },
      packs: 0,
      aloneMinor: 0,
      sharers: 0,
    });
    await choose(together);
  });
});

it("judges a household's plan with its hands and wants, and the programme's prices and germination", async () => {
  const household = (await readHousehold(trainer, await newHousehold()))!;
  if (!isSurveyed(household)) throw new Error("not surveyed");
  const setting = await readSetting(trainer, household);
  expect(setting).toMatchObject({
    hands: { cells: 0, skill: "first" },
    wants: SURVEY.wants,
    people: { adults: 2, children: 1 },
    prices: { "market/kale": { minor: 380 } },
  });
  // As many seeds of lettuce, and as many of them up, as the lines of all plantings have.
  const lettuce = (await listSummaries(db(trainer), trainer.programmeId)).filter(
    (l) => l.cropId === "lettuce",
  );
  const [sown, up] = [lettuce.reduce((n, l) => n + l.seeds, 0), lettuce.reduce((n, l) => n + l.ups, 0)];
  expect(sown).toBeGreaterThan(100);
  expect(setting.germination!.lettuce).toEqual({ sown, up, share: up / sown });
});

describe("a garden for every household", () => {
  it(
    "is worked out from the queue in a thread, taken once, and refused when the plan has moved on",
    { timeout: 120_000 },
    async () => {
      const made = await addHousehold(stranger, {
        ...SURVEY,
        length: "2 m",
        width: "1 m",
        wants: { groups: { greens: "daily" }, must: [], never: [] },
      });
      if (!made.ok) throw new Error(JSON.stringify(made));
      const { id } = made.value;
      expect(await proposeForAll(stranger, "moon")).toMatchObject({
        ok: false,
        problem: { code: "invalid-input" },
      });
      expect(await proposeForAll(stranger, "ease")).toEqual({ ok: true, value: null });
      // Asked again while it waits, it stands in the queue once.
      await proposeForAll(stranger, "ease");
      const lineOf = async () => (await readProposals(stranger, 1)).lines.find((l) => l.householdId === id)!;
      expect(await lineOf()).toMatchObject({ status: "waiting", figures: null });
      await startWork(WORDS);
      const line = await until(lineOf, ({ status }) => status === "done" || status === "failed");
      expect(line).toMatchObject({ status: "done", aim: "ease", stale: false });
      expect(line.figures!.plantings).toBeGreaterThan(0);
      const { result } = (await findProposal(db("everything"), {
        programmeId: stranger.programmeId,
        householdId: id,
      }))!;
      expect(result!.worth).toBeLessThanOrEqual(result!.bound + 1e-6);
      expect(await takeProposal(trainer, id)).toMatchObject({ problem: { code: "not-found" } });
      expect(await takeProposal(stranger, "x")).toMatchObject({ problem: { code: "not-found" } });
      expect(await takeProposal(stranger, id)).toEqual({ ok: true, value: { version: 1 } });
      expect((await readPlan(stranger, id)).plan).toEqual(result!.plan);
      expect((await lineOf()).stale).toBe(true);
      expect(await takeProposal(stranger, id)).toMatchObject({ problem: { code: "plan-changed" } });
      // Taken back, the plan is as it was; once somebody has saved since, it stays.
      expect(await takeBackProposal(stranger, id)).toEqual({ ok: true, value: { version: 2 } });
      expect((await readPlan(stranger, id)).plan).toEqual({ bags: [], rows: [] });
      expect(await takeBackProposal(stranger, id)).toMatchObject({ problem: { code: "plan-changed" } });
      expect(await takeBackProposal(trainer, id)).toMatchObject({ problem: { code: "not-found" } });
      // What is written down after a proposal was begun, that could not know: it is not taken over it.
      expect((await savePlan(stranger, id, 2, result!.plan)).ok).toBe(true);
      const scope = { programmeId: stranger.programmeId, householdId: id };
      await askProposals(db("everything"), stranger.programmeId, { aim: "ease", by: "Somebody" });
      await startProposal(db("everything"), scope);
      await finishProposal(db("everything"), scope, { planVersion: 3, proposal: result! });
      expect((await lineOf()).stale).toBe(false);
      const planting = result!.plan.rows.flatMap((r) => r.plantings)[0]!;
      const sown = { plantingId: planting.id, kind: "sown", on: await readToday(stranger), amount: null };
      expect(
        await addRecord(stranger, id, { id: randomUUID(), ...sown, note: "", supersedes: null }),
      ).toMatchObject({ ok: true });
      expect((await lineOf()).stale).toBe(true);
      expect(await proposedPlan(stranger, id)).toBeUndefined();
      expect(await takeProposal(stranger, id)).toMatchObject({ problem: { code: "proposal-overtaken" } });
    },
  );

  it(
    "is given up when it fails as often as it is tried, and does not come back",
    { timeout: 60_000 },
    async () => {
      const id = await householdOf(stranger);
      await db("everything").query(
        `UPDATE household SET wants = '{"groups": {"moon": "daily"}}' WHERE id = $1`,
        [id],
      );
      await db("everything").query(
        `UPDATE proposal SET status = 'done', result = NULL WHERE programme_id = $1 AND household_id <> $2`,
        [stranger.programmeId, id],
      );
      await db("everything").query(
        `INSERT INTO proposal (household_id, programme_id, aim, status, asked_by) VALUES ($2, $1, 'ease', 'waiting', 'x')`,
        [stranger.programmeId, id],
      );
      await startWork(WORDS);
      await enqueue("propose", [{ programmeId: stranger.programmeId, householdId: id }]);
      const status = async () =>
        (await readProposals(stranger, 1)).lines.find((l) => l.householdId === id)!.status;
      expect(await until(status, (s) => s === "failed")).toBe("failed");
      const { rows } = await db("everything").query(
        `SELECT count(*) AS open FROM pgboss.job WHERE name = 'propose' AND state IN ('created', 'retry', 'active')`,
      );
      expect(rows[0].open).toBe(0);
      await db("everything").query("DELETE FROM proposal WHERE household_id = $1", [id]);
      await db("everything").query(`UPDATE household SET wants = $2 WHERE id = $1`, [
        id,
        JSON.stringify(SURVEY.wants),
      ]);
    },
  );
});

describe("the town's climate", () => {
  const twelve = (first: number) => Array.from({ length: 12 }, (_, i) => first + i * 0.1);
  const climate = {
    latitude: 64,
    longitude: -21,
    timeZone: "Atlantic/Reykjavik",
    place: "Testvik",
    origin: "typed",
    lowC: twelve(4),
    highC: twelve(9),
  };

  it("is refused when a month is missing, changes every date when it is stored, and goes back", async () => {
    expect(await saveClimate(trainer, { ...climate, lowC: twelve(4).slice(1) })).toMatchObject({
      ok: false,
      fields: { lowC: { code: "not-twelve" } },
    });
    expect(await saveClimate(trainer, { ...climate, lowC: twelve(20) })).toMatchObject({
      ok: false,
      fields: { lowC: { code: "low-above-high" } },
    });
    expect((await readProgramme(trainer)).climate).toBeNull();
    await judgeAll(trainer.programmeId);
    const before = await overview(trainer, {});
    expect(await saveClimate(trainer, climate)).toEqual({ ok: true, value: null });
    expect((await readProgramme(trainer)).climate).toEqual(climate);
    // The list says that it waits to be judged anew, and has other dates once it is.
    expect(await judgingSince(trainer)).toMatch(/^20\d\d-/);
    await judgeAll(trainer.programmeId);
    expect(await judgingSince(trainer)).toBeUndefined();
    const dues = ({ summaries }: typeof before) => JSON.stringify(summaries.map((s) => [s.id, s.due]).sort());
    expect(dues(await overview(trainer, {}))).not.toBe(dues(before));
    await saveClimate(trainer, null);
    await judgeAll(trainer.programmeId);
    expect(await overview(trainer, {})).toEqual(before);
  });

  it("is followed on a new day of the town without anybody asking, once", async () => {
    await judgeAll(trainer.programmeId);
    await judgeNewDay();
    expect(await judgingSince(trainer)).toBeUndefined();
    await db("everything").query(`UPDATE programme SET judged_on = judged_on - 1 WHERE id = $1`, [
      trainer.programmeId,
    ]);
    await judgeNewDay();
    const { asked } = (await readProgramme(trainer)).judging;
    expect(await judgingSince(trainer)).toMatch(/^20\d\d-/);
    await judgeNewDay();
    expect((await readProgramme(trainer)).judging.asked).toBe(asked);
    await judgeAll(trainer.programmeId);
    expect(await judgingSince(trainer)).toBeUndefined();
  });

  it("finds towns without a network, with or without accents", () => {
    expect(searchTowns("reykjav")[0]).toMatchObject({ country: "IS", timeZone: "Atlantic/Reykjavik" });
    expect(Math.abs(searchTowns("reykjavik")[0]!.latitude - 64.1)).toBeLessThan(0.2);
    expect(searchTowns("sao paulo").some((t) => t.name === "São Paulo")).toBe(true);
    // Of towns with one name people tell theirs by its region.
    const named = searchTowns("springfield").filter((t) => t.country === "US");
    expect(new Set(named.map((t) => t.region)).size).toBeGreaterThan(1);
    expect(searchTowns("x")).toEqual([]);
  });
});

describe("a programme's own values", () => {
  const NAME = "goal/tomato/bush/stand.soilL.least";

  it("are previewed against its plans, stored with a reason, and taken back", async () => {
    const id = await newHousehold();
    await savePlan(trainer, id, 0, planWith().plan);
    const preview = await previewOverride(trainer, NAME, 11);
    expect(preview.ok).toBe(true);
    const senseless = await previewOverride(trainer, NAME, -1);
    expect(senseless).toMatchObject({ ok: false, fields: { value: { code: "override-senseless" } } });
    expect(await overrideValue(trainer, NAME, 11, " ")).toMatchObject({
      fields: { reason: { code: "reason-missing" } },
    });
    expect(await readOverrides(trainer)).toEqual([]);

    const tight = await previewOverride(trainer, "goal/tomato/bush/stand.soilL.good", 30);
    expect(
      tight.ok &&
        tight.value.some(
          (d) => d.goalId === "tomato/bush" && d.before.grade === "right" && d.after.grade === "tight",
        ),
    ).toBe(true);

    expect((await overrideValue(trainer, NAME, 11, "small bags here")).ok).toBe(true);
    expect((await overrideValue(trainer, NAME, 10, "measured again")).ok).toBe(true);
    expect(await readOverrides(trainer)).toMatchObject([
      { name: NAME, value: 10, reason: "measured again", author: "Ilva Renn" },
    ]);
    const tomato = (await readReference(trainer)).crops.find((c) => c.id === "tomato")!.goals[0]!;
    expect(tomato.stand).toMatchObject({ soilL: { least: 10 } });
    expect(await readOverrides(stranger)).toEqual([]);
    await overrideValue(trainer, NAME, null, "");
    expect(await readOverrides(trainer)).toEqual([]);
    await expect(db("everything").query("DELETE FROM library_override")).rejects.toThrow("append-only");
  });

  it("come from a file all together or not at all", async () => {
    const bad = await importValues(
      trainer,
      `name,value,reason\n${NAME},10,roof\ncrop/tomato/heatC,hot,roof\ncrop/mango/heatC,30,roof\n`,
    );
    expect(bad).toMatchObject({
      ok: true,
      value: {
        stored: 0,
        faults: [
          { line: 3, problem: { code: "not-a-number" } },
          { line: 4, problem: { code: "value-unknown" } },
        ],
      },
    });
    expect(await readOverrides(trainer)).toEqual([]);
    expect(await importValues(trainer, "{")).toMatchObject({ ok: false, problem: { code: "file-broken" } });
    expect(
      await importValues(trainer, `name,value,reason\n${NAME},10,roof\ncrop/tomato/heatC,34,roof\n`),
    ).toEqual({ ok: true, value: { stored: 2, faults: [] } });
    for (const format of ["csv", "json"] as const) {
      const file = await valuesFile(trainer, format);
      expect(file.ok && (await importValues(trainer, file.value.parts.join("")))).toEqual({
        ok: true,
        value: { stored: 2, faults: [] },
      });
    }
    for (const { name } of await readOverrides(trainer)) await overrideValue(trainer, name, null, "");
  });
});
