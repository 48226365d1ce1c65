import { type BagShape, footprint, outlineArea } from "../bag";
import { type HookLoad, type Load, loadOnHook, loadOnSpot } from "./load";

/** What a bag puts on what bears it: its spot of floor, or, for one that hangs, its hook. */
export type Bearing =
  { readonly load: Load; readonly hook?: undefined } | { readonly load?: undefined; readonly hook: HookLoad };

/**
 * A filled bag against the limits of a place.
 *
 * @param kg its wet mass
 * @param limits what the floor bears, kg/m², and each hook, kg, as their owner gave them
 */
export function bearingOf(
  shape: BagShape,
  kg: number,
  limits: { readonly limitKgM2?: number; readonly hooks?: { readonly limitKg?: number } },
): Bearing {
  const ground = footprint(shape);
  if (!ground) return { hook: loadOnHook(kg, limits.hooks?.limitKg) };
  return { load: loadOnSpot(kg, outlineArea(ground) / 10_000, limits.limitKgM2) };
}
