"use server";

import type { SurveyTyped } from "@/core/place";
import type { Outcome } from "@/core/problem";
import { placeInGroup, removeGroup, saveGroup } from "@/server/groups";
import { addHousehold, leave, putAway, resurvey, sharePicked } from "@/server/households";
import { changing } from "./acting";

export async function addHouseholdAction(typed: SurveyTyped): Promise<Outcome<{ id: string }>> {
  return changing("change-programme", (actor) => addHousehold(actor, typed));
}

export async function resurveyAction(
  householdId: string,
  readAt: number,
  typed: SurveyTyped,
): Promise<Outcome<{ id: string }>> {
  return changing("change-programme", (actor) => resurvey(actor, householdId, readAt, typed));
}

export async function putAwayAction(householdId: string, isPutAway: boolean): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => putAway(actor, householdId, isPutAway));
}

export async function leaveAction(householdId: string): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => leave(actor, householdId));
}

export async function sharePickedAction(householdId: string, isShared: boolean): Promise<Outcome<null>> {
  return changing("write-records", (actor) => sharePicked(actor, householdId, isShared));
}

export async function saveGroupAction(group: {
  readonly id: string;
  readonly name: string;
  readonly meetsOn: readonly string[];
}): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => saveGroup(actor, group));
}

export async function removeGroupAction(id: string): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => removeGroup(actor, id));
}

export async function placeInGroupAction(
  householdId: string,
  groupId: string | null,
): Promise<Outcome<null>> {
  return changing("change-programme", (actor) => placeInGroup(actor, householdId, groupId));
}
