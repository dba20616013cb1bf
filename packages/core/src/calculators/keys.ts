/** What a card can compute. */
export const CALCULATOR_KEYS = [
  'spine',
  'pieces',
  'boiling',
  'seasoning',
  'brine',
  'cure',
  'syrup',
  'reduction',
  'gel',
  'puree',
  'thickening',
  'grain',
  'sheet',
  'resting',
  'cooling',
] as const;
export type CalculatorKey = (typeof CALCULATOR_KEYS)[number];
