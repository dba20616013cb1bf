import { exact, type Exact } from '../exact';
import type { IngredientLine } from '../dish';
import { isMissingFact, SHIPPED_BOOK, toGrams, type FactBook } from '../ingredients';
import type { FieldRefused } from '../words';
import type { Weighing } from './types';

/**
 * What was really used: what was there before and all that was added, less what was left.
 *
 * @returns grams; or what is wrong where more is left than there was
 * @example bowl 850 g before, 120 g added, 310 g left: 660 g
 */
export function usedUp({ before, added, after }: Pick<Weighing, 'before' | 'added' | 'after'>): Exact | FieldRefused {
  const used = added.reduce((sum, each) => sum.add(exact(each)), exact(before)).sub(exact(after));
  if (used.compare(0) < 0) return { field: 'after', problem: { code: 'demo.more-left' }, remedy: { code: 'demo.weigh-again' } };
  return used;
}

/** What a line was really found to take, over repeats. */
export interface ReallyUsed {
  readonly lineId: string;
  readonly times: number;
  readonly least: Exact;
  readonly most: Exact;
  readonly mean: Exact;
  /** What the line says, in grams; null where its amount cannot be weighed or no fact knows it. */
  readonly says: Exact | null;
}

/** What every weighed line really took, over all its weighings; those that cannot be are left out. */
export function reallyUsed(
  lines: readonly IngredientLine[],
  weighings: readonly Weighing[],
  book: FactBook = SHIPPED_BOOK,
): readonly ReallyUsed[] {
  return lines.flatMap((line) => {
    const used = weighings
      .filter(({ lineId }) => lineId === line.id)
      .flatMap((weighing) => {
        const grams = usedUp(weighing);
        return 'field' in grams ? [] : [grams];
      });
    if (used.length === 0) return [];
    const sorted = [...used].sort((a, b) => a.compare(b));
    const one = line.one ? { value: exact(line.one.max), unit: line.one.unit } : null;
    const grams = line.amount
      ? toGrams(line.item, { value: exact(line.amount.max), unit: line.amount.unit }, { one, size: line.size, us: false }, book)
      : null;
    return [
      {
        lineId: line.id,
        times: used.length,
        least: sorted[0]!,
        most: sorted.at(-1)!,
        mean: used.reduce((sum, each) => sum.add(each), exact(0)).div(used.length),
        says: grams && !isMissingFact(grams) ? grams.quantity.value : null,
      },
    ];
  });
}

/**
 * A line as it was really used: the mean in grams, its range kept in the note. It is a proposal for a new edition; the line that
 * stands is not touched.
 */
export function lineAsUsed(line: IngredientLine, { mean, least, most, times }: ReallyUsed, said: string): IngredientLine {
  const grams = String(Math.round(mean.valueOf()));
  const range = least.equals(most) ? '' : `, ${Math.round(least.valueOf())} to ${Math.round(most.valueOf())} g`;
  return {
    ...line,
    amount: { min: grams, max: grams, unit: 'g', about: false },
    note: [line.note, `${said} ${times} ×${range}`].filter(Boolean).join('; '),
  };
}
