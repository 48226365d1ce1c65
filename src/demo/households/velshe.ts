import { type DemoHousehold, survey } from "../doorstep";

export const velshe: DemoHousehold = {
  survey: survey(
    {
      name: "Velshe",
      people: [2, 0],
      tastes: "lettuce, strawberries",
      place: { kind: "balcony", length: "2.8 m", width: "1 m", limit: "40 psf" },
      sun: [["13:00", "19:30"]],
      note: "Afternoon sun only; hot rail. One hook in the ceiling.",
    },
    {
      groups: { greens: "daily", fruits: "often" },
      must: ["lettuce", "strawberry"],
      skill: "first",
      cells: "12",
      budget: "40",
      water: "15 L",
      faces: "W",
      hooks: "1",
      hookLimit: "20 kg",
    },
  ),
  bags: [{ kind: "pocket-12" }, { kind: "round-7-gal" }],
};
