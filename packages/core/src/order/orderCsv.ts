import Papa from 'papaparse';
import { exact, showDecimal } from '../exact';
import { unitOf } from '../quantity';
import type { Order } from './computeOrder';

/**
 * The order as CSV (RFC 4180), one row a thing to buy, then the lines still held. Cells that a spreadsheet would run as
 * a formula are made harmless with a leading apostrophe.
 */
export function orderCsv(order: Order): string {
  const rows = order.lines.map((line) => ({
    item: line.item,
    quantity: showDecimal(exact(line.figure.value), 3),
    unit: line.figure.unit ? unitOf(line.figure.unit).one || 'each' : '',
    'as ordered': line.figure.shown,
    rules: line.rules.join('; '),
    dishes: line.dishes.join('; '),
    allergens: line.allergensKnown ? line.allergens.join('; ') : 'not known',
    working: line.figure.parts.map((part) => `${part.from}: ${part.how} = ${part.shown}`).join(' | '),
    notes: line.figure.notes.join('; '),
  }));
  const held = order.held.map((line) => ({
    item: line.written,
    quantity: '',
    unit: '',
    'as ordered': 'HELD',
    rules: '',
    dishes: line.dish,
    allergens: '',
    working: '',
    notes: line.because,
  }));
  return Papa.unparse([...rows, ...held], { escapeFormulae: true, newline: '\r\n' });
}
