import ICAL from "ical.js";
import { expect, it } from "vitest";
import { calendarFile } from ".";

const ENTRIES = [
  {
    id: "4b1c/feed/1",
    on: "2026-05-21",
    title: "2 tub 80 L: Feed chard; a spoon, and water",
    text: `as heads form: 30 mL\n${"très long, ".repeat(20)}`,
  },
  { id: "4b1c/pick/1", on: "2026-12-31", title: "3: Pick leaf kale", text: "" },
];
const file = () => calendarFile("01 Orvane", ENTRIES, "2026-05-18T09:30:00.000Z");

/** RFC 5545: lines end in CRLF, none is longer than 75 octets, and the next goes on after a space. */
it("is folded as RFC 5545 wants it, by octets, with CRLF", () => {
  const text = file();
  const lines = text.split("\r\n");
  expect(text.replaceAll("\r\n", "")).not.toMatch(/[\r\n]/);
  expect(lines.some((line) => line.startsWith(" "))).toBe(true);
  for (const line of lines) expect(Buffer.byteLength(line), line).toBeLessThanOrEqual(75);
});

it("is read by another reader as it was meant: whole days, a reminder at seven, texts with all their marks", () => {
  const calendar = new ICAL.Component(ICAL.parse(file()) as unknown[]);
  const events = calendar.getAllSubcomponents("vevent").map((component) => new ICAL.Event(component));
  expect(events.map((e) => [e.uid, e.startDate.toString(), e.startDate.isDate, e.summary])).toEqual(
    ENTRIES.map((e) => [`${e.id}@pip-row`, e.on, true, e.title]),
  );
  expect(events[0]!.description).toBe(ENTRIES[0]!.text);
  const alarm = events[0]!.component.getFirstSubcomponent("valarm")!;
  expect((alarm.getFirstPropertyValue("trigger") as ICAL.Duration).toSeconds()).toBe(7 * 3600);
  expect(alarm.getFirstProperty("trigger")!.getParameter("related") ?? "START").toBe("START");
});

it("names the same thing the same, and counts up, so that reading it in again changes what is there", () => {
  const read = (written: string) =>
    new ICAL.Component(ICAL.parse(calendarFile("01", ENTRIES, written)) as unknown[])
      .getAllSubcomponents("vevent")
      .map((e) => [e.getFirstPropertyValue("uid"), Number(e.getFirstPropertyValue("sequence"))] as const);
  const [before, after] = [read("2026-05-18T09:30:00.000Z"), read("2026-05-18T09:31:00.000Z")];
  expect(after.map(([uid]) => uid)).toEqual(before.map(([uid]) => uid));
  after.forEach(([, sequence], i) => expect(sequence).toBeGreaterThan(before[i]![1]));
});
