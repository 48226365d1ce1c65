import { fireEvent } from "@testing-library/react";
import { expect, it } from "vitest";
import { TRAY_CELLS } from "@/core/nursery";
import { router } from "@/testing/navigation";
import { show } from "@/testing/screen";
import { Nursery, type NurseryProps } from "./nursery";

const batch: NurseryProps["batches"][number] = {
  ...{ id: "kale/leaf in May", more: 0, moreTakers: 0 },
  ...{ goalId: "kale/leaf", method: "cells", sowOn: "2026-05-10", isSown: false, plants: 11 },
  ...{ places: TRAY_CELLS + 1, placesAlone: TRAY_CELLS + 9, chance: 0.92, spare: 2 },
  ...{ moveOn: "2026-06-14", holdUntil: "2026-06-28" },
  shares: [
    { householdId: "a", plants: 6 },
    { householdId: "b", plants: 5 },
  ],
  takers: [{ householdId: "c", plants: 2 }],
};
const screen = (more: Partial<NurseryProps> = {}) =>
  show(
    <Nursery
      today="2026-05-18"
      sure={0.9}
      sures={[0.8, 0.9, 0.95]}
      batches={[batch]}
      weeks={[
        { week: "2026-05-18", cells: 40, trays: 1 },
        { week: "2026-05-25", cells: 80, trays: 2 },
      ]}
      names={{ a: "01 Orvane", b: "02 Braskel", c: "03 Quillow" }}
      groups={[]}
      {...more}
    />,
  );

it("says what is sown for whom, in how many trays, what sharing saves, and to whom spare ones go", () => {
  const { text, getByRole } = screen();
  // One cell more than a tray holds takes a second one.
  expect(text()).toMatch(/2 trays/);
  expect(text()).toContain(`${TRAY_CELLS + 9}`);
  expect(text()).toMatch(/01 Orvane.*6.*02 Braskel.*5/);
  expect(text()).toMatch(/03 Quillow.*2/);
  expect(getByRole("link", { name: /Orvane/ }).getAttribute("href")).toBe("/house/a/bench");
});

it("marks as late what should have been sown, and not what stands sown or is to come", () => {
  expect(screen().text()).toContain("▲");
  expect(screen({ batches: [{ ...batch, isSown: true }] }).text()).not.toContain("▲");
  expect(screen({ batches: [{ ...batch, sowOn: "2026-05-18" }] }).text()).not.toContain("▲");
});

it("says how many more a batch is for, and leads to all of them", () => {
  const { text, getByRole } = screen({ batches: [{ ...batch, more: 68, moreTakers: 4 }], groupId: "g" });
  expect(getByRole("link", { name: "and 68 more households" }).getAttribute("href")).toBe(
    "/nursery?sure=0.9&group=g&batch=kale%2Fleaf%20in%20May",
  );
  expect(text()).toMatch(/03 Quillow: 2 and 4 more/);
});

it("asks for another confidence by its address, within the group that is looked at", () => {
  const { getByLabelText } = screen({ groups: [{ id: "g", name: "Stairs" }], groupId: "g" });
  fireEvent.change(getByLabelText(/sure/i), { target: { value: "0.95" } });
  expect(router.push).toHaveBeenCalledWith("/nursery?sure=0.95&group=g");
});

it("says so where nothing is to be raised", () => {
  const { text, queryByRole } = screen({ batches: [], weeks: [] });
  expect(text()).not.toContain("NaN");
  expect(queryByRole("list")).toBeNull();
});
