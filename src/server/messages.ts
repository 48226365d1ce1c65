import { randomUUID } from "node:crypto";
import * as z from "zod";
import type { Task } from "@/core/days";
import { type Draft, readMessage } from "@/core/message";
import type { Outcome, Problem } from "@/core/problem";
import { GardenRecord } from "@/core/record";
import {
  findByPhone,
  forgetRecords,
  insertMessage,
  lastWithRecords,
  listMessages,
  listPhones,
  listToRemind,
  type Message,
  MESSAGES_A_PAGE,
} from "@/db/messages";
import { updatePhone, updateReminders } from "@/db/households";
import { brokenConstraint, db } from "@/db/pool";
import { deliver } from "@/standins/gateway";
import type { Actor } from "./actor";
import { readHousehold, scopeOf } from "./households";
import { knownOf, namedIn } from "./known";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeToChange, readProgramme, readToday } from "./programme";
import { actorOf } from "./proposals";
import { addRecord } from "./records";
import { stableId } from "./stable-id";
import { hourIn } from "./town";

/** What is answered to a message. */
export type Reply =
  | {
      readonly is: "stored";
      readonly records: readonly (Draft & { readonly goalId?: string; readonly row?: number })[];
    }
  | { readonly is: "unclear" | "refused"; readonly problem: Problem }
  | { readonly is: "stranger" | "stop" | "start" | "help" | "undone" | "nothing-to-undo" };

/** The reader's words, in which crops are known and answers are given. */
export interface MessageWords {
  /** Names of a crop, the usual one first. */
  readonly namesOf: (goalId: string) => readonly string[];
  readonly reply: (reply: Reply) => string;
  readonly reminder: (tasks: readonly Task[]) => string;
}

/** A number as people write it, with its country: "+44 7700 900123", "0044…"; digits with a plus come out. */
const PhoneNumber = z
  .string()
  .transform((text) => text.replace(/[\s().-]/g, "").replace(/^00/, "+"))
  .refine((text) => /^\+[0-9]{6,15}$/.test(text), { error: "phone-number" });

const Incoming = z.strictObject({
  /** Made by the gateway, so that a message that comes twice is stored once. */
  id: z.uuid(),
  from: PhoneNumber,
  text: z.string().max(1000, { error: "too-long" }),
});

/** The same message gives the same ids, however often it comes. */
const recordId = (messageId: string, n: number): string => stableId(`message ${messageId} ${n}`);

/** Takes a message as the gateway hands it over: stores what it says, and answers what was understood. */
export function receiveMessage(
  actor: Actor,
  input: unknown,
  words: MessageWords,
): Promise<Outcome<{ answer: string }>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const incoming = parsed(Incoming, input);
    if (!incoming.ok) return incoming;
    const { id, from, text } = incoming.value;
    const owner = await findByPhone(db(actor), actor.programmeId, from);
    const { reply, recordIds } = owner
      ? await answerTo(actor, owner.householdId, { id, text }, words)
      : { reply: { is: "stranger" } as const, recordIds: [] };
    const kept = await insertMessage(db(actor), actor.programmeId, {
      id,
      householdId: owner?.householdId ?? null,
      phone: from,
      direction: "in",
      kind: "message",
      // Of a number that nobody knows no word is kept.
      text: owner ? text : "",
      recordIds,
      on: await readToday(actor),
    });
    const answer = words.reply(reply);
    // One that came a second time was answered the first time.
    if (kept)
      await send(actor, { to: from, householdId: owner?.householdId ?? null, kind: "answer", text: answer });
    return { ok: true, value: { answer } };
  });
}

async function answerTo(
  actor: Actor,
  householdId: string,
  { id, text }: { readonly id: string; readonly text: string },
  words: MessageWords,
): Promise<{ reply: Reply; recordIds: string[] }> {
  const scope = scopeOf(actor, householdId);
  const known = await knownOf(actor, householdId, words.namesOf);
  const read = readMessage(text, known);
  switch (read.is) {
    case "stop":
    case "start":
      await updateReminders(db(actor), scope, read.is === "start");
      return { reply: { is: read.is }, recordIds: [] };
    case "help":
      return { reply: { is: "help" }, recordIds: [] };
    case "undo":
      return {
        reply: { is: (await takeBack(actor, householdId)) ? "undone" : "nothing-to-undo" },
        recordIds: [],
      };
    case "unclear":
      return { reply: { is: "unclear", problem: read.problem }, recordIds: [] };
    case "records": {
      const ids: string[] = [];
      for (const [n, draft] of read.records.entries()) {
        const record = GardenRecord.parse({ ...draft, id: recordId(id, n), supersedes: null });
        const stored = await addRecord(actor, householdId, record);
        if (!stored.ok) {
          for (const kept of ids) await strike(actor, householdId, kept);
          const problem = Object.values(stored.fields ?? {})[0] ?? stored.problem;
          return { reply: { is: "refused", problem }, recordIds: [] };
        }
        ids.push(record.id);
      }
      const named = read.records.map((draft) => ({ ...draft, ...namedIn(known, draft) }));
      return { reply: { is: "stored", records: named }, recordIds: ids };
    }
  }
}

const strike = async (actor: Actor, householdId: string, id: string): Promise<void> => {
  const on = await readToday(actor);
  const record = {
    id: randomUUID(),
    plantingId: null,
    kind: "struck",
    on,
    amount: null,
    note: "",
    supersedes: id,
  };
  await addRecord(actor, householdId, record);
};

/** Strikes out what the household's last message stored. */
async function takeBack(actor: Actor, householdId: string): Promise<boolean> {
  const last = await lastWithRecords(db(actor), scopeOf(actor, householdId));
  if (!last) return false;
  for (const id of last.recordIds) await strike(actor, householdId, id);
  await forgetRecords(db(actor), last.id);
  return true;
}

/** Hands a message to the gateway, and keeps it with whether it went. */
async function send(
  actor: Actor,
  {
    to,
    householdId,
    kind,
    text,
  }: { to: string; householdId: string | null; kind: "answer" | "reminder"; text: string },
): Promise<boolean> {
  const isSent = await deliver({ to, text }).then(
    () => true,
    () => false,
  );
  const on = await readToday(actor);
  await insertMessage(db(actor), actor.programmeId, {
    id: randomUUID(),
    householdId,
    phone: to,
    direction: "out",
    kind,
    text,
    on,
    isSent,
  });
  return isSent;
}

/** Nobody is reminded before or after these hours of their own day. Ours to choose. */
const WAKING = { from: 8, until: 20 };

/** Reminds every household that wants it of what is due and late, once a day and in waking hours. @returns how many messages went */
export async function sendReminders(actor: Actor, words: MessageWords, hour?: number): Promise<number> {
  const now = hour ?? hourIn(await readProgramme(actor));
  if (now < WAKING.from || now >= WAKING.until) return 0;
  let sent = 0;
  for (const { householdId, phone, tasks } of await listToRemind(
    db(actor),
    actor.programmeId,
    await readToday(actor),
  )) {
    // Written by this release from the core's own tasks.
    const text = words.reminder(tasks as unknown as Task[]);
    if (await send(actor, { to: phone, householdId, kind: "reminder", text })) sent++;
  }
  return sent;
}

/** Reminds the households of a programme as the queue asks for it. */
export const remindAll = async (programmeId: string, words: MessageWords): Promise<void> =>
  void (await sendReminders(await actorOf(programmeId), words));

/** Sends today's reminders now, where it is a waking hour. */
export function remindNow(actor: Actor, words: MessageWords): Promise<Outcome<{ sent: number }>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    return allowed.ok ? { ok: true, value: { sent: await sendReminders(actor, words) } } : allowed;
  });
}

/** Stores the number from which a household writes; an empty one takes it away. */
export function savePhone(actor: Actor, householdId: string, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const phone =
      input === ""
        ? { ok: true as const, value: null }
        : parsed(z.object({ phone: PhoneNumber }), { phone: input });
    if (!phone.ok) return phone;
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    try {
      await updatePhone(db(actor), scopeOf(actor, householdId), phone.value?.phone ?? null);
    } catch (error) {
      if (brokenConstraint(error) !== "household_by_phone") throw error;
      return refused({ code: "invalid-input" }, { phone: { code: "phone-taken" } });
    }
    return { ok: true, value: null };
  });
}

const Page = z.coerce.number().int().min(1).max(100_000).catch(1);
const MOST_PHONES = 200;

/** The inbox and outbox of the gateway, and the numbers that it knows. */
export async function readMessages(
  actor: Actor,
  at: unknown,
): Promise<{
  messages: readonly Message[];
  phones: Awaited<ReturnType<typeof listPhones>>;
  page: number;
  hasMore: boolean;
}> {
  const page = Page.parse(at);
  const [messages, phones] = await Promise.all([
    listMessages(db(actor), actor.programmeId, page),
    listPhones(db(actor), actor.programmeId, MOST_PHONES),
  ]);
  return { messages, phones, page, hasMore: messages.length === MESSAGES_A_PAGE };
}
