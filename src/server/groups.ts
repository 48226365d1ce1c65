import * as z from "zod";
import { addDays, type Day, DayText } from "@/core/day";
import { tasksOf } from "@/core/days";
import { assessGarden } from "@/core/garden";
import type { Outcome } from "@/core/problem";
import { settingFrom } from "@/core/setting";
import type { Member } from "@/core/teaching";
import type { Setting } from "@/core/setting";
import { deleteGroup, type Group, listGroups, listMembers, putGroup } from "@/db/groups";
import { updateHouseholdGroup } from "@/db/households";
import { db, transaction } from "@/db/pool";
import type { Actor } from "./actor";
import { readGarden } from "./garden";
import { readHousehold, scopeOf } from "./households";
import { outcomeOf, parsed, refused } from "./outcome";
import { programmeToChange, readReference, readToday } from "./programme";
import { isSurveyed } from "./setting";

/** The groups of the actor's programme. */
export const readGroups = (actor: Actor): Promise<Group[]> => listGroups(db(actor), actor.programmeId);

/** One group with its households; undefined where the programme has no such group. */
export async function readGroup(actor: Actor, id: string) {
  const group = (await readGroups(actor)).find((g) => g.id === id);
  return group && { ...group, members: await listMembers(db(actor), actor.programmeId, id) };
}

const GroupTyped = z.strictObject({
  id: z.uuid(),
  name: z.string().trim().min(1, { error: "name-missing" }).max(60, { error: "too-long" }),
  meetsOn: z.array(DayText).max(60),
});

/** Keeps a group: its name, and the days on which it meets. */
export function saveGroup(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const group = parsed(GroupTyped, input);
    if (!group.ok) return group;
    const { id, name, meetsOn } = group.value;
    const others = await readGroups(actor);
    if (others.some((g) => g.id !== id && g.name.toLowerCase() === name.toLowerCase()))
      return refused({ code: "invalid-input" }, { name: { code: "name-taken" } });
    await putGroup(db(actor), actor.programmeId, { id, name, meetsOn: [...new Set(meetsOn)].sort() });
    return { ok: true, value: null };
  });
}

/** Parts a group: its households stay, in no group. */
export function removeGroup(actor: Actor, id: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const group = parsed(z.uuid(), id);
    if (!group.ok) return group;
    await transaction(actor, (on) => deleteGroup(on, actor.programmeId, group.value));
    return { ok: true, value: null };
  });
}

/** Puts a household into a group, or into none. */
export function placeInGroup(actor: Actor, householdId: string, groupId: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const group = parsed(z.uuid().nullable(), groupId);
    if (!group.ok) return group;
    if (!(await readHousehold(actor, householdId))) return refused({ code: "not-found" });
    if (group.value !== null && !(await readGroup(actor, group.value))) return refused({ code: "not-found" });
    await updateHouseholdGroup(db(actor), scopeOf(actor, householdId), group.value);
    return { ok: true, value: null };
  });
}

/** So many households are taught at once at most: more are groups of their own. */
const MOST_MEMBERS = 40;

/** A group's gardens as its session and lessons need them, those of its households that were surveyed. */
export async function readTaught(
  actor: Actor,
  members: readonly { readonly id: string; readonly code: string; readonly name: string }[],
): Promise<{ today: Day; members: (Member & { readonly setting: Setting })[] }> {
  const [reference, today] = await Promise.all([readReference(actor), readToday(actor)]);
  const taught: (Member & { readonly setting: Setting })[] = [];
  for (const { id, code, name } of members.slice(0, MOST_MEMBERS)) {
    const household = await readHousehold(actor, id);
    if (!household || !isSurveyed(household)) continue;
    const { plan, setting: plain, records } = await readGarden(actor, household);
    const setting = settingFrom(plain, reference);
    const garden = assessGarden(plan, setting);
    const tasks = tasksOf(garden, records, { setting, today });
    taught.push({ householdId: id, name: `${code} ${name}`, garden, tasks, setting });
  }
  return { today, members: taught };
}

/** The next day on which a group meets; a week from now where nobody has said. */
export const nextMeeting = ({ meetsOn }: Pick<Group, "meetsOn">, today: Day): Day =>
  meetsOn.find((day) => day >= today) ?? addDays(today, 7);
