"use client";

import { createStore, useStore } from "zustand";
import { createJSONStorage, persist } from "zustand/middleware";
import type { Outcome, Problem } from "@/core/problem";
import type { GardenRecord } from "@/core/record";
import { isPassing, send } from "@/ui/primitives/send";

/** A record that was made on this device and has not been stored yet. */
export interface Waiting {
  readonly householdId: string;
  readonly record: GardenRecord;
  /** A JPEG in base 64 that goes with it. */
  readonly photo?: string;
  /** Why it could not be stored at the last try. */
  readonly problem?: Problem;
  /** The server refused it, or failed at it again and again: it is not sent again by itself. */
  readonly refused: boolean;
  /** How often the server failed at it. */
  readonly faults?: number;
}

interface Outbox {
  readonly waiting: readonly Waiting[];
}

/** Stores a record of a household. */
export type Store = (
  householdId: string,
  record: GardenRecord,
  photo?: string,
) => Promise<Outcome<{ id: string }>>;

/** A fault of the server's own may pass too, but is not waited for longer than so many tries. */
const MOST_FAULTS = 5;

const outbox = createStore<Outbox>()(
  persist((): Outbox => ({ waiting: [] }), {
    name: "pip-row-outbox",
    storage: createJSONStorage(() => localStorage),
    skipHydration: true,
    // What was written down before the store was opened is this person's too: another one begins with a page anew.
    merge: (kept, { waiting }) => {
      const before = (kept as Outbox | undefined)?.waiting ?? [];
      const isIn = new Set(before.map((w) => w.record.id));
      return { waiting: [...before, ...waiting.filter((w) => !isIn.has(w.record.id))] };
    },
  }),
);

const without = (id: string) =>
  outbox.setState(({ waiting }) => ({ waiting: waiting.filter((w) => w.record.id !== id) }));

export const useOutbox = () => useStore(outbox);

/** Reads what earlier visits of this person left, and nobody else's: phones are shared. Call it in the browser only. */
export function openOutbox(person: string) {
  outbox.persist.setOptions({ name: `pip-row-outbox ${person}` });
  return outbox.persist.rehydrate();
}

/** Throws a refused record away, when the person says so. */
export const discard = without;

/** Sends a record that is in the outbox; it leaves once it is stored. */
async function deliver({ householdId, record, photo, faults = 0 }: Waiting, store: Store) {
  const outcome = await send(() => store(householdId, record, photo));
  if (outcome.ok) without(record.id);
  else {
    const problem = Object.values(outcome.fields ?? {})[0] ?? outcome.problem;
    const failed = faults + (problem.code === "server-fault" ? 1 : 0);
    const refused = problem.code === "server-fault" ? failed >= MOST_FAULTS : !isPassing(problem);
    outbox.setState(({ waiting }) => ({
      waiting: waiting.map((w) =>
        w.record.id === record.id ? { ...w, problem, refused, faults: failed } : w,
      ),
    }));
  }
  return outcome;
}

/** Puts a record into the outbox before anything else, so that no failure loses it; then sends it. */
export async function post(
  householdId: string,
  record: GardenRecord,
  store: Store,
  photo?: string,
): Promise<Outcome<{ id: string }>> {
  const held: Waiting = { householdId, record, ...(photo ? { photo } : {}), refused: false };
  outbox.setState(({ waiting }) => ({
    waiting: [...waiting.filter((w) => w.record.id !== record.id), held],
  }));
  return deliver(held, store);
}

let sending: Promise<number> | undefined;

/**
 * Sends what waits, one after the other, in the order in which it was made; what was refused stays until somebody asks for
 * it. One round at a time: asking again while one is under way waits for that.
 *
 * @returns how many were stored
 */
export function sendWaiting(store: Store, { refusedToo = false } = {}): Promise<number> {
  sending ??= (async () => {
    let stored = 0;
    for (const held of outbox.getState().waiting.filter((w) => refusedToo || !w.refused))
      if ((await deliver(held, store)).ok) stored++;
    return stored;
  })().finally(() => (sending = undefined));
  return sending;
}
