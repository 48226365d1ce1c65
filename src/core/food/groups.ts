/** Kinds of food as people name them when they say what they eat. */
export const FOOD_GROUPS = ["greens", "heads", "roots", "pods", "fruits", "herbs"] as const;
export type FoodGroup = (typeof FOOD_GROUPS)[number];

export const HOW_OFTEN = ["daily", "often", "sometimes", "never"] as const;
export type HowOften = (typeof HOW_OFTEN)[number];
