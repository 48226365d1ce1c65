import { fireEvent } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { assessGarden } from "@/core/garden";
import type { PlainSetting, Setting } from "@/core/setting";
import type { Plan } from "@/core/plan";
import { foodByKind, foodByWeek, spanOf, sumsOf } from "@/core/year";
import { pricesBy } from "@/core/money";
import type { Proposal } from "@/core/planner";
import { demoPrices } from "@/demo/prices";
import { findMix } from "@/library";
import { id, planOf, planting, settingWith } from "@/testing/garden";
import { show } from "@/testing/screen";
import { GroundPlan } from "./ground";
import { LoadCautions } from "./notices";
import { ProposalCard } from "./propose/proposal-card";
import { Totals } from "./totals";
import { Year } from "./year";

// Charts draw on a canvas, which this document lacks: their words are what is looked at here.
vi.mock("@/ui/draw/chart", () => ({
  Chart: ({ label }: { label: string }) => <p>{label}</p>,
}));

const today = "2026-05-18";
const plan = planOf("round-10-gal", planting(10, "tomato/bush", "2026-05-25", { method: "bought" }));
const toBuy: Plan = { ...plan, bags: plan.bags.map((b) => ({ ...b, atHand: false })) };
const priced = (together: Parameters<typeof pricesBy>[1] = [], more: Partial<PlainSetting> = {}) =>
  settingWith({
    mix: findMix("potting-mix-and-manure")!,
    prices: pricesBy(demoPrices("EUR"), together),
    ...more,
  });

function totalsOf(of: Plan, setting: Setting, units?: "us") {
  const garden = assessGarden(of, setting);
  const { text, unmount } = show(<Totals garden={garden} sums={sumsOf(garden, setting, today)} />, units);
  const read = text();
  unmount();
  return { garden, read };
}

it("totals what is still to pay: whole sacks alone, shares together, and no sum where nothing has a price", () => {
  // A bag at 4.50, a sack at 6.90, a seedling at 1.20.
  expect(totalsOf(toBuy, priced()).read).toContain("€12.60 for bags, mix, seed");
  const { garden, read } = totalsOf(toBuy, priced(["mix"]));
  expect(read).toContain(
    `€${(4.5 + 1.2 + ((1.1 * garden.soilL) / 45) * 6.9).toFixed(2)} for bags, shares of mix and seed`,
  );
  expect(totalsOf(toBuy, settingWith()).read).toContain("3 items without a price");
});

it("totals weight in the reader's own units, and marks what is over the limit", () => {
  const light = totalsOf(plan, priced([], { limitKgM2: 200, floorM2: 4 }));
  expect(light.read).not.toContain("▲");
  expect(light.read).toContain(`${light.garden.load.kgM2.toFixed(1)} kg/m²`);
  const over = totalsOf(plan, priced([], { limitKgM2: 5, floorM2: 4 }), "us");
  // 1 kg/m² is 0.2048 lbf/ft², which is written psf.
  expect(over.read).toContain(`▲ ${(over.garden.load.kgM2 * 0.2048).toFixed(1)} psf`);
});

it("tells of the year: food and worth, the bags' price over their lives, and water that nobody can carry", () => {
  const setting = priced([], {
    wants: { groups: { fruits: "daily" }, must: [], never: [] },
    people: { adults: 2, children: 0 },
  });
  const garden = assessGarden(toBuy, setting);
  const sums = sumsOf(garden, setting, today);
  const of = (waterLDay: number | null) =>
    show(
      <Year sums={sums} setting={setting} span={spanOf(garden, today)} today={today} waterLDay={waterLDay} />,
    ).text();
  // A kilogram is 3.20 at the market; the bag costs 4.50 over four seasons.
  const { low, likely } = sums.economy.harvest;
  expect(likely).toBeGreaterThan(0.7);
  expect(of(null)).toMatch(new RegExp(`likely \\d.* of food, worth €${(3.2 * low).toFixed(2)} to €`));
  expect(of(null)).toContain("The bags cost €1.13 a season over their lives.");
  expect(of(null)).not.toContain("▲");
  expect(of(0.5)).toMatch(/▲ More than the 3\.5 L a week that can be carried, from \d/);
  expect(of(500)).not.toContain("▲");
});

const proposal: Proposal = {
  plan: toBuy,
  worth: 95,
  bound: 100,
  gap: 0.05,
  considered: 1200,
  harvest: { low: 1, likely: 2, high: 3 },
  sketch: { span: { from: "2026-05-01", to: "2026-10-31", months: ["2026-05-01"] }, rows: [] },
  bags: [{ kindId: "round-10-gal", count: 1 }],
  minor: 1260,
  hours: 3.4,
  covered: [{ group: "fruits", share: 0.4 }],
  adds: { [id(10)]: 21 },
  missing: [{ cropId: "pea", blocked: "budget" }],
};
const cardOf = (more: Partial<Parameters<typeof ProposalCard>[0]> = {}) =>
  show(
    <ProposalCard
      title="Most food"
      step={undefined}
      proposal={proposal}
      plan={{ bags: [], rows: [] }}
      setting={priced()}
      today={today}
      onTake={() => undefined}
      {...more}
    />,
  );

it("says how near a proposal is, by the figures that were told last, and nothing before there is a bound", () => {
  expect(cardOf().text()).toContain("Within 5 % of the best that is possible");
  expect(cardOf({ step: { done: 1, of: 9, worth: 95, bound: 97 } }).text()).toContain("Within 2.1 % of");
  expect(cardOf({ proposal: { ...proposal, bound: 95.01, gap: 0.0001 } }).text()).toContain(
    "As good as the best that is possible",
  );
  expect(
    cardOf({
      proposal: undefined,
      step: { done: 1, of: 9, worth: 80, bound: Number.POSITIVE_INFINITY },
    }).text(),
  ).not.toContain("Within");
});

it("explains a proposal: what each planting adds, what it buys, what is missing and why, and what it drops", () => {
  const onTake = vi.fn();
  const before = planOf("round-5-gal", planting(30, "kale/leaf", "2026-06-01", { plants: 2 }));
  const { text, getByRole } = cardOf({ plan: before, onTake });
  expect(text()).toMatch(/tomato, bush × 1.*21 helpings/);
  expect(text()).toContain("1 × fabric 10 gal");
  expect(text()).toContain("food in 8 weeksnone yet");
  expect(text()).toContain("▲ pea is a must and needs more money.");
  expect(text()).toContain("No longer in it: leaf kale.");
  fireEvent.click(getByRole("button"));
  expect(onTake).toHaveBeenCalledWith(toBuy);
});

it("draws the floor to scale, moves a bag by keys, and names a bag that stands in the door's way", () => {
  const floor = { lengthCm: 300, widthCm: 120, door: { fromCm: 0, widthCm: 80 } };
  const setting = priced([], { floor, floorM2: 3.6 });
  const standing = (xCm: number, yCm: number): Plan => ({
    ...plan,
    bags: plan.bags.map((b) => ({ ...b, spot: { xCm, yCm, turned: false } })),
  });
  const onNudge = vi.fn();
  const groundOf = (of: Plan) =>
    show(
      <GroundPlan
        garden={assessGarden(of, setting)}
        setting={setting}
        today={today}
        selection={undefined}
        onSelect={() => undefined}
        onBag={() => undefined}
        onNudge={onNudge}
        onFindSpots={() => undefined}
      />,
    );
  const clear = groundOf(standing(250, 90));
  expect(clear.numbers('[role="group"] > rect', "width")[0]).toBe(300);
  // A 10 gallon bag is 38 cm across.
  expect(clear.numbers('[role="group"] [role="button"] circle', "r")).toEqual([20.5]);
  expect(clear.text()).not.toContain("▲");
  fireEvent.keyDown(clear.container.querySelector('[role="group"] [role="button"]')!, { key: "ArrowLeft" });
  expect(onNudge).toHaveBeenCalledWith(plan.bags[0]!.id, [-5, 0]);
  clear.unmount();
  expect(groundOf(standing(40, 30)).text()).toMatch(/▲ 1 fabric 10 gal.*door/);
});

it("stops with solid words at what is far over the floor's limit, and only there", () => {
  const cautions = (limitKgM2: number) => {
    const garden = assessGarden(plan, priced([], { limitKgM2, floorM2: 4 }));
    const { text, unmount } = show(<LoadCautions garden={garden} limitKgM2={limitKgM2} />);
    const read = text();
    unmount();
    return { read, worst: Math.max(...garden.rows.map((r) => r.load!.kgM2)) };
  };
  const { worst } = cautions(1000);
  expect(cautions(worst * 1.01).read).not.toContain("over the limit on its own spot");
  expect(cautions(worst / 1.2).read).toContain("over the limit on its own spot");
  expect(cautions(worst / 1.2).read).not.toContain("Do not fill it");
  expect(cautions(worst / 2).read).toContain(
    "✕One bag is over the limit on its own spot. Do not fill it: up to 2 times",
  );
});

it("widens each week's food as the year's, and leaves out kinds of which there is nothing", () => {
  const setting = priced();
  const { economy } = sumsOf(assessGarden(plan, setting), setting, today);
  const { low, likely, high } = economy.harvest;
  const weeks = foodByWeek(economy).filter((week) => week.likely > 0);
  expect(weeks.length).toBeGreaterThan(3);
  for (const week of weeks) {
    expect(week.low / week.likely).toBeCloseTo(low / likely, 9);
    expect(week.high / week.likely).toBeCloseTo(high / likely, 9);
  }
  expect(foodByKind(economy).map(({ group }) => group)).toEqual(["fruits"]);
});
