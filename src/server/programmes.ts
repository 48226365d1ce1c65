import { randomUUID } from "node:crypto";
import * as z from "zod";
import type { Outcome } from "@/core/problem";
import { insertMember, noteChange } from "@/db/members";
import { putMix } from "@/db/mixes";
import { insertOverrides } from "@/db/overrides";
import { transaction } from "@/db/pool";
import { insertPrices } from "@/db/prices";
import {
  insertProgramme,
  updateBoughtTogether,
  updateClimate,
  updateMix,
  updateProgrammeSchools,
  updateSizes,
} from "@/db/programmes";
import { findClimate, findMix, MIXES } from "@/library";
import type { Actor } from "./actor";
import { outcomeOf, parsed } from "./outcome";
import { readPriceList } from "./prices";
import { programmeTo, readOverrides } from "./programme";

const Name = z.string().trim().min(1, { error: "name-missing" }).max(60, { error: "too-long" });

const Begun = z.strictObject({
  name: Name,
  town: Name,
  climateId: z.string().refine((id) => findClimate(id) !== undefined, { error: "empty" }),
  currency: z
    .string()
    .trim()
    .toUpperCase()
    .refine((code) => Intl.supportedValuesOf("currency").includes(code), { error: "currency-unknown" }),
  /** Whether the town, its climate, ways, mixes, prices and own values are those of the programme that one is in. */
  isCopy: z.boolean(),
});

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
    const { name, town, climateId, currency, isCopy } = begun.value;
    const before = allowed.value;
    const [prices, overrides] = await Promise.all([readPriceList(actor), readOverrides(actor)]);
    const id = randomUUID();
    const copies = isCopy && findMix(before.mixId) !== undefined;
    await transaction("everything", async (on) => {
      const mixId = copies ? before.mixId : (MIXES[0]?.id ?? "");
      await insertProgramme(on, { id, name, town, climateId, mixId, currency, trainer: actor.name });
      await insertMember(on, id, { id: randomUUID(), userId, role: "organiser", name: actor.name });
      await noteChange(on, id, { author: actor.name, act: "invited", about: `${actor.name} (organiser)` });
      if (!isCopy) return;
      await updateClimate(on, id, before.climate);
      await updateProgrammeSchools(on, id, before.schools);
      await updateSizes(on, id, before.sizes);
      await updateBoughtTogether(on, id, before.boughtTogether);
      for (const mix of before.mixes) await putMix(on, id, actor.name, mix);
      await updateMix(on, id, before.mixId);
      // Another currency has other prices.
      if (currency === before.currency && prices.length > 0) await insertPrices(on, id, actor.name, prices);
      if (overrides.length > 0) await insertOverrides(on, id, overrides);
    });
    return { ok: true, value: { id } };
  });
}
