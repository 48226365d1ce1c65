import { skyOf } from "@/core/place";
import type { Planting } from "@/core/plan";
import type { Followed, GardenRecord } from "@/core/record";
import { goalIn, type PlainSetting, type Reference, type Trial } from "@/core/setting";
import type { Household, Place } from "@/db/households";
import type { Programme } from "@/db/programmes";
import { mixesWith } from "@/library";
import { climateOf, todayIn } from "./town";

/** A household that has been surveyed. */
export type Surveyed = Household & { readonly place: Place };

export const isSurveyed = (household: Household): household is Surveyed => household.place !== null;

/** What a household's plan is judged against. @param known what the programme knows besides: its prices, its own germination, what is on record */
export function settingOf(
  programme: Programme,
  household: Surveyed,
  known: Pick<PlainSetting, "prices" | "germination" | "happened" | "trials"> = {},
): PlainSetting {
  const climate = { ...climateOf(programme), trays: household.trays };
  const { place, schools, cells, skill, wants, adults, children } = household;
  const seenOn = place.sunSeenOn ?? todayIn(programme);
  const mixes = mixesWith(programme.mixes);
  const mix = mixes.find(({ id }) => id === programme.mixId);
  if (!mix) throw new Error(`the programme has no mix ${programme.mixId}`);
  return {
    climate,
    mix,
    mixes,
    sizes: programme.sizes,
    ...skyOf({ kind: place.kind, sun: place.sun, faces: place.facesDeg ?? undefined, seenOn }, climate),
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
    hands: { cells, skill },
    site: place.site,
    wants,
    people: { adults, children },
    ...known,
  };
}

/** Plantings that take part in a side-by-side, by planting; undefined where none does. */
export const trialsOf = (
  parts: readonly (Trial & { readonly plantingId: string })[],
): PlainSetting["trials"] =>
  parts.length === 0
    ? undefined
    : Object.fromEntries(parts.map(({ plantingId, question, way }) => [plantingId, { question, way }]));

/** A planting with its records, as the calendar follows it; undefined when the library no longer has its goal. */
export function followed(
  p: Pick<Planting, "goalId" | "method" | "sowOn" | "plants"> & Pick<Followed, "packet">,
  records: readonly GardenRecord[],
  reference: Reference,
): Followed | undefined {
  const found = goalIn(reference, p.goalId);
  const method = found?.goal.methods.find((m) => m.method === p.method) ?? found?.goal.methods[0];
  return found && method && { ...found, method, sowOn: p.sowOn, packet: p.packet, plants: p.plants, records };
}
