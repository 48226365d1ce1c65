import { fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { addDays } from "@/core/day";
import { assessGarden } from "@/core/garden";
import type { Plan } from "@/core/plan";
import { spanOf } from "@/core/year";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { show } from "@/testing/screen";
import { Dragging } from "./dragging";
import { BenchRow, type RowHands } from "./row";
import type { Selection } from "./row-frame";

const today = "2026-05-18";

const nothing = () => undefined;

/** The first row of a plan as the Bench shows it. */
function rowOf(plan: Plan, selection?: Selection, more: Partial<RowHands> = {}, setting = settingWith()) {
  const garden = assessGarden(plan, setting);
  const view = garden.rows[0]!;
  const part = (
    <Dragging>
      <BenchRow
        view={view}
        number={1}
        span={spanOf(garden, today)}
        today={today}
        selection={selection}
        onSelect={() => undefined}
        hands={{ onMove: nothing, onOutBy: nothing, onPlant: nothing, ...more }}
      />
    </Dragging>
  );
  return { view, garden, ...show(part) };
}

it("draws each plant of a bag where it stands: as many as there are, inside the rim, to one scale", () => {
  const { view, numbers } = rowOf(
    planOf("round-10-gal", planting(10, "lettuce/leaf", "2026-05-01", { plants: 6 })),
  );
  const [xs, ys, rs] = ["cx", "cy", "r"].map((a) => numbers('svg[aria-label^="From above"] circle', a)) as [
    number[],
    number[],
    number[],
  ];
  // The bag itself, and for each plant its room and its stem.
  expect(xs).toHaveLength(1 + 2 * 6);
  const [rim] = rs;
  for (let i = 1; i < xs.length; i++) expect(Math.hypot(xs[i]! - xs[0]!, ys[i]! - ys[0]!)).toBeLessThan(rim!);
  const { spacingCm } = view.plantings[0]!.goal.stand as { spacingCm: { good: number } };
  const scale = (rim! / (view.shape as { diameterCm: number }).diameterCm) * 2;
  expect(rs[1]).toBeCloseTo((spacingCm.good / 2) * scale, 6);
});

it("draws a tower with its core and its rings of holes, and a fabric bag with neither", () => {
  const tower = rowOf(
    planOf("tower-50", planting(10, "lettuce/leaf", "2026-05-01", { plants: 50, surface: "side" })),
  );
  const holes = tower.view.plantings[0]!.sides.length;
  expect(tower.numbers('svg[aria-label^="From above"] circle', "r").filter((r) => r === 2.2)).toHaveLength(
    holes,
  );
  expect(holes).toBeGreaterThan(40);
  const stones = tower.numbers('svg[aria-label^="Section"] circle', "cy");
  tower.unmount();
  const bag = rowOf(planOf("round-10-gal", planting(10, "lettuce/leaf", "2026-05-01", { plants: 6 })));
  expect(stones.length).toBeGreaterThan(4);
  expect(bag.numbers('svg[aria-label^="Section"] circle', "cy")).toEqual([]);
});

it("shows what stands today, and with a chosen planting what stands with it", () => {
  const plan = planOf(
    "round-10-gal",
    planting(10, "lettuce/leaf", "2026-04-10", { plants: 6 }),
    planting(11, "spinach/leaf", "2026-08-20", { plants: 5 }),
  );
  const plants = (selection?: Selection) => {
    const { container, unmount } = rowOf(plan, selection);
    const label = container.querySelector('svg[aria-label^="From above"]')!.getAttribute("aria-label");
    unmount();
    return label;
  };
  expect(plants()).toContain("6");
  expect(plants({ rowId: id(2), plantingId: id(11) })).toContain("5");
});

it("lays each planting's days on the year, marks what is wrong, and takes arrow keys as weeks", () => {
  const onMove = vi.fn();
  const onOutBy = vi.fn();
  const plan = planOf(
    "round-5-gal",
    planting(10, "lettuce/leaf", "2026-05-01", { plants: 3 }),
    planting(11, "cabbage/standard", "2026-05-01", { plants: 4 }),
  );
  const { view, garden, getAllByRole, text } = rowOf(plan, undefined, { onMove, onOutBy });
  const bars = getAllByRole("button").filter((b) => b.getAttribute("aria-keyshortcuts"));
  expect(bars).toHaveLength(2);
  const span = spanOf(garden, today);
  const lefts = bars.map((b) => Number.parseFloat(b.style.left));
  expect(lefts[0]).toBeCloseTo(lefts[1]!, 6);
  expect(lefts[0]! >= 0 && span.from <= "2026-05-01").toBe(true);
  expect(view.plantings[1]!.fit.grade).toBe("wrong");
  expect(text()).toContain("✕ cabbage, standard × 4");
  fireEvent.keyDown(bars[0]!, { key: "ArrowRight" });
  expect(onMove).toHaveBeenCalledWith(id(10), 7);
  fireEvent.keyDown(bars[0]!, { key: "ArrowLeft", shiftKey: true });
  expect(onOutBy).toHaveBeenCalledWith(
    id(10),
    addDays(view.plantings[0]!.season.stages.lastPick!.likely, -7),
  );
});

it("keeps hands off a pinned row, and says a weight that is over the floor's limit", () => {
  const plan = planOf("tub-80-l", planting(10, "tomato/bush", "2026-05-20", { method: "bought" }));
  const pinned = { ...plan, rows: plan.rows.map((r) => ({ ...r, pinned: true })) };
  const { getAllByRole, text } = rowOf(pinned, undefined, {}, settingWith({ limitKgM2: 60 }));
  expect(getAllByRole("button").some((b) => b.getAttribute("aria-keyshortcuts"))).toBe(false);
  expect(text()).toMatch(/pinned.*▲ \d+ kg\/m²/);
});
