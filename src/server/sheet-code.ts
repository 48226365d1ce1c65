import { randomBytes } from "node:crypto";
import * as z from "zod";
import type { Outcome } from "@/core/problem";
import { db } from "@/db/pool";
import { deleteSheetCode, findBySheetCode, sheetCode } from "@/db/sheet-codes";
import type { Actor } from "./actor";
import { scopeOf } from "./households";
import { outcomeOf, refused } from "./outcome";
import { programmeTo } from "./programme";

const CODE_BYTES = 12;

/** The path that the code on a household's paper leads to: the same on every paper until it is withdrawn. It opens nothing by itself. */
export const pathOnPaper = async (actor: Actor, householdId: string): Promise<string> => {
  const made = randomBytes(CODE_BYTES).toString("base64url");
  return `/paper/${await sheetCode(db(actor), scopeOf(actor, householdId), made)}`;
};

/** Withdraws the code on all papers of a household; the next print has a new one. */
export function withdrawSheetCode(actor: Actor, householdId: string): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeTo(actor, "write-records", householdId);
    if (!allowed.ok) return allowed;
    const had = await deleteSheetCode(db(actor), scopeOf(actor, householdId));
    return had ? { ok: true, value: null } : refused({ code: "no-paper" });
  });
}

/** The household whose paper carries a code; undefined for a code that was withdrawn, or never was. */
export async function householdOnPaper(code: unknown): Promise<string | undefined> {
  const read = z
    .string()
    .regex(/^[\w-]{16}$/)
    .safeParse(code);
  return read.success ? (await findBySheetCode(db("everything"), read.data))?.householdId : undefined;
}
