import { type DemoHousehold, survey } from "../doorstep";

export const drummeld: DemoHousehold = {
  survey: survey(
    {
      name: "Drummeld",
      people: [3, 2],
      tastes: "beans, corn, tomatoes",
      place: { kind: "roof", length: "5 m", width: "5 m", limit: "2 kPa" },
      sun: [["08:00", "19:00"]],
      note: "Windy. Water is carried up two floors.",
    },
    {
      groups: { pods: "daily", fruits: "daily" },
      must: ["sweet-corn", "tomato"],
      cells: "60",
      budget: "120",
      water: "60 L",
    },
  ),
  bags: [
    {
      kind: "round-30-gal",
      atHand: false,
      plantings: [{ goal: "sweet-corn/cob", method: "cells", sowOn: "2026-05-21", plants: 6 }],
    },
    {
      kind: "round-10-gal",
      atHand: false,
      measured: { kind: "round", diameterCm: 33, heightCm: 30, nominalL: 37.85 },
      plantings: [{ goal: "pepper/hot", method: "bought", sowOn: "2026-05-21", plants: 1 }],
    },
    {
      kind: "round-20-gal",
      atHand: false,
      plantings: [{ goal: "tomato/cordon", method: "bought", sowOn: "2026-05-23", plants: 1 }],
    },
  ],
};
