import { randomUUID } from "node:crypto";
import * as z from "zod";
import type { Outcome } from "@/core/problem";
import { type HouseholdStage, kgOf } from "@/core/record";
import type { Role } from "@/core/role";
import { insertMember, type Membership, noteChange } from "@/db/members";
import { putMix } from "@/db/mixes";
import { insertOverrides } from "@/db/overrides";
import { type Db, transaction } from "@/db/pool";
import { insertPrices } from "@/db/prices";
import {
  insertProgramme,
  type Programme,
  updateBoughtTogether,
  updateClimate,
  updateMix,
  updateProgrammeSchools,
  updateSizes,
} from "@/db/programmes";
import { known } from "@/core/known";
import { findClimate, MIXES } from "@/library";
import type { Actor } from "./actor";
import { overview } from "./households";
import { may } from "./may";
import { outcomeOf, parsed } from "./outcome";
import { PersonName } from "./people";
import { readPriceList } from "./prices";
import { programmeTo, readOverrides } from "./programme";
import { readSeason } from "./season";

export const Currency = z
  .string()
  .trim()
  .toUpperCase()
  .refine((code) => Intl.supportedValuesOf("currency").includes(code), { error: "currency-unknown" });

const Begun = z.strictObject({
  name: PersonName,
  town: PersonName,
  climateId: z.string().refine((id) => findClimate(id) !== undefined, { error: "empty" }),
  currency: Currency,
  /** Whether the town, its climate, ways, mixes, prices and own values are those of the programme that one is in. */
  isCopy: z.boolean(),
});

/** How far one of somebody's programmes is. */
export interface ProgrammeState {
  readonly id: string;
  readonly name: string;
  readonly town: string;
  readonly role: Role;
  readonly isHere: boolean;
  readonly households: number;
  readonly stages: Partial<Record<HouseholdStage, number>>;
  readonly pressing: number;
  readonly quiet: number;
  /** Picked and weighed in this season, and how many households picked anything in the last week. */
  readonly kg: number;
  readonly pickers: number;
}

/** All programmes whose whole somebody may see, how far each is and what came in. @param memberships of one account */
export async function readProgrammes(
  actor: Actor,
  memberships: readonly Membership[],
): Promise<{
  readonly programmes: readonly ProgrammeState[];
  readonly all: Pick<ProgrammeState, "households" | "kg">;
}> {
  const programmes = await Promise.all(
    memberships
      .filter((m) => may(m, "see-programme"))
      .map(async ({ programmeId, programme, town, role, name }) => {
        const there: Actor = { role, programmeId, name };
        const [{ found, stages, pressing, quiet }, { weeks, thisWeek }] = await Promise.all([
          overview(there, {}),
          readSeason(there),
        ]);
        return {
          ...{ id: programmeId, name: programme, town, role, stages, pressing, quiet },
          isHere: programmeId === actor.programmeId,
          households: found,
          kg: kgOf(weeks),
          pickers: thisWeek?.households ?? 0,
        };
      }),
  );
  return {
    programmes,
    all: { households: programmes.reduce((n, p) => n + p.households, 0), kg: kgOf(programmes) },
  };
}

/** Whoever organises a programme. */
interface Organiser {
  readonly userId: string;
  readonly name: string;
}

/** Lets somebody organise a programme. */
export async function letOrganise(on: Db, programmeId: string, { userId, name }: Organiser): Promise<void> {
  await insertMember(on, programmeId, { id: randomUUID(), userId, role: "organiser", name });
  await noteChange(on, programmeId, { author: name, act: "invited", about: `${name} (organiser)` });
}

/** Opens a programme with nothing in it but its organiser. @returns its id */
export async function openProgramme(
  on: Db,
  programme: Pick<Programme, "name" | "town" | "climateId" | "currency">,
  organiser: Organiser,
): Promise<string> {
  const id = randomUUID();
  const mixId = known(MIXES[0]).id;
  await insertProgramme(on, { id, ...programme, mixId, trainer: organiser.name });
  await letOrganise(on, id, organiser);
  return id;
}

/**
 * Begins a programme, with whoever begins it as its organiser: from the library, or as a copy of the one that they are
 * in, without its households.
 *
 * @param userId the account of whoever begins it
 */
export function beginProgramme(
  actor: Actor,
  userId: string,
  input: unknown,
): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const allowed = await programmeTo(actor, "keep-trainers");
    if (!allowed.ok) return allowed;
    const begun = parsed(Begun, input);
    if (!begun.ok) return begun;
    const { isCopy, ...programme } = begun.value;
    const before = allowed.value;
    const [prices, overrides] = await Promise.all([readPriceList(actor), readOverrides(actor)]);
    const id = await transaction("everything", async (on) => {
      const begins = await openProgramme(on, programme, { userId, name: actor.name });
      if (isCopy) await copyInto(on, begins, before);
      // Another currency has other prices.
      if (isCopy && programme.currency === before.currency && prices.length > 0)
        await insertPrices(on, begins, actor.name, prices);
      if (isCopy && overrides.length > 0) await insertOverrides(on, begins, overrides);
      return begins;
    });
    return { ok: true, value: { id } };
  });
}

/** Gives a programme the town, ways and mixes of another. */
async function copyInto(on: Db, id: string, before: Programme): Promise<void> {
  await updateClimate(on, id, before.climate);
  await updateProgrammeSchools(on, id, before.schools);
  await updateSizes(on, id, before.sizes);
  await updateBoughtTogether(on, id, before.boughtTogether);
  for (const mix of before.mixes) await putMix(on, id, before.trainer, mix);
  await updateMix(on, id, before.mixId);
}
