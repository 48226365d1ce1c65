import type { Climate } from "@/core/climate";
import { OPEN_SKY, seenHours, sunHours } from "@/core/place";
import type { Planting } from "@/core/plan";
import type { Followed, GardenRecord } from "@/core/record";
import type { PlainSetting, Reference } from "@/core/setting";
import { openingsOf, solarHour } from "@/core/sun";
import type { Household, Place } from "@/db/households";
import type { Programme } from "@/db/programmes";
import { findClimate, findMix } from "@/library";
import { today } from "./environment";

/** The town's own climate, or the library's profile. */
export function climateOf(programme: Programme): Climate {
  if (programme.climate) return { id: "own", ...programme.climate };
  const climate = findClimate(programme.climateId);
  if (!climate) throw new Error(`the library has no climate ${programme.climateId}`);
  return climate;
}

/** A household that has been surveyed. */
export type Surveyed = Household & { readonly place: Place };

export const isSurveyed = (household: Household): household is Surveyed => household.place !== null;

/** What a household's plan is judged against. @param known what the programme knows besides: its prices, its own germination */
export function settingOf(
  programme: Programme,
  household: Surveyed,
  known: Pick<PlainSetting, "prices" | "germination"> = {},
): PlainSetting {
  const climate = climateOf(programme);
  const { place, schools, cells, skill, wants, adults, children } = household;
  const seenOn = place.sunSeenOn ?? today().day;
  const mix = findMix(programme.mixId);
  if (!mix) throw new Error(`the library has no mix ${programme.mixId}`);
  return {
    climate,
    mix,
    sunHours: sunHours(place.sun),
    floorM2: (place.lengthCm * place.widthCm) / 10_000,
    limitKgM2: place.limitKgM2 ?? undefined,
    hooks:
      place.hooks === null && place.hookLimitKg === null
        ? undefined
        : { count: place.hooks ?? undefined, limitKg: place.hookLimitKg ?? undefined },
    schools: { ...programme.schools, ...schools },
    floor: {
      lengthCm: place.lengthCm,
      widthCm: place.widthCm,
      door: place.door ? { fromCm: place.door.fromCm, widthCm: place.door.widthCm } : undefined,
    },
    faces: place.facesDeg ?? undefined,
    sunSeenOn: place.sunSeenOn ?? undefined,
    openSky: OPEN_SKY[place.kind],
    sky: openingsOf({
      seen: seenHours(place.sun).map(({ from, to }) => ({
        from: solarHour(from, seenOn, climate),
        to: solarHour(to, seenOn, climate),
      })),
      latitude: climate.latitude,
      seenOn,
      // An open roof has no wall behind it.
      faces: place.kind === "roof" ? undefined : (place.facesDeg ?? undefined),
    }),
    hands: { cells, skill },
    wants,
    people: { adults, children },
    ...known,
  };
}

const goalsOf = new WeakMap<Reference, Map<string, Pick<Followed, "crop" | "goal">>>();

/** The crop and goal with this id in a programme's library. */
function goalIn(reference: Reference, goalId: string) {
  let goals = goalsOf.get(reference);
  if (!goals) {
    goals = new Map(
      reference.crops.flatMap((crop) => crop.goals.map((goal) => [goal.id, { crop, goal }] as const)),
    );
    goalsOf.set(reference, goals);
  }
  return goals.get(goalId);
}

/** A planting with its records, as the calendar follows it; undefined when the library no longer has its goal. */
export function followed(
  p: Pick<Planting, "goalId" | "method" | "sowOn">,
  records: readonly GardenRecord[],
  reference: Reference,
): Followed | undefined {
  const found = goalIn(reference, p.goalId);
  const method = found?.goal.methods.find((m) => m.method === p.method) ?? found?.goal.methods[0];
  return found && method && { ...found, method, sowOn: p.sowOn, records };
}
