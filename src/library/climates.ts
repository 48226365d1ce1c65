import type { Climate } from "@/core/climate";

/** Six made-up but plausible sets of normals. Larkmouth is the demo programme's harbour town, with a mild wet winter and a dry warm summer. */
export const CLIMATES: readonly Climate[] = [
  {
    id: "larkmouth",
    latitude: 37,
    lowC: [8, 8, 9.5, 11, 14, 17.5, 20, 20.5, 18.5, 15.5, 11.5, 9],
    highC: [15, 16, 18, 20, 23.5, 27.5, 30.5, 31, 28, 24, 19, 16],
    rainMm: [92, 70, 62, 55, 34, 12, 2, 4, 28, 70, 98, 104],
    wetDays: [10, 9, 8, 8, 5, 2, 1, 1, 4, 8, 10, 11],
  },
  {
    id: "northquay",
    latitude: 54,
    lowC: [1, 1, 2.5, 4, 7, 10, 12, 12, 10, 7, 4, 2],
    highC: [6, 7, 9.5, 12.5, 16, 19, 21, 21, 18, 14, 9.5, 7],
    rainMm: [82, 62, 60, 48, 52, 62, 66, 72, 72, 90, 88, 90],
    wetDays: [16, 13, 13, 11, 11, 12, 12, 13, 13, 15, 16, 16],
  },
  {
    id: "coldharbour",
    latitude: 47,
    lowC: [-9, -8, -3, 3, 8, 12, 14, 13, 9, 4, -1, -6],
    highC: [-2, 0, 7, 14, 20, 24, 27, 26, 21, 14, 6, 0],
    rainMm: [42, 38, 46, 58, 74, 88, 84, 78, 64, 56, 54, 48],
    wetDays: [9, 8, 9, 10, 12, 12, 10, 10, 9, 9, 10, 10],
  },
  {
    id: "drywell",
    latitude: 25,
    lowC: [9, 11, 15, 20, 24, 27, 29, 29, 26, 21, 15, 11],
    highC: [21, 24, 29, 34, 39, 41, 42, 41, 39, 34, 28, 23],
    rainMm: [14, 12, 9, 6, 2, 0, 1, 1, 0, 1, 4, 12],
    wetDays: [2, 2, 2, 1, 0, 0, 0, 0, 0, 0, 1, 2],
  },
  {
    id: "saltmere",
    latitude: 6,
    lowC: [23, 24, 25, 25, 24.5, 24, 23, 23, 23, 23.5, 24, 23.5],
    highC: [32, 33, 33, 32, 31, 29.5, 28.5, 28, 29, 30, 31.5, 32],
    rainMm: [22, 40, 90, 130, 210, 290, 190, 110, 200, 180, 70, 30],
    wetDays: [2, 3, 7, 9, 14, 18, 13, 10, 15, 13, 6, 3],
  },
  {
    id: "hightown",
    latitude: -1.5,
    lowC: [12, 12.5, 13.5, 14.5, 13.5, 12, 11, 11.5, 12, 13.5, 13.5, 12.5],
    highC: [26, 27, 27, 25, 24, 23, 22.5, 23, 25.5, 26, 24.5, 25],
    rainMm: [62, 54, 92, 205, 160, 42, 20, 26, 30, 62, 148, 98],
    wetDays: [6, 5, 9, 16, 13, 6, 5, 6, 6, 9, 16, 10],
  },
];

export const findClimate = (id: string): Climate | undefined => CLIMATES.find((climate) => climate.id === id);
