/** How a bag is built and measured. Lengths in cm, volumes in litres, all of the inside. */
export type BagShape =
  | RoundShape
  | {
      readonly kind: "tub";
      readonly lengthCm: number;
      readonly widthCm: number;
      readonly heightCm: number;
      readonly nominalL?: number;
    }
  | {
      readonly kind: "pot";
      readonly topCm: number;
      readonly baseCm: number;
      readonly heightCm: number;
      readonly nominalL?: number;
    }
  | FlatShape
  | PocketShape
  | TowerShape
  | TiersShape;

/** A round fabric bag: a cylinder sold by a nominal volume. */
export interface RoundShape {
  readonly kind: "round";
  readonly diameterCm: number;
  readonly heightCm: number;
  readonly nominalL?: number;
}

/** The bag that the mix was sold in, laid on its side with a window cut on top and the rim left standing. */
export interface FlatShape {
  readonly kind: "flat";
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly nominalL: number;
  readonly rimCm: number;
}

/** A hanging tube with a drained base and pockets in rings round its side. */
export interface PocketShape {
  readonly kind: "pocket";
  readonly diameterCm: number;
  readonly heightCm: number;
  readonly pockets: number;
  readonly rings: number;
}

/** A tall sack with planting holes in rings round its side, and a core of stones up its middle (0 for none). */
export interface TowerShape {
  readonly kind: "tower";
  readonly diameterCm: number;
  readonly heightCm: number;
  readonly holes: number;
  readonly rings: number;
  readonly coreCm: number;
}

/** Round dishes stacked on each other, with pockets round each; water trickles from one to the next. */
export interface TiersShape {
  readonly kind: "tiers";
  readonly diameterCm: number;
  readonly tierHeightCm: number;
  readonly tiers: number;
  /** Pockets of all tiers together. */
  readonly pockets: number;
}

/** A flat outline seen from above, centred on the origin. */
export type Outline =
  | { readonly type: "circle"; readonly radiusCm: number }
  | { readonly type: "annulus"; readonly radiusCm: number; readonly coreCm: number }
  | { readonly type: "rectangle"; readonly lengthCm: number; readonly widthCm: number };

/** Area in cm². */
export function outlineArea(outline: Outline): number {
  switch (outline.type) {
    case "circle":
      return Math.PI * outline.radiusCm ** 2;
    case "annulus":
      return Math.PI * (outline.radiusCm ** 2 - outline.coreCm ** 2);
    case "rectangle":
      return outline.lengthCm * outline.widthCm;
  }
}
