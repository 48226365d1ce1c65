import { type DemoHousehold, survey } from "../doorstep";

export const ashkettle: DemoHousehold = {
  survey: survey({
    name: "Ashkettle",
    people: [2, 0],
    tastes: "carrots, onions",
    place: { kind: "balcony", length: "3.4 m", width: "1.1 m", limit: "195 kg/m²" },
    sun: [["11:00", "17:00"]],
  }),
  bags: [
    {
      kind: "round-15-gal",
      plantings: [
        {
          goal: "beet/root",
          method: "drills",
          sowOn: "2026-04-18",
          plants: 16,
          records: [["sown", "2026-04-18", "40"]],
        },
      ],
    },
    {
      kind: "tub-10-gal",
      plantings: [
        {
          goal: "leek/stem",
          method: "cells",
          sowOn: "2026-02-16",
          plants: 8,
          records: [
            ["sown", "2026-02-16", "24"],
            ["up", "2026-03-04", "17"],
            ["moved", "2026-04-24", "8"],
            ["lost", "2026-05-02", "2", "cat lay in the tub"],
          ],
        },
      ],
    },
  ],
};
