"use client";

import { createStore } from "zustand";
import { createJSONStorage, persist } from "zustand/middleware";
import { useStore } from "zustand";
import type { Outcome, Problem } from "@/core/problem";
import type { GardenRecord } from "@/core/record";
import { send } from "@/ui/primitives/send";

/** A record that was made on this device and has not been stored yet. */
export interface Waiting {
  readonly householdId: string;
  readonly record: GardenRecord;
  /** Why it could not be stored at the last try. */
  readonly problem?: Problem;
  /** The server refused it for good: sending again would not help. */
  readonly refused: boolean;
}

interface Outbox {
  readonly waiting: readonly Waiting[];
}

/** Problems that pass by themselves: no connection, no database. */
const PASSING = new Set(["offline", "database-unreachable"]);

const outbox = createStore<Outbox>()(
  persist((): Outbox => ({ waiting: [] }), {
    name: "pip-row-outbox",
    storage: createJSONStorage(() => localStorage),
    skipHydration: true,
  }),
);

const without = (id: string) =>
  outbox.setState(({ waiting }) => ({ waiting: waiting.filter((w) => w.record.id !== id) }));

export const useOutbox = () => useStore(outbox);

/** Reads what earlier visits left; call it in the browser only. */
export const openOutbox = () => outbox.persist.rehydrate();

/** Throws a refused record away, when the person says so. */
export const discard = without;

/** Puts a record into the outbox before anything else, so that no failure loses it; then sends it. */
export async function post(
  householdId: string,
  record: GardenRecord,
  store: (record: GardenRecord) => Promise<Outcome<{ id: string }>>,
): Promise<Outcome<{ id: string }>> {
  outbox.setState(({ waiting }) => ({
    waiting: [...waiting.filter((w) => w.record.id !== record.id), { householdId, record, refused: false }],
  }));
  const outcome = await send(() => store(record));
  if (outcome.ok) without(record.id);
  else {
    const { problem } = outcome;
    const refused = !PASSING.has(problem.code);
    outbox.setState(({ waiting }) => ({
      waiting: waiting.map((w) => (w.record.id === record.id ? { ...w, problem, refused } : w)),
    }));
  }
  return outcome;
}
