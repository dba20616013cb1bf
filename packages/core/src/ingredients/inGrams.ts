import { exact } from '../exact';
import { conversion, given, measure, product, type Working } from '../figure';
import { SHIPPED_BOOK, type FactBook } from './factBook';
import type { Bridged } from './lookup';

/** An amount in grams: by the fact that was used, or by its unit alone. */
export function inGrams(of: Working, { quantity, by }: Bridged): Working {
  const value = measure(quantity.value, 'g');
  if (!by) return conversion(of, value);
  if (by.value.unit !== 'gramsPerMillilitre' || of.value.unit === 'ml') return product([of, by], 'g');
  const millilitres = measure(quantity.value.div(exact(by.value.value)), 'ml');
  return product([conversion(of, millilitres), by], 'g');
}

/** What a millilitre of an item weighs, as a factor of a working; null when it is not known. */
export function densityOf(item: string, book: FactBook = SHIPPED_BOOK): Working | null {
  const fact = book.find(item);
  return fact?.density
    ? given(measure(fact.density, 'gramsPerMillilitre'), { from: { kind: 'fact', item: fact.name, fact: 'density' } })
    : null;
}
