"use client";

import { useSyncExternalStore } from "react";

/** Those who show ticks, told when any of them changes on this page. */
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  window.addEventListener("storage", listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener("storage", listener);
  };
};

/** The steps that a text from the device names; none where it cannot be read. */
function stepsIn(text: string): ReadonlySet<string> {
  try {
    const kept: unknown = JSON.parse(text);
    return new Set(Array.isArray(kept) ? kept.map(String) : []);
  } catch {
    return new Set();
  }
}

/** Which steps of a card are ticked off, kept on the device until the card is finished. @param key of the card */
export function useTicks(key: string) {
  const name = `ticks ${key}`;
  const text = useSyncExternalStore(
    subscribe,
    () => localStorage.getItem(name) ?? "[]",
    () => "[]",
  );
  const ticked = stepsIn(text);
  const keep = (next: ReadonlySet<string>) => {
    if (next.size > 0) localStorage.setItem(name, JSON.stringify([...next]));
    else localStorage.removeItem(name);
    for (const listener of listeners) listener();
  };
  const toggle = (step: string) => {
    const next = new Set(ticked);
    if (!next.delete(step)) next.add(step);
    keep(next);
  };
  return { ticked, toggle, clear: () => keep(new Set()) };
}
