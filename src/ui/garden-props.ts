import type { Day } from "@/core/day";
import type { DoneLine } from "@/core/days";
import type { Override } from "@/core/override";
import type { Plan } from "@/core/plan";
import type { PlainSetting } from "@/core/setting";
import type { Weather } from "@/core/weather";

/** What each screen of one household's garden is handed. */
export interface GardenProps {
  readonly today: Day;
  readonly plan: Plan;
  readonly setting: PlainSetting;
  readonly overrides: readonly Override[];
  /** What is on record of its plantings and bags this season. */
  readonly records: readonly DoneLine[];
  /** The weather of these days, where it is known. */
  readonly weather?: Weather;
}
