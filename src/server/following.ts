import { coverFor } from "@/core/bag";
import { addDays } from "@/core/day";
import { type TaskKind, tasksOf } from "@/core/days";
import { fillingsIn, gearFor, heapsOf } from "@/core/kit";
import { seedlingsOf } from "@/core/nursery";
import { underCover } from "@/core/climate";
import { type Summary, summaryOf } from "@/core/findings";
import { needsOf } from "@/core/needs";
import { sunHours } from "@/core/place";
import { EMPTY_PLAN } from "@/core/plan";
import { germinationBy, type GardenRecord, householdProgress, progressOf, realOf } from "@/core/record";
import { assessGarden } from "@/core/garden";
import { type Reference, settingFrom } from "@/core/setting";
import { findHousehold, householdsAfter, lockHousehold } from "@/db/households";
import { listOverrides } from "@/db/overrides";
import { everPlanted, findPlanted, noteSchools, type Planted, readPlans, readStood } from "@/db/plans";
import { followPicked } from "@/db/picked";
import { type Db, db, transaction } from "@/db/pool";
import {
  addGermination,
  askJudging,
  clearProgress,
  finishJudging,
  type KeptProgress,
  listGermination,
  listProgress,
  putHouseholdProgress,
  putProgress,
  updateStage,
} from "@/db/progress";
import { findProgramme, type Programme } from "@/db/programmes";
import { putNeeds } from "@/db/needs";
import { putSeedlings } from "@/db/seedlings";
import { listStays, putExpectedKg, putSummaries } from "@/db/summaries";
import { putTasks } from "@/db/tasks";
import { overtakeProposal } from "@/db/proposals";
import { readOnRecord } from "@/db/on-record";
import { listRecords, plantingRecords } from "@/db/records";
import type { Scope } from "@/db/scope";
import { referenceWith, SHIPPED } from "@/library";
import { soundOverrides } from "@/core/override";
import { seasonStart } from "./on-record";
import { followed, isSurveyed, settingOf, trialsOf } from "./setting";
import { climateOf, todayIn } from "./town";

/** What a programme judges by. */
interface Judge {
  readonly programme: Programme;
  readonly reference: Reference;
}

async function judgeOf(on: Db, programmeId: string): Promise<Judge> {
  const programme = await findProgramme(on, programmeId);
  if (!programme) throw new Error(`no programme ${programmeId}`);
  return {
    programme,
    reference: referenceWith(soundOverrides(SHIPPED, await listOverrides(on, programmeId))),
  };
}

function keptOf(
  planted: Planted,
  records: readonly GardenRecord[],
  { programme, reference }: Judge,
): { readonly progress: KeptProgress; readonly summary: Summary }[] {
  const follow = followed(planted, records, reference);
  if (!follow) return [];
  const { id, goalId, removed, kindId, schools } = planted;
  const climate = { ...climateOf(programme), trays: planted.trays };
  const shape = planted.shape ?? reference.bagKinds.find((kind) => kind.id === planted.kindId)?.shape;
  const isUnder = planted.isCovered && shape && coverFor(shape);
  const own = isUnder ? underCover(climate) : climate;
  return [
    {
      progress: {
        ...{ plantingId: id, goalId, cropId: follow.crop.id, removed },
        ...progressOf(follow, own),
      },
      summary: summaryOf({ ...follow, id, bagKindId: kindId, shape, schools }, own),
    },
  ];
}

/** How much more seed was counted now than before. */
const germinationChange = (before: readonly KeptProgress[], after: readonly KeptProgress[]) => [
  ...after.map(({ cropId, seeds, ups }) => ({ cropId, sown: seeds, up: ups })),
  ...before.map(({ cropId, seeds, ups }) => ({ cropId, sown: -seeds, up: -ups })),
];

const inPlan = (list: readonly KeptProgress[]) => list.filter(({ removed }) => !removed);

/**
 * Works out anew what is kept of a household: the progress of its plantings, its own, and what it has to buy. Call it in
 * the transaction of the change that it follows, under `lockHousehold`.
 */
async function judgeHousehold(on: Db, scope: Scope, judge: Judge): Promise<void> {
  const household = await findHousehold(on, scope);
  if (!household) return;
  const plan = await planOf(on, scope);
  await noteSchools(on, scope);
  const planted = await everPlanted(on, scope);
  const records = new Map<string | null, GardenRecord[]>();
  for (const r of await listRecords(on, scope))
    records.set(r.plantingId, [...(records.get(r.plantingId) ?? []), r]);
  const before = await listProgress(on, scope);
  const kept = planted.flatMap((p) => keptOf(p, records.get(p.id) ?? [], judge));
  const after = kept.map(({ progress }) => progress);
  await putProgress(on, scope, after);
  await putSummaries(
    on,
    scope,
    kept.map(({ summary }) => summary),
  );
  await followPicked(on, scope);
  await addGermination(on, scope.programmeId, germinationChange(before, after));
  const surveyed = isSurveyed(household);
  await putHouseholdProgress(on, scope, {
    ...householdProgress(surveyed, inPlan(after)),
    bags: plan.rows.length,
    sunHours: sunHours(household.place?.sun ?? []),
  });
  await followPlan(on, scope, judge);
  await expectHarvests(on, scope, judge);
}

/**
 * Works out anew what was to be expected of a household's harvests: of what was sown, from the day on which it was to the
 * day on which it was pulled, beside all that stood with it. What was lost, and what was picked, is for records to say.
 */
async function expectHarvests(on: Db, scope: Scope, { programme, reference }: Judge): Promise<void> {
  const household = await findHousehold(on, scope);
  if (!household || !isSurveyed(household)) return;
  const stays = await listStays(on, scope);
  const happened = Object.fromEntries(
    stays.map(({ plantingId, sownOn, endedOn }) => [
      plantingId,
      { sownOn, ...(endedOn !== null && { endedOn }) },
    ]),
  );
  const setting = settingFrom(settingOf(programme, household, { happened }), reference);
  const garden = assessGarden(await readStood(on, scope), setting);
  const expected = garden.rows
    .flatMap((row) => row.plantings)
    .map(({ planting, harvest: { low, likely, high } }) => [planting.id, { low, likely, high }]);
  await putExpectedKg(on, scope, Object.fromEntries(expected));
}

/** Whether anything on record shows that a planting was there. */
const hasStood = (p: KeptProgress | undefined) =>
  p !== undefined && (p.isStarted || p.isPicked || p.endedOn !== undefined);

const planOf = async (on: Db, { programmeId, householdId }: Scope) =>
  (await readPlans(on, programmeId, [householdId])).get(householdId)?.plan ?? EMPTY_PLAN;

/** Tasks are kept so far ahead; what goes by the day's weather is not. */
const TASKS_AHEAD_DAYS = 60;
const BY_THE_DAY = new Set<TaskKind>(["water", "vent", "mist"]);

/** Works out anew what a household has to buy, to do and to raise, by its plan and by what is on record. */
async function followPlan(on: Db, scope: Scope, { programme, reference }: Judge): Promise<void> {
  const household = await findHousehold(on, scope);
  if (!household || !isSurveyed(household)) return;
  const today = todayIn(programme);
  const germination = germinationBy(await listGermination(on, scope.programmeId));
  const { happened, parts, done } = await readOnRecord(on, scope, seasonStart(today));
  const known = { germination, happened: realOf(happened), trials: trialsOf(parts) };
  const setting = settingFrom(settingOf(programme, household, known), reference);
  const garden = assessGarden(await planOf(on, scope), setting);
  const tasks = tasksOf(garden, done, { setting, today });
  const fillings = fillingsIn(tasks, garden);
  const gear = gearFor(tasks, fillings, heapsOf(fillings), { garden, setting, today });
  await putNeeds(on, scope, [...needsOf(garden, setting), ...gear]);
  await putSeedlings(on, scope, seedlingsOf(garden, setting));
  const last = addDays(today, TASKS_AHEAD_DAYS);
  await putTasks(
    on,
    scope,
    tasks.filter(({ kind, from }) => !BY_THE_DAY.has(kind) && from <= last),
  );
}

/** Follows a change of a household's survey, schools or plan. Call it in the transaction of the change. */
export async function followHousehold(on: Db, scope: Scope): Promise<void> {
  await lockHousehold(on, scope);
  await judgeHousehold(on, scope, await judgeOf(on, scope.programmeId));
}

/** Follows a record of a whole bag, after which its mix is bought no more, or is again. Call it in the record's transaction, under `lockHousehold`. */
export async function followBag(on: Db, scope: Scope): Promise<void> {
  await followPlan(on, scope, await judgeOf(on, scope.programmeId));
}

/** Works out anew what a household has to do, and what was to be expected of what it sowed, after its records, in a turn of its own: many records make one. */
export const followTasks = (scope: Scope): Promise<void> =>
  transaction({ programmeId: scope.programmeId }, async (on) => {
    await lockHousehold(on, scope);
    const judge = await judgeOf(on, scope.programmeId);
    await followPlan(on, scope, judge);
    await expectHarvests(on, scope, judge);
  });

/**
 * Follows a record of a planting. Call it in the record's transaction, under `lockHousehold`.
 *
 * @returns whether all plans of the programme have to be judged anew, since its germination changed
 */
export async function followRecord(on: Db, scope: Scope, plantingId: string): Promise<boolean> {
  await noteSchools(on, scope);
  const planted = await findPlanted(on, scope, plantingId);
  if (!planted) return false;
  const judge = await judgeOf(on, scope.programmeId);
  const before = await listProgress(on, scope);
  const kept = keptOf(planted, await plantingRecords(on, scope, plantingId), judge);
  const after = kept.map(({ progress }) => progress);
  await putProgress(on, scope, after);
  await putSummaries(
    on,
    scope,
    kept.map(({ summary }) => summary),
  );
  await followPicked(on, scope, plantingId);
  await overtakeProposal(on, scope);
  const others = before.filter((p) => p.plantingId !== plantingId);
  const old = before.filter((p) => p.plantingId === plantingId);
  await updateStage(on, scope, householdProgress(true, inPlan([...others, ...after])));
  // What stands, or stood, has been bought.
  if (hasStood(old[0]) !== hasStood(after[0])) await followPlan(on, scope, judge);
  const changed = await addGermination(on, scope.programmeId, germinationChange(old, after));
  if (changed) await askJudging(on, scope.programmeId);
  return changed;
}

const BATCH = 50;

async function* householdsOf(programmeId: string): AsyncGenerator<Scope, void> {
  for (let after = 0; ;) {
    const batch = await householdsAfter(db({ programmeId }), programmeId, { after, most: BATCH });
    for (const { id } of batch) yield { programmeId, householdId: id };
    const last = batch.at(-1);
    if (!last) return;
    after = Number(last.code);
  }
}

/** Judges all plans of a programme anew, one household after the other, and notes how far that goes. */
export async function judgeAll(programmeId: string): Promise<void> {
  const programme = await findProgramme(db({ programmeId }), programmeId);
  for await (const scope of householdsOf(programmeId))
    await transaction({ programmeId }, (on) => followHousehold(on, scope));
  // What was asked for meanwhile is still open.
  if (programme)
    await finishJudging(db({ programmeId }), programmeId, programme.judging.asked, todayIn(programme));
}

/** Forgets all that is kept of a programme's progress and works it out from its plans and records. */
export async function rebuild(programmeId: string): Promise<void> {
  await transaction({ programmeId }, (on) => clearProgress(on, programmeId));
  // Needs count on the germination of all households, which is known only after the first time round.
  await judgeAll(programmeId);
  await judgeAll(programmeId);
}
