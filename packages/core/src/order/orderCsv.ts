import { exact, showDecimal } from '../exact';
import { SCALING_NAMES } from '../dish/types';
import { isKitchenUnit, showMeasure } from '../figure';
import { unitOf, showAmount } from '../quantity';
import { HOUSE_PREFERENCES, type Preferences } from '../preferences';
import { figureInWords, words } from '../words';
import { safeCsv } from '../formats/csv';
import type { Order, OrderLine } from './computeOrder';

const COLUMNS = ['item', 'quantity', 'unit', 'as ordered', 'scales', 'dishes', 'allergens', 'working', 'notes'] as const;

/**
 * The order as CSV (RFC 4180), one row a thing to buy, then the lines still held. Cells that a spreadsheet would run as
 * a formula are made harmless with a leading apostrophe.
 */
export function orderCsv(order: Order): string {
  const rows = order.lines.map((line) => {
    const { value, unit } = line.figure.value;
    const told = figureInWords(line.figure);
    return {
      item: line.item,
      quantity: showDecimal(exact(value), 3),
      unit: isKitchenUnit(unit) ? unitOf(unit).one || 'each' : '',
      'as ordered': asOrdered(line),
      scales: line.scalings.map((kind) => SCALING_NAMES[kind]).join('; '),
      dishes: line.dishes.join('; '),
      allergens: line.allergensKnown ? line.allergens.join('; ') : 'not known',
      working: told.rows.map(({ from, how, shown }) => `${from}: ${how} = ${shown}`).join(' | '),
      notes: told.notes.join('; '),
    };
  });
  const held = order.held.map((line) => ({
    item: line.written,
    quantity: '',
    unit: '',
    'as ordered': 'HELD',
    scales: '',
    dishes: line.dish,
    allergens: '',
    working: '',
    notes: words(line.because),
  }));
  return safeCsv(COLUMNS, [...rows, ...held]);
}

/** An amount as it is ordered, with what a pack holds: `3 tins of 400 g`. */
export function asOrdered({ figure: { value }, one }: OrderLine, preferences: Preferences = HOUSE_PREFERENCES): string {
  const pack = isKitchenUnit(value.unit) && unitOf(value.unit).pack && one ? ` of ${showAmount(one)}` : '';
  return showMeasure(value, preferences) + pack;
}
