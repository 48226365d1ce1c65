"use server";

import { revalidatePath } from "next/cache";
import { ownOrigin } from "@/app/origin";
import { readUnits } from "@/app/units";
import type { NotesReport } from "@/core/notes";
import type { Outcome } from "@/core/problem";
import type { GardenRecord } from "@/core/record";
import { currentActor } from "@/server/actor";
import { makeAddress, withdrawAddress } from "@/server/calendar-address";
import { receiveMessage, remindNow, savePhone } from "@/server/messages";
import { takeNotes } from "@/server/notes";
import { askForPrint } from "@/server/prints";
import { readProgramme } from "@/server/programme";
import { addRecord } from "@/server/records";
import { withdrawSheetCode } from "@/server/sheet-code";
import { messageWords } from "@/ui/messages/message-words";
import { wordsFor } from "@/ui/words/words-for";
import { acting, changing } from "./acting";

/** The words of text messages, in the units of whoever looks. */
const ownMessageWords = async () =>
  messageWords(wordsFor(await readUnits(), (await readProgramme(await currentActor())).currency));

export async function addRecordAction(
  householdId: string,
  record: GardenRecord,
  photo?: string,
): Promise<Outcome<{ id: string }>> {
  return acting("write-records", (actor) => addRecord(actor, householdId, record, photo));
}

/** Makes an address for a phone's calendar. @returns the whole of it */
export async function makeAddressAction(householdId: string): Promise<Outcome<{ address: string }>> {
  const made = await acting("write-records", (actor) => makeAddress(actor, householdId));
  return made.ok
    ? { ok: true, value: { address: `${await ownOrigin()}/calendar/${made.value.token}.ics` } }
    : made;
}

export async function withdrawAddressAction(householdId: string): Promise<Outcome<null>> {
  return changing("write-records", (actor) => withdrawAddress(actor, householdId));
}

export async function withdrawSheetCodeAction(householdId: string): Promise<Outcome<null>> {
  return changing("write-records", (actor) => withdrawSheetCode(actor, householdId));
}

export async function takeNotesAction(notes: unknown): Promise<Outcome<NotesReport>> {
  const outcome = await acting("change-programme", async (actor) =>
    takeNotes(actor, notes, (await ownMessageWords()).namesOf),
  );
  if (outcome.ok && outcome.value.stored > 0) revalidatePath("/", "layout");
  return outcome;
}

export async function receiveMessageAction(message: {
  readonly id: string;
  readonly from: string;
  readonly text: string;
}): Promise<Outcome<{ answer: string }>> {
  return changing("change-programme", async (actor) =>
    receiveMessage(actor, message, await ownMessageWords()),
  );
}

export async function remindNowAction(): Promise<Outcome<{ sent: number }>> {
  return acting("change-programme", async (actor) => remindNow(actor, await ownMessageWords()));
}

export async function savePhoneAction(householdId: string, phone: string): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => savePhone(actor, householdId, phone));
}

export async function askPrintAction(
  kind: "sheets" | "labels",
  groupId: string | null,
): Promise<Outcome<{ id: string }>> {
  const [units, origin] = await Promise.all([readUnits(), ownOrigin()]);
  const look = { units, paper: units === "us" ? "LETTER" : "A4", origin };
  return acting("change-programme", (actor) => askForPrint(actor, kind, groupId, look));
}
