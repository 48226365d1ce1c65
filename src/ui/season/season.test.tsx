import { fireEvent, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { show } from "@/testing/screen";
import { Season, type SeasonProps } from "./season";

vi.mock("@/ui/draw/chart", () => ({
  Chart: ({ label }: { label: string }) => <div role="img" aria-label={label} />,
}));

const none = { pieces: 0, bunches: 0 };
const screen = (more: Partial<SeasonProps> = {}) =>
  show(
    <Season
      since="2025-08-11"
      weeks={[
        { from: "2026-05-04", households: 2, kg: 1.5, ...none },
        { from: "2026-05-18", households: 1, kg: 0, pieces: 3, bunches: 2 },
      ]}
      thisWeek={{ from: "2026-05-18", households: 1, kg: 0, pieces: 3, bunches: 2 }}
      crops={[
        { goalId: "kale/leaf", households: 2, kg: 1.5, ...none, countedKg: 0, left: none },
        {
          ...{ goalId: "pea/pod", households: 1, kg: 0.2, pieces: 3, bunches: 2 },
          ...{ countedKg: 0.2, left: { pieces: 3, bunches: 0 } },
        },
      ]}
      places={[
        { kind: "balcony", households: 5, pickers: 2, kg: 1.5, eachKg: 0.75 },
        { kind: "roof", households: 1, pickers: 1, kg: 0 },
      ]}
      losses={[
        { goalId: "kale/leaf", reason: "slugs", plants: 3, households: 2 },
        { goalId: "pea/pod", reason: null, plants: 1, households: 1 },
      ]}
      late={[]}
      weighings={[{ goalId: "pea/pod", measure: "bunches", grams: [80, 120] }]}
      {...more}
    />,
  );

it("sums the week, the one before and all of it, each in what it was measured in", () => {
  expect(screen().text()).toContain(
    "This week 2 bunches, 3 pieces; last week nothing yet; 1.5 kg weighed in all.",
  );
  expect(screen({ madeAt: "2026-05-18T09:30:00.000Z" }).text()).toContain("Picks were added up at");
});

it("has a table behind each chart, and no average where nothing was weighed", () => {
  const { getAllByRole } = screen();
  const rows = getAllByRole("row").map((row) => [...row.children].map((cell) => cell.textContent));
  expect(rows).toContainEqual(["18 May", "1", "2 bunches, 3 pieces"]);
  expect(rows).toContainEqual(["leaf kale", "2", "1.5 kg"]);
  expect(rows).toContainEqual(["balcony", "5", "2", "1.5 kg", "750 g"]);
  expect(rows.find(([first]) => first === "flat roof")).toEqual(["flat roof", "1", "1", "–", "–"]);
});

it("tells what was counted in weight where it knows what one weighs, and takes weighings", async () => {
  const weigh = vi.fn(async () => ({ ok: true as const, value: null }));
  const { getByLabelText, findByText, text } = screen({ weigh });
  expect(text()).toContain("pea1200 g, 3 pieces, 200 g of it counted");
  expect(text()).toContain("about 200 g (87 g to 313 g)");
  const field = getByLabelText(/pea: 3 pieces/);
  const type = (value: string) => {
    fireEvent.change(field, { target: { value } });
    fireEvent.blur(field);
  };
  type("20, 24");
  await waitFor(() =>
    expect(weigh).toHaveBeenCalledWith({ goalId: "pea/pod", measure: "pieces", grams: [20, 24] }),
  );
  type("two");
  await findByText(/Type what single ones weighed/);
  expect(weigh).toHaveBeenCalledTimes(1);
});

it("says what was lost and why, as far as anybody said", () => {
  const { text } = screen();
  expect(text()).toContain("leaf kale: 3 plants lost in 2 households: slugs or snails");
  expect(text()).toContain("pea: one plant lost in one household: nobody said why");
});

it("tells what all wait for from what one forgot, and marks it as an assumption", () => {
  const late = { goalId: "radish/root", task: "up" as const, plantings: 6, of: 8, households: 5, days: 5.4 };
  const { text } = screen({
    losses: [],
    late: [
      late,
      { ...late, goalId: "beet/root", plantings: 1, households: 1 },
      { ...late, goalId: "turnip/root", days: 30 },
    ],
  });
  expect(text()).toContain("6 sowings in 5 households not up for 5 days on average.");
  expect(text()).toContain("Most of them wait: look at the seed lot and at cold soil (assumption).");
  expect(text()).toContain("The others are further");
  expect(text()).toContain("Likely done and not written down");
});

it("shows no chart and no table as long as nothing is on record", () => {
  const { text, queryAllByRole } = screen({
    weeks: [],
    thisWeek: undefined,
    crops: [],
    places: [],
    losses: [],
  });
  expect(text()).toContain("No pick is on record yet.");
  expect(queryAllByRole("table")).toEqual([]);
});
