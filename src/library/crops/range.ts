/** The least and the most that are usual, and what is likely. */
export const range = (low: number, likely: number, high: number) => ({ low, likely, high });
