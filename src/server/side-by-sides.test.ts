import { randomUUID } from "node:crypto";
import { afterAll, expect, it } from "vitest";
import { closePool, db } from "@/db/pool";
import { listTasks } from "@/db/tasks";
import { householdOf, planWith, record, twoTrainers } from "@/testing/programme";
import type { Actor } from "./actor";
import { judgeAll } from "./following";
import { readGarden } from "./garden";
import { readHousehold } from "./households";
import { savePlan } from "./plans";
import { stopQueue } from "./queue";
import { addRecord } from "./records";
import { isSurveyed } from "./setting";
import { beginSideBySide, leavePairOut, lookAt, readSideBySides } from "./side-by-sides";

const { stranger: trainer, trainer: demo } = await twoTrainers();
afterAll(async () => {
  await stopQueue();
  await closePool();
});

const QUESTION = {
  goalId: "tomato/bush",
  question: "Is a stake worth it?",
  firstWay: "bare",
  secondWay: "staked",
  ratio: 1.5,
};

/** A household with two bags of tomatoes, sown on one day. */
async function houseWithTwo(): Promise<void> {
  const [one, other] = [planWith(1).plan, planWith(1).plan];
  const id = await householdOf(trainer);
  await savePlan(trainer, id, 0, { bags: [...one.bags, ...other.bags], rows: [...one.rows, ...other.rows] });
}

const only = async () => (await readSideBySides(trainer)).all[0]!;

it(
  "is set up once there are pairs enough, drawn by chance, and analysed as it was planned",
  { timeout: 60_000 },
  async () => {
    for (let n = 0; n < 5; n++) await houseWithTwo();
    expect((await readSideBySides(trainer)).triable).toMatchObject([{ goalId: "tomato/bush", pairs: 5 }]);
    expect(await beginSideBySide(trainer, QUESTION)).toMatchObject({
      ok: false,
      problem: { code: "pairs-too-few", pairs: 5 },
    });
    for (let n = 0; n < 3; n++) await houseWithTwo();
    expect(await beginSideBySide(trainer, { ...QUESTION, question: " ", ratio: 1.07 })).toMatchObject({
      ok: false,
      fields: { question: { code: "empty" }, ratio: { code: "empty" } },
    });
    const reader: Actor = { ...trainer, role: "reader" };
    expect(await beginSideBySide(reader, QUESTION)).toMatchObject({ ok: false });
    const begun = await beginSideBySide(trainer, QUESTION);
    if (!begun.ok) throw new Error(begun.problem.code);
    const { id } = begun.value;

    const set = await only();
    expect(set.pairs).toHaveLength(8);
    expect(set.answer).toBeUndefined();
    const firsts = set.pairs.filter((p) => p.firstRow < p.secondRow).length;
    expect(firsts).toBe(4);
    // Its bags take part in no second one.
    expect((await readSideBySides(trainer)).triable).toEqual([]);

    expect(await lookAt(trainer, id)).toMatchObject({ ok: false, problem: { code: "no-pair-in" } });
    expect(await leavePairOut(trainer, { id, position: 7, reason: "" })).toMatchObject({ ok: false });
    expect(await leavePairOut(trainer, { id, position: 7, reason: "the second bag fell over" })).toEqual({
      ok: true,
      value: null,
    });
    expect(await leavePairOut(trainer, { id, position: 7, reason: "again" })).toMatchObject({ ok: false });

    for (const pair of set.pairs)
      for (const [plantingId, kg] of [
        [pair.firstPlantingId, 1 + 0.05 * pair.position],
        [pair.secondPlantingId, 1.8 + 0.1 * pair.position],
      ] as const) {
        const amount = { measure: "mass", value: kg, typed: `${kg} kg`, unit: "kg" } as const;
        const scope = pair.householdId;
        await addRecord(
          trainer,
          scope,
          record(plantingId, { kind: "moved", amount: null, on: "2026-03-01" }),
        );
        await addRecord(trainer, scope, record(plantingId, { amount, on: "2026-05-01" }));
        if (pair.position < 5 || plantingId === pair.firstPlantingId)
          await addRecord(
            trainer,
            scope,
            record(plantingId, { kind: "ended", amount: null, on: "2026-05-10" }),
          );
      }
    expect(await only()).toMatchObject({ pairsIn: 5, ratios: [] });
    expect(await lookAt(trainer, id)).toEqual({ ok: true, value: null });
    const looked = await only();
    expect(looked.looks).toMatchObject([{ pairs: 5 }]);
    expect(looked.ratios).toHaveLength(5);
    // Five pairs can claim nothing, however plain it is.
    expect(looked.answer!.verdict).toBe("cannot-tell");
    expect(await leavePairOut(trainer, { id, position: 0, reason: "too good" })).toMatchObject({
      problem: { code: "looked-already" },
    });

    for (const { householdId, secondPlantingId } of set.pairs.slice(5, 7))
      await addRecord(
        trainer,
        householdId,
        record(secondPlantingId, { kind: "ended", amount: null, on: "2026-05-12" }),
      );
    // What it says now is shown only to those who look again.
    expect((await only()).answer).toBeUndefined();
    await lookAt(trainer, id);
    const { answer, looks } = await only();
    expect(looks.map(({ pairs }) => pairs)).toEqual([5, 7]);
    expect(answer).toMatchObject({ verdict: "more", pairs: 7 });
    expect(answer!.ratio!.value).toBeGreaterThan(1.5);
    expect(await lookAt(trainer, randomUUID())).toMatchObject({ ok: false, problem: { code: "not-found" } });
  },
);

it(
  "pairs households that have one bag each, and reminds each of its own way alone",
  { timeout: 90_000 },
  async () => {
    const houses: string[] = [];
    for (let n = 0; n < 12; n++) {
      const id = await householdOf(trainer);
      await savePlan(trainer, id, 0, planWith(1).plan);
      houses.push(id);
    }
    const begun = await beginSideBySide(trainer, { ...QUESTION, question: "Pruned or left?" });
    if (!begun.ok) throw new Error(begun.problem.code);
    const { pairs } = (await readSideBySides(trainer)).all.find(({ id }) => id === begun.value.id)!;
    expect(pairs).toHaveLength(6);
    expect(new Set(pairs.flatMap((p) => [p.householdId, p.secondHouseholdId]))).toEqual(new Set(houses));

    const [{ secondHouseholdId: own, secondPlantingId }] = pairs as [(typeof pairs)[number]];
    const actor: Actor = { ...trainer, role: "household", households: [own] };
    const household = (await readHousehold(actor, own))!;
    if (!isSurveyed(household)) throw new Error("not surveyed");
    const { setting } = await readGarden(actor, household);
    expect(setting.trials).toEqual({ [secondPlantingId]: { question: "Pruned or left?", way: "staked" } });
    // What the queue keeps for the lists of all says so too.
    await judgeAll(trainer.programmeId);
    const listed = await listTasks(db(trainer), trainer.programmeId, {
      ...{ day: "2026-05-18", until: "2026-06-20", page: 1, kind: "sow" },
    });
    const sow = listed.find(({ householdId }) => householdId === own)!.tasks[0]!;
    expect(sow.trial).toEqual({ question: "Pruned or left?", way: "staked" });
    // Left out, it is reminded of nothing.
    const left = { id: begun.value.id, position: pairs[0]!.position, reason: "moved away" };
    expect(await leavePairOut(trainer, left)).toMatchObject({ ok: true });
    expect((await readGarden(actor, household)).setting.trials).toBeUndefined();
  },
);

it("finds what is better by half in the demo's last season, and does not find what is none", async () => {
  const { all } = await readSideBySides(demo);
  const of = (question: RegExp) => all.find((one) => question.test(one.question))!;
  expect(of(/straw/).answer).toMatchObject({ verdict: "more" });
  expect(of(/evening/).answer!.verdict).not.toMatch(/more|less/);
});
