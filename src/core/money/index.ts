/** What does it cost, and what is it worth? A programme's prices, shopping in whole packs, and the market. */
export { type Gear, hasSize, type PricedItem, pricedItems } from "./items";
export { amountText, fromMinor, toMinor } from "./minor";
export {
  Price,
  type PriceGroup,
  type PriceInForce,
  type Prices,
  pricesBy,
  SHARED_GROUPS,
  type SharedGroup,
} from "./price";
export {
  costMinor,
  marketMinor,
  packsFor,
  type Shopping,
  type ShoppingLine,
  shoppingOf,
  type Wanted,
} from "./shopping";
