import { type DemoHousehold, survey } from "../doorstep";

export const tellick: DemoHousehold = {
  survey: survey(
    {
      name: "Tellick",
      people: [3, 1],
      tastes: "tomatoes, onions, sells to neighbours",
      place: { kind: "roof", length: "6 m", width: "4 m", limit: "150 kg/m²" },
      sun: [["08:30", "18:00"]],
      note: "Flat roof over a workshop. Owner wrote the limit on a letter.",
    },
    {
      groups: { fruits: "daily", roots: "daily", greens: "often" },
      must: ["tomato", "onion"],
      sell: { group: "greens", week: "1.2 kg", price: "7" },
      skill: "sure",
      cells: "120",
      budget: "150",
      faces: "S",
      doorAt: "0.5 m",
      doorWide: "90 cm",
    },
  ),
  bags: [
    {
      kind: "round-25-gal",
      plantings: [
        {
          goal: "aubergine/fruit",
          method: "bought",
          sowOn: "2026-04-28",
          plants: 1,
          records: [["sown", "2026-04-28", "1", "bought seedling"]],
        },
      ],
    },
    {
      kind: "round-20-gal",
      plantings: [
        {
          goal: "potato/early",
          method: "tubers",
          sowOn: "2026-02-26",
          plants: 4,
          records: [
            ["sown", "2026-02-26", "4"],
            ["up", "2026-03-25", "4"],
            ["weather", "2026-03-29", undefined, "white on the roof at six", { weather: "frost" }],
            ["checked", "2026-05-03", undefined, "", { condition: "worn", settledCm: 6 }],
          ],
        },
      ],
    },
    {
      kind: "round-20-gal",
      plantings: [
        {
          goal: "tomato/cherry",
          method: "cells",
          sowOn: "2026-03-08",
          plants: 2,
          records: [
            ["sown", "2026-03-08", "6"],
            ["up", "2026-03-19", "5"],
            ["moved", "2026-04-27", "2"],
          ],
        },
      ],
    },
    {
      kind: "tub-80-l",
      plantings: [
        {
          goal: "onion/seed",
          method: "drills",
          sowOn: "2026-02-08",
          plants: 20,
          records: [
            ["sown", "2026-02-08", "60"],
            ["up", "2026-02-24", "41"],
            ["fed", "2026-03-12", "1 tbsp"],
          ],
        },
      ],
    },
    {
      kind: "tower-50",
      plantings: [
        {
          goal: "lettuce/leaf",
          method: "tray",
          sowOn: "2026-02-12",
          plants: 40,
          surface: "side",
          records: [
            ["sown", "2026-02-12", "60"],
            ["up", "2026-02-21", "51"],
            ["moved", "2026-03-08", "40"],
            ["picked", "2026-04-06", "560 g"],
            ["picked", "2026-04-17", "640 g"],
            ["picked", "2026-04-28", "480 g", "the last before it turned bitter"],
            ["ended", "2026-05-06"],
          ],
        },
      ],
    },
  ],
};
