import { bagMass, usualGapCm } from "@/core/bag";
import { sidesFor } from "@/core/findings";
import { arrange } from "@/core/floor";
import type { BagThing, Plan } from "@/core/plan";
import { storedSurvey, Survey } from "@/core/place";
import { type Amount, GardenRecord, isOfRow, OF_HOUSEHOLD, readAmount } from "@/core/record";
import { insertHousehold, putPlace, updateHouseholdGroup, updatePhone } from "@/db/households";
import { keepVersion, writePlan } from "@/db/plans";
import { listMembers } from "@/db/members";
import { closePool, type Db, db, transaction } from "@/db/pool";
import { allProgrammes, insertProgramme, updateBoughtTogether } from "@/db/programmes";
import { putGroup } from "@/db/groups";
import { putStock } from "@/db/needs";
import { insertPrices } from "@/db/prices";
import { insertRecord } from "@/db/records";
import { insertSideBySide } from "@/db/side-by-sides";
import { findBagKind, findClimate, findMix } from "@/library";
import { rebuild } from "@/server/following";
import { lookAt } from "@/server/side-by-sides";
import { stableId } from "@/server/stable-id";
import type { DemoBag, DemoHousehold, DemoPlanting, Happening } from "./doorstep";
import { DEMO_HOUSEHOLDS } from "./households";
import { loadPeople } from "./people";
import { demoPrices } from "./prices";
import { pastPair, pastSeasons, type PastRow } from "./seasons";
import { known } from "@/core/known";

/** The same name gives the same id on every machine, so that links and tests stay true. */
const idOf = (name: string): string => stableId(`pip-row demo ${name}`);

/** Day on which the demo's doorsteps were surveyed. */
const SURVEYED_ON = "2026-04-18";

const PROGRAMME = {
  id: idOf("programme"),
  name: "Stairwell Gardens",
  town: "Larkmouth",
  climateId: "larkmouth",
  mixId: "potting-mix-and-manure",
  currency: "EUR",
  trainer: "Ilva Renn",
};

function amountOf(kind: Happening[0], text = ""): Amount | null {
  const read = readAmount(kind, text);
  if (!read.ok) throw new Error(`demo amount ${text}: ${read.problem.code}`);
  return read.value;
}

function planOf(household: DemoHousehold): Plan {
  const name = household.survey.name;
  const bagId = (i: number) => idOf(`${name} bag ${i}`);
  const bags = household.bags.map((bag, i): BagThing => ({
    id: bagId(i),
    kindId: bag.kind,
    shape: bag.measured ?? null,
    atHand: bag.atHand ?? true,
    firstSeason: bag.firstSeason ?? 2026,
  }));
  const rows = household.bags.flatMap((bag: DemoBag, i) =>
    bag.plantings
      ? [
          {
            id: idOf(`${name} row ${i}`),
            bagId: bagId(i),
            gapCm: null,
            plantings: bag.plantings.map((p: DemoPlanting, k) => ({
              id: idOf(`${name} planting ${i} ${k}`),
              goalId: p.goal,
              surface: p.surface ?? "top",
              method: p.method,
              plants: p.plants ?? null,
              sowOn: p.sowOn,
            })),
          },
        ]
      : [],
  );
  const { length, width, doorAt, doorWide, limit } = Survey.parse(household.survey);
  const floor = {
    lengthCm: length.value,
    widthCm: width.value,
    door: doorAt && doorWide ? { fromCm: doorAt.value, widthCm: doorWide.value } : undefined,
  };
  const placed = bags
    .filter((bag) => rows.some((row) => row.bagId === bag.id))
    .map((bag) => {
      const shape = bag.shape ?? known(findBagKind(bag.kindId)).shape;
      return {
        id: bag.id,
        shape,
        wetKg: bagMass(shape, known(findMix(PROGRAMME.mixId)), usualGapCm(shape)).wetKg,
        heightCm: 0,
      };
    });
  const spots = arrange(floor, placed, limit?.value);
  return { bags: bags.map((bag) => ({ ...bag, spot: spots.get(bag.id) })), rows };
}

/** Households that the demo's trainer teaches together, by their numbers, and the days on which they meet. */
const GROUP = {
  name: "Tuesday stairs",
  codes: ["01", "04", "07", "10", "12"],
  meetsOn: ["2026-05-19", "2026-05-26", "2026-06-02", "2026-06-09", "2026-06-16"],
};
/** Numbers of the demo's households that write: kept free for fiction by the British regulator. */
const PHONES = { "01": "+447700900101", "07": "+447700900107", "10": "+447700900110" };
/** What lies in the demo programme's shed. */
const STOCK = [
  { item: "gear/label", amount: 40 },
  { item: "gear/cane", amount: 12 },
  { item: "mix/potting-mix-and-manure", amount: 90 },
];

async function loadGroup(on: Db): Promise<void> {
  const id = idOf("group");
  await putGroup(on, PROGRAMME.id, { id, name: GROUP.name, meetsOn: GROUP.meetsOn });
  for (const [position, household] of DEMO_HOUSEHOLDS.entries())
    if (GROUP.codes.includes(String(position + 1).padStart(2, "0")))
      await updateHouseholdGroup(
        on,
        { programmeId: PROGRAMME.id, householdId: idOf(household.survey.name) },
        id,
      );
  for (const [code, phone] of Object.entries(PHONES)) {
    const household = DEMO_HOUSEHOLDS[Number(code) - 1];
    if (household)
      await updatePhone(on, { programmeId: PROGRAMME.id, householdId: idOf(household.survey.name) }, phone);
  }
  for (const stocked of STOCK) await putStock(on, PROGRAMME.id, PROGRAMME.trainer, stocked);
}

async function loadHousehold(on: Db, household: DemoHousehold, position: number): Promise<void> {
  const survey = storedSurvey(Survey.parse(household.survey), PROGRAMME.currency);
  const id = idOf(survey.name);
  const scope = { programmeId: PROGRAMME.id, householdId: id };
  await insertHousehold(on, scope, String(position + 1).padStart(2, "0"), survey);
  await putPlace(on, scope, survey, SURVEYED_ON);
  if (household.bags.length === 0) return;
  await loadPast(on, household, position);
  const plan = planOf(household);
  const state = { version: 1, by: PROGRAMME.trainer, plan };
  await writePlan(on, scope, state);
  await keepVersion(on, scope, { ...state, setAside: false });
  for (const [i, bag] of household.bags.entries()) {
    for (const [k, planting] of (bag.plantings ?? []).entries()) {
      for (const [n, [kind, day, amount, note = "", detail]] of (planting.records ?? []).entries()) {
        const about =
          OF_HOUSEHOLD.has(kind) || isOfRow(kind) ? null : idOf(`${survey.name} planting ${i} ${k}`);
        const record = GardenRecord.parse({
          id: idOf(`${survey.name} record ${i} ${k} ${n}`),
          plantingId: about,
          rowId: isOfRow(kind) ? idOf(`${survey.name} row ${i}`) : null,
          kind,
          on: day,
          amount: amountOf(kind, amount),
          note,
          supersedes: null,
          detail,
        });
        await insertRecord(on, scope, { record, author: PROGRAMME.trainer, notedAt: `${day}T18:00:00Z` });
      }
    }
  }
}

/** The years of the demo's past seasons, and the seed that all of it comes from. */
const PAST = { years: [2024, 2025], seed: 41 };

/** What the demo's programme held side by side in its last season: one way that is better by half, and one that makes no difference. */
const SIDE_BY_SIDES = [
  {
    ...{ goalId: "lettuce/leaf", kindId: "round-10-gal", sowOn: "2025-04-04", times: 1.5, seed: 2600 },
    ...{ question: "Is straw on the mix worth it?", firstWay: "bare", secondWay: "under straw" },
  },
  {
    ...{ goalId: "radish/root", kindId: "round-10-gal", sowOn: "2025-03-28", times: 1, seed: 1200 },
    ...{ question: "Watered in the morning or in the evening?", firstWay: "morning", secondWay: "evening" },
  },
] as const;

/** Both bags of each side-by-side at a household, the first way before the second; none where it could not take part. */
const pairsAt = (household: DemoHousehold, position: number) =>
  SIDE_BY_SIDES.map(({ goalId, kindId, sowOn, times, seed }) =>
    household.bags.length === 0
      ? undefined
      : pastPair(household, {
          ...{ climate: known(findClimate(PROGRAMME.climateId)), seed: seed + position },
          ...{ goalId, kindId, sowOn, ratio: times },
        }),
  );

const pairId = (name: string, trial: number, way: number, what: "bag" | "row" | "planting") =>
  idOf(`${name} side-by-side ${trial} ${way} ${what}`);

/** Which bag stands first in the plan of each household: chance says so, as it does in a new one. */
const isSecondFirst = (trial: number, position: number): boolean =>
  sidesFor(DEMO_HOUSEHOLDS.length, known(SIDE_BY_SIDES[trial]).seed)[position]?.[0] === "b";

/** Sets up what was held side by side, as it was planned, and looks at what it says. */
async function loadSideBySides(on: Db): Promise<string[]> {
  const ids: string[] = [];
  for (const [trial, { goalId, question, firstWay, secondWay, seed }] of SIDE_BY_SIDES.entries()) {
    const pairs = DEMO_HOUSEHOLDS.flatMap((household, position) =>
      pairsAt(household, position)[trial]
        ? [
            {
              householdId: idOf(household.survey.name),
              secondHouseholdId: idOf(household.survey.name),
              firstPlantingId: pairId(household.survey.name, trial, 0, "planting"),
              secondPlantingId: pairId(household.survey.name, trial, 1, "planting"),
            },
          ]
        : [],
    );
    const id = idOf(`side-by-side ${trial}`);
    const planned = { id, goalId, question, firstWay, secondWay, seed, ratio: 1.5, spread: 0.4 };
    await insertSideBySide(
      on,
      PROGRAMME.id,
      { ...planned, planned: pairs.length, author: PROGRAMME.trainer },
      pairs,
    );
    ids.push(id);
  }
  return ids;
}

/**
 * Loads what a household grew in past seasons: plantings that are in no plan any more, with all that was written of them.
 * They are written as a plan of their own, before the one of this year takes its place.
 */
async function loadPast(on: Db, household: DemoHousehold, position: number): Promise<void> {
  const { name } = household.survey;
  const scope = { programmeId: PROGRAMME.id, householdId: idOf(name) };
  const climate = known(findClimate(PROGRAMME.climateId));
  const rows = pastSeasons(household, {
    climate,
    years: PAST.years,
    seed: PAST.seed + position,
    slips: position === 2,
  });
  for (const year of PAST.years) {
    const own = rows.filter((row) => row.year === year);
    const isLast = year === PAST.years.at(-1);
    const paired = (isLast ? pairsAt(household, position) : []).flatMap((pair, trial) =>
      (pair ?? []).map((own, way) => ({ ...own, trial, way })),
    );
    const inOrder = paired.toSorted(
      (a, b) => a.trial - b.trial || (isSecondFirst(a.trial, position) ? b.way - a.way : a.way - b.way),
    );
    const named = (row: PastRow, k?: number) =>
      idOf(`${name} ${year} ${k === undefined ? "row" : `planting ${k}`} ${row.bag}`);
    const plan: Plan = {
      bags: [
        ...own.map((row) => ({
          ...{ id: idOf(`${name} bag ${row.bag}`), kindId: row.kindId, atHand: true, firstSeason: 2024 },
          shape: household.bags[row.bag]?.measured ?? null,
        })),
        ...inOrder.map(({ trial, way }) => ({
          ...{ id: pairId(name, trial, way, "bag"), kindId: known(SIDE_BY_SIDES[trial]).kindId },
          ...{ shape: null, atHand: true, firstSeason: 2025 },
        })),
      ],
      rows: [
        ...own.map((row) => ({
          ...{ id: named(row), bagId: idOf(`${name} bag ${row.bag}`), gapCm: null },
          plantings: row.plantings.map(({ planting }, k) => ({ ...planting, id: named(row, k) })),
        })),
        ...inOrder.map(({ trial, way, planting }) => ({
          ...{ id: pairId(name, trial, way, "row"), bagId: pairId(name, trial, way, "bag"), gapCm: null },
          plantings: [{ ...planting, id: pairId(name, trial, way, "planting") }],
        })),
      ],
    };
    await writePlan(on, scope, { version: 1, by: PROGRAMME.trainer, plan });
    const written = [
      ...own.flatMap((row) => row.plantings.map(({ records }, k) => ({ id: named(row, k), records }))),
      ...inOrder.map(({ trial, way, records }) => ({ id: pairId(name, trial, way, "planting"), records })),
    ];
    for (const { id, records } of written)
      for (const [n, { kind, on: day, amount, detail }] of records.entries())
        await insertRecord(on, scope, {
          record: GardenRecord.parse({
            ...{ id: idOf(`${id} record ${n}`), plantingId: id, kind, on: day },
            ...{ amount: amountOf(kind, amount), note: "", supersedes: null, detail },
          }),
          author: PROGRAMME.trainer,
          notedAt: `${day}T18:00:00Z`,
        });
  }
}

const codeToId = (code: string) => idOf(known(DEMO_HOUSEHOLDS[Number(code) - 1]).survey.name);

/** Loads the demo programme into an empty database; leaves any other alone. Returns whether it loaded. */
export async function loadDemo(): Promise<boolean> {
  const on = db("everything");
  const there = await allProgrammes(on);
  // A demo of an older release has nobody who could sign in.
  if (there.some(({ id }) => id === PROGRAMME.id) && (await listMembers(on, PROGRAMME.id)).length === 0)
    await loadPeople(PROGRAMME.id, codeToId);
  if (there.length > 0) return false;
  await transaction("everything", async (on) => {
    await insertProgramme(on, PROGRAMME);
    await updateBoughtTogether(on, PROGRAMME.id, ["packet", "mix"]);
    await insertPrices(on, PROGRAMME.id, PROGRAMME.trainer, demoPrices(PROGRAMME.currency));
    for (const [position, household] of DEMO_HOUSEHOLDS.entries())
      await loadHousehold(on, household, position);
    await loadGroup(on);
  });
  await loadPeople(PROGRAMME.id, codeToId);
  await rebuild(PROGRAMME.id);
  const trainer = { role: "trainer", programmeId: PROGRAMME.id, name: PROGRAMME.trainer } as const;
  for (const id of await loadSideBySides(on)) {
    const looked = await lookAt(trainer, id);
    if (!looked.ok) throw new Error(`the demo's side-by-side: ${looked.problem.code}`);
  }
  return true;
}

if (process.argv[1]?.endsWith("load.ts")) {
  console.log((await loadDemo()) ? "demo programme loaded" : "the database holds a programme already");
  await closePool();
}
