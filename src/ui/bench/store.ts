"use client";

import { useState } from "react";
import { temporal, type TemporalState } from "zundo";
import { createStore, type StoreApi, useStore } from "zustand";
import type { Plan } from "@/core/plan";

interface BenchState {
  readonly plan: Plan;
  change: (edit: (plan: Plan) => Plan) => void;
}

const MOST_UNDO = 200;

/** A store of one plan with its history. */
export const createBench = (plan: Plan) =>
  createStore<BenchState>()(
    temporal(
      (set) => ({
        plan,
        change: (edit) => set(({ plan: before }) => ({ plan: edit(before) })),
      }),
      {
        limit: MOST_UNDO,
        partialize: ({ plan: kept }) => ({ plan: kept }),
        equality: (a, b) => a.plan === b.plan,
      },
    ),
  );

type History = TemporalState<Pick<BenchState, "plan">>;

/** The plan under work, with undo and redo of every change. */
export function useBench(start: Plan) {
  const [store] = useState(() => createBench(start));
  const state = useStore(store);
  const history = useStore(store.temporal as StoreApi<History>);
  return {
    plan: state.plan,
    change: state.change,
    undo: () => history.undo(),
    redo: () => history.redo(),
    canUndo: history.pastStates.length > 0,
    canRedo: history.futureStates.length > 0,
  };
}
