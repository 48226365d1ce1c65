import type { BagShape } from "@/core/bag";

/** A kind of bag that the library knows: its build and usual inner measures. Common practice; measures from memory. */
export interface BagKind {
  readonly id: string;
  readonly shape: BagShape;
}

const gallons = (count: number) => count * 3.785411784;
const cubicFeet = (count: number) => count * 28.316846592;
const round = (gal: number, diameterCm: number, heightCm: number): BagKind => ({
  id: `round-${gal}-gal`,
  shape: { kind: "round", diameterCm, heightCm, nominalL: gallons(gal) },
});

export const BAG_KINDS: readonly BagKind[] = [
  { id: "bottle", shape: { kind: "pot", topCm: 10.5, baseCm: 10.5, heightCm: 20 } },
  { id: "jug-6-l", shape: { kind: "pot", topCm: 18, baseCm: 18, heightCm: 24, nominalL: 6 } },
  { id: "pot-25-l", shape: { kind: "pot", topCm: 34, baseCm: 28, heightCm: 33, nominalL: 25 } },
  round(5, 28, 31),
  round(7, 31, 35),
  round(10, 38, 34),
  round(15, 45, 36),
  round(20, 50, 39),
  round(25, 53, 43),
  round(30, 56, 46),
  { id: "tub-10-gal", shape: { kind: "tub", lengthCm: 45, widthCm: 30, heightCm: 28, nominalL: gallons(10) } },
  { id: "tub-80-l", shape: { kind: "tub", lengthCm: 60, widthCm: 40, heightCm: 35, nominalL: 80 } },
  { id: "tray", shape: { kind: "tub", lengthCm: 50, widthCm: 30, heightCm: 6 } },
  { id: "flat-1-cu-ft", shape: { kind: "flat", lengthCm: 60, widthCm: 35, nominalL: cubicFeet(1), rimCm: 5 } },
  { id: "flat-1.5-cu-ft", shape: { kind: "flat", lengthCm: 70, widthCm: 42, nominalL: cubicFeet(1.5), rimCm: 5 } },
  { id: "pocket-12", shape: { kind: "pocket", diameterCm: 20, heightCm: 45, pockets: 12, rings: 4 } },
  { id: "tower-50", shape: { kind: "tower", diameterCm: 45, heightCm: 75, holes: 50, rings: 5, coreCm: 12 } },
  { id: "tower-75", shape: { kind: "tower", diameterCm: 60, heightCm: 90, holes: 75, rings: 5, coreCm: 15 } },
  { id: "tower-100", shape: { kind: "tower", diameterCm: 70, heightCm: 100, holes: 100, rings: 5, coreCm: 18 } },
];

export const findBagKind = (id: string): BagKind | undefined => BAG_KINDS.find((kind) => kind.id === id);
