/** `unknown`: nobody gave a limit; `near`: over four fifths of it. */
export type LoadGrade = "unknown" | "within" | "near" | "over";

export interface Load {
  readonly kg: number;
  readonly kgM2: number;
  /** Of the limit; undefined without one. */
  readonly share?: number;
  readonly grade: LoadGrade;
  /** Side in cm of a square board that spreads this mass down to the limit; only when over it. */
  readonly boardCm?: number;
}

/** Where a warning starts before the limit is reached. Common practice. */
const NEAR = 0.8;

/** Side of the square that a load on one spot counts as spread over, cm, 2.5 ft: ASCE 7, section 4.4, concentrated live loads (memory). */
export const SPOT_CM = 76.2;
const SPOT_M2 = (SPOT_CM / 100) ** 2;

/** A bag on its spot of floor: its mass over what it covers, or over the square that a single load is counted on where that is larger. */
export const loadOnSpot = (kg: number, coversM2: number, limitKgM2?: number): Load =>
  loadOn(kg, Math.max(SPOT_M2, coversM2), limitKgM2);

/**
 * A mass standing on an area, held against a floor's limit.
 *
 * @param kg wet mass, @param areaM2 what it stands on, @param limitKgM2 the floor's limit as its owner gave it
 */
export function loadOn(kg: number, areaM2: number, limitKgM2?: number): Load {
  const kgM2 = areaM2 > 0 ? kg / areaM2 : 0;
  if (limitKgM2 === undefined) return { kg, kgM2, grade: "unknown" };
  const share = kgM2 / limitKgM2;
  if (share > 1) return { kg, kgM2, share, grade: "over", boardCm: 100 * Math.sqrt(kg / limitKgM2) };
  return { kg, kgM2, share, grade: share > NEAR ? "near" : "within" };
}

/** A bag on its hook. */
export type HookLoad = Pick<Load, "kg" | "share" | "grade"> & { readonly limitKg?: number };

/** A hanging bag's wet mass against what its hook bears, as its owner gave it, kg. */
export function loadOnHook(kg: number, limitKg?: number): HookLoad {
  if (limitKg === undefined) return { kg, grade: "unknown" };
  const share = kg / limitKg;
  return { kg, limitKg, share, grade: share > 1 ? "over" : share > NEAR ? "near" : "within" };
}
