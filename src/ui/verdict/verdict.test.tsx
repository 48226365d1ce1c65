import { act, fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { stagesFrom } from "@/core/calendar";
import { picksOf } from "@/core/food";
import { assessGarden } from "@/core/garden";
import type { PlainSetting } from "@/core/setting";
import { pricesBy } from "@/core/money";
import { demoPrices } from "@/demo/prices";
import { findClimate, findGoal } from "@/library";
import { planOf, planting, settingWith } from "@/testing/garden";
import { show } from "@/testing/screen";
import { Bill } from "./bill";
import { Clashes } from "./clashes";
import { Food } from "./food";

const climate = findClimate("larkmouth")!;
const started = (goalId: string, method: string, sowOn: string) => {
  const { crop, goal } = findGoal(goalId)!;
  const way = goal.methods.find((m) => m.method === method)!;
  return { crop, goal, method: way, stages: stagesFrom({ crop, goal, method: way }, sowOn, climate) };
};
const billFor = (goalId: string, method: string, plants: number, more: Partial<PlainSetting> = {}) =>
  show(
    <Bill
      of={started(goalId, method, "2026-04-01")}
      plants={plants}
      areaCm2={0}
      setting={settingWith(more)}
    />,
  );

it("bills a sowing: cells, the chance, what the programme saw come up, and trays that are too few", () => {
  const { text, getByRole } = billFor("kale/leaf", "cells", 6, {
    germination: { kale: { sown: 100, up: 40, share: 0.4 } },
    hands: { cells: 4, skill: "some" },
  });
  const before = text();
  expect(before).toMatch(/Fill \d+ cells, \d seeds? in each/);
  expect(before).toContain("40");
  expect(before).toMatch(/▲ .*4/);
  // Surer takes more cells.
  const cells = (read: string) => Number(/Fill (\d+) cells/.exec(read)![1]);
  act(() => void fireEvent.change(getByRole("combobox"), { target: { value: "0.97" } }));
  expect(cells(text())).toBeGreaterThan(cells(before));
});

it("bills a packet, or the share of one that is bought together, and no sum without a price", () => {
  const costs = (more: Partial<PlainSetting>) => billFor("kale/leaf", "cells", 4, more).text();
  expect(costs({ prices: pricesBy(demoPrices("EUR")) })).toContain("to buy: €1.70");
  // A few seeds of 1.5 g: cents, not a packet.
  expect(costs({ prices: pricesBy(demoPrices("EUR"), ["packet"]) })).toMatch(
    /share of the seed bought together: €0\.\d\d/,
  );
  expect(costs({})).not.toContain("€");
});

it("says what there is to eat, from when to when, and how long it keeps", () => {
  const foodOf = (goalId: string, method: string) => {
    const { crop, goal, stages } = started(goalId, method, "2026-04-01");
    return show(
      <Food
        crop={crop}
        goal={goal}
        picks={picksOf(goal, stages, 1)}
        harvest={{ low: 0.6, likely: 1.1, high: 1.8, scarce: "none", share: 1 }}
        prices={pricesBy(demoPrices("EUR"))}
      />,
    ).text();
  };
  expect(foodOf("onion/sets", "sets")).toMatch(
    /600 g to 1\.8 kg, likely 1\.1 kg in one pick It keeps about 120 days after that\..*€1\.65/,
  );
  expect(foodOf("kale/leaf", "cells")).toMatch(/in \d+ picks from \d+ \w+ to \d+ \w+ It keeps about 4 days/);
});

it("names a clash with its dates, and offers as buttons the changes that end it", () => {
  const setting = settingWith();
  const plan = planOf(
    "round-10-gal",
    planting(10, "cabbage/standard", "2026-01-10"),
    planting(11, "radish/root", "2026-02-15", { plants: 30 }),
  );
  const [row] = assessGarden(plan, setting).rows;
  expect(row!.clashes.length).toBeGreaterThan(0);
  const onChange = vi.fn();
  const { text, getAllByRole } = show(
    <Clashes row={row!} clashes={row!.clashes} setting={setting} onChange={onChange} />,
  );
  expect(text()).toMatch(/✕ .*\d+ (Jan|Feb|Mar|Apr|May)/);
  const [cure] = getAllByRole("button");
  fireEvent.click(cure!);
  const [id, change] = onChange.mock.calls[0]! as [string, object];
  const cured = {
    ...plan,
    rows: plan.rows.map((r) => ({
      ...r,
      plantings: r.plantings.map((p) => (p.id === id ? { ...p, ...change } : p)),
    })),
  };
  expect(assessGarden(cured, setting).rows[0]!.clashes.length).toBeLessThan(row!.clashes.length);
});
