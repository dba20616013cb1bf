import { exact, exactText, showDecimal, showFraction, type Exact } from '../exact';
import type { Figure } from '../figure';
import { showAmount } from '../quantity';
import { linesOf, type DishContent, type IngredientLine } from '../dish/types';
import { scaleLine } from './scaleLine';
import { weighedFigure } from './weighedFigure';

/** A line as it is weighed for one batch. */
export interface ScaledRow {
  readonly line: IngredientLine;
  /** Null for a line that cannot be scaled; `because` then says why. */
  readonly figure: Figure | null;
  readonly because: string | null;
  /** What rounding changed, where it changes the result: salt, leavening, gelling, curing. */
  readonly warning: string | null;
}

export interface ScaledComponent {
  readonly id: string;
  readonly name: string;
  readonly rows: readonly ScaledRow[];
  /** What the scaled component gives; null when it does not say. */
  readonly gives: string | null;
}

export interface ScaledDish {
  readonly factor: Exact;
  readonly portions: Exact;
  readonly components: readonly ScaledComponent[];
}

/** Ingredients in which a small rounding changes the result. */
const SENSITIVE = /\b(?:salt|yeast|baking powder|bicarbonate|baking soda|gelatine|agar|pectin|curing salt|transglutaminase|cayenne)\b/i;
/** A change of more than one part in fifty is shown. */
const SENSITIVE_CHANGE = 0.02;

/** A dish scaled for one batch, every amount rounded as a kitchen weighs it, with its working. */
export function scaleDish(dish: DishContent, factor: Exact): ScaledDish {
  const portions = exact(dish.portions).mul(factor);
  const byId = new Map(linesOf(dish).map((line) => [line.id, line]));
  const row = (line: IngredientLine): ScaledRow => {
    const scaled = scaleLine(line, { factor, portions }, (id) => byId.get(id));
    if (scaled.kind === 'held') return { line, figure: null, because: scaled.because, warning: null };
    if (scaled.kind === 'none' || line.rule.kind === 'toTaste') return { line, figure: null, because: 'to taste', warning: null };
    const figure = weighedFigure(line, scaled.quantity, scaled);
    const exactHere = exact(figure.exact);
    const change = exactHere.equals(0) ? 0 : exact(figure.value).sub(exactHere).div(exactHere).valueOf();
    const isOff = SENSITIVE.test(line.item) && Math.abs(change) > SENSITIVE_CHANGE;
    return {
      line,
      because: null,
      warning: isOff
        ? `rounding changes it by ${change > 0 ? '+' : '−'}${showDecimal(exact(Math.abs(change * 100)), 1)} %: weigh ${showDecimal(exactHere, 2)} ${figure.unit}`
        : null,
      figure,
    };
  };
  return {
    factor,
    portions,
    components: dish.components.map((component) => ({
      id: component.id,
      name: component.name,
      rows: component.lines.map(row),
      gives: component.gives
        ? showAmount({
            ...component.gives,
            min: exactText(exact(component.gives.min).mul(factor)),
            max: exactText(exact(component.gives.max).mul(factor)),
          })
        : null,
    })),
  };
}

/** A factor as a person says it: "2½ times". */
export function showFactor(factor: Exact): string {
  return `${showFraction(factor, 3)} ×`;
}
