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
