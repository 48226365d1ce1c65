import { type DemoHousehold, survey } from "../doorstep";

export const yarnbeck: DemoHousehold = {
  survey: survey(
    {
      name: "Yarnbeck",
      people: [1, 0],
      tastes: "anything that keeps",
      place: { kind: "balcony", length: "2.2 m", width: "90 cm", limit: "" },
      sun: [["07:00", "11:30"]],
      note: "Limit not known: ask the owner before any tower.",
    },
    {
      groups: { roots: "often", heads: "often", greens: "often" },
      must: ["onion"],
      skill: "first",
      cells: "0",
      budget: "30",
      water: "10 L",
    },
  ),
  bags: [],
};
