import ical, {
  ICalAlarmRelatesTo,
  ICalAlarmType,
  ICalEventBusyStatus,
  ICalEventTransparency,
} from "ical-generator";
import type { Day } from "../day";

/** Something of a day, as a calendar shows it. */
export interface CalendarEntry {
  /** The same whenever the same thing is written again: a calendar that reads it anew changes what it has. */
  readonly id: string;
  readonly on: Day;
  readonly title: string;
  readonly text: string;
}

/** Hour of the day at which a calendar reminds. Ours to choose. */
const REMIND_AT_H = 7;

const dateOf = (day: Day) => new Date(`${day}T00:00:00`);

/**
 * A calendar file, RFC 5545: an entry for each whole day, with a reminder in the morning, that blocks no time.
 *
 * @param name of the calendar
 * @param written instant at which it is written, ISO 8601: later files replace what an earlier one said
 */
export function calendarFile(name: string, entries: readonly CalendarEntry[], written: string): string {
  const stamp = new Date(written);
  const calendar = ical({ name, prodId: { company: "Pip Row", product: "Days", language: "EN" } });
  for (const { id, on, title, text } of entries) {
    const event = calendar.createEvent({
      id: `${id}@pip-row`,
      start: dateOf(on),
      allDay: true,
      stamp,
      lastModified: stamp,
      // Calendars take the newer of two by this number: minutes, since seconds do not fit.
      sequence: Math.floor(stamp.getTime() / 60_000),
      summary: title,
      description: text,
      transparency: ICalEventTransparency.TRANSPARENT,
      busystatus: ICalEventBusyStatus.FREE,
    });
    event
      .createAlarm({ type: ICalAlarmType.display, triggerAfter: REMIND_AT_H * 3600, description: title })
      .relatesTo(ICalAlarmRelatesTo.start);
  }
  return calendar.toString();
}
