import type { BagMake, BagShape } from "@/core/bag";
import type { PlaceKind } from "@/core/place";

/** A kind of bag that the library knows: its build and usual inner measures. Common practice; measures and lives from memory. */
export interface BagKind {
  readonly id: string;
  readonly shape: BagShape;
  readonly make: BagMake;
}

const gallons = (count: number) => count * 3.785411784;
const cubicFeet = (count: number) => count * 28.316846592;
const life = (low: number, likely: number, high: number) => ({ low, likely, high });

/** Common practice: fabric lasts a season when misused, three to five as a rule; sacks up to seven when emptied and refreshed. */
const FABRIC: BagMake = { material: "fabric", colour: "dark", lifeSeasons: life(1, 4, 5) };
const SACK: BagMake = { material: "sack", colour: "light", lifeSeasons: life(2, 4, 7) };
const FILM: BagMake = { material: "film", colour: "light", lifeSeasons: life(1, 1, 2) };
const HARD: BagMake = { material: "hard", colour: "dark", lifeSeasons: life(4, 8, 15) };
const CLEAR: BagMake = { material: "hard", colour: "clear", lifeSeasons: life(1, 2, 3) };

const round = (gal: number, diameterCm: number, heightCm: number, build: "" | "-tall" = ""): BagKind => ({
  id: `round-${gal}-gal${build}`,
  shape: { kind: "round", diameterCm, heightCm, nominalL: gallons(gal) },
  make: FABRIC,
});

export const BAG_KINDS: readonly BagKind[] = [
  { id: "cup", shape: { kind: "pot", topCm: 8, baseCm: 5.5, heightCm: 9 }, make: CLEAR },
  { id: "bottle", shape: { kind: "pot", topCm: 10.5, baseCm: 10.5, heightCm: 20 }, make: CLEAR },
  { id: "jug-6-l", shape: { kind: "pot", topCm: 18, baseCm: 18, heightCm: 24, nominalL: 6 }, make: CLEAR },
  { id: "pot-25-l", shape: { kind: "pot", topCm: 34, baseCm: 28, heightCm: 33, nominalL: 25 }, make: HARD },
  // As they are sold; two sizes come in a taller make too.
  round(5, 30, 25),
  round(5, 27, 31, "-tall"),
  round(7, 36, 28),
  round(10, 41, 30),
  round(10, 36, 38, "-tall"),
  round(15, 45, 36),
  round(20, 50, 39),
  round(25, 53, 43),
  round(30, 56, 46),
  {
    id: "box-60-cm",
    shape: { kind: "tub", lengthCm: 60, widthCm: 18, heightCm: 17 },
    make: { ...HARD, colour: "light" },
  },
  {
    id: "tub-10-gal",
    shape: { kind: "tub", lengthCm: 45, widthCm: 30, heightCm: 28, nominalL: gallons(10) },
    make: HARD,
  },
  {
    id: "tub-80-l",
    shape: { kind: "tub", lengthCm: 60, widthCm: 40, heightCm: 35, nominalL: 80 },
    make: HARD,
  },
  {
    id: "barrel-100-l",
    shape: { kind: "pot", topCm: 54, baseCm: 46, heightCm: 50, nominalL: 100 },
    make: HARD,
  },
  { id: "tray", shape: { kind: "tub", lengthCm: 50, widthCm: 30, heightCm: 6 }, make: HARD },
  {
    id: "flat-1-cu-ft",
    shape: { kind: "flat", lengthCm: 60, widthCm: 35, nominalL: cubicFeet(1), rimCm: 5 },
    make: FILM,
  },
  {
    id: "flat-1.5-cu-ft",
    shape: { kind: "flat", lengthCm: 70, widthCm: 42, nominalL: cubicFeet(1.5), rimCm: 5 },
    make: FILM,
  },
  {
    id: "pocket-12",
    shape: { kind: "pocket", diameterCm: 20, heightCm: 45, pockets: 12, rings: 4 },
    make: SACK,
  },
  {
    id: "tiers-5",
    shape: { kind: "tiers", diameterCm: 30, tierHeightCm: 12, tiers: 5, pockets: 30 },
    make: HARD,
  },
  {
    id: "tower-50",
    shape: { kind: "tower", diameterCm: 45, heightCm: 75, holes: 50, rings: 5, coreCm: 12 },
    make: SACK,
  },
  {
    id: "tower-75",
    shape: { kind: "tower", diameterCm: 60, heightCm: 90, holes: 75, rings: 5, coreCm: 15 },
    make: SACK,
  },
  {
    id: "tower-100",
    shape: { kind: "tower", diameterCm: 70, heightCm: 100, holes: 100, rings: 5, coreCm: 18 },
    make: SACK,
  },
];

export const findBagKind = (id: string): BagKind | undefined => BAG_KINDS.find((kind) => kind.id === id);

/** Kinds that are offered to be bought for each kind of place, unless somebody ticks others: what can be carried there and stands there. Ours to choose. */
export const USUAL_BAGS: Readonly<Record<PlaceKind, readonly string[]>> = {
  balcony: ["round-5-gal", "round-10-gal", "tub-80-l", "box-60-cm"],
  roof: ["round-10-gal", "round-15-gal", "tub-80-l", "flat-1.5-cu-ft"],
  courtyard: ["round-10-gal", "round-15-gal", "tub-80-l", "flat-1.5-cu-ft"],
  landing: ["round-5-gal", "round-7-gal", "pot-25-l", "box-60-cm"],
  sill: ["box-60-cm", "bottle", "jug-6-l", "tray"],
};
