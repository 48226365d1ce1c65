import { describe, expect, it } from "vitest";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { assessGarden } from "../garden";
import type { Plan } from "../plan";
import type { PlainSetting } from "../setting";
import { needsOf, wantedFor } from ".";

const fresh = (plan: Plan): Plan => ({ ...plan, bags: plan.bags.map((bag) => ({ ...bag, atHand: false })) });
const kale = planting(10, "kale/leaf", "2026-05-20", { plants: 2 });
const potato = planting(11, "potato/early", "2026-03-01", { plants: 3 });
const needs = (plan: Plan, more: Partial<PlainSetting> = {}) => {
  const setting = settingWith(more);
  return needsOf(assessGarden(plan, setting), setting);
};
const items = (plan: Plan, more?: Partial<PlainSetting>) => needs(plan, more).map(({ item }) => item);

describe("what a plan has to buy", () => {
  it("is a bag that is not there, its mix, and seed by weight or pieces by count", () => {
    expect(items(fresh(planOf("round-10-gal", kale)))).toEqual([
      "bag/round-10-gal",
      "mix/potting-mix",
      "packet/kale",
    ]);
    const pieces = needs(fresh(planOf("round-10-gal", potato))).find(({ item }) => item === "piece/potato");
    expect(pieces).toMatchObject({ amount: 3 });
  });

  it("is no bag that the household has", () => {
    expect(items(planOf("round-10-gal", kale))).not.toContain("bag/round-10-gal");
  });

  it("is more mix for a larger bag, and by about as much as it is larger", () => {
    const mix = (kindId: string) =>
      needs(fresh(planOf(kindId, kale))).find(({ item }) => item.startsWith("mix/"))!.amount;
    const ratio = mix("round-20-gal") / mix("round-10-gal");
    // 20 gal against 10; makes differ from their names by a tenth or two.
    expect(ratio).toBeGreaterThan(1.6);
    expect(ratio).toBeLessThan(2.4);
  });

  it("is nothing any more for what is on record, whether it stands or is over", () => {
    for (const real of [{ sownOn: "2026-05-20" }, { sownOn: "2026-05-20", endedOn: "2026-06-01" }])
      expect(items(planOf("round-10-gal", kale), { happened: { [id(10)]: real } })).not.toContain(
        "packet/kale",
      );
  });

  it("is no bag and no mix for one that was filled by record", () => {
    const filled = items(fresh(planOf("round-10-gal", kale)), {
      happened: { [id(2)]: { filledOn: "2026-05-01" } },
    });
    expect(filled).toEqual(["packet/kale"]);
  });

  it("stays for a fortnight after its day, and is given up then", () => {
    const setting = settingWith();
    const garden = assessGarden(planOf("round-10-gal", kale), setting);
    const wanted = (today: string) => wantedFor(garden, setting, today).map(({ item }) => item);
    expect(wanted("2026-06-03")).toContain("packet/kale");
    expect(wanted("2026-06-04")).not.toContain("packet/kale");
    expect(needsOf(garden, setting)).toEqual(needsOf(garden, setting));
  });
});
