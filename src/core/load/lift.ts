/** A lift: hands' distance from the ankles and height above the floor at its start, and how far up it goes; cm and degrees. */
export interface Lift {
  readonly reachCm: number;
  readonly heightCm: number;
  readonly travelCm: number;
  readonly twistDegrees?: number;
  /** Frequency and grip multipliers, 1 for one careful lift with good handles. */
  readonly frequency?: number;
  readonly grip?: number;
}

const LOAD_CONSTANT_KG = 23;

/**
 * Recommended weight limit in kg of the revised NIOSH lifting equation:
 * Waters, Putz-Anderson, Garg, Applications Manual, DHHS (NIOSH) 94-110.
 * 0 for a lift from out of reach.
 */
export function recommendedKg({
  reachCm,
  heightCm,
  travelCm,
  twistDegrees = 0,
  frequency = 1,
  grip = 1,
}: Lift): number {
  if (reachCm > 63 || heightCm > 175 || travelCm > 175 || twistDegrees > 135) return 0;
  const horizontal = Math.min(1, 25 / reachCm);
  const vertical = 1 - 0.003 * Math.abs(heightCm - 75);
  const distance = Math.min(1, 0.82 + 4.5 / Math.max(25, travelCm));
  const twist = 1 - 0.0032 * twistDegrees;
  return LOAD_CONSTANT_KG * horizontal * vertical * distance * twist * frequency * grip;
}

/** How a bag is lifted by its handles: from knee height to the waist, held a bag's half width before the body. */
const bagLift = (widthCm: number): Lift => ({
  reachCm: Math.min(63, 20 + widthCm / 2),
  heightCm: 40,
  travelCm: 50,
  grip: 0.95,
});

/** Whether one person can carry a filled bag: its mass over the recommended limit, and the limit. Over 1 it is filled where it stands. */
export function carry(
  kg: number,
  widthCm: number,
): { readonly limitKg: number; readonly index: number; readonly grade: "fine" | "heavy" | "never" } {
  const limitKg = recommendedKg(bagLift(widthCm));
  const index = kg / limitKg;
  return { limitKg, index, grade: index <= 1 ? "fine" : index <= 3 ? "heavy" : "never" };
}
