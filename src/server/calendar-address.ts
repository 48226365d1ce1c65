import { createHash, randomBytes } from "node:crypto";
import * as z from "zod";
import type { Outcome } from "@/core/problem";
import { deleteAddress, findByAddress, hasAddress, putAddress } from "@/db/calendar-addresses";
import { db } from "@/db/pool";
import type { Actor } from "./actor";
import { readHousehold, scopeOf } from "./households";
import { outcomeOf, refused } from "./outcome";
import { programmeTo } from "./programme";

/** As many bytes as nobody guesses. */
const TOKEN_BYTES = 24;
const hashOf = (token: string) => createHash("sha256").update(token).digest("hex");

/** Makes an address of a household's calendar; the one before opens nothing any more. @returns its secret part, told once */
export function makeAddress(actor: Actor, householdId: string): Promise<Outcome<{ token: string }>> {
  return outcomeOf(async () => {
    const allowed = await programmeTo(actor, "write-records", householdId);
    if (!allowed.ok) return allowed;
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    const token = randomBytes(TOKEN_BYTES).toString("base64url");
    const made = { tokenHash: hashOf(token), author: actor.name };
    await putAddress(db(actor), scopeOf(actor, householdId), made);
    return { ok: true, value: { token } };
  });
}

/** Withdraws the address of a household's calendar. */
export function withdrawAddress(actor: Actor, householdId: string): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeTo(actor, "write-records", householdId);
    if (!allowed.ok) return allowed;
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    await deleteAddress(db(actor), scopeOf(actor, householdId));
    return { ok: true, value: null };
  });
}

/** Whether a household's calendar has an address. */
export const readHasAddress = (actor: Actor, householdId: string): Promise<boolean> =>
  hasAddress(db(actor), scopeOf(actor, householdId));

/** Who comes by an address: the household whose calendar it is of, to look and no more. */
export async function actorByAddress(token: unknown): Promise<(Actor & { householdId: string }) | undefined> {
  const read = z
    .string()
    .regex(/^[\w-]{20,64}$/)
    .safeParse(token);
  const scope = read.success ? await findByAddress(db("everything"), hashOf(read.data)) : undefined;
  return scope && { ...scope, role: "household", name: "", households: [scope.householdId] };
}
