import { addDays, type Day, isDay, lastWeekday } from "../day";

const WEEKDAYS = ["monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"];
const MONTHS = ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"];

/** A day that was found in a text, with the text that is left; `unclear` for one that can be read in two ways, or is none. */
export type When =
  | { readonly day: Day; readonly rest: string; readonly isUnclear?: undefined }
  | { readonly day?: undefined; readonly rest: string; readonly isUnclear: boolean };

const cut = (text: string, at: RegExpExecArray) =>
  `${text.slice(0, at.index)} ${text.slice(at.index + at[0].length)}`;

/** A day of this year, or of the last one where it would be to come. */
function pastDay(month: number, date: number, today: Day): Day | undefined {
  const year = Number(today.slice(0, 4));
  const of = (y: number) => `${y}-${String(month).padStart(2, "0")}-${String(date).padStart(2, "0")}`;
  const [day, before] = [of(year), of(year - 1)];
  if (!isDay(day)) return undefined;
  return day <= today ? day : before;
}

/** The day that a text names, today where it names none. Days lie in the past: "saturday" is the last one. */
export function findWhen(text: string, today: Day): When {
  const iso = /\b(\d{4}-\d{2}-\d{2})\b/.exec(text);
  if (iso)
    return isDay(iso[1] ?? "")
      ? { day: iso[1] ?? today, rest: cut(text, iso) }
      : { rest: cut(text, iso), isUnclear: true };
  const relative =
    /\b(?:the )?day before yesterday\b|\byesterday\b|\btoday\b|\b(this|last) (morning|evening|night)\b/.exec(
      text,
    );
  if (relative) {
    const back = relative[0].includes("before") ? 2 : /yesterday|last/.test(relative[0]) ? 1 : 0;
    return { day: addDays(today, -back), rest: cut(text, relative) };
  }
  const ago = /\b(\d{1,2}|a|one|two|three) (day|week)s? ago\b/.exec(text);
  if (ago) {
    const words: Record<string, number> = { a: 1, one: 1, two: 2, three: 3 };
    const count = words[ago[1] ?? ""] ?? Number(ago[1]);
    return { day: addDays(today, -count * (ago[2] === "week" ? 7 : 1)), rest: cut(text, ago) };
  }
  const weekday =
    /\b(?:(?:on|last) )*(mon|tue|tues|wed|thu|thur|thurs|fri|sat|sun)(?:day|nesday|sday|rsday|urday)?\b/.exec(
      text,
    );
  if (weekday) {
    const index = WEEKDAYS.findIndex((name) => name.startsWith((weekday[1] ?? "").slice(0, 3)));
    return { day: lastWeekday(today, index), rest: cut(text, weekday) };
  }
  const month = "(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*";
  const named =
    new RegExp(`\\b(?:on )?(\\d{1,2})(?:st|nd|rd|th)?(?: of)? ${month}\\b`).exec(text) ??
    new RegExp(`\\b(?:on )?${month} (\\d{1,2})(?:st|nd|rd|th)?\\b`).exec(text);
  if (named) {
    const [, first = "", second = ""] = named;
    const [date, name] = /^\d/.test(first) ? [first, second] : [second, first];
    const day = pastDay(MONTHS.indexOf(name.slice(0, 3)) + 1, Number(date), today);
    return day ? { day, rest: cut(text, named) } : { rest: cut(text, named), isUnclear: true };
  }
  const numbers = /\b(\d{1,2})[/.](\d{1,2})(?:[/.](?:\d{2}|\d{4}))?\b(?!\s*(?:g|kg|lb|oz|l)\b)/.exec(text);
  if (numbers && text[numbers.index + numbers[0].length] !== "." && /\//.test(numbers[0])) {
    const [a, b] = [Number(numbers[1]), Number(numbers[2])];
    // 13/5 is a day and a month, 5/13 the other way round; 3/5 could be either.
    const day = a > 12 ? pastDay(b, a, today) : b > 12 ? pastDay(a, b, today) : undefined;
    return day ? { day, rest: cut(text, numbers) } : { rest: cut(text, numbers), isUnclear: true };
  }
  return { rest: text, isUnclear: false };
}
