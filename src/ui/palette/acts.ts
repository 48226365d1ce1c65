"use client";

import { useEffect } from "react";
import { createStore, useStore } from "zustand";

/** Something that can be done on the screen where one is, by name. */
export interface Act {
  readonly name: string;
  /** Keys that do it without the palette. */
  readonly keys?: string;
  readonly run: () => void;
}

const here = createStore<{ readonly acts: readonly Act[] }>()(() => ({ acts: [] }));

/** What can be done on the screen that is open. */
export const useActsHere = () => useStore(here).acts;

/** Tells the palette what can be done on a screen, as long as that is open. */
export function useActs(acts: readonly Act[]): void {
  useEffect(() => here.setState({ acts }));
  useEffect(() => () => here.setState({ acts: [] }), []);
}
