"use client";

import { useEffect, useState } from "react";

/** Which steps of a card are ticked off, kept on the device until the card is finished. @param key of the card */
export function useTicks(key: string) {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const name = `ticks ${key}`;
  useEffect(() => {
    try {
      const kept: unknown = JSON.parse(localStorage.getItem(name) ?? "[]");
      if (Array.isArray(kept)) setTicked(new Set(kept.map(String)));
    } catch {
      // What was kept cannot be read: nothing is ticked.
    }
  }, [name]);
  const keep = (next: ReadonlySet<string>) => {
    setTicked(next);
    if (next.size > 0) localStorage.setItem(name, JSON.stringify([...next]));
    else localStorage.removeItem(name);
  };
  const toggle = (step: string) => {
    const next = new Set(ticked);
    if (!next.delete(step)) next.add(step);
    keep(next);
  };
  return { ticked, toggle, clear: () => keep(new Set()) };
}
