import * as z from "zod";
import { type Mix, OwnMix, ownMixName } from "@/core/mix";
import type { Outcome } from "@/core/problem";
import { deleteMix, putMix } from "@/db/mixes";
import { countMixUses } from "@/db/plans";
import { db, transaction } from "@/db/pool";
import { updateMix, updateSizes } from "@/db/programmes";
import { findMix, mixesWith } from "@/library";
import type { Actor } from "./actor";
import { judgeSoon } from "./judging";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeToChange, readProgramme } from "./programme";

/** The mixes that a programme works with, the one in force, and what its barrows, buckets and cans hold. */
export async function readMixes(actor: Actor) {
  const { mixes, mixId, sizes } = await readProgramme(actor);
  return { mixes: mixesWith(mixes), mixId, sizes };
}

/** The programme's mixes, to be found by id. */
export const mixOfProgramme = (own: readonly OwnMix[], id: string): Mix | undefined =>
  mixesWith(own).find((mix) => mix.id === id);

/** Keeps a recipe of the programme's own, or what a wet litre of a shipped mix weighs: every load and heap follows it. */
export function saveMix(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const mix = parsed(OwnMix, input);
    if (!mix.ok) return mix;
    if (ownMixName(mix.value.id) === undefined && !findMix(mix.value.id))
      return refused({ code: "mix-unknown" });
    await putMix(db(actor), actor.programmeId, actor.name, mix.value);
    await judgeSoon(actor.programmeId);
    return { ok: true, value: null };
  });
}

/** Takes back what the programme knows of a mix; a recipe of its own only while no bag and no programme is filled with it. */
export function removeMix(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const id = String(input);
    const isInUse = await transaction(actor, async (on) => {
      const uses = ownMixName(id) === undefined ? 0 : await countMixUses(on, actor.programmeId, id);
      if (allowed.value.mixId === id && ownMixName(id) !== undefined) return true;
      if (uses > 0) return true;
      await deleteMix(on, actor.programmeId, id);
      return false;
    });
    if (isInUse) return refused({ code: "mix-in-use" });
    await judgeSoon(actor.programmeId);
    return { ok: true, value: null };
  });
}

/** Chooses the mix that bags are filled with where they have none of their own. */
export function chooseMix(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const mix = mixOfProgramme(allowed.value.mixes, String(input));
    if (!mix) return refused({ code: "mix-unknown" });
    await updateMix(db(actor), actor.programmeId, mix.id);
    await judgeSoon(actor.programmeId);
    return { ok: true, value: null };
  });
}

const litres = (most: number) =>
  z.number().positive({ error: "too-small" }).max(most, { error: "too-large" });
const SizesTyped = z.strictObject({ barrowL: litres(500), bucketL: litres(60), canL: litres(60) });

/** Keeps what barrows, buckets and cans hold here. */
export function saveSizes(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const sizes = parsed(SizesTyped, input);
    if (!sizes.ok) return sizes;
    await updateSizes(db(actor), actor.programmeId, sizes.value);
    return { ok: true, value: null };
  });
}
