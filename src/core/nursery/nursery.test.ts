import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { planOf, planting, settingWith } from "@/testing/garden";
import { assessGarden } from "../garden";
import { batchesOf, cellsByWeek, seedlingsOf, TRAY_CELLS } from ".";

type Line = Parameters<typeof batchesOf>[0][number];
const line = (n: number, more: Partial<Line> = {}): Line => ({
  householdId: `h${n}`,
  plantingId: `p${n}`,
  goalId: "cabbage/compact",
  method: "cells",
  plants: 2,
  sowOn: "2026-06-02",
  moveOn: "2026-06-30",
  holdUntil: "2026-07-07",
  isSown: false,
  cells: 3,
  eachComesUp: 0.75,
  ...more,
});

describe("batches of seedlings", () => {
  it("are sown together in a week, with fewer cells than each alone, at the chosen confidence", () => {
    // P[Binomial(n, 0.75) ≥ 6] ≥ 0.9 takes 10; three times P[Binomial(n, 0.75) ≥ 2] ≥ 0.9 takes 4 each.
    const [batch, ...rest] = batchesOf([line(1), line(2, { sowOn: "2026-06-05" }), line(3)], 0.9);
    expect(rest).toEqual([]);
    expect(batch).toMatchObject({ plants: 6, places: 10, placesAlone: 12, sowOn: "2026-06-02", spare: 1 });
    expect(batch!.chance).toBeCloseTo(0.9219, 4);
    expect(batchesOf([line(1)], 0.8)[0]!.places).toBeLessThan(batchesOf([line(1)], 0.95)[0]!.places);
  });

  it("keep apart what is sown from what is not, other weeks, and other kinds; and offer what is over to those who would buy", () => {
    const bought = line(9, {
      method: "bought",
      sowOn: "2026-07-02",
      moveOn: "2026-07-02",
      cells: 0,
      eachComesUp: 1,
    });
    const late = line(8, {
      method: "bought",
      sowOn: "2026-08-20",
      moveOn: "2026-08-20",
      cells: 0,
      eachComesUp: 1,
    });
    const batches = batchesOf(
      [
        line(1),
        line(2, { isSown: true }),
        line(3, { sowOn: "2026-06-09" }),
        line(4, { goalId: "kale/leaf" }),
        bought,
        late,
      ],
      0.9,
    );
    expect(batches).toHaveLength(4);
    expect(batches[0]!.takers).toEqual([{ householdId: "h9", plants: 2 }]);
    expect(batches.find(({ goalId }) => goalId === "kale/leaf")!.takers).toEqual([]);
  });

  it("lose nobody, whoever asks for what", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            plants: fc.integer({ min: 1, max: 30 }),
            week: fc.integer({ min: 0, max: 3 }),
            sown: fc.boolean(),
          }),
          {
            minLength: 1,
            maxLength: 12,
          },
        ),
        (asked) => {
          const lines = asked.map(({ plants, week, sown }, i) =>
            line(i, { plants, isSown: sown, sowOn: `2026-06-${String(2 + 7 * week).padStart(2, "0")}` }),
          );
          const batches = batchesOf(lines, 0.9);
          const sum = (of: (b: (typeof batches)[number]) => number) =>
            batches.reduce((all, b) => all + of(b), 0);
          const wanted = lines.reduce((all, { plants }) => all + plants, 0);
          expect(sum((b) => b.plants)).toBe(wanted);
          expect(sum((b) => b.shares.reduce((all, share) => all + share.plants, 0))).toBe(wanted);
          for (const b of batches) {
            expect(b.chance).toBeGreaterThanOrEqual(0.9);
            expect(b.places).toBeLessThanOrEqual(b.placesAlone);
          }
        },
      ),
      { seed: 5, numRuns: 60 },
    );
  });
});

it("says how full the house is week by week, in cells and whole trays", () => {
  const batches = batchesOf(
    [line(1, { plants: 40 }), line(2, { method: "tray", goalId: "lettuce/leaf" })],
    0.9,
  );
  const weeks = cellsByWeek(batches, "2026-05-28", 7);
  expect(weeks[0]).toEqual({ week: "2026-05-25", cells: 0, trays: 0 });
  const { cells, trays } = weeks[1]!;
  expect(cells).toBe(batches.find(({ method }) => method === "cells")!.places);
  expect(trays).toBe(Math.ceil(cells / TRAY_CELLS) + 1);
  // Planted out on the last day of June: the week after is empty.
  expect(weeks[6]!.cells).toBe(0);
});

it("takes from a plan what is raised or bought and not in its bag yet", () => {
  const plan = planOf(
    "tub-80-l",
    planting(10, "cabbage/compact", "2026-06-02", { method: "cells", plants: 2, surface: "first-half" }),
    planting(11, "lettuce/leaf", "2026-06-02", { method: "tray", plants: 3, surface: "second-half" }),
    planting(12, "tomato/bush", "2026-06-10", { method: "bought" }),
    planting(13, "radish/root", "2026-06-10", { plants: 4 }),
  );
  const of = (happened: Record<string, object> = {}) => {
    const setting = settingWith({ happened });
    return seedlingsOf(assessGarden(plan, setting), setting);
  };
  expect(of().map(({ method, plants }) => [method, plants])).toEqual([
    ["cells", 2],
    ["tray", 3],
    ["bought", 1],
  ]);
  const id = "00000000-0000-4000-8000-000000000010";
  expect(of({ [id]: { sownOn: "2026-06-04" } })[0]).toMatchObject({ isSown: true, sowOn: "2026-06-04" });
  expect(of({ [id]: { sownOn: "2026-06-04", movedOn: "2026-07-01" } }).map(({ method }) => method)).toEqual([
    "tray",
    "bought",
  ]);
});
