import { describe, expect, it } from "vitest";
import { assessGarden } from "@/core/garden";
import { planOf, planting, settingWith } from "@/testing/garden";
import { show } from "@/testing/screen";
import { sectionPlant, topPlanting } from "./plantings";
import { BagSection } from "./section";
import { BagTop, partOfTop } from "./top";

const setting = settingWith({ openSky: 0.9 });
const rowOf = (kindId: string, ...plantings: ReturnType<typeof planting>[]) =>
  assessGarden(planOf(kindId, ...plantings), setting).rows[0]!;

describe("a bag from above", () => {
  const top = (kindId: string, ...plantings: ReturnType<typeof planting>[]) => {
    const row = rowOf(kindId, ...plantings);
    const shown = show(
      <BagTop shape={row.shape} plantings={row.plantings.map((view) => topPlanting(view))} isSmall={false} />,
    );
    return { ...shown, row };
  };

  it("draws as many plants as it holds, each inside its rim, and says how many for those who hear it", () => {
    const { container, getByRole } = top(
      "round-15-gal",
      planting(10, "chard/leaf", "2026-05-20", { plants: 4 }),
    );
    expect(getByRole("img").getAttribute("aria-label")).toMatch(/4/);
    const [rim] = container.querySelectorAll("circle");
    const radius = Number(rim!.getAttribute("r"));
    const dots = [...container.querySelectorAll('circle[stroke="none"]')].filter(
      (dot) => Number(dot.getAttribute("r")) > 1.4,
    );
    expect(dots).toHaveLength(4);
    for (const dot of dots) {
      const away = Math.hypot(Number(dot.getAttribute("cx")) - 52, Number(dot.getAttribute("cy")) - 52);
      expect(away).toBeLessThan(radius);
    }
  });

  it("draws the plants of a tower's side outside its rim", () => {
    const { container } = top(
      "tower-50",
      planting(10, "strawberry/everbearing", "2026-04-20", { method: "bought", plants: 12, surface: "side" }),
    );
    const dots = [...container.querySelectorAll('circle[r="2.2"]')];
    expect(dots).toHaveLength(12);
  });

  it("knows which part of it is meant by where something is let go", () => {
    const { shape } = rowOf("round-15-gal");
    expect(partOfTop(shape, { x: 0.5, y: 0.5 })).toBe("first-half");
    expect(partOfTop(shape, { x: 0.94, y: 0.5 })).toBe("edge");
    const tower = rowOf("tower-50").shape;
    expect(partOfTop(tower, { x: 0.99, y: 0.5 })).toBe("side");
    const box = rowOf("box-60-cm").shape;
    expect(partOfTop(box, { x: 0.3, y: 0.5 })).toBe("first-half");
    expect(partOfTop(box, { x: 0.7, y: 0.5 })).toBe("second-half");
  });
});

describe("a bag cut through", () => {
  const section = (kindId: string, goalId: string) => {
    const row = rowOf(kindId, planting(10, goalId, "2026-05-20"));
    return show(
      <BagSection
        shape={row.shape}
        depthCm={row.depthCm}
        isSmall={false}
        plants={row.plantings.map((view) => sectionPlant(view, row))}
      />,
    );
  };

  it("draws a taller plant taller, in a bag drawn to the same scale for both", () => {
    const heightOf = (goalId: string) => {
      const { container } = section("round-15-gal", goalId);
      const box = container.querySelector("svg")!.getAttribute("viewBox")!.split(" ").map(Number);
      container.remove();
      return box[3]!;
    };
    expect(heightOf("tomato/cordon")).toBeGreaterThanOrEqual(heightOf("radish/root"));
  });

  it("is drawn for every kind of bag without a figure that is none", () => {
    for (const kindId of [
      "jug-6-l",
      "box-60-cm",
      "tower-50",
      "pocket-12",
      "tiers-5",
      "tray",
      "flat-1-cu-ft",
    ]) {
      const { container, unmount } = section(kindId, "lettuce/leaf");
      expect(container.innerHTML, kindId).not.toMatch(/NaN|Infinity|undefined/);
      unmount();
    }
  });
});
