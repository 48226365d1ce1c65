/** Can the floor carry it, and can a person? Wet mass against the floor's limit, and against a safe lift. */
export { bearingOf } from "./bag";
export { carry, recommendedKg } from "./lift";
export { type HookLoad, type Load, type LoadGrade, loadOn, loadOnHook, loadOnSpot, SPOT_CM } from "./load";
