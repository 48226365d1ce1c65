import * as fc from "fast-check";
import { expect, it } from "vitest";
import { addDays, dayAt, dayNumber, dayOf, daysBetween, isDay, lastWeekday, mondayOf } from ".";

const number = fc.integer({ min: dayNumber("1900-01-01"), max: dayNumber("2199-12-31") });

it("counts days as the calendar does, there and back", () => {
  expect(dayNumber("1970-01-01")).toBe(0);
  expect(daysBetween("2026-02-28", "2026-03-01")).toBe(1);
  expect(daysBetween("2028-02-28", "2028-03-01")).toBe(2);
  expect(addDays("2026-12-31", 1)).toBe("2027-01-01");
  // A day on which clocks go forward is a day like any other.
  expect(addDays("2026-03-28", 2)).toBe("2026-03-30");
  fc.assert(fc.property(number, (n) => dayNumber(dayOf(n)) === n && isDay(dayOf(n))));
  fc.assert(
    fc.property(
      fc.integer({ min: dayNumber("1902-01-01"), max: dayNumber("2198-01-01") }),
      fc.integer({ min: -400, max: 400 }),
      (n, days) => daysBetween(dayOf(n), addDays(dayOf(n), days)) === days,
    ),
  );
});

it("sorts as text as it does by time", () => {
  fc.assert(
    fc.property(number, number, (a, b) => Math.sign(a - b) === Math.sign(dayOf(a).localeCompare(dayOf(b)))),
  );
});

it.each([
  "2026-02-29",
  "2026-13-01",
  "2026-00-10",
  "2026-1-1",
  "1899-12-31",
  "2200-01-01",
  "2026-05-18T00:00",
  "",
  "tomorrow",
])("takes %j for no day, and says so", (text) => {
  expect(isDay(text)).toBe(false);
  expect(() => dayNumber(text)).toThrow(RangeError);
});

it("is the town's day and not the computer's: at one moment it is tomorrow in Auckland and yesterday in Honolulu", () => {
  const moment = new Date("2026-05-18T10:30:00Z");
  expect(dayAt(moment, "Europe/Lisbon")).toBe("2026-05-18");
  expect(dayAt(new Date("2026-05-18T13:30:00Z"), "Pacific/Auckland")).toBe("2026-05-19");
  expect(dayAt(new Date("2026-05-18T09:30:00Z"), "Pacific/Honolulu")).toBe("2026-05-17");
});

it("knows the last Saturday: yesterday on a Sunday, and a week ago on a Saturday", () => {
  // 2026-05-18 was a Monday.
  expect(lastWeekday("2026-05-18", 5)).toBe("2026-05-16");
  expect(lastWeekday("2026-05-17", 5)).toBe("2026-05-16");
  expect(lastWeekday("2026-05-16", 5)).toBe("2026-05-09");
});

it("begins a week on its Monday, over the ends of months and years", () => {
  expect(mondayOf("2026-05-18")).toBe("2026-05-18");
  expect(mondayOf("2026-05-24")).toBe("2026-05-18");
  expect(mondayOf("2027-01-03")).toBe("2026-12-28");
  expect(mondayOf("1969-12-31")).toBe("1969-12-29");
});
