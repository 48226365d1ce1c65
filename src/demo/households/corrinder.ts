import { type DemoHousehold, survey } from "../doorstep";

export const corrinder: DemoHousehold = {
  survey: survey({
    name: "Corrinder",
    people: [2, 1],
    tastes: "winter greens",
    place: { kind: "balcony", length: "3 m", width: "1.2 m", limit: "200 kg/m²" },
    sun: [["08:00", "12:30"]],
  }),
  bags: [
    {
      kind: "round-10-gal",
      firstSeason: 2025,
      plantings: [
        {
          goal: "chard/leaf",
          method: "cells",
          sowOn: "2025-08-20",
          plants: 2,
          records: [
            ["sown", "2025-08-20", "6"],
            ["up", "2025-08-28", "5"],
            ["moved", "2025-09-20", "2"],
            ["picked", "2025-10-30", "180 g"],
            ["picked", "2026-01-15", "90 g"],
            ["picked", "2026-03-30", "310 g", "last cut, running up to seed"],
            ["ended", "2026-04-02"],
          ],
        },
      ],
    },
    {
      kind: "round-7-gal",
      firstSeason: 2024,
      plantings: [
        {
          goal: "turnip/root",
          method: "drills",
          sowOn: "2025-09-14",
          plants: 7,
          records: [
            ["sown", "2025-09-14", "20"],
            ["up", "2025-09-20", "16"],
            ["picked", "2025-11-24", "270 g"],
            ["ended", "2025-11-24"],
          ],
        },
      ],
    },
  ],
};
