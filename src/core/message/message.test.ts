import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import * as words from "@/ui/words/en";
import { closest, type Known, readMessage } from ".";
import phrasings from "./phrasings.json";

/** A household on a Monday: what stands in its bags, by the names that people have for it. */
const planting = (id: string, row: number, ...names: string[]) => ({
  id,
  rowId: `r${row}`,
  row,
  names,
  isOver: false,
});
const KNOWN: Known = {
  today: "2026-05-18",
  plantings: [
    planting("kale", 1, "leaf kale", "kale", "borecole", "leaf cabbage"),
    planting("pea", 2, "pea"),
    planting("chard", 2, "chard", "Swiss chard", "leaf beet", "silverbeet"),
    planting("mizuna", 3, "mizuna, baby leaf", "mizuna", "Japanese mustard"),
    planting("strawberry", 4, "strawberry, everbearing", "strawberry", "strawberries"),
    planting("radish5", 5, "radish"),
    planting("radish6", 6, "radish"),
    planting("lettuce", 6, "lettuce, leaf", "lettuce", "salad"),
    planting("tomato", 7, "tomato, cordon", "tomato"),
  ],
  rows: [1, 2, 3, 4, 5, 6, 7].map((number) => ({ id: `r${number}`, number })),
};

/** What was understood, in a line. */
function said(text: string, known = KNOWN): string {
  const read = readMessage(text, known);
  if (read.is === "unclear") return `? ${read.problem.code}`;
  if (read.is !== "records") return read.is;
  return read.records
    .map(({ kind, plantingId, rowId, amount, on, note, detail }) => {
      const unit =
        amount &&
        (
          {
            mass: "kg",
            volume: "L",
            count: "count",
            pieces: "pieces",
            bunches: "bunches",
            price: "per kg",
          } as const
        )[amount.measure];
      return [
        kind,
        plantingId ?? rowId,
        amount && `${Number(amount.value.toPrecision(3))}${unit}`,
        on !== known.today && `@${on}`,
        detail && `[${Object.values(detail).join(" ")}]`,
        note && `(${note})`,
      ]
        .filter(Boolean)
        .join(" ");
    })
    .join(" ");
}

describe("messages", () => {
  it.each(phrasings as [string, string][])("%s", (text, expected) => expect(said(text)).toBe(expected));

  it("are mostly understood, and what is not is refused in words", () => {
    const refused = phrasings.filter(([, expected]) => expected!.startsWith("?"));
    expect(phrasings.length).toBeGreaterThanOrEqual(200);
    expect(phrasings.length - refused.length).toBeGreaterThanOrEqual(160);
    for (const [, expected] of refused) expect(words.problems).toHaveProperty(expected!.slice(2));
  });

  it("prefer what still stands to what is over, and a bag's only crop needs no name", () => {
    const over = {
      ...KNOWN,
      plantings: KNOWN.plantings.map((p) => (p.id === "radish5" ? { ...p, isOver: true } : p)),
    };
    expect(said("radish 200 g", over)).toBe("picked radish6 0.2kg");
    expect(said("radish 200 g bag 5", over)).toBe("picked radish5 0.2kg");
  });

  it("store all that a message says or none of it, and nothing for nonsense of any kind", () => {
    expect(said("picked kale 200 g\npicked mangoes 1 kg")).toBe("? message-which-crop");
    expect(said("")).toBe("? message-empty");
    fc.assert(
      fc.property(fc.string({ maxLength: 200, unit: "grapheme" }), (text) => {
        const read = readMessage(text, KNOWN);
        if (read.is === "records")
          for (const { on, kind } of read.records) {
            expect(on <= KNOWN.today).toBe(true);
            expect(kind).not.toBe("struck");
          }
      }),
      { seed: 9, numRuns: 500 },
    );
  });

  it("whose words are put in another order say the same, or are refused", () => {
    const parts = ["picked", "kale", "350 g", "bag 1", "yesterday"];
    fc.assert(
      fc.property(fc.shuffledSubarray(parts, { minLength: parts.length }), (shuffled) => {
        expect(said(shuffled.join(" "))).toBe("picked kale 0.35kg @2026-05-17");
      }),
      { seed: 4 },
    );
  });
});

it("forgives a letter in a word, two in a long one, and none in a short one", () => {
  expect(closest("kael", ["kale"])).toBe("kale");
  expect(closest("strawberyr", ["strawberry", "spinach"])).toBe("strawberry");
  expect(closest("pae", ["pea"])).toBeUndefined();
  // Two that are alike near are neither.
  expect(closest("cale", ["kale", "sale"])).toBeUndefined();
});
