import { expect, it } from "vitest";
import { findClimate } from "@/library";
import { planOf, planting, settingWith } from "@/testing/garden";
import { lightOn } from "../course";
import { dayNumber } from "../day";
import { changeRow } from "../plan";
import { rowThirst } from "../year";
import { assessGarden } from ".";

/** Pak choi for its leaves in cool Northquay, set out while nights can still freeze. */
const setting = settingWith({ climate: findClimate("northquay")! });
const leaves = planting(10, "pak-choi/leaf", "2026-02-20", { plants: 4 });
const bare = planOf("flat-1-cu-ft", leaves);
const covered = changeRow(bare, bare.rows[0]!.id, { isCovered: true });
const rowOf = (plan: typeof bare) => assessGarden(plan, setting).rows[0]!;

it("an upturned tub brings what is under it on sooner, in a fifth less light, and drinks less", () => {
  const [open, under] = [rowOf(bare), rowOf(covered)];
  const pick = (row: typeof open) => row.plantings[0]!.season.stages.firstPick!.likely;
  expect(pick(under) < pick(open)).toBe(true);
  const day = dayNumber("2026-05-01");
  expect(lightOn(under.setting, day) / lightOn(open.setting, day)).toBeCloseTo(0.82, 6);
  const litres = (row: typeof open) => rowThirst(row, pick(under), setting);
  expect(litres(under)).toBeLessThan(litres(open));
});

it("nothing covers a bag that stands", () => {
  const round = planOf("round-10-gal", leaves);
  const tried = changeRow(round, round.rows[0]!.id, { isCovered: true });
  expect(rowOf(tried).setting).toBe(setting);
});
