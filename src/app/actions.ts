"use server";

import { revalidatePath } from "next/cache";
import { cookies, headers } from "next/headers";
import type { TownClimate } from "@/core/climate";
import type { RowFault } from "@/core/exchange";
import type { OwnMix, Sizes } from "@/core/mix";
import type { Plan } from "@/core/plan";
import type { Price, SharedGroup } from "@/core/money";
import type { Aim } from "@/core/planner";
import type { SurveyTyped } from "@/core/place";
import type { NotesReport } from "@/core/notes";
import type { Outcome } from "@/core/problem";
import type { GardenRecord, Weighing } from "@/core/record";
import type { Schools } from "@/core/school";
import type { WeatherMode } from "@/core/weather";
import { ownOrigin } from "@/app/origin";
import { readUnits } from "@/app/units";
import { currentActor, PROGRAMME_COOKIE, signedIn } from "@/server/actor";
import { signOut } from "@/server/auth";
import { makeAddress, withdrawAddress } from "@/server/calendar-address";
import { saveClimate } from "@/server/climate";
import { placeInGroup, removeGroup, saveGroup } from "@/server/groups";
import { addHousehold, leave, putAway, resurvey, sharePicked } from "@/server/households";
import { saveStock } from "@/server/kit";
import { receiveMessage, remindNow, savePhone } from "@/server/messages";
import { chooseMix, removeMix, saveMix, saveSizes } from "@/server/mixes";
import { takeNotes } from "@/server/notes";
import { outcomeOf } from "@/server/outcome";
import {
  type ProposalsPage,
  proposeForAll,
  readProposals,
  takeBackProposal,
  takeProposal,
} from "@/server/proposals";
import { nameVersion, rereadPlan, type SavedPlan, savePlan, setAside } from "@/server/plans";
import { readProgramme } from "@/server/programme";
import { beginProgramme } from "@/server/programmes";
import {
  endMembership,
  giveCard,
  giveHouseholds,
  invite,
  type Key,
  renew,
  signInBy,
  signOutEverywhere,
} from "@/server/people";
import { importPrices, savePrice } from "@/server/prices";
import { askForPrint } from "@/server/prints";
import { addRecord } from "@/server/records";
import { saveWeighing } from "@/server/season";
import { withdrawSheetCode } from "@/server/sheet-code";
import { previewFinding, takeFinding } from "@/server/findings";
import { beginSideBySide, leavePairOut, lookAt } from "@/server/side-by-sides";
import { saveTogether } from "@/server/together";
import { importValues, type ImportReport } from "@/server/values-file";
import { previewSchools, saveSchools, type SchoolsEffect } from "@/server/schools";
import { setWeatherMode } from "@/server/weather";
import { messageWords } from "@/ui/messages/message-words";
import { t } from "@/ui/words/translate";
import { wordsFor } from "@/ui/words/words-for";
import { overrideValue, type PlanDifference, previewOverride } from "@/server/reference";

/** Actions are doors that anybody can knock at: each finds the actor, and the use case parses all that comes in. */

export async function addHouseholdAction(typed: SurveyTyped): Promise<Outcome<{ id: string }>> {
  const outcome = await outcomeOf(async () => addHousehold(await currentActor("change-programme"), typed));
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function resurveyAction(
  householdId: string,
  readAt: number,
  typed: SurveyTyped,
): Promise<Outcome<{ id: string }>> {
  const outcome = await outcomeOf(async () =>
    resurvey(await currentActor("change-programme"), householdId, readAt, typed),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function savePlanAction(householdId: string, readAt: number, plan: Plan) {
  return outcomeOf(async () => savePlan(await currentActor("change-programme"), householdId, readAt, plan));
}

export async function setAsideAction(
  householdId: string,
  readAt: number,
  plan: Plan,
): Promise<Outcome<null>> {
  return outcomeOf(async () => setAside(await currentActor("change-programme"), householdId, readAt, plan));
}

export async function addRecordAction(
  householdId: string,
  record: GardenRecord,
  photo?: string,
): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => addRecord(await currentActor("write-records"), householdId, record, photo));
}

export async function readPlanAction(householdId: string): Promise<Outcome<SavedPlan>> {
  return outcomeOf(async () => rereadPlan(await currentActor(), householdId));
}

export async function previewOverrideAction(
  name: string,
  value: number | null,
): Promise<Outcome<PlanDifference[]>> {
  return outcomeOf(async () => previewOverride(await currentActor("change-programme"), String(name), value));
}

export async function overrideAction(
  name: string,
  value: number | null,
  reason: string,
): Promise<Outcome<null>> {
  const outcome = await outcomeOf(async () =>
    overrideValue(await currentActor("change-programme"), String(name), value, String(reason)),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function previewFindingAction(
  goalId: string,
  about: string,
): Promise<Outcome<PlanDifference[]>> {
  return outcomeOf(async () => previewFinding(await currentActor("change-programme"), goalId, about));
}

export async function takeFindingAction(goalId: string, about: string): Promise<Outcome<null>> {
  return changed(async () =>
    takeFinding(await currentActor("change-programme"), { goalId, about, reason: t("findings.reason") }),
  );
}

export async function beginSideBySideAction(begun: {
  readonly goalId: string;
  readonly question: string;
  readonly firstWay: string;
  readonly secondWay: string;
  readonly ratio: number;
}): Promise<Outcome<null>> {
  return changed(async () => {
    const made = await beginSideBySide(await currentActor("change-programme"), begun);
    return made.ok ? { ok: true, value: null } : made;
  });
}

export async function lookAtAction(id: string): Promise<Outcome<null>> {
  return changed(async () => lookAt(await currentActor("change-programme"), id));
}

export async function leavePairOutAction(pair: {
  readonly id: string;
  readonly position: number;
  readonly reason: string;
}): Promise<Outcome<null>> {
  return changed(async () => leavePairOut(await currentActor("change-programme"), pair));
}

export async function importValuesAction(text: string): Promise<Outcome<ImportReport>> {
  const outcome = await outcomeOf(async () =>
    importValues(await currentActor("change-programme"), String(text)),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function saveClimateAction(climate: TownClimate | null): Promise<Outcome<null>> {
  const outcome = await outcomeOf(async () => saveClimate(await currentActor("change-programme"), climate));
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function previewSchoolsAction(
  householdId: string | null,
  schools: Schools,
  isAll: boolean,
): Promise<Outcome<SchoolsEffect>> {
  return outcomeOf(async () =>
    previewSchools(await currentActor("change-programme"), householdId, schools, isAll),
  );
}

export async function saveSchoolsAction(
  householdId: string | null,
  schools: Schools,
): Promise<Outcome<null>> {
  const outcome = await outcomeOf(async () =>
    saveSchools(await currentActor("change-programme"), householdId, schools),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function savePriceAction(
  price: Omit<Price, "minor"> & { readonly minor: number | null },
): Promise<Outcome<null>> {
  const outcome = await outcomeOf(async () => savePrice(await currentActor("change-programme"), price));
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function saveTogetherAction(groups: readonly SharedGroup[]): Promise<Outcome<null>> {
  const outcome = await outcomeOf(async () => saveTogether(await currentActor("change-programme"), groups));
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function nameVersionAction(
  householdId: string,
  id: string,
  name: string,
): Promise<Outcome<null>> {
  const outcome = await outcomeOf(async () =>
    nameVersion(await currentActor("change-programme"), householdId, { id, name }),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function proposeForAllAction(aim: Aim): Promise<Outcome<null>> {
  return outcomeOf(async () => proposeForAll(await currentActor("change-programme"), aim));
}

export async function readProposalsAction(page: number): Promise<Outcome<ProposalsPage>> {
  return outcomeOf(async () => ({ ok: true, value: await readProposals(await currentActor(), page) }));
}

export async function takeProposalAction(householdId: string): Promise<Outcome<{ version: number }>> {
  const outcome = await outcomeOf(async () =>
    takeProposal(await currentActor("change-programme"), householdId),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function takeBackProposalAction(householdId: string): Promise<Outcome<{ version: number }>> {
  const outcome = await outcomeOf(async () =>
    takeBackProposal(await currentActor("change-programme"), householdId),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function putAwayAction(householdId: string, isPutAway: boolean): Promise<Outcome<null>> {
  const outcome = await outcomeOf(async () =>
    putAway(await currentActor("change-programme"), householdId, isPutAway),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

/** What follows a change that every screen of the programme shows. */
async function changed(work: () => Promise<Outcome<null>>): Promise<Outcome<null>> {
  const outcome = await outcomeOf(work);
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function chooseMixAction(id: string): Promise<Outcome<null>> {
  return changed(async () => chooseMix(await currentActor("change-programme"), id));
}

export async function saveMixAction(mix: OwnMix): Promise<Outcome<null>> {
  return changed(async () => saveMix(await currentActor("change-programme"), mix));
}

export async function removeMixAction(id: string): Promise<Outcome<null>> {
  return changed(async () => removeMix(await currentActor("change-programme"), id));
}

export async function saveSizesAction(sizes: Sizes): Promise<Outcome<null>> {
  return changed(async () => saveSizes(await currentActor("change-programme"), sizes));
}

export async function setWeatherModeAction(mode: WeatherMode): Promise<Outcome<null>> {
  return changed(async () => setWeatherMode(await currentActor("change-programme"), mode));
}

export async function saveStockAction(item: string, amount: number): Promise<Outcome<null>> {
  return changed(async () => saveStock(await currentActor("change-programme"), { item, amount }));
}

export async function saveGroupAction(group: {
  readonly id: string;
  readonly name: string;
  readonly meetsOn: readonly string[];
}): Promise<Outcome<null>> {
  return changed(async () => saveGroup(await currentActor("change-programme"), group));
}

export async function removeGroupAction(id: string): Promise<Outcome<null>> {
  return changed(async () => removeGroup(await currentActor("change-programme"), id));
}

export async function placeInGroupAction(
  householdId: string,
  groupId: string | null,
): Promise<Outcome<null>> {
  return changed(async () => placeInGroup(await currentActor("change-programme"), householdId, groupId));
}

export async function askPrintAction(
  kind: "sheets" | "labels",
  groupId: string | null,
): Promise<Outcome<{ id: string }>> {
  const [units, origin] = await Promise.all([readUnits(), ownOrigin()]);
  const look = { units, paper: units === "us" ? "LETTER" : "A4", origin };
  return outcomeOf(async () => askForPrint(await currentActor("change-programme"), kind, groupId, look));
}

export async function importPricesAction(
  text: string,
): Promise<Outcome<{ stored: number; faults: readonly RowFault[] }>> {
  const outcome = await outcomeOf(async () =>
    importPrices(await currentActor("change-programme"), String(text)),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

/** The words of text messages, in the units of whoever looks. */
const ownMessageWords = async () =>
  messageWords(wordsFor(await readUnits(), (await readProgramme(await currentActor())).currency));

export async function receiveMessageAction(message: {
  readonly id: string;
  readonly from: string;
  readonly text: string;
}): Promise<Outcome<{ answer: string }>> {
  const outcome = await outcomeOf(async () =>
    receiveMessage(await currentActor("change-programme"), message, await ownMessageWords()),
  );
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

export async function remindNowAction(): Promise<Outcome<{ sent: number }>> {
  return outcomeOf(async () => remindNow(await currentActor("change-programme"), await ownMessageWords()));
}

export async function savePhoneAction(householdId: string, phone: string): Promise<Outcome<null>> {
  return changed(async () => savePhone(await currentActor("change-programme"), householdId, phone));
}

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
  return outcomeOf(async () => invite(await currentActor("keep-people"), typed));
}

export async function giveCardAction(householdId: string): Promise<Outcome<Key>> {
  return outcomeOf(async () => giveCard(await currentActor("keep-people"), householdId));
}

export async function renewAction(memberId: string): Promise<Outcome<Key>> {
  return outcomeOf(async () => renew(await currentActor("keep-people"), memberId));
}

export async function signOutEverywhereAction(memberId: string): Promise<Outcome<null>> {
  return changed(async () => signOutEverywhere(await currentActor("keep-people"), memberId));
}

export async function endMembershipAction(memberId: string): Promise<Outcome<null>> {
  return changed(async () => endMembership(await currentActor("keep-people"), memberId));
}

export async function giveHouseholdsAction(memberId: string, households: string): Promise<Outcome<null>> {
  return changed(async () => giveHouseholds(await currentActor("keep-people"), memberId, households));
}

/** Makes an address for a phone's calendar. @returns the whole of it */
export async function makeAddressAction(householdId: string): Promise<Outcome<{ address: string }>> {
  const made = await outcomeOf(async () => makeAddress(await currentActor("write-records"), householdId));
  return made.ok
    ? { ok: true, value: { address: `${await ownOrigin()}/calendar/${made.value.token}.ics` } }
    : made;
}

export async function withdrawAddressAction(householdId: string): Promise<Outcome<null>> {
  return changed(async () => withdrawAddress(await currentActor("write-records"), householdId));
}

export async function withdrawSheetCodeAction(householdId: string): Promise<Outcome<null>> {
  return changed(async () => withdrawSheetCode(await currentActor("write-records"), householdId));
}

export async function saveWeighingAction(weighing: Weighing): Promise<Outcome<null>> {
  return changed(async () => saveWeighing(await currentActor("change-programme"), weighing));
}

export async function takeNotesAction(notes: unknown): Promise<Outcome<NotesReport>> {
  const outcome = await outcomeOf(async () => {
    const actor = await currentActor("change-programme");
    return takeNotes(actor, notes, (await ownMessageWords()).namesOf);
  });
  if (outcome.ok && outcome.value.stored > 0) revalidatePath("/", "layout");
  return outcome;
}

export async function beginProgrammeAction(typed: unknown): Promise<Outcome<{ id: string }>> {
  return outcomeOf(async () => {
    const actor = await currentActor("keep-trainers");
    return beginProgramme(actor, (await signedIn())?.userId ?? "", typed);
  });
}

export async function leaveAction(householdId: string): Promise<Outcome<null>> {
  return changed(async () => leave(await currentActor("change-programme"), householdId));
}

export async function sharePickedAction(householdId: string, isShared: boolean): Promise<Outcome<null>> {
  return changed(async () => sharePicked(await currentActor("write-records"), householdId, isShared));
}
