import { cleanup, render } from "@testing-library/react";
import { NextIntlClientProvider } from "next-intl";
import type { ReactNode } from "react";
import { afterEach } from "vitest";
import type { UnitSystem } from "@/core/quantity";
import words from "@/ui/words/en.json";
import { CurrencyProvider, UnitsProvider } from "@/ui/words/use-words";

afterEach(cleanup);

/** Shows a part of a screen in a document without a browser, in the app's own words. */
export function show(part: ReactNode, units: UnitSystem = "metric") {
  const inWords = (children: ReactNode) => (
    <NextIntlClientProvider locale="en-GB" timeZone="UTC" messages={words}>
      <UnitsProvider value={units}>
        <CurrencyProvider value="EUR">{children}</CurrencyProvider>
      </UnitsProvider>
    </NextIntlClientProvider>
  );
  const shown = render(inWords(part));
  return {
    ...shown,
    /** What can be read, on one line. */
    text: () => (shown.container.textContent ?? "").replace(/\s+/g, " "),
    /** A number of each element that a selector finds. */
    numbers: (selector: string, attribute: string) =>
      [...shown.container.querySelectorAll(selector)].map((e) => Number(e.getAttribute(attribute))),
    again: (next: ReactNode) => shown.rerender(inWords(next)),
  };
}
