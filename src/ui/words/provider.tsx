"use client";

import type { ReactNode } from "react";
import type { UnitSystem } from "@/core/quantity";
import { CurrencyProvider, UnitsProvider } from "./use-words";

interface WordsProps {
  readonly units: UnitSystem;
  readonly currency: string;
  readonly children: ReactNode;
}

/** In which units and which currency the words below are said. The words themselves come with the scripts, which a browser keeps, and not with every page. */
export const Words = ({ units, currency, children }: WordsProps) => (
  <UnitsProvider value={units}>
    <CurrencyProvider value={currency}>{children}</CurrencyProvider>
  </UnitsProvider>
);
