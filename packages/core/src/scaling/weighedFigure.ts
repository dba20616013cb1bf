import { exact } from '../exact';
import { conversion, figure, isKitchenUnit, labelled, measure, rounding, type Figure, type Reference, type Working } from '../figure';
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
}

/** What a line takes, in the steps a kitchen weighs in, with how it was reached and what rounding did. */
export function weighedFigure(line: IngredientLine, { working, estimate, notes, from, said }: Reached): Figure {
  const { unit } = working.value;
  if (!isKitchenUnit(unit)) throw new RangeError(`A line is not weighed in ${unit}`);
  const { quantity, step, before } = roundForKitchen({ value: exact(working.value.value), unit });
  const inStep = quantity.unit === unit ? working : conversion(working, measure(before, quantity.unit));
  const part = labelled(inStep, { from, said, by: { code: 'scaling', kind: line.scaling.kind } });
  return figure(text(line.item), rounding(part, quantity.value, 'nearest', measure(step, quantity.unit)), { estimate, notes });
}
