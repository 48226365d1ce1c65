import { type Climate } from "@/core/climate";
import { scattered, seededRandom } from "@/core/chance";
import { stagesFrom, judgeSeason, type Real } from "@/core/calendar";
import { addDays, type Day, daysBetween } from "@/core/day";
import { assessGarden } from "@/core/garden";
import { known } from "@/core/known";
import { plantingOf } from "@/core/match";
import { bearingOf, skyOf, Survey } from "@/core/place";
import type { Plan, Planting } from "@/core/plan";
import type { Detail, RecordKind } from "@/core/record";
import { type Setting, settingFrom } from "@/core/setting";
import { findGoal, findMix, SHIPPED } from "@/library";
import type { DemoHousehold } from "./doorstep";

/** What is so in the invented seasons, whatever any household sees of it: findings are to find the one and refuse the other. */
export interface Truths {
  /** By crop: days to come up, as a ratio to what is expected. */
  readonly up: Readonly<Record<string, number>>;
  /** By goal: what it gives, as a ratio to what is expected. */
  readonly harvest: Readonly<Record<string, number>>;
  /** By crop: the share of plants that slugs take from what is sown before July. */
  readonly slugs: Readonly<Record<string, number>>;
}

export const TRUTHS: Truths = {
  up: { "pak-choi": 0.65 },
  harvest: { "lettuce/leaf": 1.35, "beet/root": 0.7 },
  slugs: { "bush-bean": 0.34 },
};

/** One happening in a season: with its amount as a person types it, and what else the record says. */
export interface Past {
  readonly kind: RecordKind;
  readonly on: Day;
  readonly amount?: string;
  readonly detail?: Detail;
}

/** A bag through one past season, with what was sown in it one after the other. */
export interface PastRow {
  readonly bag: number;
  readonly kindId: string;
  readonly year: number;
  readonly plantings: readonly {
    readonly planting: Omit<Planting, "id">;
    readonly records: readonly Past[];
  }[];
}

/** What was grown in those seasons, spring and summer. */
const GROWN = [
  "pak-choi/leaf",
  "lettuce/leaf",
  "bush-bean/pod",
  "radish/root",
  "chard/leaf",
  "beet/root",
  "kale/leaf",
  "pea/pod",
] as const;
const VARIETIES: Readonly<Record<string, readonly [string, string]>> = {
  "bush-bean": ["Stairbush", "Early Larch"],
  lettuce: ["Quayside", "Soft Oak"],
};

/** How households differ, and plantings of one household: standard deviations of logarithms. */
const SPREADS = { house: 0.12, days: 0.13, harvest: 0.3 };
const GERMINATES = 0.78;
/** Month and day by which all bags are empty. */
const CLEARED = "12-10";
const SILENT = 0.05;
const FAILS = 0.03;

/** How a household's plantings go, one after the other, by chance: all in its own pace, and by what is true. */
function growerOf(setting: Setting, random: () => number, truths: Truths) {
  const { climate } = setting;
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const among = <T>(all: readonly T[]): T => known(all[Math.floor(random() * all.length)]);
  const house = { days: Math.exp(SPREADS.house * normal()), harvest: Math.exp(SPREADS.house * normal()) };
  /** Of so many, how many a chance takes. */
  const taken = (of: number, chance: number) =>
    Array.from({ length: of }, () => random() < chance).filter(Boolean).length;

  return (planting: Planting, kindId: string, ratio = 1): readonly Past[] => {
    const { crop, goal } = known(findGoal(planting.goalId));
    const method = known(goal.methods.find((m) => m.method === planting.method));
    const records: Past[] = [];
    const sownOn = planting.sowOn;
    const plants = planting.plants;
    const seeds = plants === null ? undefined : Math.ceil((plants * 1.5) / GERMINATES);
    const variety = VARIETIES[crop.id];
    const detail = variety && { variety: among(variety) };
    records.push({
      kind: "sown",
      on: sownOn,
      amount: seeds === undefined ? undefined : String(seeds),
      ...(detail && { detail }),
    });
    if (random() < SILENT) return records;
    const wobble = () => house.days * Math.exp(SPREADS.days * normal());
    const real: { -readonly [K in keyof Real]: Real[K] } = { sownOn };
    const way = { crop, goal, method };
    const up = stagesFrom({ ...way, real }, sownOn, climate).up;
    if (up) {
      const days = Math.max(
        2,
        Math.round(daysBetween(sownOn, up.likely) * (truths.up[crop.id] ?? 1) * wobble()),
      );
      real.upOn = addDays(sownOn, days);
      const ups = seeds === undefined ? undefined : Math.max(plants ?? 0, taken(seeds, GERMINATES));
      records.push({ kind: "up", on: real.upOn, amount: ups === undefined ? undefined : String(ups) });
    }
    if (random() < FAILS) {
      const on = addDays(real.upOn ?? sownOn, 10 + Math.floor(10 * random()));
      if (plants) {
        const reason = among(["slugs", "dry", "birds"] as const);
        records.push({ kind: "lost", on, amount: String(plants), detail: { reason } });
      } else records.push({ kind: "ended", on });
      return records;
    }
    const move = stagesFrom({ ...way, real }, sownOn, climate).move;
    if (move) {
      real.movedOn = addDays(move.likely, Math.round(3 * normal()));
      if (real.upOn && real.movedOn <= real.upOn) real.movedOn = addDays(real.upOn, 1);
      records.push({ kind: "moved", on: real.movedOn, amount: plants === null ? undefined : String(plants) });
    }
    const eaten = sownOn.slice(5) < "07-01" ? taken(plants ?? 0, truths.slugs[crop.id] ?? 0) : 0;
    if (eaten > 0) {
      const on = addDays(real.movedOn ?? real.upOn ?? sownOn, 3 + Math.floor(9 * random()));
      records.push({ kind: "lost", on, amount: String(eaten), detail: { reason: "slugs" } });
      if (eaten === plants) return records;
    }
    const stages = stagesFrom({ ...way, real }, sownOn, climate);
    if (!stages.firstPick || !stages.lastPick) return records;
    const standing = plants === null ? 1 : (plants - eaten) / plants;
    const start = real.movedOn ?? real.upOn ?? sownOn;
    const toPick = Math.round(
      daysBetween(start, stages.firstPick.likely) * Math.exp(SPREADS.days * normal()),
    );
    const firstOn = addDays(start, Math.max(5, toPick));
    const lasts = Math.max(0, daysBetween(stages.firstPick.likely, stages.lastPick.likely));
    const expected = known(assessGarden(planIn(kindId, [planting]), setting).rows[0]?.plantings[0]).harvest
      .likely;
    const kg =
      expected *
      ratio *
      standing *
      (truths.harvest[goal.id] ?? 1) *
      house.harvest *
      Math.exp(SPREADS.harvest * normal());
    const picks =
      goal.picking.pattern === "once" ? 1 + Math.floor(2 * random()) : 3 + Math.floor(5 * random());
    const parts = Array.from({ length: picks }, () => 0.5 + random());
    const whole = parts.reduce((sum, part) => sum + part, 0);
    const cleared = `${sownOn.slice(0, 4)}-${CLEARED}`;
    for (const [n, part] of parts.entries()) {
      const on = addDays(firstOn, Math.round((lasts * n) / picks));
      if (on >= cleared) break;
      const g = Math.max(5, Math.round((1000 * kg * part) / whole / 5) * 5);
      const went = among(["eaten", "eaten", "given"] as const);
      records.push({ kind: "picked", on, amount: `${g} g`, detail: { went } });
    }
    const endsOn = addDays(firstOn, lasts + 2);
    records.push({ kind: "ended", on: endsOn < cleared ? endsOn : cleared });
    return records;
  };
}

/** The seasons of one household: the same from the same seed. @param years the seasons' years, in order */
export function pastSeasons(
  household: DemoHousehold,
  {
    climate: town,
    years,
    seed,
    truths = TRUTHS,
    slips = false,
  }: {
    climate: Climate;
    years: readonly number[];
    seed: number;
    truths?: Truths;
    /** Whether somebody's slips are among the records: 40 kg for 400 g, and a pick before anything was up. */
    slips?: boolean;
  },
): PastRow[] {
  const random = seededRandom(scattered(seed));
  const setting = settingIn(household, town);
  const grow = growerOf(setting, random, truths);
  const rows: PastRow[] = [];
  let next = Math.floor(GROWN.length * random());
  for (const year of years)
    for (const [bag, { kind }] of household.bags.entries()) {
      const plantings: { planting: Omit<Planting, "id">; records: readonly Past[] }[] = [];
      let free: Day = `${year}-03-01`;
      for (let tries = 0; tries < 12 && free < `${year}-08-10` && plantings.length < 3; tries++) {
        const goalId = known(GROWN[next++ % GROWN.length]);
        const sowOn = addDays(free, Math.floor(25 * random()));
        const planting = plantingIn(kind, goalId, sowOn, setting);
        if (!planting) continue;
        const records = grow({ ...planting, id: "" }, kind);
        plantings.push({ planting, records });
        free = addDays(
          records
            .map((r) => r.on)
            .sort()
            .at(-1) ?? sowOn,
          4,
        );
      }
      if (plantings.length > 0) rows.push({ bag, kindId: kind, year, plantings });
    }
  if (slips) slipIn(rows);
  return rows;
}

/** A bag of a side-by-side that was held in a past season. */
export interface PastPair {
  readonly planting: Omit<Planting, "id">;
  readonly records: readonly Past[];
}

/**
 * Two bags of one household, sown alike on one day: the second one gives so many times the first, by chance more or less.
 *
 * @returns nothing where that goal, bag and day do not go together at that household
 */
export function pastPair(
  household: DemoHousehold,
  {
    climate,
    seed,
    goalId,
    kindId,
    sowOn,
    ratio,
  }: { climate: Climate; seed: number; goalId: string; kindId: string; sowOn: Day; ratio: number },
): readonly [PastPair, PastPair] | undefined {
  const setting = settingIn(household, climate);
  const planting = plantingIn(kindId, goalId, sowOn, setting);
  if (!planting) return undefined;
  const grow = growerOf(setting, seededRandom(scattered(seed)), { up: {}, harvest: {}, slugs: {} });
  const bag = (times: number) => ({ planting, records: grow({ ...planting, id: "" }, kindId, times) });
  return [bag(1), bag(ratio)];
}

/** Puts two slips of the pen into a household's records. */
function slipIn(rows: PastRow[]): void {
  const picked = rows
    .flatMap((row) => row.plantings)
    .filter(({ records }) => records.filter(({ kind }) => kind === "picked").length > 1);
  for (const [n, { records }] of picked.slice(0, 2).entries()) {
    const own = records as Past[];
    const at = own.findIndex(({ kind }) => kind === "picked");
    const [pick, sown] = [known(own[at]), known(own[0])];
    own[at] = n === 0 ? { ...pick, amount: "40 kg" } : { ...pick, on: addDays(sown.on, 1) };
  }
}

/** What a household's gardens are judged against, by its doorstep alone. */
export function settingIn({ survey }: DemoHousehold, climate: Climate): Setting {
  const { kind, sun, length, width, faces, limit, trays } = Survey.parse(survey);
  return settingFrom(
    {
      climate: { ...climate, trays },
      mix: known(findMix("potting-mix-and-manure")),
      ...skyOf({ kind, sun, faces: faces ? bearingOf(faces) : undefined, seenOn: "2026-04-18" }, climate),
      floorM2: (length.value * width.value) / 10_000,
      limitKgM2: limit?.value,
    },
    SHIPPED,
  );
}

const planIn = (kindId: string, plantings: readonly Planting[]): Plan => ({
  bags: [{ id: "bag", kindId, shape: null, atHand: true, firstSeason: null }],
  rows: [{ id: "row", bagId: "bag", gapCm: null, plantings: [...plantings] }],
});

/** A planting as somebody would choose it, or none where that goal, bag and day do not go together. */
function plantingIn(
  kindId: string,
  goalId: string,
  sowOn: Day,
  setting: Setting,
): Omit<Planting, "id"> | undefined {
  const found = known(findGoal(goalId));
  const row = known(assessGarden(planIn(kindId, []), setting).rows[0]);
  const planting = plantingOf(found, row, sowOn, setting);
  const method = found.goal.methods.find((m) => m.method === planting?.method);
  if (!planting || !method || planting.plants === 0) return undefined;
  if (judgeSeason({ ...found, method }, sowOn, setting.climate).grade === "wrong") return undefined;
  const view = assessGarden(planIn(kindId, [{ ...planting, id: "planting" }]), setting).rows[0]?.plantings[0];
  return view && view.fit.grade !== "wrong" && view.harvest.likely > 0 ? planting : undefined;
}
