import type { Climate } from "@/core/climate";

/** Six made-up but plausible sets of normals. Larkmouth is the demo programme's harbour town, with a mild wet winter and a dry warm summer. */
export const CLIMATES: readonly Climate[] = [
  {
    id: "larkmouth",
    latitude: 37,
    lowC: [8, 8, 9.5, 11, 14, 17.5, 20, 20.5, 18.5, 15.5, 11.5, 9],
    highC: [15, 16, 18, 20, 23.5, 27.5, 30.5, 31, 28, 24, 19, 16],
  },
  {
    id: "northquay",
    latitude: 54,
    lowC: [1, 1, 2.5, 4, 7, 10, 12, 12, 10, 7, 4, 2],
    highC: [6, 7, 9.5, 12.5, 16, 19, 21, 21, 18, 14, 9.5, 7],
  },
  {
    id: "coldharbour",
    latitude: 47,
    lowC: [-9, -8, -3, 3, 8, 12, 14, 13, 9, 4, -1, -6],
    highC: [-2, 0, 7, 14, 20, 24, 27, 26, 21, 14, 6, 0],
  },
  {
    id: "drywell",
    latitude: 25,
    lowC: [9, 11, 15, 20, 24, 27, 29, 29, 26, 21, 15, 11],
    highC: [21, 24, 29, 34, 39, 41, 42, 41, 39, 34, 28, 23],
  },
  {
    id: "saltmere",
    latitude: 6,
    lowC: [23, 24, 25, 25, 24.5, 24, 23, 23, 23, 23.5, 24, 23.5],
    highC: [32, 33, 33, 32, 31, 29.5, 28.5, 28, 29, 30, 31.5, 32],
  },
  {
    id: "hightown",
    latitude: -1.5,
    lowC: [12, 12.5, 13.5, 14.5, 13.5, 12, 11, 11.5, 12, 13.5, 13.5, 12.5],
    highC: [26, 27, 27, 25, 24, 23, 22.5, 23, 25.5, 26, 24.5, 25],
  },
];

export const findClimate = (id: string): Climate | undefined => CLIMATES.find((climate) => climate.id === id);
