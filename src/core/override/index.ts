/** What does a programme know better? The library's values by name, and a programme's own in their place. */
export { type Applied, applyOverrides, type Override } from "./apply";
export { bagValues, cropValues, type LibraryValue } from "./values";
export { dimensionOf, valueField } from "./unit";
