import type { Climate } from "@/core/calendar";

/** Made-up but plausible normals; Larkmouth is the demo programme's harbour town, with a mild wet winter and a dry warm summer. */
const CLIMATES: readonly Climate[] = [
  {
    id: "larkmouth",
    latitude: 37,
    lowC: [8, 8, 9.5, 11, 14, 17.5, 20, 20.5, 18.5, 15.5, 11.5, 9],
    highC: [15, 16, 18, 20, 23.5, 27.5, 30.5, 31, 28, 24, 19, 16],
  },
];

export const findClimate = (id: string): Climate | undefined => CLIMATES.find((climate) => climate.id === id);
