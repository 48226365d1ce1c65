/** Saturation vapour pressure, kPa, at an air temperature, °C. FAO-56, equation 11. */
export const saturationKPa = (c: number): number => 0.6108 * Math.exp((17.27 * c) / (c + 237.3));

/** Pressure of the air, kPa, so many metres above the sea. FAO-56, equation 7. */
export const pressureKPa = (altitudeM: number): number => 101.3 * ((293 - 0.0065 * altitudeM) / 293) ** 5.26;

/** Psychrometric constant, kPa/°C. FAO-56, equation 8. */
export const psychrometric = (altitudeM: number): number => 0.000665 * pressureKPa(altitudeM);

/** A day's air and sun. */
export interface DayAir {
  readonly lowC: number;
  readonly highC: number;
  /** Actual vapour pressure, kPa, see `vapourKPa`. */
  readonly vapourKPa: number;
  /** Wind two metres above the ground, m/s. */
  readonly windMS: number;
  /** Radiation of the sun at the ground, and above the air, MJ/m². */
  readonly sunMJ: number;
  readonly aboveMJ: number;
  readonly altitudeM?: number;
  /** What the soil takes in, MJ/m²: nothing over a day. */
  readonly soilMJ?: number;
}

/** Actual vapour pressure, kPa, from the mean humidity of the air, %. FAO-56, equation 19. */
export const vapourKPa = (lowC: number, highC: number, humidity: number): number =>
  (humidity / 100) * ((saturationKPa(lowC) + saturationKPa(highC)) / 2);

/** Share of the sun's radiation that a green crop throws back, and the radiation of a warm body, MJ/m² a day and K⁴. FAO-56. */
const ALBEDO = 0.23;
const STEFAN_BOLTZMANN = 4.903e-9;
const MM_PER_MJ = 0.408;

/** Reference evapotranspiration, mm a day: FAO Penman–Monteith, FAO-56 equation 6, with net radiation by equations 37 to 40. */
export function penmanMonteith({
  lowC,
  highC,
  vapourKPa: actual,
  windMS,
  sunMJ,
  aboveMJ,
  altitudeM = 0,
  soilMJ = 0,
}: DayAir): number {
  const mean = (lowC + highC) / 2;
  const clearMJ = (0.75 + 2e-5 * altitudeM) * aboveMJ;
  const shortMJ = (1 - ALBEDO) * sunMJ;
  const cloud = clearMJ > 0 ? 1.35 * Math.min(1, sunMJ / clearMJ) - 0.35 : 0.3;
  const longMJ =
    STEFAN_BOLTZMANN *
    (((highC + 273.16) ** 4 + (lowC + 273.16) ** 4) / 2) *
    (0.34 - 0.14 * Math.sqrt(actual)) *
    cloud;
  const slope = (4098 * saturationKPa(mean)) / (mean + 237.3) ** 2;
  const gamma = psychrometric(altitudeM);
  const deficit = (saturationKPa(lowC) + saturationKPa(highC)) / 2 - actual;
  const energy = MM_PER_MJ * slope * (shortMJ - longMJ - soilMJ);
  const air = (gamma * 900 * windMS * deficit) / (mean + 273);
  return Math.max(0, (energy + air) / (slope + gamma * (1 + 0.34 * windMS)));
}
