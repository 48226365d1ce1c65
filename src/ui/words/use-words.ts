"use client";

import { createContext, useContext } from "react";
import type { UnitSystem } from "@/core/quantity";
import { wordsFor } from "./words-for";

export type { BagName, CropName, GoalName } from "./words-for";

const Units = createContext<UnitSystem>("metric");
export const UnitsProvider = Units.Provider;

/** The programme's currency, ISO 4217. */
const Currency = createContext("EUR");
export const CurrencyProvider = Currency.Provider;

/** Turns the core's facts into words: quantities in the reader's units, days, crops, bags, reasons and problems. */
export function useWords() {
  return wordsFor(useContext(Units), useContext(Currency));
}
