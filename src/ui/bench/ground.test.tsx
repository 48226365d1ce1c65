import { fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { assessGarden } from "@/core/garden";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { show } from "@/testing/screen";
import { GroundPlan } from "./ground";

const floor = { lengthCm: 320, widthCm: 110, door: undefined };
const setting = settingWith({ floor, floorM2: 3.5, limitKgM2: 195, faces: 180 });

function ground(spot: { xCm: number; yCm: number; turned: boolean } | undefined, today = "2026-05-18") {
  const plan = planOf("round-10-gal", planting(10, "tomato/bush", "2026-05-01"));
  const placed = { ...plan, bags: plan.bags.map((b) => ({ ...b, ...(spot && { spot }) })) };
  const [onBag, onNudge, onFindSpots] = [vi.fn(), vi.fn(), vi.fn()];
  const shown = show(
    <GroundPlan
      garden={assessGarden(placed, setting)}
      setting={setting}
      today={today}
      selection={undefined}
      onSelect={() => undefined}
      onBag={onBag}
      onNudge={onNudge}
      onFindSpots={onFindSpots}
    />,
  );
  return { ...shown, onBag, onNudge, onFindSpots };
}

it("looks at each of the twelve months once, also from the last day of a long one", () => {
  const { getByRole } = ground({ xCm: 60, yCm: 50, turned: false }, "2026-01-31");
  const slider = getByRole("slider");
  const months = Array.from({ length: 12 }, (_, n) => {
    fireEvent.change(slider, { target: { value: String(n) } });
    return slider.getAttribute("aria-valuetext");
  });
  expect(new Set(months).size).toBe(12);
  expect(months[1]).toMatch(/Feb/);
});

it("draws a bag to scale where it stands, and lets the arrow keys nudge it", () => {
  const { container, getByRole, onNudge } = ground({ xCm: 60, yCm: 50, turned: false });
  const bag = container.querySelector<SVGElement>("svg [tabindex='0']")!;
  expect(bag.getAttribute("aria-label")).toMatch(/60 ?cm.*50 ?cm/);
  fireEvent.keyDown(bag, { key: "ArrowRight" });
  expect(onNudge).toHaveBeenCalledWith(id(1), expect.anything());
  expect(getByRole("slider")).toBeDefined();
});

it("offers to find a place for bags that have none", () => {
  const { getAllByRole, onFindSpots } = ground(undefined);
  const find = getAllByRole("button").find((b) => /place|spot/i.test(b.textContent ?? ""))!;
  fireEvent.click(find);
  expect(onFindSpots).toHaveBeenCalledOnce();
});
