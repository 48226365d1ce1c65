import type { Goal, Need, Where } from "./crop";

/**
 * Light for each hour of sun that growers ask for, mol/m² a day: six hours make the 17 to 20 mol of extension tables for
 * fruit, four the 12 of leaf (from memory). What just lives lives on less. Assumption, no source.
 */
const MOL_PER_SUN_HOUR = { least: 2.2, good: 3 };

/** How a goal stands on a surface: in a side hole its plants may do with less soil each. */
export function standOn({ stand }: Goal, where: Where): Goal["stand"] {
  return stand.type === "plants" && where === "side" && stand.sideSoilL
    ? { ...stand, soilL: stand.sideSoilL }
    : stand;
}

/** The light that a goal needs, mol/m² a day. */
export const lightNeed = ({ sunHours }: Goal): Need => ({
  least: MOL_PER_SUN_HOUR.least * sunHours.least,
  good: MOL_PER_SUN_HOUR.good * sunHours.good,
});
