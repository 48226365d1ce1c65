import { randomUUID } from "node:crypto";
import { storedSurvey, Survey } from "@/core/place";
import { type Plan, putPlanting } from "@/core/plan";
import type { GardenRecord } from "@/core/record";
import { db } from "@/db/pool";
import { allProgrammes, insertProgramme } from "@/db/programmes";
import type { Actor } from "@/server/actor";
import { addHousehold } from "@/server/households";

/** A doorstep as somebody types it, in units of both systems. */
export const SURVEY = {
  name: "Testwick",
  adults: "2",
  children: "1",
  tastes: "",
  note: "",
  kind: "balcony",
  length: "10 ft 6 in",
  width: "1.1 m",
  sun: [{ from: "06:00", to: "18:00" }],
  limit: "40 psf",
  wants: { groups: { greens: "daily" }, must: ["kale"], never: [] },
  sell: { group: "greens", week: "1 lb", price: "4.50" },
  skill: "first",
  trays: "mat",
  cells: "0",
  budget: "60.50",
  water: "5 gal",
  away: [{ from: "2026-08-01", to: "2026-08-14" }],
  faces: "S",
  doorAt: "1 m",
  doorWide: "80 cm",
  hooks: "2",
  hookLimit: "30 lb",
  site: ["windy", "stairs"],
};

/** The doorstep as it is stored. */
export const demoSurvey = () => storedSurvey(Survey.parse(SURVEY), "EUR");

/** The demo's trainer, and one of another programme that has nothing yet. */
export async function twoTrainers(): Promise<{ trainer: Actor; stranger: Actor }> {
  const [programme] = await allProgrammes(db("everything"));
  const other = { ...programme!, id: randomUUID(), name: "Zz elsewhere" };
  await insertProgramme(db("everything"), other);
  return {
    trainer: { role: "trainer", programmeId: programme!.id, name: "Ilva Renn" },
    stranger: { role: "trainer", programmeId: other.id, name: "Somebody" },
  };
}

/** A new household of a trainer, surveyed by `SURVEY`, of a name that a check can find it by among all others; its id. */
export async function householdOf(trainer: Actor, name = SURVEY.name): Promise<string> {
  const made = await addHousehold(trainer, { ...SURVEY, name });
  if (!made.ok) throw new Error(JSON.stringify(made));
  return made.value.id;
}

/** A plan of one bag with tomatoes in it. */
export const planWith = (plants = 1): { plan: Plan; plantingId: string } => {
  const [bagId, plantingId] = [randomUUID(), randomUUID()];
  const plan: Plan = {
    bags: [{ id: bagId, kindId: "round-5-gal", shape: null, atHand: true, firstSeason: 2026 }],
    rows: [],
  };
  return {
    plan: putPlanting(
      plan,
      bagId,
      {
        id: plantingId,
        goalId: "tomato/bush",
        surface: "top",
        method: "bought",
        plants,
        sowOn: "2026-05-20",
      },
      randomUUID(),
    ),
    plantingId,
  };
};
/** The smallest JPEG that counts as one, in base 64: a frame, a scan, and an end. @param more segments before them */
export const tinyJpeg = (more: readonly number[] = []): string => {
  const frame = [0xff, 0xc0, 0, 11, 8, 0, 60, 0, 80, 1, 1, 0x11, 0];
  return Buffer.from([
    0xff,
    0xd8,
    ...more,
    ...frame,
    0xff,
    0xda,
    0,
    8,
    1,
    1,
    0,
    0,
    63,
    0,
    7,
    0xff,
    0xd9,
  ]).toString("base64");
};

/** A record of a pick, with what is said of it changed. */
export const record = (plantingId: string | null, more: Partial<GardenRecord> = {}): GardenRecord => ({
  id: randomUUID(),
  plantingId,
  kind: "picked",
  on: "2026-05-18",
  amount: { measure: "mass", value: 0.42, typed: "420 g", unit: "g" },
  note: "",
  supersedes: null,
  ...more,
});
