import { randomUUID } from "node:crypto";
import { parse } from "csv-parse/sync";
import { afterAll, describe, expect, it } from "vitest";
import { closePool, db } from "@/db/pool";
import { householdOf, planWith, record, twoTrainers } from "@/testing/programme";
import type { Actor } from "./actor";
import { judgeAll, rebuild } from "./following";
import { findHouseholds, overview } from "./households";
import { savePlan } from "./plans";
import { stopQueue } from "./queue";
import { addRecord, readRecords, recordsCsv } from "./records";

const { trainer, stranger } = await twoTrainers();
afterAll(async () => {
  await stopQueue();
  await closePool();
});
const newHousehold = () => householdOf(trainer);
const listed = async (actor: Actor, query: object = {}) => (await overview(actor, query)).summaries;
const textOf = async (file: Awaited<ReturnType<typeof recordsCsv>>) => {
  if (!file.ok) throw new Error(file.problem.code);
  let text = "";
  for await (const part of file.value.parts) text += part;
  return text;
};

describe("records", () => {
  it("sent twice are stored once", async () => {
    const id = await newHousehold();
    const { plan, plantingId } = planWith();
    await savePlan(trainer, id, 0, plan);
    const r = record(plantingId);
    expect((await addRecord(trainer, id, r)).ok && (await addRecord(trainer, id, r)).ok).toBe(true);
    expect((await readRecords(trainer, id)).records).toHaveLength(1);
  });

  it("are never changed: the database itself refuses, and a correction is a new one, once", async () => {
    const id = await newHousehold();
    const { plan, plantingId } = planWith();
    await savePlan(trainer, id, 0, plan);
    const r = record(plantingId);
    await addRecord(trainer, id, r);
    await expect(db("everything").query("UPDATE record SET value = 9 WHERE id = $1", [r.id])).rejects.toThrow(
      "append-only",
    );
    await expect(db("everything").query("DELETE FROM record WHERE id = $1", [r.id])).rejects.toThrow(
      "append-only",
    );
    expect((await addRecord(trainer, id, record(plantingId, { supersedes: r.id }))).ok).toBe(true);
    expect(await addRecord(trainer, id, record(plantingId, { supersedes: r.id }))).toMatchObject({
      ok: false,
      problem: { code: "already-corrected" },
    });
  });

  it("are refused for the future, for unknown plantings and for nonsense", async () => {
    const id = await newHousehold();
    expect(
      await addRecord(trainer, id, record(null, { kind: "note", note: "x", amount: null, on: "2026-05-19" })),
    ).toMatchObject({ fields: { on: { code: "in-the-future" } } });
    expect(await addRecord(trainer, id, record(randomUUID()))).toMatchObject({
      problem: { code: "planting-unknown" },
    });
    expect(await addRecord(trainer, id, { id: "x" })).toMatchObject({ problem: { code: "invalid-input" } });
    expect((await readRecords(trainer, id)).records).toEqual([]);
  });

  it("leave as CSV for one household and for all", async () => {
    const id = await newHousehold();
    const { plan, plantingId } = planWith();
    await savePlan(trainer, id, 0, plan);
    await addRecord(trainer, id, record(plantingId, { note: 'big, "red"' }));
    const rows: Record<string, string>[] = parse(await textOf(await recordsCsv(trainer, id)), {
      columns: true,
    });
    expect(rows).toHaveLength(1);
    expect(rows[0]).toMatchObject({
      crop: "tomato",
      bag: "round-5-gal",
      value: "0.42",
      core_unit: "kg",
      note: 'big, "red"',
    });
    const all = parse(await textOf(await recordsCsv(trainer, null)), { columns: true });
    expect(all.length).toBeGreaterThan(50);
  });
});

describe("what is kept of plans and records", () => {
  const tables = {
    planting_progress: "planting_id",
    household_progress: "household_id",
    crop_germination: "crop_id",
    picked_week: "planting_id, week",
    planting_summary: "planting_id",
    need: "household_id, item, until_day NULLS FIRST, amount",
  };
  const kept = async () =>
    Promise.all(
      Object.entries(tables).map(async ([table, order]) => {
        const { rows } = await db("everything").query(
          `SELECT * FROM ${table} WHERE programme_id = $1 ORDER BY ${order}`,
          [trainer.programmeId],
        );
        return [table, rows];
      }),
    );

  it("follows each of them, and is the same as when it is worked out anew", { timeout: 60_000 }, async () => {
    const id = await householdOf(trainer, "Followwick");
    const { plan, plantingId } = planWith();
    plan.rows[0]!.plantings[0]!.method = "cells";
    plan.rows[0]!.plantings[0]!.sowOn = "2026-03-01";
    await savePlan(trainer, id, 0, plan);
    const of = async () => (await listed(trainer, { search: "Followwick" })).find((h) => h.id === id)!;
    expect(await of()).toMatchObject({ stage: "planned", bags: 1, due: [{ task: "sow", late: true }] });
    const counted = (kind: "sown" | "up", value: number, on: string) =>
      record(plantingId, {
        kind,
        on,
        amount: { measure: "count", value, typed: String(value), unit: "" },
      });
    await addRecord(trainer, id, counted("sown", 40, "2026-03-01"));
    const up = counted("up", 31, "2026-03-12");
    await addRecord(trainer, id, up);
    expect(await of()).toMatchObject({ stage: "sown", due: [{ task: "move" }] });
    // A count that was wrong, and a pick on another planting's day, struck out again.
    await addRecord(trainer, id, { ...counted("up", 13, "2026-03-12"), supersedes: up.id });
    const picked = record(plantingId);
    await addRecord(trainer, id, picked);
    expect(await of()).toMatchObject({ stage: "picking", picked: { mass: 0.42 }, due: [] });
    await addRecord(trainer, id, record(plantingId, { kind: "struck", amount: null, supersedes: picked.id }));
    expect(await of()).toMatchObject({ stage: "sown", picked: {} });
    await addRecord(trainer, id, record(plantingId, { kind: "ended", amount: null }));
    expect((await of()).stage).toBe("finished");
    await savePlan(trainer, id, 1, { bags: [], rows: [] });
    expect((await of()).stage).toBe("surveyed");
    // Needs go by the germination of all, which the queue would bring up to date.
    await judgeAll(trainer.programmeId);
    const followed = await kept();
    await rebuild(trainer.programmeId);
    expect(await kept()).toEqual(followed);
    expect(JSON.stringify(followed)).toContain('"crop_id":"tomato","sown":46,"up":18');
  });

  it("names a household as gone quiet when something grows and nothing is on record for three weeks, until something is", async () => {
    const id = await householdOf(trainer, "Quietwick");
    const { plan, plantingId } = planWith();
    await savePlan(trainer, id, 0, plan);
    const quiet = async () => {
      const page = await overview(trainer, { filter: "quiet", search: "Quietwick" });
      expect(page.summaries.length).toBe(page.quiet);
      return page.summaries.find((h) => h.id === id)?.quietSince;
    };
    expect(await quiet()).toBeUndefined();
    const moved = record(plantingId, { kind: "moved", amount: null, on: "2026-04-26" });
    expect((await addRecord(trainer, id, moved)).ok).toBe(true);
    expect(await quiet()).toBe("2026-04-26");
    const noted = record(plantingId, { kind: "note", note: "looks well", amount: null, on: "2026-04-28" });
    expect((await addRecord(trainer, id, { ...noted, plantingId: null })).ok).toBe(true);
    expect(await quiet()).toBeUndefined();
  });

  it("finds, filters and pages households, and takes an address that makes no sense for none", async () => {
    const all = await overview(trainer, {});
    expect(all.found).toBe(Object.values(all.stages).reduce((a, b) => a + b, 0));
    const late = all.summaries.map((s) => s.due.some((d) => d.late));
    expect(late.lastIndexOf(true)).toBe(late.filter(Boolean).length - 1);
    expect((await listed(trainer, { search: "orva" })).map((h) => h.name)).toEqual(["Orvane"]);
    expect((await listed(trainer, { search: "07" })).map((h) => h.code)).toEqual(["07"]);
    expect(await listed(trainer, { search: "100%" })).toEqual([]);
    const sown = await listed(trainer, { filter: "sown" });
    expect(sown.length).toBeGreaterThan(0);
    expect(sown.every((h) => h.stage === "sown")).toBe(true);
    expect(await listed(trainer, { page: "2", filter: "sown" })).toEqual([]);
    expect((await overview(trainer, { page: "-3", sort: "moon", filter: ["x"] })).ask).toEqual({
      search: "",
      filter: "all",
      sort: "pressing",
      page: 1,
    });
    expect((await findHouseholds(trainer, "0")).length).toBeGreaterThan(5);
    expect((await findHouseholds(stranger, "orva")).length).toBe(0);
  });
});
