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

/**
 * Which allergens are named on dishes, orders, labels and handouts, by country. A person's own need is checked against all of them,
 * whatever the list; a maker's label may name finer ones.
 * @source Regulation (EU) No 1169/2011, Annex II, kept in UK law; US Food Allergen Labeling and Consumer Protection Act with the FASTER
 *   Act of 2021; Food and Drug Regulations of Canada, B.01.010.1; Australia New Zealand Food Standards Code, 1.2.3 with Schedule 9
 */
export const ALLERGEN_LISTS = {
  'eu-uk': { name: 'European Union and United Kingdom: fourteen', allergens: ALLERGENS },
  us: {
    name: 'United States: nine',
    allergens: ['gluten', 'crustaceans', 'egg', 'fish', 'peanut', 'soya', 'milk', 'nuts', 'sesame'],
  },
  canada: {
    name: 'Canada: priority allergens, gluten and sulphites',
    allergens: ['gluten', 'crustaceans', 'egg', 'fish', 'peanut', 'soya', 'milk', 'nuts', 'mustard', 'sesame', 'sulphites', 'molluscs'],
  },
  'australia-nz': {
    name: 'Australia and New Zealand',
    allergens: ['gluten', 'crustaceans', 'egg', 'fish', 'peanut', 'soya', 'milk', 'nuts', 'sesame', 'sulphites', 'lupin', 'molluscs'],
  },
} as const satisfies Record<string, { readonly name: string; readonly allergens: readonly Allergen[] }>;

export type AllergenList = keyof typeof ALLERGEN_LISTS;
export const ALLERGEN_LIST_KEYS = Object.keys(ALLERGEN_LISTS) as readonly AllergenList[];

/** Those of some allergens that a list names. @example named(['celery', 'milk'], 'us') // ['milk'] */
export function named(allergens: readonly Allergen[], list: AllergenList): readonly Allergen[] {
  const listed: readonly Allergen[] = ALLERGEN_LISTS[list].allergens;
  return allergens.filter((allergen) => listed.includes(allergen));
}

/**
 * Allergens of which one who reacts to the first often reacts to the second too. Asked about, never taken as contained.
 * @source usual cross-reactions as named by allergy clinics: shellfish by tropomyosin; legumes; a physician decides for a person
 */
const CROSS: Readonly<Partial<Record<Allergen, readonly Allergen[]>>> = {
  crustaceans: ['molluscs'],
  molluscs: ['crustaceans'],
  peanut: ['lupin', 'soya', 'nuts'],
  lupin: ['peanut'],
  soya: ['peanut', 'lupin'],
  nuts: ['peanut', 'sesame'],
  sesame: ['nuts', 'peanut'],
};

/** Allergens that one who reacts to `allergen` is asked about. */
export const crossReacting = (allergen: Allergen): readonly Allergen[] => CROSS[allergen] ?? [];

/** What a person will not eat; `cooked through` is for those at risk, who eat nothing that is served below a rule. */
export const DIETS = ['vegetarian', 'vegan', 'no pork', 'no beef', 'no alcohol', 'cooked through'] as const;
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
