import { type DemoHousehold, survey } from "../doorstep";

export const sorrowick: DemoHousehold = {
  survey: survey({
    name: "Sorrowick",
    people: [2, 2],
    tastes: "stir fry",
    place: { kind: "landing", length: "2 m", width: "1.2 m", limit: "" },
    sun: [["08:00", "12:00"]],
  }),
  bags: [
    {
      kind: "round-7-gal",
      plantings: [
        {
          goal: "amaranth/leaf",
          method: "tray",
          sowOn: "2026-05-06",
          plants: 5,
          records: [
            ["sown", "2026-05-06", "20"],
            ["up", "2026-05-13", "15"],
          ],
        },
      ],
    },
    {
      kind: "jug-6-l",
      plantings: [
        {
          goal: "mint/leaf",
          method: "bought",
          sowOn: "2026-05-08",
          plants: 1,
          records: [["sown", "2026-05-08", "1", "a cutting that had rooted in a glass"]],
        },
      ],
    },
  ],
};
