/** What does a programme know better? The library's values by name, and a programme's own in their place. */
export { type Override, withOverrides } from "./apply";
export { type Applied, applyOverrides, soundOverrides } from "./check";
export { bagValues, cropValues, type LibraryValue } from "./values";
export { dimensionOf } from "./unit";
export { valueField } from "./value-field";
