import { exactText, showDecimal } from '../exact';
import type { Figure } from '../figure';
import { RULE_NAMES, type IngredientLine } from '../dish/types';
import { inUnit, roundForKitchen, showQuantity, type Quantity } from '../quantity';

interface Reached {
  readonly how: string;
  readonly estimate: boolean;
  readonly notes: readonly string[];
}

/** What a line takes, in the steps a kitchen weighs in, with how it was reached and what rounding did. */
export function weighedFigure(line: IngredientLine, amount: Quantity, { how, estimate, notes }: Reached): Figure {
  const { quantity, said } = roundForKitchen(amount);
  const exactHere = amount.unit === quantity.unit ? amount.value : inUnit(amount, quantity.unit).value;
  return {
    label: line.item,
    shown: showQuantity(quantity),
    exact: exactText(exactHere),
    value: exactText(quantity.value),
    unit: quantity.unit,
    parts: [
      {
        from: line.written || line.item,
        how: `${how} (${RULE_NAMES[line.rule.kind]})`,
        value: exactText(exactHere),
        shown: `${showDecimal(exactHere, 3)} ${quantity.unit === 'each' ? '' : quantity.unit}`.trim(),
      },
    ],
    rounding: said,
    estimate,
    notes,
  };
}
