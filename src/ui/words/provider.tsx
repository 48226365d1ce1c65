"use client";

import { NextIntlClientProvider } from "next-intl";
import type { ReactNode } from "react";
import type { UnitSystem } from "@/core/quantity";
import words from "./en.json";
import { CurrencyProvider, UnitsProvider } from "./use-words";

interface WordsProps {
  readonly units: UnitSystem;
  readonly currency: string;
  readonly children: ReactNode;
}

/** The words of the interface for all that runs in the browser. They come with its scripts, which it keeps, and not with every page. */
export const Words = ({ units, currency, children }: WordsProps) => (
  <NextIntlClientProvider locale="en-GB" timeZone="UTC" messages={words}>
    <UnitsProvider value={units}>
      <CurrencyProvider value={currency}>{children}</CurrencyProvider>
    </UnitsProvider>
  </NextIntlClientProvider>
);
