import { type DemoHousehold, survey } from "../doorstep";

export const braskel: DemoHousehold = {
  survey: survey(
    {
      name: "Braskel",
      people: [1, 0],
      tastes: "soups, soft leaves",
      place: { kind: "landing", length: "5 ft 3 in", width: "3 ft", limit: "" },
      sun: [["16:00", "18:00"]],
      note: "Stair landing: the way out stays clear.",
    },
    {
      groups: { greens: "often", heads: "sometimes", fruits: "never" },
      skill: "first",
      cells: "0",
      budget: "15",
      water: "6 L",
    },
  ),
  bags: [
    {
      kind: "jug-6-l",
      plantings: [
        {
          goal: "chives/leaf",
          method: "bought",
          sowOn: "2026-04-11",
          plants: 1,
          records: [
            ["sown", "2026-04-11", "1", "parted from a neighbour's clump"],
            ["picked", "2026-05-14", "1 bunch"],
          ],
        },
      ],
    },
    {
      kind: "jug-6-l",
      plantings: [
        {
          goal: "rocket/leaf",
          method: "tray",
          sowOn: "2026-05-09",
          plants: 1,
          records: [
            ["sown", "2026-05-09", "10"],
            ["up", "2026-05-13", "7"],
          ],
        },
      ],
    },
    { kind: "box-60-cm" },
  ],
};
