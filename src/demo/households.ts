import type { SowingMethod } from "@/core/crop";
import type { SurveyTyped } from "@/core/place";
import type { RecordKind } from "@/core/record";

/** One happening: kind, day, and the amount as a person types it ("30" where pieces are counted, "420 g", "3 bunches"). */
export type Happening = readonly [kind: RecordKind, on: string, amount?: string, note?: string];

export interface DemoPlanting {
  readonly goal: string;
  readonly method: SowingMethod;
  readonly sowOn: string;
  readonly plants?: number;
  readonly surface?: "top" | "edge" | "side";
  readonly records?: readonly Happening[];
}

export interface DemoBag {
  readonly kind: string;
  readonly atHand?: boolean;
  readonly firstSeason?: number;
  readonly measured?: {
    readonly kind: "round";
    readonly diameterCm: number;
    readonly heightCm: number;
    readonly nominalL: number;
  };
  readonly plantings?: readonly DemoPlanting[];
}

export interface DemoHousehold {
  readonly survey: SurveyTyped;
  readonly bags: readonly DemoBag[];
}

type Means = Partial<
  Pick<
    SurveyTyped,
    "skill" | "cells" | "budget" | "water" | "away" | "faces" | "doorAt" | "doorWide" | "hooks" | "hookLimit"
  >
> &
  Partial<SurveyTyped["wants"]>;

interface Asked extends Pick<SurveyTyped, "name" | "tastes"> {
  readonly people: readonly [adults: number, children: number];
  readonly place: Pick<SurveyTyped, "kind" | "length" | "width" | "limit">;
  readonly sun: readonly (readonly [from: string, to: string])[];
  readonly note?: string;
}

const survey = ({ name, people, tastes, place, sun, note = "" }: Asked, means: Means = {}): SurveyTyped => {
  const { groups = {}, must = [], never = [], ...brings } = means;
  return {
    name,
    adults: String(people[0]),
    children: String(people[1]),
    tastes,
    note,
    ...place,
    sun: sun.map(([from, to]) => ({ from, to })),
    wants: { groups, must: [...must], never: [...never] },
    skill: "some",
    cells: "",
    budget: "",
    water: "",
    away: [],
    faces: "",
    doorAt: "",
    doorWide: "",
    hooks: "",
    hookLimit: "",
    ...brings,
  };
};

/** The twelve households of the demo programme. Names, places and numbers are all made up. */
export const DEMO_HOUSEHOLDS: readonly DemoHousehold[] = [
  {
    survey: survey(
      {
        name: "Orvane",
        people: [2, 2],
        tastes: "greens every day, peas raw, no chilli",
        place: { kind: "balcony", length: "3.2 m", width: "1.1 m", limit: "195 kg/m²" },
        sun: [["07:00", "13:00"]],
        note: "Third floor. Rail faces south-east. Waters before school.",
      },
      {
        groups: { greens: "daily", pods: "often", roots: "sometimes", fruits: "often" },
        must: ["kale", "pea"],
        never: ["pepper"],
        cells: "40",
        budget: "60",
        water: "25 L",
        away: [{ from: "2026-08-08", to: "2026-08-22" }],
        faces: "SE",
        doorAt: "1.1 m",
        doorWide: "80 cm",
      },
    ),
    bags: [
      {
        kind: "round-10-gal",
        firstSeason: 2025,
        plantings: [
          {
            goal: "pak-choi/leaf",
            method: "tray",
            sowOn: "2026-04-04",
            plants: 4,
            records: [
              ["sown", "2026-04-04", "12"],
              ["up", "2026-04-10", "10"],
              ["moved", "2026-04-19", "4"],
              ["fed", "2026-04-19", "2 tbsp"],
              ["picked", "2026-05-16", "310 g", "outer leaves"],
            ],
          },
          { goal: "bush-bean/pod", method: "stations", sowOn: "2026-06-08", plants: 8 },
          { goal: "radish/root", method: "drills", sowOn: "2026-09-20", plants: 30 },
        ],
      },
      {
        kind: "tub-80-l",
        plantings: [
          {
            goal: "cauliflower/baby",
            method: "cells",
            sowOn: "2026-03-12",
            plants: 3,
            records: [
              ["sown", "2026-03-12", "8"],
              ["up", "2026-03-20", "7"],
              ["moved", "2026-04-12", "3"],
              ["lost", "2026-04-20", "1", "slug; replaced from the spare cells"],
            ],
          },
          {
            goal: "pea/pod",
            method: "cells",
            sowOn: "2026-03-04",
            plants: 4,
            surface: "edge",
            records: [
              ["sown", "2026-03-04", "6"],
              ["up", "2026-03-14", "5"],
              ["moved", "2026-03-28", "4"],
              ["picked", "2026-05-06", "180 g"],
              ["picked", "2026-05-14", "240 g"],
            ],
          },
          { goal: "kale/leaf", method: "cells", sowOn: "2026-06-20", plants: 2 },
        ],
      },
      {
        kind: "tower-75",
        plantings: [
          {
            goal: "kale/leaf",
            method: "cells",
            sowOn: "2026-03-02",
            plants: 70,
            surface: "side",
            records: [
              ["sown", "2026-03-02", "100"],
              ["up", "2026-03-11", "84"],
              ["moved", "2026-04-08", "70"],
              ["lost", "2026-04-20", "4", "bottom ring dry"],
              ["picked", "2026-05-10", "6 bunches"],
            ],
          },
        ],
      },
      {
        kind: "flat-1.5-cu-ft",
        plantings: [
          {
            goal: "lettuce/baby-leaf",
            method: "broadcast",
            sowOn: "2026-03-10",
            records: [
              ["sown", "2026-03-10"],
              ["up", "2026-03-17", "200", "about; half oakleaf, half romaine"],
              ["picked", "2026-04-20", "150 g"],
              ["picked", "2026-04-29", "190 g"],
              ["picked", "2026-05-09", "120 g", "turning bitter"],
            ],
          },
          { goal: "lettuce/baby-leaf", method: "broadcast", sowOn: "2026-10-08" },
        ],
      },
      {
        kind: "bottle",
        plantings: [{ goal: "water-spinach/leaf", method: "cells", sowOn: "2026-05-20", plants: 1 }],
      },
    ],
  },
  {
    survey: survey(
      {
        name: "Tellick",
        people: [3, 1],
        tastes: "tomatoes, onions, sells to neighbours",
        place: { kind: "roof", length: "6 m", width: "4 m", limit: "150 kg/m²" },
        sun: [["08:30", "18:00"]],
        note: "Flat roof over a workshop. Owner wrote the limit on a letter.",
      },
      {
        groups: { fruits: "daily", roots: "daily", greens: "often" },
        must: ["tomato", "onion"],
        skill: "sure",
        cells: "120",
        budget: "150",
        faces: "S",
        doorAt: "0.5 m",
        doorWide: "90 cm",
      },
    ),
    bags: [
      {
        kind: "round-30-gal",
        plantings: [
          {
            goal: "tomato/bush",
            method: "bought",
            sowOn: "2026-04-25",
            plants: 1,
            records: [["sown", "2026-04-25", "1", "bought seedling"]],
          },
        ],
      },
      {
        kind: "round-15-gal",
        plantings: [
          {
            goal: "potato/tuber",
            method: "tubers",
            sowOn: "2026-03-04",
            plants: 3,
            records: [
              ["sown", "2026-03-04", "3"],
              ["up", "2026-03-28", "3"],
            ],
          },
        ],
      },
      {
        kind: "round-15-gal",
        plantings: [
          {
            goal: "sweet-corn/cob",
            method: "cells",
            sowOn: "2026-05-12",
            plants: 4,
            records: [["sown", "2026-05-12", "6"]],
          },
        ],
      },
      {
        kind: "tub-10-gal",
        plantings: [
          {
            goal: "onion/sets",
            method: "sets",
            sowOn: "2026-02-14",
            plants: 8,
            records: [
              ["sown", "2026-02-14", "8"],
              ["fed", "2026-03-07", "1 tbsp"],
            ],
          },
        ],
      },
      {
        kind: "tower-100",
        plantings: [
          {
            goal: "spinach/leaf",
            method: "cells",
            sowOn: "2026-01-24",
            plants: 100,
            surface: "side",
            records: [
              ["sown", "2026-01-24", "150"],
              ["up", "2026-02-06", "112"],
              ["moved", "2026-03-02", "100"],
              ["picked", "2026-04-02", "9 bunches"],
              ["picked", "2026-04-16", "12 bunches"],
              ["picked", "2026-05-07", "8 bunches"],
            ],
          },
        ],
      },
    ],
  },
  {
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
        kind: "bottle",
        plantings: [
          {
            goal: "pak-choi/leaf",
            method: "tray",
            sowOn: "2026-05-09",
            plants: 1,
            records: [
              ["sown", "2026-05-09", "3"],
              ["up", "2026-05-14", "3"],
            ],
          },
        ],
      },
      {
        kind: "bottle",
        plantings: [
          {
            goal: "pak-choi/leaf",
            method: "tray",
            sowOn: "2026-05-09",
            plants: 1,
            records: [
              ["sown", "2026-05-09", "3"],
              ["up", "2026-05-14", "2"],
            ],
          },
        ],
      },
      { kind: "jug-6-l" },
    ],
  },
  {
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
        plantings: [{ goal: "carrot/root", method: "broadcast", sowOn: "2026-05-22", plants: 100 }],
      },
      {
        kind: "round-7-gal",
        plantings: [{ goal: "bush-bean/pod", method: "stations", sowOn: "2026-05-22", plants: 7 }],
      },
      {
        kind: "round-5-gal",
        atHand: false,
        plantings: [{ goal: "tomato/bush", method: "bought", sowOn: "2026-05-23", plants: 1 }],
      },
    ],
  },
  {
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
            goal: "radish/microgreens",
            method: "soaked",
            sowOn: "2026-05-02",
            records: [
              ["sown", "2026-05-02"],
              ["up", "2026-05-05", "1"],
              ["picked", "2026-05-09", "85 g"],
              ["ended", "2026-05-09"],
            ],
          },
          {
            goal: "radish/microgreens",
            method: "soaked",
            sowOn: "2026-05-11",
            records: [
              ["sown", "2026-05-11"],
              ["picked", "2026-05-18", "92 g"],
            ],
          },
        ],
      },
    ],
  },
  {
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
  },
  {
    survey: survey({
      name: "Corrinder",
      people: [2, 1],
      tastes: "winter greens",
      place: { kind: "balcony", length: "3 m", width: "1.2 m", limit: "200 kg/m²" },
      sun: [["08:00", "12:30"]],
    }),
    bags: [
      {
        kind: "round-10-gal",
        firstSeason: 2025,
        plantings: [
          {
            goal: "spinach/leaf",
            method: "drills",
            sowOn: "2025-09-24",
            plants: 7,
            records: [
              ["sown", "2025-09-24", "12"],
              ["up", "2025-10-02", "8"],
              ["picked", "2025-11-20", "220 g"],
              ["picked", "2026-01-15", "260 g"],
              ["picked", "2026-03-30", "310 g", "last cut, bolting"],
              ["ended", "2026-04-02"],
            ],
          },
        ],
      },
      {
        kind: "round-7-gal",
        firstSeason: 2024,
        plantings: [
          {
            goal: "lettuce/head",
            method: "cells",
            sowOn: "2025-09-20",
            plants: 1,
            records: [
              ["sown", "2025-09-20", "4"],
              ["up", "2025-09-25", "4"],
              ["moved", "2025-10-14", "1"],
              ["picked", "2025-12-02", "1 piece"],
              ["ended", "2025-12-02"],
            ],
          },
        ],
      },
    ],
  },
  {
    survey: survey({
      name: "Pellomy",
      people: [4, 2],
      tastes: "cabbage, potatoes, big pots",
      place: { kind: "courtyard", length: "16 ft", width: "9 ft 6 in", limit: "" },
      sun: [
        ["07:30", "11:00"],
        ["13:00", "16:30"],
      ],
    }),
    bags: [
      {
        kind: "round-10-gal",
        plantings: [
          {
            goal: "cabbage/standard",
            method: "cells",
            sowOn: "2025-12-28",
            plants: 1,
            records: [
              ["sown", "2025-12-28", "4"],
              ["up", "2026-01-09", "3"],
              ["moved", "2026-02-06", "1"],
              ["fed", "2026-02-06", "2 tbsp"],
              ["picked", "2026-05-15", "2.4 kg"],
              ["ended", "2026-05-15"],
            ],
          },
        ],
      },
      {
        kind: "round-5-gal",
        plantings: [
          {
            goal: "cabbage/compact",
            method: "cells",
            sowOn: "2026-01-10",
            plants: 1,
            records: [
              ["sown", "2026-01-10", "4"],
              ["up", "2026-01-22", "4"],
              ["moved", "2026-02-18", "1"],
              ["picked", "2026-05-08", "1.1 kg"],
              ["ended", "2026-05-08"],
            ],
          },
        ],
      },
      {
        kind: "round-15-gal",
        plantings: [
          {
            goal: "potato/tuber",
            method: "tubers",
            sowOn: "2026-02-10",
            plants: 3,
            records: [
              ["sown", "2026-02-10", "3"],
              ["up", "2026-03-09", "3"],
            ],
          },
        ],
      },
    ],
  },
  {
    survey: survey({
      name: "Ashkettle",
      people: [2, 0],
      tastes: "carrots, onions",
      place: { kind: "balcony", length: "3.4 m", width: "1.1 m", limit: "195 kg/m²" },
      sun: [["11:00", "17:00"]],
    }),
    bags: [
      {
        kind: "round-10-gal",
        plantings: [
          {
            goal: "carrot/root",
            method: "broadcast",
            sowOn: "2026-04-20",
            plants: 60,
            records: [["sown", "2026-04-20", "150"]],
          },
        ],
      },
      {
        kind: "tub-10-gal",
        plantings: [
          {
            goal: "onion/sets",
            method: "sets",
            sowOn: "2026-03-01",
            plants: 8,
            records: [
              ["sown", "2026-03-01", "8"],
              ["lost", "2026-04-12", "2", "cat lay in the tub"],
            ],
          },
        ],
      },
    ],
  },
  {
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
        kind: "round-15-gal",
        atHand: false,
        plantings: [{ goal: "sweet-corn/cob", method: "cells", sowOn: "2026-05-21", plants: 4 }],
      },
      {
        kind: "round-10-gal",
        atHand: false,
        measured: { kind: "round", diameterCm: 33, heightCm: 30, nominalL: 37.85 },
        plantings: [{ goal: "bush-bean/pod", method: "stations", sowOn: "2026-05-21", plants: 8 }],
      },
      {
        kind: "round-20-gal",
        atHand: false,
        plantings: [{ goal: "tomato/bush", method: "bought", sowOn: "2026-05-23", plants: 1 }],
      },
    ],
  },
  {
    survey: survey({
      name: "Sorrowick",
      people: [2, 2],
      tastes: "stir fry",
      place: { kind: "landing", length: "2 m", width: "1.2 m", limit: "" },
      sun: [["08:00", "12:00"]],
    }),
    bags: [
      {
        kind: "round-5-gal",
        plantings: [
          {
            goal: "water-spinach/leaf",
            method: "cells",
            sowOn: "2026-05-06",
            plants: 3,
            records: [
              ["sown", "2026-05-06", "6"],
              ["up", "2026-05-14", "5"],
            ],
          },
        ],
      },
      {
        kind: "jug-6-l",
        plantings: [
          {
            goal: "bush-bean/pod",
            method: "stations",
            sowOn: "2026-05-08",
            plants: 2,
            records: [["sown", "2026-05-08", "2"]],
          },
        ],
      },
    ],
  },
  {
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
  },
];
