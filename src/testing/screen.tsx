import { render } from "@testing-library/react";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import type { ReactNode } from "react";
import type { UnitSystem } from "@/core/quantity";
import { Words } from "@/ui/words/provider";

/** Shows a part of a screen in a document without a browser, in the app's own words. */
export function show(part: ReactNode, units: UnitSystem = "metric") {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const inWords = (children: ReactNode) => (
    <QueryClientProvider client={queries}>
      <Words units={units} currency="EUR">
        {children}
      </Words>
    </QueryClientProvider>
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
