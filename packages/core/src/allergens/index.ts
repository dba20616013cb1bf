/**
 * The fourteen allergens that must be declared.
 * @source Regulation (EU) No 1169/2011, Annex II
 */
export const ALLERGENS = [
  'gluten',
  'crustaceans',
  'egg',
  'fish',
  'peanut',
  'soya',
  'milk',
  'nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
  'molluscs',
] as const;

export type Allergen = (typeof ALLERGENS)[number];

export const DIETS = ['vegetarian', 'vegan', 'no alcohol'] as const;
export type Diet = (typeof DIETS)[number];

export function isAllergen(word: string): word is Allergen {
  return (ALLERGENS as readonly string[]).includes(word);
}

export function isDiet(word: string): word is Diet {
  return (DIETS as readonly string[]).includes(word);
}

/** What one student must or will not eat. */
export interface Needs {
  readonly allergens: readonly Allergen[];
  readonly diets: readonly Diet[];
  readonly note: string;
}

export const NO_NEEDS: Needs = { allergens: [], diets: [], note: '' };
