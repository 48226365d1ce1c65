import { type DemoHousehold, survey } from "../doorstep";

export const quillow: DemoHousehold = {
  survey: survey(
    {
      name: "Quillow",
      people: [2, 3],
      tastes: "carrots, beans, anything sweet",
      place: { kind: "courtyard", length: "4 m", width: "3 m", limit: "" },
      sun: [["10:00", "15:30"]],
      note: "Paved on the ground. Hens run free in the afternoon.",
    },
    {
      groups: { roots: "daily", pods: "daily", greens: "sometimes" },
      must: ["carrot"],
      skill: "first",
      cells: "12",
      budget: "45",
    },
  ),
  bags: [
    {
      kind: "round-20-gal",
      plantings: [{ goal: "carrot/round", method: "drills", sowOn: "2026-05-22", plants: 90 }],
    },
    {
      kind: "round-10-gal",
      plantings: [{ goal: "long-bean/bush", method: "stations", sowOn: "2026-05-24", plants: 9 }],
    },
    {
      kind: "round-7-gal",
      atHand: false,
      plantings: [{ goal: "beet/root", method: "drills", sowOn: "2026-05-23", plants: 6 }],
    },
  ],
};
