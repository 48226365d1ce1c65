import { type DemoHousehold, survey } from "../doorstep";

export const marrowby: DemoHousehold = {
  survey: survey({
    name: "Marrowby",
    people: [1, 1],
    tastes: "sandwiches, salads",
    place: { kind: "sill", length: "1.2 m", width: "32 cm", limit: "" },
    sun: [["09:00", "13:00"]],
  }),
  bags: [
    {
      kind: "tray",
      plantings: [
        {
          goal: "mustard/microgreens",
          method: "soaked",
          sowOn: "2026-05-01",
          records: [
            ["sown", "2026-05-01"],
            ["up", "2026-05-04", "1"],
            ["picked", "2026-05-09", "110 g"],
            ["ended", "2026-05-09"],
          ],
        },
        {
          goal: "fenugreek/microgreens",
          method: "soaked",
          sowOn: "2026-05-10",
          records: [
            ["sown", "2026-05-10"],
            ["picked", "2026-05-18", "96 g"],
          ],
        },
      ],
    },
  ],
};
