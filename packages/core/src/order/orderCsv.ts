import { exact, showDecimal } from '../exact';
import { SCALING_NAMES } from '../dish/types';
import { isKitchenUnit, showMeasure } from '../figure';
import { unitOf, showAmount } from '../quantity';
import { HOUSE_PREFERENCES, type Preferences } from '../preferences';
import { figureInWords, rowInLine, words } from '../words';
import { safeCsv } from '../formats/csv';
import { named, type AllergenList } from '../allergens';
import { notKnownOf } from '../ingredients';
import type { Order, OrderLine } from './computeOrder';

const COLUMNS = [
  'item',
  'quantity',
  'unit',
  'as ordered',
  'scales',
  'dishes',
  'allergens',
  'may contain',
  'not known',
  'working',
  'notes',
] as const;

/**
 * The order as CSV (RFC 4180), one row a thing to buy, then the lines still held. Cells that a spreadsheet would run as
 * a formula are made harmless with a leading apostrophe.
 */
export function orderCsv(order: Order, list: AllergenList = 'eu-uk'): string {
  const rows = [...order.lines, ...order.tap].map((line) => {
    const { value, unit } = line.figure.value;
    const told = figureInWords(line.figure);
    return {
      item: orderedItem(line),
      quantity: showDecimal(exact(value), 3),
      unit: isKitchenUnit(unit) ? unitOf(unit).one || 'each' : '',
      'as ordered': order.tap.includes(line) ? `${asOrdered(line)}, ${words({ code: 'from-the-tap' })}` : asOrdered(line),
      scales: line.scalings.map((kind) => SCALING_NAMES[kind]).join('; '),
      dishes: line.dishes.join('; '),
      allergens: named(line.allergens, list).join('; '),
      'may contain': named(line.mayContain, list).join('; '),
      'not known': words(notKnownOf(line)),
      working: told.rows.map(rowInLine).join(' | '),
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
    'may contain': '',
    'not known': '',
    working: '',
    notes: words(line.because),
  }));
  return safeCsv(COLUMNS, [...rows, ...held]);
}

/** An item with its size, where its lines say one: `eggs, large`. */
export const orderedItem = ({ item, size }: Pick<OrderLine, 'item' | 'size'>): string => (size ? `${item}, ${size}` : item);

/** An amount as it is ordered, with what a pack holds, and what a piece weighs where pieces differ: `3 tins of 400 g`. */
export function asOrdered(
  { figure: { value }, key, itemKey, one, oneIs }: OrderLine,
  preferences: Preferences = HOUSE_PREFERENCES,
): string {
  const unit = isKitchenUnit(value.unit) ? unitOf(value.unit) : null;
  const says = one && unit?.dimension === 'count' && (unit.pack || key !== itemKey);
  return showMeasure(value, preferences) + (says ? ` of ${showAmount(one)}${oneIs ? ` ${oneIs}` : ''}` : '');
}
