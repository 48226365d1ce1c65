import * as fc from "fast-check";
import { expect, it } from "vitest";
import {
  addBag,
  changePlanting,
  changeRow,
  copyRow,
  movePlanting,
  type Plan,
  removePlanting,
  removeRow,
  sowAgain,
} from "@/core/plan";
import { id, planOf, planting } from "@/testing/garden";
import { createBench } from "./store";

let next = 1000;
const newId = () => id(next++);

/** Edits as people make them; each may or may not change anything. */
const EDITS: readonly ((plan: Plan, n: number) => Plan)[] = [
  (p, n) => changePlanting(p, id(10), { plants: n % 9 }),
  (p, n) => movePlanting(p, id(10), (n % 15) - 7),
  (p) =>
    addBag(p, { id: newId(), kindId: "round-5-gal", shape: null, atHand: false, firstSeason: null }, newId()),
  (p) => copyRow(p, id(2), newId),
  (p) => sowAgain(p, id(10), { everyDays: 21, times: 1 }, newId),
  (p, n) => changeRow(p, id(2), { pinned: n % 2 === 0 || undefined }),
  (p) => removePlanting(p, id(11)),
  (p, n) => removeRow(p, p.rows[n % Math.max(1, p.rows.length)]?.id ?? ""),
];

it("undoes every change exactly, and does it again", () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.nat(EDITS.length - 1), fc.nat(100)), { minLength: 1, maxLength: 25 }),
      (steps) => {
        const start = planOf(
          "round-10-gal",
          planting(10, "pak-choi/leaf", "2026-05-20"),
          planting(11, "kale/leaf", "2026-09-01"),
        );
        const store = createBench(start);
        const { undo, redo, pastStates } = store.temporal.getState();
        expect(pastStates).toEqual([]);
        const states: Plan[] = [start];
        for (const [edit, n] of steps) {
          store.getState().change((p) => EDITS[edit]!(p, n));
          if (store.getState().plan !== states.at(-1)) states.push(store.getState().plan);
        }
        for (const state of [...states].reverse().slice(1)) {
          undo();
          expect(store.getState().plan).toBe(state);
        }
        for (const state of states.slice(1)) {
          redo();
          expect(store.getState().plan).toBe(state);
        }
      },
    ),
    { numRuns: 60 },
  );
});
