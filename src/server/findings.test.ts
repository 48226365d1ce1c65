import { randomUUID } from "node:crypto";
import { parse } from "csv-parse/sync";
import { afterAll, expect, it } from "vitest";
import { closePool, db } from "@/db/pool";
import { listSummaries } from "@/db/summaries";
import { householdOf, planWith, record, twoTrainers } from "@/testing/programme";
import type { Actor } from "./actor";
import { followTaken, previewFinding, takeFinding } from "./finding-values";
import { findingsFile, keepFindings, readFindings } from "./findings";
import { judgeAll } from "./following";
import { readOverrides } from "./programme";
import { savePlan } from "./plans";
import { stopQueue } from "./queue";
import { addRecord } from "./records";
import { putValues } from "./reference";
import { saveSchools } from "./schools";
import { readSeason } from "./season";

const { trainer, stranger } = await twoTrainers();
afterAll(async () => {
  await stopQueue();
  await closePool();
});

it("opens with what stands out in the demo's two seasons, and with the slips that somebody put in", async () => {
  const { leading, odd, names, goals, parts } = await readFindings(trainer, {});
  const sure = leading.filter(({ isPerhaps }) => !isPerhaps).map(({ code, goalId }) => `${code} ${goalId}`);
  expect(sure).toContain("up pak-choi/leaf");
  // Whatever else is said for sure is one of the things that are true.
  const truths = ["up pak-choi/leaf", "gives lettuce/leaf", "gives beet/root", "lost bush-bean/pod"];
  expect(sure.filter((s) => !truths.includes(s))).toEqual([]);
  expect(odd.map(({ code }) => code)).toEqual(expect.arrayContaining(["too-much", "picked-before-up"]));
  for (const { householdId } of odd) expect(names[householdId]?.name).toBeTruthy();
  expect(parts.years).toEqual([2026, 2025, 2024]);
  const pakChoi = goals.find(({ goalId }) => goalId === "pak-choi/leaf")!;
  expect(pakChoi.households).toBeGreaterThanOrEqual(8);
});

it("counts a season, a kind of place or of bag alone, together as many as all, and proposes nothing by a part", async () => {
  const all = await readFindings(trainer, {});
  const seasons = await Promise.all(
    all.parts.years.map((year) => readFindings(trainer, { year: String(year) })),
  );
  expect(seasons.reduce((sum, { plantings }) => sum + plantings, 0)).toBe(all.plantings);
  expect(seasons.flatMap(({ goals }) => goals.flatMap(({ proposals }) => proposals))).toEqual([]);
  expect((await readFindings(trainer, { place: "balcony" })).plantings).toBeLessThan(all.plantings);
  // What makes no sense in an address is left out.
  expect((await readFindings(trainer, { year: "soon", place: "'; DROP", bag: ["a"] })).plantings).toBe(
    all.plantings,
  );
});

it("keeps what a large programme's records say, part by part, and shows it as it would be worked out", async () => {
  const plain = (one: object) => JSON.parse(JSON.stringify(one)) as Record<string, unknown>;
  const asks = [{}, { year: "2025" }, { place: "balcony" }, { method: "cells" }];
  const now = await Promise.all(asks.map((ask) => readFindings(trainer, ask)));
  const season = await readSeason(trainer);
  expect(now.map(({ madeAt }) => madeAt)).toEqual([undefined, undefined, undefined, undefined]);
  await keepFindings(trainer.programmeId, 0);
  const kept = await Promise.all(asks.map((ask) => readFindings(trainer, ask)));
  for (const [i, { madeAt, ...rest }] of kept.entries()) {
    expect(Date.now() - Date.parse(madeAt!)).toBeLessThan(600_000);
    expect(plain(rest)).toEqual(plain(now[i]!));
  }
  const { madeAt, ...cameIn } = await readSeason(trainer);
  expect(Date.now() - Date.parse(madeAt!)).toBeLessThan(600_000);
  expect(season.weeks.length).toBeGreaterThan(5);
  expect(plain(cameIn)).toEqual(plain(season));
  expect((await readFindings(stranger, {})).madeAt).toBeUndefined();
  // Small enough again, it is worked out as it is asked for.
  await keepFindings(trainer.programmeId);
  expect((await readFindings(trainer, {})).madeAt).toBeUndefined();
  expect((await readSeason(trainer)).madeAt).toBeUndefined();
});

it("tells a crop alone, and a way of doing from the usual one", async () => {
  const chard = await readFindings(trainer, { goal: "chard/leaf" });
  expect(chard.goals.map(({ goalId }) => goalId)).toEqual(["chard/leaf"]);
  const often = await readFindings(trainer, { school: "water:often" });
  const deep = await readFindings(trainer, { school: "water:deep" });
  expect(often.plantings + deep.plantings).toBe((await readFindings(trainer, {})).plantings);
  expect((await readFindings(trainer, { school: "water:never" })).plantings).toBe(
    often.plantings + deep.plantings,
  );
});

it("counts a planting by the ways in force when it was sown, whatever is chosen later; a struck sowing is as if it had not been", async () => {
  const id = await householdOf(stranger);
  const { plan, plantingId } = planWith(1);
  await savePlan(stranger, id, 0, plan);
  const sown = record(plantingId, { kind: "sown", amount: null, on: "2026-05-10" });
  const water = async () => (await listSummaries(db(stranger), stranger.programmeId, id))[0]!.schools.water;
  await addRecord(stranger, id, sown);
  await saveSchools(stranger, id, { water: "often" });
  expect(await water()).toBeUndefined();
  await addRecord(stranger, id, record(plantingId, { kind: "struck", amount: null, supersedes: sown.id }));
  await addRecord(stranger, id, { ...sown, id: randomUUID(), on: "2026-05-12" });
  expect(await water()).toBe("often");
  expect((await readFindings(stranger, { school: "water:often" })).plantings).toBe(1);
});

it("has every crop in its file, as an independent reader reads it", async () => {
  const file = await findingsFile(trainer, {});
  if (!file.ok) throw new Error(file.problem.code);
  const rows: Record<string, string>[] = parse(file.value.parts.join(""), { columns: true });
  const { goals } = await readFindings(trainer, {});
  expect(rows.map((r) => r.goal)).toEqual(goals.map((g) => g.goalId));
  const [first] = goals;
  expect(Number(rows[0]!.days_to_up)).toBeCloseTo(first!.up!.half.day!, 4);
});

it(
  "takes what records propose into the programme's values once, and only for those who may change them",
  { timeout: 120_000 },
  async () => {
    const reader: Actor = { ...trainer, role: "reader" };
    const [goalId, about] = ["pak-choi/leaf", "up"];
    expect(await previewFinding(reader, goalId, about)).toMatchObject({ ok: false });
    expect(await takeFinding(reader, { goalId, about, reason: "seen" })).toMatchObject({ ok: false });
    expect(await previewFinding(trainer, goalId, about)).toMatchObject({ ok: true });
    expect(await previewFinding(trainer, goalId, "taste")).toMatchObject({
      ok: false,
      problem: { code: "finding-gone" },
    });
    expect(await takeFinding(trainer, { goalId, about, reason: "from our own records" })).toMatchObject({
      ok: true,
    });
    const own = await readOverrides({ ...trainer });
    expect(own).toContainEqual(
      expect.objectContaining({ name: "crop/pak-choi/emergence.degreeDays", reason: "from our own records" }),
    );
    // It follows new records: as long as they say the same it stays, and one put in by hand is left alone.
    const name = "crop/pak-choi/emergence.degreeDays";
    const now = async () => (await readOverrides({ ...trainer })).find((o) => o.name === name)!;
    const { value } = await now();
    await judgeAll(trainer.programmeId);
    await followTaken(trainer.programmeId);
    expect(await now()).toMatchObject({ value, follows: true });
    await putValues({ ...trainer }, [{ name, value: 2 * value }], "from our own records", true);
    await judgeAll(trainer.programmeId);
    await followTaken(trainer.programmeId);
    // Expected days are whole ones, so that the way back is near and not exact.
    expect(Math.abs((await now()).value / value - 1)).toBeLessThan(0.12);
    await putValues({ ...trainer }, [{ name, value: 2 * value }], "a new seed firm");
    await judgeAll(trainer.programmeId);
    await followTaken(trainer.programmeId);
    expect(await now()).toMatchObject({ value: 2 * value, follows: false });
    await putValues({ ...trainer }, [{ name, value: null }], "");
    await judgeAll(trainer.programmeId);
    expect(await readOverrides({ ...trainer })).toEqual([]);
  },
);

it("shows nothing of another programme", async () => {
  // It has the one planting that was sown in it above.
  const { plantings, goals, leading } = await readFindings(stranger, {});
  expect([plantings, goals.map(({ goalId }) => goalId), leading]).toEqual([1, ["tomato/bush"], []]);
});
