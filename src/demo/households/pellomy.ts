import { type DemoHousehold, survey } from "../doorstep";

export const pellomy: DemoHousehold = {
  survey: survey({
    name: "Pellomy",
    people: [4, 2],
    tastes: "cabbage, potatoes, big pots",
    place: { kind: "courtyard", length: "16 ft", width: "9 ft 6 in", limit: "" },
    sun: [
      ["07:30", "11:00"],
      ["13:00", "16:30"],
    ],
  }),
  bags: [
    {
      kind: "round-15-gal",
      plantings: [
        {
          goal: "broccoli/head",
          method: "cells",
          sowOn: "2025-12-20",
          plants: 1,
          records: [
            ["sown", "2025-12-20", "4"],
            ["up", "2026-01-03", "3"],
            ["moved", "2026-02-04", "1"],
            ["fed", "2026-02-04", "2 tbsp"],
            ["picked", "2026-04-29", "420 g"],
            ["ended", "2026-05-02"],
          ],
        },
      ],
    },
    {
      kind: "round-7-gal",
      plantings: [
        {
          goal: "kohlrabi/bulb",
          method: "cells",
          sowOn: "2026-01-24",
          plants: 3,
          records: [
            ["sown", "2026-01-24", "8"],
            ["up", "2026-02-05", "7"],
            ["moved", "2026-03-05", "3"],
            ["picked", "2026-05-04", "540 g"],
            ["ended", "2026-05-04"],
          ],
        },
        { goal: "lettuce/leaf", method: "tray", sowOn: "2026-10-03", plants: 3 },
      ],
    },
    {
      kind: "round-20-gal",
      plantings: [
        {
          goal: "parsnip/root",
          method: "drills",
          sowOn: "2026-03-10",
          plants: 16,
          records: [
            ["sown", "2026-03-10", "40"],
            ["up", "2026-04-04", "19"],
          ],
        },
      ],
    },
  ],
};
