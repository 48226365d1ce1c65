import { type DemoHousehold, survey } from "./doorstep";

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
        kind: "round-15-gal",
        firstSeason: 2025,
        plantings: [
          {
            goal: "kale/leaf",
            method: "cells",
            sowOn: "2026-02-20",
            plants: 2,
            records: [
              ["sown", "2026-02-20", "6"],
              ["up", "2026-03-02", "5"],
              ["moved", "2026-03-26", "2"],
              ["fed", "2026-03-26", "2 tbsp"],
              ["picked", "2026-05-02", "30 g", "lower leaves"],
              ["picked", "2026-05-12", "45 g"],
            ],
          },
        ],
      },
      {
        kind: "tub-80-l",
        plantings: [
          {
            goal: "pea/pod",
            method: "stations",
            sowOn: "2026-02-24",
            plants: 15,
            records: [
              ["sown", "2026-02-24", "20"],
              ["up", "2026-03-12", "16"],
              ["lost", "2026-03-20", "1", "slug"],
              ["picked", "2026-05-08", "80 g"],
              ["picked", "2026-05-15", "105 g"],
            ],
          },
          { goal: "chard/leaf", method: "cells", sowOn: "2026-05-28", plants: 4 },
        ],
      },
      {
        kind: "box-60-cm",
        plantings: [
          {
            goal: "mizuna/baby-leaf",
            method: "broadcast",
            sowOn: "2026-04-06",
            records: [
              ["sown", "2026-04-06"],
              ["up", "2026-04-12", "150", "about"],
              ["picked", "2026-05-09", "45 g"],
            ],
          },
          { goal: "lettuce/leaf", method: "tray", sowOn: "2026-10-05", plants: 3 },
        ],
      },
      {
        kind: "tower-50",
        plantings: [
          {
            goal: "strawberry/everbearing",
            method: "bought",
            sowOn: "2026-03-20",
            plants: 20,
            surface: "side",
            records: [
              ["sown", "2026-03-20", "20", "bought plants"],
              ["lost", "2026-04-14", "2", "bottom ring dry"],
            ],
          },
        ],
      },
      {
        kind: "jug-6-l",
        plantings: [{ goal: "purslane/leaf", method: "broadcast", sowOn: "2026-05-21", plants: 2 }],
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
        sell: { group: "greens", week: "1.2 kg", price: "7" },
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
        kind: "round-25-gal",
        plantings: [
          {
            goal: "aubergine/fruit",
            method: "bought",
            sowOn: "2026-04-28",
            plants: 1,
            records: [["sown", "2026-04-28", "1", "bought seedling"]],
          },
        ],
      },
      {
        kind: "round-20-gal",
        plantings: [
          {
            goal: "potato/early",
            method: "tubers",
            sowOn: "2026-02-26",
            plants: 4,
            records: [
              ["sown", "2026-02-26", "4"],
              ["up", "2026-03-25", "4"],
            ],
          },
        ],
      },
      {
        kind: "round-20-gal",
        plantings: [
          {
            goal: "tomato/cherry",
            method: "cells",
            sowOn: "2026-03-08",
            plants: 2,
            records: [
              ["sown", "2026-03-08", "6"],
              ["up", "2026-03-19", "5"],
              ["moved", "2026-04-27", "2"],
            ],
          },
        ],
      },
      {
        kind: "tub-80-l",
        plantings: [
          {
            goal: "onion/seed",
            method: "drills",
            sowOn: "2026-02-08",
            plants: 20,
            records: [
              ["sown", "2026-02-08", "60"],
              ["up", "2026-02-24", "41"],
              ["fed", "2026-03-12", "1 tbsp"],
            ],
          },
        ],
      },
      {
        kind: "tower-50",
        plantings: [
          {
            goal: "lettuce/leaf",
            method: "tray",
            sowOn: "2026-02-12",
            plants: 40,
            surface: "side",
            records: [
              ["sown", "2026-02-12", "60"],
              ["up", "2026-02-21", "51"],
              ["moved", "2026-03-08", "40"],
              ["picked", "2026-04-06", "560 g"],
              ["picked", "2026-04-17", "640 g"],
              ["picked", "2026-04-28", "480 g", "the last before it turned bitter"],
              ["ended", "2026-05-06"],
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
            goal: "chard/leaf",
            method: "cells",
            sowOn: "2025-08-20",
            plants: 2,
            records: [
              ["sown", "2025-08-20", "6"],
              ["up", "2025-08-28", "5"],
              ["moved", "2025-09-20", "2"],
              ["picked", "2025-10-30", "180 g"],
              ["picked", "2026-01-15", "90 g"],
              ["picked", "2026-03-30", "310 g", "last cut, running up to seed"],
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
            goal: "turnip/root",
            method: "drills",
            sowOn: "2025-09-14",
            plants: 7,
            records: [
              ["sown", "2025-09-14", "20"],
              ["up", "2025-09-20", "16"],
              ["picked", "2025-11-24", "270 g"],
              ["ended", "2025-11-24"],
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
        kind: "round-15-gal",
        plantings: [
          {
            goal: "broccoli/head",
            method: "cells",
            sowOn: "2025-12-20",
            plants: 1,
            records: [
              ["sown", "2025-12-20", "4"],
              ["up", "2026-01-03", "3"],
              ["moved", "2026-02-04", "1"],
              ["fed", "2026-02-04", "2 tbsp"],
              ["picked", "2026-04-29", "420 g"],
              ["ended", "2026-05-02"],
            ],
          },
        ],
      },
      {
        kind: "round-7-gal",
        plantings: [
          {
            goal: "kohlrabi/bulb",
            method: "cells",
            sowOn: "2026-01-24",
            plants: 3,
            records: [
              ["sown", "2026-01-24", "8"],
              ["up", "2026-02-05", "7"],
              ["moved", "2026-03-05", "3"],
              ["picked", "2026-05-04", "540 g"],
              ["ended", "2026-05-04"],
            ],
          },
          { goal: "lettuce/leaf", method: "tray", sowOn: "2026-10-03", plants: 3 },
        ],
      },
      {
        kind: "round-20-gal",
        plantings: [
          {
            goal: "parsnip/root",
            method: "drills",
            sowOn: "2026-03-10",
            plants: 16,
            records: [
              ["sown", "2026-03-10", "40"],
              ["up", "2026-04-04", "19"],
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
        kind: "round-15-gal",
        plantings: [
          {
            goal: "beet/root",
            method: "drills",
            sowOn: "2026-04-18",
            plants: 16,
            records: [["sown", "2026-04-18", "40"]],
          },
        ],
      },
      {
        kind: "tub-10-gal",
        plantings: [
          {
            goal: "leek/stem",
            method: "cells",
            sowOn: "2026-02-16",
            plants: 8,
            records: [
              ["sown", "2026-02-16", "24"],
              ["up", "2026-03-04", "17"],
              ["moved", "2026-04-24", "8"],
              ["lost", "2026-05-02", "2", "cat lay in the tub"],
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
        kind: "round-30-gal",
        atHand: false,
        plantings: [{ goal: "sweet-corn/cob", method: "cells", sowOn: "2026-05-21", plants: 6 }],
      },
      {
        kind: "round-10-gal",
        atHand: false,
        measured: { kind: "round", diameterCm: 33, heightCm: 30, nominalL: 37.85 },
        plantings: [{ goal: "pepper/hot", method: "bought", sowOn: "2026-05-21", plants: 1 }],
      },
      {
        kind: "round-20-gal",
        atHand: false,
        plantings: [{ goal: "tomato/cordon", method: "bought", sowOn: "2026-05-23", plants: 1 }],
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
