import { createFormatter, createTranslator } from "use-intl/core";
import words from "./en.json";

/*
 * One translator and one formatter for the process: a text is read once, however many pages show it. English is the
 * first language; another would be a second pair, chosen where a page is begun.
 */
const LOCALE = "en-GB";

/** A text of the interface with its values filled in. */
export const t = createTranslator({ locale: LOCALE, messages: words });
export type Translate = typeof t;

/** Numbers, dates and lists as they are written. Dates are calendar dates, so that they are shown in no zone. */
export const format = createFormatter({ locale: LOCALE, timeZone: "UTC" });
