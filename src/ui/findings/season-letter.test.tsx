import { expect, it } from "vitest";
import { letterOf } from "@/core/findings";
import { TRUTHS } from "@/demo/seasons";
import { linesOf } from "@/testing/past";
import { show } from "@/testing/screen";
import { SeasonLetter } from "./season-letter";

const lines = linesOf(3, TRUTHS);
const own = lines.filter((l) => l.householdId === lines[0]!.householdId && l.sownOn?.startsWith("2025"));
const chard = { item: "market/chard", minor: 400, size: 1, together: false };
const letter = letterOf(own, [], { "market/chard": chard });
const screen = (more: Partial<Parameters<typeof SeasonLetter>[0]> = {}) =>
  show(
    <SeasonLetter
      householdId="h"
      name="01 Orvane"
      programme="Stairwell Gardens"
      year={2025}
      years={[2025, 2024]}
      letter={letter}
      shared={[]}
      {...more}
    />,
  );

it("tells the season in a sentence, crop by crop, and what it would have cost as far as that is known", () => {
  const { text, getAllByRole, getByRole } = screen();
  expect(text()).toMatch(/[\d.]+ kg picked and weighed, in \d+ picks\./);
  const rows = getAllByRole("row").slice(1);
  expect(rows).toHaveLength(letter.grown.length);
  const priced = rows.filter((row) => row.lastElementChild!.textContent !== "–");
  expect(priced.map((row) => row.firstElementChild!.textContent)).toEqual(
    letter.grown.some((g) => g.goalId === "chard/leaf" && g.kg > 0) ? ["chard"] : [],
  );
  expect(getByRole("link", { name: "2025" }).getAttribute("aria-current")).toBe("page");
});

it("holds a household beside all others where there are three, and leaves doubtful weights out", () => {
  const [{ goalId }] = letter.grown as [(typeof letter.grown)[number]];
  const { text } = screen({
    shared: [{ goalId, households: 5, pickDays: 47.4, kg: 0.9 }],
    letter: { ...letter, doubtful: [{ goalId, kg: 40 }] },
  });
  expect(text()).toContain("And the others here?");
  expect(text()).toMatch(/547900 g/);
  expect(text()).toContain("40 kg can hardly be, and is not counted.");
});

it("says that there is nothing yet", () => {
  const none = letterOf([], [], {});
  expect(screen({ year: undefined, years: [], letter: none }).text()).toContain("Nothing is on record yet");
});
