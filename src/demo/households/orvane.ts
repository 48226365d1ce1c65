import { type DemoHousehold, survey } from "../doorstep";

export const orvane: DemoHousehold = {
  survey: survey(
    {
      name: "Orvane",
      people: [2, 2],
      tastes: "greens every day, peas raw, no chilli",
      place: { kind: "balcony", length: "3.2 m", width: "1.1 m", limit: "195 kg/m²" },
      sun: [["07:00", "13:00"]],
      note: "Third floor. Rail faces south-east. Waters before school.",
    },
    {
      groups: { greens: "daily", pods: "often", roots: "sometimes", fruits: "often" },
      must: ["kale", "pea"],
      never: ["pepper"],
      cells: "40",
      budget: "60",
      water: "25 L",
      away: [{ from: "2026-08-08", to: "2026-08-22" }],
      faces: "SE",
      doorAt: "1.1 m",
      doorWide: "80 cm",
    },
  ),
  bags: [
    {
      kind: "round-15-gal",
      firstSeason: 2025,
      plantings: [
        {
          goal: "kale/leaf",
          method: "cells",
          sowOn: "2026-02-20",
          plants: 2,
          records: [
            ["sown", "2026-02-20", "6"],
            ["up", "2026-03-02", "5"],
            ["moved", "2026-03-26", "2"],
            ["fed", "2026-03-26", "2 tbsp"],
            ["picked", "2026-05-02", "30 g", "lower leaves"],
            ["picked", "2026-05-12", "45 g"],
          ],
        },
      ],
    },
    {
      kind: "tub-80-l",
      plantings: [
        {
          goal: "pea/pod",
          method: "stations",
          sowOn: "2026-02-24",
          plants: 15,
          records: [
            ["sown", "2026-02-24", "20", "", { variety: "Tall Larch", lot: "L 117" }],
            ["up", "2026-03-12", "16"],
            ["lost", "2026-03-20", "1", "", { reason: "slugs" }],
            ["pest", "2026-04-27", undefined, "aphids on the tips, washed off"],
            ["picked", "2026-05-08", "80 g"],
            ["picked", "2026-05-15", "105 g", "", { quality: "good", went: "eaten" }],
            ["priced", "2026-05-09", "6.50 / kg", "at the Saturday market"],
          ],
        },
        { goal: "chard/leaf", method: "cells", sowOn: "2026-05-28", plants: 4 },
      ],
    },
    {
      kind: "box-60-cm",
      plantings: [
        {
          goal: "mizuna/baby-leaf",
          method: "broadcast",
          sowOn: "2026-04-06",
          records: [
            ["sown", "2026-04-06"],
            ["up", "2026-04-12", "150", "about"],
            ["picked", "2026-05-09", "45 g"],
          ],
        },
        { goal: "lettuce/leaf", method: "tray", sowOn: "2026-10-05", plants: 3 },
      ],
    },
    {
      kind: "tower-50",
      plantings: [
        {
          goal: "strawberry/everbearing",
          method: "bought",
          sowOn: "2026-03-20",
          plants: 20,
          surface: "side",
          records: [
            ["sown", "2026-03-20", "20", "bought plants"],
            ["lost", "2026-04-14", "2", "bottom ring dry"],
          ],
        },
      ],
    },
    {
      kind: "jug-6-l",
      plantings: [{ goal: "purslane/leaf", method: "broadcast", sowOn: "2026-05-21", plants: 2 }],
    },
  ],
};
