import * as fc from "fast-check";
import { getPosition, getTimes } from "suncalc";
import { describe, expect, it } from "vitest";
import {
  dayLength,
  diffuseShare,
  extraterrestrial,
  MOL_PER_MJ,
  openingsOf,
  solarHour,
  solarRadiation,
  type SeenSun,
  shinesIn,
  sunHoursThrough,
  sunPosition,
  sunTimesOn,
} from ".";
import { addDays, daysBetween } from "../day";

/** Degrees by which air lifts a sun that is seen at an altitude: Sæmundsson's formula as Meeus prints it (from memory). */
const liftedBy = (altitude: number) =>
  1.02 / 60 / Math.tan(((altitude + 10.3 / (altitude + 5.11)) * Math.PI) / 180);

describe("the sun's position", () => {
  it("agrees with an independent package to half a degree, wherever and whenever the sun is up", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -60, max: 60 }),
        fc.integer({ min: 0, max: 364 }),
        fc.double({ min: 5, max: 19, noNaN: true }),
        (latitude, n, hour) => {
          const day = addDays("2026-01-01", n);
          const utc = 2 * hour - solarHour(hour, day, { longitude: 0, timeZone: "UTC" });
          const { altitude, azimuth } = getPosition(
            new Date(new Date(`${day}T00:00:00Z`).getTime() + utc * 3_600_000),
            latitude,
            0,
          );
          fc.pre(altitude > 2 && altitude < 85);
          const ours = sunPosition(latitude, day, hour);
          // The package says where the sun is seen, through the air; ours is where it stands.
          expect(Math.abs(ours.altitude + liftedBy(ours.altitude) - altitude)).toBeLessThan(0.5);
          // Near the zenith a small step turns the azimuth far: what counts is the angle on the sky.
          const off =
            Math.abs(((ours.azimuth - azimuth + 540) % 360) - 180) * Math.cos((altitude * Math.PI) / 180);
          expect(off).toBeLessThan(0.6);
        },
      ),
      { numRuns: 300 },
    );
  });
});

const openings = (seen: SeenSun[], latitude: number, seenOn: string, faces?: number) =>
  openingsOf({ seen, latitude, seenOn, faces });

describe("hours of sun in other months", () => {
  const morning = openings([{ from: 7, to: 13 }], 37, "2026-05-18", 135);

  it("meet what was seen on the day that it was seen", () => {
    expect(Math.abs(sunHoursThrough(morning, 37, "2026-05-18") - 6)).toBeLessThan(0.8);
  });

  it("come by the hour, in the order of the day, two stretches apart where a tower stands between", () => {
    const split = openings(
      [
        { from: 8, to: 10 },
        { from: 14, to: 16 },
      ],
      37,
      "2026-05-18",
    );
    const times = sunTimesOn(split, 37, "2026-05-18");
    expect(times.map(({ from, to }) => [Math.round(from), Math.round(to)])).toEqual([
      [8, 10],
      [14, 16],
    ]);
    expect(sunHoursThrough(split, 37, "2026-05-18")).toBeCloseTo(
      times.reduce((sum, s) => sum + s.to - s.from, 0),
      9,
    );
  });

  it("are fewer where the days are short, and never more than the day is long", () => {
    const open = openings([{ from: 5, to: 19 }], 52, "2026-06-21");
    expect(sunHoursThrough(open, 52, "2026-12-21")).toBeLessThan(8);
    expect(sunHoursThrough(open, 52, "2026-12-21")).toBeGreaterThan(4);
    for (let n = 0; n < 365; n += 15) {
      const day = addDays("2026-01-01", n);
      expect(sunHoursThrough(open, 52, day)).toBeLessThanOrEqual(dayLength(52, day) + 0.3);
      expect(sunHoursThrough(morning, 37, day)).toBeLessThanOrEqual(dayLength(37, day) + 0.3);
    }
  });

  it("are cut off by the wall behind, and turn round in the south", () => {
    const mornings = { from: 5, to: 7 };
    const north = openings([mornings, { from: 17, to: 19 }], 45, "2026-06-21", 0);
    expect(sunHoursThrough(north, 45, "2026-12-21")).toBe(0);
    const south = openings([{ from: 9, to: 15 }], -35, "2026-12-21", 0);
    expect(sunHoursThrough(south, -35, "2026-06-21")).toBeGreaterThan(3);
    expect(shinesIn(south[0]!, sunPosition(-35, "2026-06-21", 12))).toBe(true);
  });
});

describe("what hides the sun", () => {
  const place = fc.record({
    latitude: fc.integer({ min: -58, max: 58 }),
    n: fc.integer({ min: 0, max: 364 }),
    from: fc.double({ min: 0.05, max: 0.7, noNaN: true }),
    width: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
    faces: fc.option(fc.integer({ min: 0, max: 7 }), { nil: undefined }),
    isRoofed: fc.boolean(),
  });

  it("explains what was seen on its day, changes by minutes the day after, and gives the same where the sun passes the same way", () => {
    fc.assert(
      fc.property(place, ({ latitude, n, from, width, faces, isRoofed }) => {
        const seenOn = addDays("2026-01-01", n);
        // A stretch within the day, while the sun is over houses and haze.
        const half = dayLength(latitude, seenOn, 6) / 2;
        fc.pre(half > 1.5);
        const rise = 12 - half;
        const start = rise + from * 2 * half;
        const seen = [{ from: start, to: start + width * (12 + half - start) }];
        fc.pre(seen[0]!.to - start > 0.4);
        const sky = openingsOf({
          seen,
          latitude,
          seenOn,
          isRoofed,
          faces: faces === undefined ? undefined : faces * 45,
        });
        const hours = (day: string) => sunHoursThrough(sky, latitude, day);
        // Near the zenith the sun swings round the sky in minutes.
        fc.pre(sunPosition(latitude, seenOn, 12).altitude < 75 && Math.abs(latitude) > 15);
        expect(Math.abs(hours(seenOn) - (seen[0]!.to - start))).toBeLessThan(0.6);
        expect(Math.abs(hours(addDays(seenOn, 1)) - hours(seenOn))).toBeLessThan(0.5);
        // Of equal declination: as far beyond the solstice as the day was before it.
        const twin = addDays("2026-06-21", daysBetween(seenOn, "2026-06-21"));
        expect(Math.abs(hours(twin) - hours(seenOn))).toBeLessThan(0.5);
        for (let k = 0; k < 365; k += 45) {
          const day = addDays("2026-01-01", k);
          expect(hours(day)).toBeLessThanOrEqual(dayLength(latitude, day) + 0.1);
        }
      }),
      { numRuns: 1000, seed: 1 },
    );
  });

  it("lets winter sun in under a floor above that hides the summer's, and not over a house that hides the summer's morning", () => {
    const at = (seen: SeenSun, isRoofed: boolean, faces = 180) =>
      openingsOf({ seen: [seen], latitude: 40, seenOn: "2026-06-21", faces, isRoofed });
    // A south balcony whose floor above takes the noon of June: seen from eight to half past ten only.
    const under = at({ from: 8.5, to: 10.5 }, true, 110);
    const beside = at({ from: 8.5, to: 10.5 }, false, 110);
    expect(sunHoursThrough(under, 40, "2026-12-21")).toBeGreaterThan(
      sunHoursThrough(beside, 40, "2026-12-21") + 0.5,
    );
    // June's sun comes over a house at half past eight, at 94° and 44° high: lower suns there are behind it.
    const court = at({ from: 8.5, to: 12 }, false, 135);
    expect(court.map((w) => [20, 50].map((altitude) => shinesIn(w, { azimuth: 95, altitude })))).toEqual([
      [false, true],
    ]);
  });

  it("lets an open roof have all of June", () => {
    const half = dayLength(51, "2026-06-21") / 2;
    const roof = openings([{ from: 12 - half + 0.6, to: 12 + half - 0.6 }], 51, "2026-06-21");
    expect(sunHoursThrough(roof, 51, "2026-06-05")).toBeGreaterThan(2 * half - 2);
    expect(sunHoursThrough(roof, 51, "2026-12-21")).toBeGreaterThan(5);
  });
});

describe("radiation", () => {
  it("meets FAO-56 example 20: Lyon in July has 22.3 MJ/m² a day by how far night and day are apart", () => {
    expect(solarRadiation(14.8, 26.6, extraterrestrial(45 + 43 / 60, "2026-07-15"))).toBeCloseTo(22.3, 0);
  });

  it("makes 60 to 66 mol of a clear day in June at 40° north and 19 to 22 in December, with usual clouds about 47 and 15", () => {
    const mol = (day: string, lowC: number, highC: number) =>
      MOL_PER_MJ * solarRadiation(lowC, highC, extraterrestrial(40, day));
    const [june, december] = ["2026-06-21", "2026-12-21"] as const;
    expect(mol(june, 0, 60)).toBeGreaterThan(60);
    expect(mol(june, 0, 60)).toBeLessThan(66);
    expect(mol(december, 0, 60)).toBeGreaterThan(19);
    expect(mol(december, 0, 60)).toBeLessThan(22);
    expect(Math.abs(mol(june, 14, 26) / 47 - 1)).toBeLessThan(0.1);
    expect(Math.abs(mol(december, 0, 11) / 15 - 1)).toBeLessThan(0.1);
  });

  it("comes from the whole sky under clouds, and mostly from the sun on a clear day", () => {
    for (const lightHours of [9, 14]) {
      expect(diffuseShare(0, lightHours)).toBe(1);
      expect(diffuseShare(0.75, lightHours)).toBeLessThan(0.2);
      for (let k = 0; k < 0.7; k += 0.05)
        expect(diffuseShare(k + 0.05, lightHours)).toBeLessThanOrEqual(diffuseShare(k, lightHours) + 0.02);
    }
  });
});

it("turns hours on the clock into the sun's, by zone, summer time and longitude", () => {
  // Noon by the sun from an almanac's rule: Madrid lies 3.7° west and keeps Berlin's clock, with summer time from spring.
  const madrid = { longitude: -3.7, timeZone: "Europe/Madrid" };
  const clockNoon = (day: string, place: typeof madrid) => 12 - (solarHour(12, day, place) - 12);
  expect(clockNoon("2026-06-21", madrid)).toBeCloseTo(14.28, 1);
  expect(clockNoon("2026-12-21", madrid)).toBeCloseTo(13.21, 1);
  expect(clockNoon("2026-02-11", { longitude: 0, timeZone: "UTC" })).toBeCloseTo(12 + 14.2 / 60, 1);
  expect(clockNoon("2026-11-03", { longitude: 0, timeZone: "UTC" })).toBeCloseTo(12 - 16.4 / 60, 1);
  // Where nobody knows, the clock is the sun's.
  expect(solarHour(9.5, "2026-06-21", {})).toBe(9.5);
  // An independent package agrees to three minutes through the year, from Lima to Auckland.
  for (const [latitude, longitude, timeZone] of [
    [-12, -77, "America/Lima"],
    [-37, 174.8, "Pacific/Auckland"],
    [28.6, 77.2, "Asia/Kolkata"],
  ] as const)
    for (let n = 0; n < 365; n += 13) {
      const day = addDays("2026-01-01", n);
      const noon = clockNoon(day, { longitude, timeZone });
      const { solarNoon } = getTimes(new Date(`${day}T12:00:00Z`), latitude, longitude);
      const clock = new Intl.DateTimeFormat("en-GB", {
        timeZone,
        hour: "2-digit",
        minute: "2-digit",
        second: "2-digit",
      })
        .format(solarNoon)
        .split(":")
        .map(Number);
      expect(
        Math.abs(noon - (clock[0]! + clock[1]! / 60 + clock[2]! / 3600)),
        `${timeZone} ${day}`,
      ).toBeLessThan(0.05);
    }
});
