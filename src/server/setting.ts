import type { Climate } from "@/core/calendar";
import type { PlainSetting, Planting } from "@/core/garden";
import { sunHours } from "@/core/place";
import type { Followed, GardenRecord } from "@/core/record";
import type { Programme } from "@/db/programmes";
import type { Place } from "@/db/households";
import { findClimate, findGoal, findMix } from "@/library";

export function climateOf(programme: Programme): Climate {
  const climate = findClimate(programme.climateId);
  if (!climate) throw new Error(`the library has no climate ${programme.climateId}`);
  return climate;
}

/** What a household's plan is judged against. */
export function settingOf(programme: Programme, place: Place): PlainSetting {
  const mix = findMix(programme.mixId);
  if (!mix) throw new Error(`the library has no mix ${programme.mixId}`);
  return {
    climate: climateOf(programme),
    mix,
    sunHours: sunHours(place.sun),
    floorM2: (place.lengthCm * place.widthCm) / 10_000,
    limitKgM2: place.limitKgM2 ?? undefined,
  };
}

/** A planting with its records, as the calendar follows it; undefined when the library no longer has its goal. */
export function followed(p: Planting, records: readonly GardenRecord[]): Followed | undefined {
  const found = findGoal(p.goalId);
  if (!found) return undefined;
  const method = found.goal.methods.find((m) => m.method === p.method) ?? found.goal.methods[0]!;
  return { ...found, method, sowOn: p.sowOn, records };
}
