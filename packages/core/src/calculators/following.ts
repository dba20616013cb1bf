import { exact, exactText } from '../exact';
import type { Figure } from '../figure';
import type { CarriedLine } from './carry';
import { amountOf } from './figures';

/** A carried line that follows the first one by percent, so that it stays right however the dish is scaled. */
export function following(figure: Figure, item: string, percent: number, note: string): CarriedLine {
  return { item, amount: amountOf(figure), note, percentOf: { index: 0, percent: exactText(exact(Number(percent.toFixed(3)))) } };
}
