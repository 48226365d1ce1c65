import type { PlantingView } from "./assess";

/** What a planting's yield is counted by: its plants, or m² for a stand sown thick. */
export const unitsOf = ({ patch, planting }: PlantingView): number =>
  patch ? patch.areaCm2 / 10_000 : (planting.plants ?? 0);
