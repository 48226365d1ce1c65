import { expect, it } from "vitest";
import { CROPS } from "@/library";
import { planOf, planting, settingWith } from "@/testing/garden";
import { assessGarden, type RowView } from "../garden";
import { insteadOf } from ".";

const rowOf = (goalId: string, sowOn: string): RowView => {
  const own = planting(10, goalId, sowOn, { plants: 4 });
  return assessGarden(planOf("round-10-gal", own), settingWith({ happened: { [own.id]: { sownOn: sowOn } } }))
    .rows[0]!;
};
const instead = (row: RowView, today: string) => insteadOf(row.plantings[0]!, row, { today, crops: CROPS });

it("keeps what stands for its leaf where the crop gives some, and names what could follow", () => {
  const beet = instead(rowOf("beet/root", "2026-09-20"), "2026-10-10");
  expect(beet.keepFor.map((g) => g.id)).toContain("beet/leaf");
  const corn = instead(rowOf("sweet-corn/cob", "2026-08-25"), "2026-10-01");
  expect(corn.keepFor).toEqual([]);
  // What is proposed grows there from that day.
  const next = corn.next!;
  expect(rowOf(next.goal.id, "2026-10-01").plantings[0]!.season.grade).not.toBe("wrong");
});
