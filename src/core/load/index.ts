/** Can the floor carry it? Wet mass over an area against the limit that the floor's owner gave. */
export { type Load, type LoadGrade, loadOn } from "./load";
