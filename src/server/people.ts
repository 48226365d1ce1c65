import { randomInt, randomUUID } from "node:crypto";
import * as z from "zod";
import { type Outcome, problemMessage } from "@/core/problem";
import {
  type CardLine,
  CARDS_A_PAGE,
  endMember,
  findCard,
  findMember,
  hasMembers,
  insertMember,
  listCards,
  listChanges,
  listMembers,
  listMemberships,
  type Member,
  type MemberChange,
  noteChange,
  putGiven,
  unknownCodes,
} from "@/db/members";
import { db, transaction } from "@/db/pool";
import type { Actor } from "./actor";
import { closeUnused } from "./accounts";
import { changePassword, endSessions, makeAccount, PIN_DIGITS, signIn } from "./auth";
import { homeOf } from "./home";
import { readHousehold } from "./households";
import { type Role, ROLES } from "@/core/role";
import { may } from "./may";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeTo } from "./programme";

export type { Member, MemberChange };

/** Letters and digits that nobody takes for another: no 0 or o, no 1, i or l. */
const CODE_LETTERS = "23456789abcdefghjkmnpqrstuvwxyz";
const CODE_LENGTH = 8;
/** About sixty bits: nobody guesses it, and it can be read out. */
const PASSWORD_LENGTH = 12;

const drawn = (letters: string, length: number): string =>
  Array.from({ length }, () => letters[randomInt(letters.length)]).join("");

/** A password for somebody who sees more than one household. */
export const newPassword = (): string => drawn(CODE_LETTERS, PASSWORD_LENGTH);

const newPin = (): string => drawn("0123456789", PIN_DIGITS);

/** What opens an account, shown once to whoever hands it over: it is kept nowhere. */
export interface Key {
  readonly name: string;
  readonly account: string;
  readonly password: string;
}

/** Those who see more than one household of a programme, and the newest changes of who may do what. */
export interface People {
  /** Each with whether the actor may renew, sign out and end them. */
  readonly members: readonly (Member & { readonly isKept: boolean })[];
  readonly changes: readonly MemberChange[];
  /** The parts that the actor may let somebody in as. */
  readonly invited: readonly Role[];
  readonly mayBegin: boolean;
}

const CHANGES_SHOWN = 12;
const Page = z.coerce.number().int().min(1).max(100_000).catch(1);

/** The people of the actor's programme, without its households. */
export async function readPeople(actor: Actor): Promise<People> {
  const { programmeId } = actor;
  const [members, changes] = await Promise.all([
    // Accounts are the owner's to read: their names and sessions stand in no table of the programme's.
    listMembers(db("everything"), programmeId),
    listChanges(db(actor), programmeId, CHANGES_SHOWN),
  ]);
  return {
    members: members.map((member) => ({ ...member, isKept: mayKeep(actor, member.role) })),
    changes,
    invited: ROLES.filter((role) => role !== "household" && mayKeep(actor, role)),
    mayBegin: may(actor, "keep-trainers"),
  };
}

/** A page of households, each with its card where it has one. */
export async function readCards(
  actor: Actor,
  at: unknown,
): Promise<{ cards: readonly CardLine[]; page: number; pages: number }> {
  const page = Page.parse(at);
  const cards = await listCards(db("everything"), actor.programmeId, page);
  return { cards, page, pages: Math.max(1, Math.ceil((cards[0]?.all ?? 0) / CARDS_A_PAGE)) };
}

/** Codes as people write them: "01, 04, 07-12". */
const Codes = z
  .string()
  .max(2000, { error: "too-long" })
  .transform((text, context): string[] => {
    const codes: string[] = [];
    for (const part of text.split(/[\s,;]+/).filter(Boolean)) {
      const [, from, to = from] = /^(\d{2,9})(?:[-–](\d{2,9}))?$/.exec(part) ?? [];
      const [first, last] = [Number(from), Number(to)];
      if (from === undefined || last < first || last - first > MOST_GIVEN) {
        context.addIssue({
          code: "custom",
          message: problemMessage({ code: "codes-unread", understood: part }),
        });
        return z.NEVER;
      }
      for (let n = first; n <= last; n++) codes.push(String(n).padStart(from.length, "0"));
    }
    return [...new Set(codes)];
  });
const MOST_GIVEN = 500;

/** Codes of households of the actor's programme; refused with the first that no household has. */
async function codesOf(actor: Actor, input: unknown): Promise<Outcome<string[]>> {
  const read = parsed(z.object({ households: Codes }), { households: input });
  if (!read.ok) return read;
  const { households } = read.value;
  const [unknown] = await unknownCodes(db(actor), actor.programmeId, households);
  return unknown === undefined
    ? { ok: true, value: households }
    : refused({ code: "invalid-input" }, { households: { code: "household-unknown", understood: unknown } });
}

/** How somebody, or a programme, is called. */
export const PersonName = z.string().trim().min(1, { error: "name-missing" }).max(60, { error: "too-long" });

/** The name by which somebody signs in. */
export const AccountName = z
  .string()
  .trim()
  .toLowerCase()
  .regex(/^[a-z0-9_.]{3,30}$/, { error: "account-name" });

const Invitation = z.strictObject({
  name: PersonName,
  account: AccountName,
  role: z.enum(ROLES).exclude(["household"]),
  households: z.string().default(""),
});

/** Whether an actor may let in, renew or end somebody of a role. */
const mayKeep = (actor: Actor, role: Role): boolean =>
  may(actor, role === "organiser" || role === "trainer" ? "keep-trainers" : "keep-people");

/** Lets somebody into the programme. @returns what opens their account, to be handed over */
export function invite(actor: Actor, input: unknown): Promise<Outcome<Key>> {
  return outcomeOf(async () => {
    const allowed = await programmeTo(actor, "keep-people");
    if (!allowed.ok) return allowed;
    const asked = parsed(Invitation, input);
    if (!asked.ok) return asked;
    const { name, account, role } = asked.value;
    if (!mayKeep(actor, role)) return refused({ code: "not-allowed" });
    const codes = await codesOf(actor, role === "helper" ? asked.value.households : "");
    if (!codes.ok) return codes;
    const password = newPassword();
    const userId = await makeAccount(account, password);
    if (!userId) return refused({ code: "invalid-input" }, { account: { code: "account-taken" } });
    const { programmeId } = actor;
    const id = randomUUID();
    await transaction(actor, async (on) => {
      await insertMember(on, programmeId, { id, userId, role, name });
      if (role === "helper") await putGiven(on, programmeId, id, codes.value);
      await noteChange(on, programmeId, { author: actor.name, act: "invited", about: `${name} (${role})` });
    });
    return { ok: true, value: { name, account, password } };
  });
}

/** Gives a household a card, in the place of the one that it had: the old one opens nothing any more. */
export function giveCard(actor: Actor, householdId: unknown): Promise<Outcome<Key>> {
  return outcomeOf(async () => {
    const allowed = await programmeTo(actor, "keep-people");
    if (!allowed.ok) return allowed;
    const id = parsed(z.uuid(), householdId);
    if (!id.ok) return refused({ code: "not-found" });
    const household = await readHousehold(actor, id.value);
    if (!household || household.isPutAway) return refused({ code: "not-found" });
    const { programmeId } = actor;
    const old = await findCard(db("everything"), programmeId, household.id);
    const account = drawn(CODE_LETTERS, CODE_LENGTH);
    const password = newPin();
    const userId = await makeAccount(account, password);
    if (!userId) return refused({ code: "server-fault" });
    await transaction(actor, async (on) => {
      if (old) await endMember(on, programmeId, old.id);
      await insertMember(on, programmeId, {
        id: randomUUID(),
        userId,
        role: "household",
        // What it writes down is kept for good: its number signs that, so that its name can go.
        name: `House ${household.code}`,
        householdId: household.id,
      });
      await noteChange(on, programmeId, {
        author: actor.name,
        act: "card",
        about: `House ${household.code}`,
      });
    });
    if (old) await closeUnused(old.userId);
    return { ok: true, value: { name: `${household.code} ${household.name}`, account, password } };
  });
}

/** The member that an actor is about to change; refused for one who may not, and for oneself where that would lock one out. */
async function memberToKeep(actor: Actor, memberId: unknown): Promise<Outcome<Member>> {
  const allowed = await programmeTo(actor, "keep-people");
  if (!allowed.ok) return allowed;
  const id = parsed(z.uuid(), memberId);
  const member = id.ok && (await findMember(db("everything"), actor.programmeId, id.value));
  if (!member) return refused({ code: "not-found" });
  return mayKeep(actor, member.role) ? { ok: true, value: member } : refused({ code: "not-allowed" });
}

/** Gives somebody a new password, and signs them out everywhere. @returns what opens their account, to be handed over */
export function renew(actor: Actor, memberId: unknown): Promise<Outcome<Key>> {
  return outcomeOf(async () => {
    const found = await memberToKeep(actor, memberId);
    if (!found.ok) return found;
    const { userId, name, username, role } = found.value;
    const password = role === "household" ? newPin() : newPassword();
    await changePassword(userId, password);
    await noteChange(db(actor), actor.programmeId, { author: actor.name, act: "renewed", about: name });
    return { ok: true, value: { name, account: username, password } };
  });
}

/** Ends all sessions of somebody: a phone that was lost is a phone like any other then. */
export function signOutEverywhere(actor: Actor, memberId: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const found = await memberToKeep(actor, memberId);
    if (!found.ok) return found;
    await endSessions(found.value.userId);
    const change = { author: actor.name, act: "signed-out", about: found.value.name } as const;
    await noteChange(db(actor), actor.programmeId, change);
    return { ok: true, value: null };
  });
}

/** Ends what somebody may do in the programme. The last organiser stays: nobody else could let one in. */
export function endMembership(actor: Actor, memberId: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const found = await memberToKeep(actor, memberId);
    if (!found.ok) return found;
    const { id, userId, role, name } = found.value;
    const { programmeId } = actor;
    const others = await listMembers(db("everything"), programmeId);
    if (role === "organiser" && !others.some((m) => m.role === "organiser" && m.id !== id))
      return refused({ code: "last-organiser" });
    await transaction(actor, async (on) => {
      await endMember(on, programmeId, id);
      await noteChange(on, programmeId, { author: actor.name, act: "ended", about: name });
    });
    await closeUnused(userId);
    return { ok: true, value: null };
  });
}

/** Gives a helper these households to write for, and no others. */
export function giveHouseholds(actor: Actor, memberId: unknown, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const found = await memberToKeep(actor, memberId);
    if (!found.ok) return found;
    const { id, role, name } = found.value;
    if (role !== "helper") return refused({ code: "not-allowed" });
    const codes = await codesOf(actor, input);
    if (!codes.ok) return codes;
    await transaction(actor, async (on) => {
      await putGiven(on, actor.programmeId, id, codes.value);
      const about = `${name}: ${codes.value.join(", ")}`;
      await noteChange(on, actor.programmeId, { author: actor.name, act: "given", about });
    });
    return { ok: true, value: null };
  });
}

const SignInTyped = z.strictObject({
  name: z.string().trim().min(1, { error: "empty" }).max(60, { error: "too-long" }),
  password: z.string().min(1, { error: "empty" }).max(128, { error: "too-long" }),
});

/** Signs somebody in by account and password, or by a card's code and PIN. Nothing tells a name that is not there from a wrong password. */
export function signInBy(
  input: unknown,
  from: { readonly address: string; readonly headers: Headers },
): Promise<Outcome<{ home: string }>> {
  return outcomeOf(async () => {
    const typed = parsed(SignInTyped, input);
    if (!typed.ok) return typed;
    // A card's code is printed in two parts.
    const name = typed.value.name.replace(/[\s-]/g, "");
    const signed = await signIn(name, typed.value.password, from);
    if (signed.is !== "in") return refused({ code: `sign-in-${signed.is}` });
    const [first] = await listMemberships(db("everything"), signed.userId);
    return { ok: true, value: { home: first ? homeOf(first) : "/" } };
  });
}

/** Whether anybody can sign in; else the first organiser has to be let in from the command line. */
export const isBegun = (): Promise<boolean> => hasMembers(db("everything"));
