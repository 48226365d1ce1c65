/** What does a short message say happened? Plain words, forgiving of spelling, order and units; what is unclear is asked about, and never guessed. */
export { closest } from "./fuzzy";
export { findWhen } from "./when";
export { type Draft, type Known, type KnownPlanting, type MessageRead, readMessage } from "./message";
