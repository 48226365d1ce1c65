import { createFormatter, createTranslator } from "use-intl/core";

/* English is the first language; another would be a second set of sections, chosen where a page is begun. */
const LOCALE = "en-GB";

/**
 * Gives the texts of some sections of `en/` with their values filled in. A folder of the interface names in its `words.ts`
 * the sections that it says, so that a page carries its own words and no others; what it has not named does not compile.
 * @param sections the sections by their names
 */
export const translator = <Sections extends Record<string, object>>(sections: Sections) =>
  createTranslator({ locale: LOCALE, messages: sections });

/** Numbers, dates and lists as they are written. Dates are calendar dates, so that they are shown in no zone. */
export const format = createFormatter({ locale: LOCALE, timeZone: "UTC" });
