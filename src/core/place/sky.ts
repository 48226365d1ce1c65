import type { Climate } from "../climate";
import type { Day } from "../day";
import { openingsOf, type SkyOpening, solarHour } from "../sun";
import { OPEN_SKY, type PlaceKind } from "./kinds";
import { seenHours, sunHours } from "./sun-seen";
import type { SunStretch } from "./survey";

/** What a survey says of a place's sky. */
export interface SurveyedSky {
  readonly kind: PlaceKind;
  readonly sun: readonly SunStretch[];
  /** Compass bearing that the open side faces, degrees. */
  readonly faces?: number;
  /** Day on which the sun was seen. */
  readonly seenOn: Day;
}

/** A place's sky, as light is worked out from it. */
export interface PlaceSky {
  readonly sunHours: number;
  readonly faces?: number;
  /** Undefined where nobody knows which way the place faces: the hours are then all that is known. */
  readonly sky?: readonly SkyOpening[];
  readonly openSky: number;
  readonly sunSeenOn: Day;
}

/** Kinds of place that have a floor above them. */
const ROOFED: readonly PlaceKind[] = ["balcony", "landing", "sill"];

/** What hides the sun of a place, from the hours by the clock in which it was seen there. An open roof has no wall behind it. */
export function skyOf({ kind, sun, faces, seenOn }: SurveyedSky, climate: Climate): PlaceSky {
  const isOpen = kind === "roof";
  const solar = (clock: number) => solarHour(clock, seenOn, climate);
  const sky =
    isOpen || faces !== undefined
      ? openingsOf({
          seen: seenHours(sun).map(({ from, to }) => ({ from: solar(from), to: solar(to) })),
          latitude: climate.latitude,
          seenOn,
          faces: isOpen ? undefined : faces,
          isRoofed: ROOFED.includes(kind),
        })
      : undefined;
  return { sunHours: sunHours(sun), faces, sky, openSky: OPEN_SKY[kind], sunSeenOn: seenOn };
}
