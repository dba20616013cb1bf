import { exact, type Exact } from '../exact';
import {
  conversion,
  figure,
  given,
  isKitchenUnit,
  labelled,
  measure,
  product,
  quotient,
  sum,
  type Figure,
  type OtherUnit,
  type Working,
} from '../figure';
import { densityOf, inGrams, isMissingFact, SHIPPED_BOOK, toGrams, type FactBook } from '../ingredients';
import { inUnit, unitOf } from '../quantity';
import type { Order, OrderLine } from '../order';

/** The cost of an order as far as it is known, and what is not. */
export interface OrderCost {
  readonly known: Figure;
  /** Items without a price, or whose amount cannot be brought to the price's unit. */
  readonly unknown: readonly string[];
}

const PRICED_BY: Readonly<Record<'kg' | 'l' | 'each', OtherUnit>> = { kg: 'moneyPerKilogram', l: 'moneyPerLitre', each: 'moneyPerPiece' };

/** The amount ordered, in the unit of the price; null when it cannot be brought there. */
function amountIn(line: OrderLine, per: 'kg' | 'l' | 'each', book: FactBook): Working | null {
  const { value, unit } = line.figure.value;
  if (!isKitchenUnit(unit)) return null;
  const bought = given(line.figure.value);
  const quantity = { value: exact(value), unit };
  if (per === 'each') return unit === 'each' ? bought : null;
  if (per === 'l' && unitOf(unit).dimension === 'volume') return conversion(bought, measure(inUnit(quantity, 'l').value, 'l'));
  const one = line.one ? { value: exact(line.one.max), unit: line.one.unit } : null;
  const grams = toGrams(line.item, quantity, { one, size: line.size, us: line.us }, book);
  if (isMissingFact(grams)) return null;
  const weight = inGrams(bought, grams);
  if (per === 'kg') return conversion(weight, measure(grams.quantity.value.div(1000), 'kg'));
  const density = densityOf(line.item, book);
  if (!density) return null;
  const millilitres = quotient(weight, density, 'ml');
  return conversion(millilitres, measure(exact(millilitres.value.value).div(1000), 'l'));
}

/** What an order costs at the school's prices, line by line; what has no price is named, never taken as nothing. */
export function orderCost(order: Order, book: FactBook = SHIPPED_BOOK): OrderCost {
  const parts: Working[] = [];
  const unknown: string[] = [];
  for (const line of order.lines) {
    const price = book.find(line.item)?.price ?? null;
    const amount = price ? amountIn(line, price.per, book) : null;
    if (!price || !amount) {
      unknown.push(line.item);
      continue;
    }
    const each = given(measure(price.amount, PRICED_BY[price.per]), { from: { kind: 'fact', item: line.item, fact: 'price' } });
    parts.push(labelled(product([amount, each], 'money'), { from: { kind: 'fact', item: line.item, fact: 'price' } }));
  }
  return {
    unknown,
    known: figure({ code: 'cost' }, sum(parts, 'money'), {
      estimate: unknown.length > 0 || order.lines.some((line) => line.figure.estimate),
      notes: unknown.length > 0 ? [{ code: 'no-price', items: unknown }] : [],
    }),
  };
}

/** Two places, as prices are written; the currency is the school's own. */
export function money(value: Exact): string {
  return value.valueOf().toFixed(2);
}
