import { exact, exactText, showDecimal, sum, type Exact } from '../exact';
import type { Figure, Part } from '../figure';
import { isMissingFact, SHIPPED_BOOK, toGrams, type FactBook } from '../ingredients';
import { inUnit, showQuantity, unitOf, type Quantity } from '../quantity';
import type { Order, OrderLine } from '../order';

/** The cost of an order as far as it is known, and what is not. */
export interface OrderCost {
  readonly known: Figure;
  /** Items without a price, or whose amount cannot be brought to the price's unit. */
  readonly unknown: readonly string[];
}

function amountIn(line: OrderLine, quantity: Quantity, per: 'kg' | 'l' | 'each', book: FactBook): Exact | null {
  const dimension = unitOf(quantity.unit).dimension;
  if (per === 'each') return quantity.unit === 'each' ? quantity.value : null;
  if (per === 'l' && dimension === 'volume') return inUnit(quantity, 'l').value;
  const grams = toGrams(line.item, quantity, line.one ? { value: exact(line.one.max), unit: line.one.unit } : null, book);
  if (isMissingFact(grams)) return null;
  if (per === 'kg') return grams.quantity.value.div(1000);
  const density = book.find(line.item)?.density;
  return density ? grams.quantity.value.div(exact(density)).div(1000) : null;
}

/** What an order costs at the school's prices, line by line; what has no price is named, never taken as nothing. */
export function orderCost(order: Order, book: FactBook = SHIPPED_BOOK): OrderCost {
  const parts: Part[] = [];
  const unknown: string[] = [];
  for (const line of order.lines) {
    const price = book.find(line.item)?.price ?? null;
    const quantity = { value: exact(line.figure.value), unit: line.figure.unit! };
    const amount = price ? amountIn(line, quantity, price.per, book) : null;
    if (!price || !amount) {
      unknown.push(line.item);
      continue;
    }
    const value = amount.mul(exact(price.amount));
    parts.push({
      from: line.item,
      how: `${showQuantity(quantity)} × ${showDecimal(exact(price.amount), 2)} per ${price.per === 'each' ? 'piece' : price.per}`,
      value: exactText(value),
      shown: money(value),
    });
  }
  const total = sum(parts.map((part) => exact(part.value)));
  return {
    unknown,
    known: {
      label: 'Cost',
      shown: money(total),
      exact: exactText(total),
      value: exactText(total),
      unit: null,
      parts,
      rounding: null,
      estimate: unknown.length > 0 || order.lines.some((line) => line.figure.estimate),
      notes: unknown.length > 0 ? [`no price known for: ${unknown.join(', ')}`] : [],
    },
  };
}

/** Two places, as prices are written; the currency is the school's own. */
export function money(value: Exact): string {
  return value.valueOf().toFixed(2);
}
