/** How much is it, and how do people write it? Reads and shows quantities in metric and US customary units. */
export { amountField, optionalQuantityField, optionalWholeField, quantityField, wholeField } from "./field";
export { formatQuantity, formatRain, type Shown, showQuantity } from "./format";
export { parseQuantity, parseRate, type Quantity, type QuantityProblem, type Rate, type Read } from "./parse";
export { type Dimension, POUND_KG, type UnitSystem } from "./units";
