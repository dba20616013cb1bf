import { exact, exactText, fromDecimal, showFraction, type Exact } from '../exact';
import { exactly, measure, type Figure } from '../figure';
import type { Said } from '../words';
import { showAmount } from '../quantity';
import { linesOf, type DishContent, type IngredientLine } from '../dish/types';
import { scaleLine } from './scaleLine';
import { weighedFigure } from './weighedFigure';

/** A line as it is weighed for one batch. */
export interface ScaledRow {
  readonly line: IngredientLine;
  /** Null for a line that is not weighed: seasoned to taste, or held, for which `because` says why. */
  readonly figure: Figure | null;
  readonly toTaste: boolean;
  readonly because: Said | null;
  /** What rounding changed, where it changes the result: salt, leavening, gelling, curing. */
  readonly warning: Said | null;
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
    const none = { line, figure: null, because: null, warning: null, toTaste: false };
    if (scaled.kind === 'held') return { ...none, because: scaled.because };
    if (scaled.kind === 'none' || line.scaling.kind === 'toTaste') return { ...none, toTaste: true };
    const from = { kind: 'line', editionId: '', lineId: line.id, dish: '', component: '', written: line.written || line.item } as const;
    const weighed = weighedFigure(line, { ...scaled, from });
    const before = exactly(weighed);
    const change = before.equals(0) ? 0 : exact(weighed.value.value).sub(before).div(before).valueOf();
    const isOff = SENSITIVE.test(line.item) && Math.abs(change) > SENSITIVE_CHANGE;
    return {
      ...none,
      figure: weighed,
      warning: isOff
        ? { code: 'rounding-changes', percent: exactText(fromDecimal(change * 100, 4)), weigh: measure(before, weighed.value.unit) }
        : null,
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
