/** Liquid fish or seaweed in a litre of water, mL: one teaspoon to a US gallon. Common practice; its packet decides. */
export const LIQUID_ML_L = 4.92892159375 / 3.785411784;
