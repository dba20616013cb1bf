import { exact, type Exact } from '../exact';
import { given, measure, type Working } from '../figure';
import { inUnit, unitOf, type Quantity, type UnitCode } from '../quantity';
import type { IngredientFact } from './fact';
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

/** What a line says of one piece of it. */
export interface PieceSaid {
  readonly one: OneOf | null;
  /** Its size or grade as written, or empty. */
  readonly size: string;
  /** Whether sizes are those of the United States, where a large egg is smaller. */
  readonly us: boolean;
}

export const NOTHING_SAID: PieceSaid = { one: null, size: '', us: false };

/** Grams of one, by unit and size; of no said size where that of the size is not known. */
export function gramsOfOne(fact: IngredientFact, unit: UnitCode, { size, us }: Pick<PieceSaid, 'size' | 'us'>): Exact | null {
  const of = (wanted: string) => fact.gramsOfOne.find((entry) => entry.unit === unit && entry.size === wanted);
  const found = (us ? of(`${size || 'large'} US`) : undefined) ?? (size ? of(size) : undefined) ?? of('');
  return found ? exact(found.grams) : null;
}

/**
 * How many of each other grade weigh as much as a count of one grade, rounded up. Empty where the grade has no weight of its own.
 *
 * @example countsByGrade(egg, { value: exact(12), unit: 'each' }, { size: 'large', us: false }) // [{ size: 'medium', count: 14 }, ...]
 */
export function countsByGrade(
  fact: IngredientFact,
  { value, unit }: Quantity,
  { size, us }: Pick<PieceSaid, 'size' | 'us'>,
): readonly { readonly size: string; readonly count: number }[] {
  const ofGrade = (wanted: string) => fact.gramsOfOne.find((entry) => entry.unit === unit && entry.size === wanted);
  const own = (us ? ofGrade(`${size} US`) : undefined) ?? ofGrade(size);
  if (!own || !size) return [];
  const isUs = (grade: string) => grade.endsWith(' US');
  return fact.gramsOfOne
    .filter((other) => other.unit === unit && other.size !== '' && other.size !== own.size && isUs(other.size) === isUs(own.size))
    .map((other) => ({
      size: other.size.replace(/ US$/, ''),
      count: value.mul(exact(own.grams)).div(exact(other.grams)).ceil().valueOf(),
    }));
}

/** Brings a quantity of an ingredient to grams: by the weight of one from the line itself, else from the facts, or by density. */
export function toGrams(item: string, quantity: Quantity, said: PieceSaid, book: FactBook = SHIPPED_BOOK): Bridged | MissingFact {
  const { one } = said;
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
      const grams = fact ? gramsOfOne(fact, quantity.unit, said) : null;
      if (!fact || !grams) return { item, need: 'weight of one', unit: quantity.unit };
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
  return book.find(item)?.liquid ?? false;
}

/** Whether it comes from the tap, and so is not bought. Bottled and scented waters are. */
export function isTapWater(item: string, book: FactBook = SHIPPED_BOOK): boolean {
  return book.find(item)?.name === 'water';
}

/** Whether a small rounding of it changes the result. */
export function isExacting(item: string, book: FactBook = SHIPPED_BOOK): boolean {
  const fact = book.find(item);
  return fact !== null && (fact.exacting || fact.strong);
}

/** Whether counting pieces makes sense for an item: "2 flour" does not. */
export function isCountable(item: string, book: FactBook = SHIPPED_BOOK): boolean {
  const fact = book.find(item);
  if (!fact) return true;
  // Whole fish are counted, whatever is known of their fillets or their tins.
  if (fact.kinds.includes('fish') && fact.density === null && !fact.label) return true;
  return fact.gramsOfOne.length > 0 ? fact.gramsOfOne.some(({ unit }) => unit === 'each') : fact.density === null;
}
