import { exact, type Exact } from '../exact';
import { given, measure, type Working } from '../figure';
import type { Allergen, Diet } from '../allergens';
import { inUnit, unitOf, type Quantity, type UnitCode } from '../quantity';
import type { Origin } from './fact';
import { SHIPPED_BOOK, type FactBook } from './factBook';

/**
 * The key under which lines of one ingredient meet in an order: lower case, no accents, singular.
 *
 * @example itemKey('Red Onions') === itemKey('red onion') // true
 */
export function itemKey(item: string, book: FactBook = SHIPPED_BOOK): string {
  return book.keyOf(item);
}

/** Why two units of one ingredient could not be brought together, and what fact would do it. */
export interface MissingFact {
  readonly item: string;
  readonly need: 'density' | 'weight of one';
  readonly unit: UnitCode;
}

export interface Bridged {
  readonly quantity: Quantity;
  /** The fact that was used, as a factor of the working; null when only units changed. */
  readonly by: Working | null;
}

/** The weight of one piece as its own line gives it, e.g. "about 250 g each". */
export interface OneOf {
  readonly value: Exact;
  readonly unit: UnitCode;
}

/** Brings a quantity of an ingredient to grams: by the weight of one from the line itself, else from the facts, or by density. */
export function toGrams(item: string, quantity: Quantity, one: OneOf | null, book: FactBook = SHIPPED_BOOK): Bridged | MissingFact {
  const unit = unitOf(quantity.unit);
  const fact = book.find(item);
  switch (unit.dimension) {
    case 'mass':
      return { quantity: inUnit(quantity, 'g'), by: null };
    case 'volume': {
      if (!fact?.density) return { item, need: 'density', unit: quantity.unit };
      const density = exact(fact.density);
      return {
        quantity: { value: inUnit(quantity, 'ml').value.mul(density), unit: 'g' },
        by: given(measure(density, 'gramsPerMillilitre'), { from: { kind: 'fact', item: fact.name, fact: 'density' } }),
      };
    }
    case 'count': {
      if (one && unitOf(one.unit).dimension === 'mass') {
        const grams = inUnit({ value: one.value, unit: one.unit }, 'g').value;
        return {
          quantity: { value: quantity.value.mul(grams), unit: 'g' },
          by: given(measure(grams, 'g'), { said: { code: 'written-multiple' } }),
        };
      }
      const known = fact?.gramsOfOne.find((entry) => entry.unit === quantity.unit);
      if (!fact || !known) return { item, need: 'weight of one', unit: quantity.unit };
      const grams = exact(known.grams);
      return {
        quantity: { value: quantity.value.mul(grams), unit: 'g' },
        by: given(measure(grams, 'g'), { from: { kind: 'fact', item: fact.name, fact: 'weight of one' } }),
      };
    }
  }
}

export function isMissingFact(result: Bridged | MissingFact): result is MissingFact {
  return 'need' in result;
}

/** Whether an ingredient is bought by volume. */
export function isLiquid(item: string, book: FactBook = SHIPPED_BOOK): boolean {
  const fact = book.find(item);
  if (!fact?.density) return false;
  const density = exact(fact.density).valueOf();
  return density >= 0.9 && density <= 1.1 && fact.gramsOfOne.length === 0 && !/butter|mayonnaise|mustard|powder|soda/.test(fact.name);
}

export interface KnownAllergens {
  /** False when nothing is known of the item, so that nothing is claimed absent. */
  readonly known: boolean;
  readonly allergens: readonly Allergen[];
  readonly mayContain: readonly Allergen[];
}

/**
 * Allergens an item contains by what is known of every ingredient named in it; nothing is claimed when `known` is false.
 *
 * @example allergensOf('toasted hazelnuts with butter').allergens // ['nuts', 'milk']
 */
export function allergensOf(item: string, book: FactBook = SHIPPED_BOOK): KnownAllergens {
  const facts = book.within(item);
  const allergens = [...new Set(facts.flatMap((fact) => fact.allergens))];
  const mayContain = [...new Set(facts.flatMap((fact) => fact.mayContain))].filter((allergen) => !allergens.includes(allergen));
  return { known: facts.length > 0, allergens, mayContain };
}

const AGAINST: Readonly<Record<Diet, readonly Origin[]>> = {
  vegetarian: ['meat', 'fish'],
  vegan: ['meat', 'fish', 'dairy', 'egg', 'honey'],
  'no alcohol': ['alcohol'],
};

/** Whether an item goes against a diet by what is known of it. */
export function goesAgainst(item: string, diet: Diet, book: FactBook = SHIPPED_BOOK): boolean {
  return book.within(item).some((fact) => AGAINST[diet].includes(fact.origin));
}

/** Whether counting pieces makes sense for an item: "2 flour" does not. */
export function isCountable(item: string, book: FactBook = SHIPPED_BOOK): boolean {
  const fact = book.find(item);
  if (!fact) return true;
  return fact.gramsOfOne.length > 0 ? fact.gramsOfOne.some(({ unit }) => unit === 'each') : fact.density === null;
}
