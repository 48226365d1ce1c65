"use server";

import type { Outcome } from "@/core/problem";
import { PROGRAMME_COOKIE, signedIn } from "@/server/actor";
import { signOut } from "@/server/auth";
import {
  type Key,
  endMembership,
  giveCard,
  giveHouseholds,
  invite,
  renew,
  signInBy,
  signOutEverywhere,
} from "@/server/people";
import { beginProgramme } from "@/server/programmes";
import { cookies, headers } from "next/headers";
import { acting, changing } from "./acting";

/** From where somebody tries to sign in, as a proxy or the connection has it. */
const addressOf = (asked: Headers) => asked.get("x-forwarded-for")?.split(",")[0]?.trim() || "here";

export async function signInAction(typed: {
  readonly name: string;
  readonly password: string;
}): Promise<Outcome<{ home: string }>> {
  const asked = await headers();
  return signInBy(typed, { address: addressOf(asked), headers: asked });
}

export async function signOutAction(): Promise<void> {
  await signOut(await headers());
}

export async function chooseProgrammeAction(programmeId: string): Promise<void> {
  (await cookies()).set(PROGRAMME_COOKIE, String(programmeId), {
    httpOnly: true,
    sameSite: "lax",
    maxAge: 31_536_000,
  });
}

export async function inviteAction(typed: {
  readonly name: string;
  readonly account: string;
  readonly role: string;
  readonly households: string;
}): Promise<Outcome<Key>> {
  return acting("keep-people", (actor) => invite(actor, typed));
}

export async function giveCardAction(householdId: string): Promise<Outcome<Key>> {
  return acting("keep-people", (actor) => giveCard(actor, householdId));
}

export async function renewAction(memberId: string): Promise<Outcome<Key>> {
  return acting("keep-people", (actor) => renew(actor, memberId));
}

export async function signOutEverywhereAction(memberId: string): Promise<Outcome<null>> {
  return changing("keep-people", (actor) => signOutEverywhere(actor, memberId));
}

export async function endMembershipAction(memberId: string): Promise<Outcome<null>> {
  return changing("keep-people", (actor) => endMembership(actor, memberId));
}

export async function giveHouseholdsAction(memberId: string, households: string): Promise<Outcome<null>> {
  return changing("keep-people", (actor) => giveHouseholds(actor, memberId, households));
}

export async function beginProgrammeAction(typed: unknown): Promise<Outcome<{ id: string }>> {
  return acting("keep-trainers", async (actor) =>
    beginProgramme(actor, (await signedIn())?.userId ?? "", typed),
  );
}
