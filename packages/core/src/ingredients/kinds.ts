import type { Diet } from '../allergens';

/** What kind of food something is; diets follow from it, not from names. */
export const FOOD_KINDS = [
  'plant',
  'mineral',
  'cattle',
  'pig',
  'other mammal',
  'poultry',
  'fish',
  'crustacean',
  'mollusc',
  'insect',
  'egg',
  'milk',
  'rennet',
  'gelatine',
  'honey',
  'alcohol',
] as const;
export type FoodKind = (typeof FOOD_KINDS)[number];

export const KIND_NAMES: Readonly<Record<FoodKind, string>> = {
  plant: 'plants, mushrooms, algae',
  mineral: 'salt, water, minerals',
  cattle: 'beef and veal',
  pig: 'pork and wild boar',
  'other mammal': 'other mammals and game',
  poultry: 'poultry and game birds',
  fish: 'fish',
  crustacean: 'crustaceans',
  mollusc: 'molluscs',
  insect: 'insects: cochineal, shellac',
  egg: 'egg',
  milk: 'milk',
  rennet: 'cheese with animal rennet',
  gelatine: 'gelatine',
  honey: 'honey',
  alcohol: 'alcohol',
};

const FLESH: readonly FoodKind[] = [
  'cattle',
  'pig',
  'other mammal',
  'poultry',
  'fish',
  'crustacean',
  'mollusc',
  'insect',
  'gelatine',
  'rennet',
];

/**
 * Kinds that go against a diet, and kinds that have to be asked about. Our own reading of what the words mean in a cookery school; a
 * person's own line may run elsewhere, which their note says.
 */
export const AGAINST_DIET: Readonly<Record<Diet, { readonly against: readonly FoodKind[]; readonly ask: readonly FoodKind[] }>> = {
  vegetarian: { against: FLESH, ask: [] },
  vegan: { against: [...FLESH, 'egg', 'milk', 'honey'], ask: [] },
  // Gelatine is most often of pork; where its label says otherwise, the school enters a fact of its own.
  'no pork': { against: ['pig', 'gelatine'], ask: ['rennet'] },
  'no beef': { against: ['cattle'], ask: ['gelatine', 'rennet'] },
  'no alcohol': { against: ['alcohol'], ask: [] },
  // It asks how food is made, not what it is of; see `needConflicts`.
  'cooked through': { against: [], ask: [] },
};
