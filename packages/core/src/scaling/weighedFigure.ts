import { exact } from '../exact';
import { conversion, figure, isKitchenUnit, labelled, measure, rounding, type Figure, type Reference, type Working } from '../figure';
import { isExacting, SHIPPED_BOOK, type FactBook } from '../ingredients';
import type { IngredientLine } from '../dish/types';
import { roundForKitchen } from '../quantity';
import { text, type Said } from '../words';

interface Reached {
  readonly working: Working;
  readonly estimate: boolean;
  readonly notes: readonly Said[];
  /** What it is of, and for whom, in the working. */
  readonly from: Reference;
  readonly said?: Said;
  /** Whether it is made up to whole pieces. */
  readonly whole?: boolean;
}

/** What a line takes, in the steps a kitchen weighs in, with how it was reached and what rounding did. */
export function weighedFigure(
  line: IngredientLine,
  { working, estimate, notes, from, said, whole = false }: Reached,
  book: FactBook = SHIPPED_BOOK,
): Figure {
  const { unit } = working.value;
  if (!isKitchenUnit(unit)) throw new RangeError(`A line is not weighed in ${unit}`);
  const labels = { from, said, by: { code: 'scaling', kind: line.scaling.kind } } as const;
  if (whole) {
    const up = rounding(labelled(working, labels), exact(working.value.value).ceil(), 'up', measure(1, unit));
    return figure(text(line.item), up, { estimate, notes });
  }
  const { quantity, step, before } = roundForKitchen({ value: exact(working.value.value), unit }, isExacting(line.item, book));
  const inStep = quantity.unit === unit ? working : conversion(working, measure(before, quantity.unit));
  return figure(text(line.item), rounding(labelled(inStep, labels), quantity.value, 'nearest', measure(step, quantity.unit)), {
    estimate,
    notes,
  });
}
