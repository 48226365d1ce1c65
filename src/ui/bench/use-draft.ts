"use client";

import { useEffect, useRef } from "react";
import type { Plan } from "@/core/plan";

/** The plan of a household as it is on the screen, over the version that it was read at. */
interface Draft {
  readonly householdId: string;
  readonly version: number;
  readonly plan: Plan;
  readonly dirty: boolean;
  /** While it is so, a draft is neither written, taken away nor brought back: it waits. */
  readonly isPaused: boolean;
  readonly restore: (plan: Plan) => void;
}

/**
 * Keeps the unsaved plan on this device, and brings it back when the Bench is opened again on the same version.
 * Storage that is full or forbidden only means that there is no draft.
 */
export function useDraft({ householdId, version, plan, dirty, isPaused, restore }: Draft): void {
  const key = `pip-row-draft-${householdId}`;
  const looked = useRef(false);
  // A draft that is being read is not written over.
  const isRead = useRef(true);
  useEffect(() => {
    if (looked.current || isPaused) return;
    looked.current = true;
    try {
      const text = localStorage.getItem(key) ?? "null";
      // A draft of an older version calls drills "rows".
      const kept: unknown = JSON.parse(text.replaceAll('"method":"rows"', '"method":"drills"'));
      if (
        typeof kept !== "object" ||
        kept === null ||
        !("version" in kept) ||
        !("plan" in kept) ||
        kept.version !== version
      )
        return;
      const draft = kept.plan;
      isRead.current = false;
      void import("./later")
        .then(({ Plan: contract }) => {
          const read = contract.safeParse(draft);
          if (read.success) restore(read.data);
        })
        .finally(() => (isRead.current = true));
    } catch {
      // No draft, then.
    }
  }, [key, version, isPaused, restore]);
  useEffect(() => {
    if (!looked.current || !isRead.current || isPaused) return;
    try {
      if (dirty) localStorage.setItem(key, JSON.stringify({ version, plan }));
      else localStorage.removeItem(key);
    } catch {
      // Storage is full or forbidden: the plan is still on the screen.
    }
  }, [key, version, plan, dirty, isPaused]);
}
