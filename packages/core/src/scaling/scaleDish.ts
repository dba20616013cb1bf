import { exact, exactText, fromDecimal, showFraction, type Exact } from '../exact';
import { exactly, measure, type Figure } from '../figure';
import type { Said } from '../words';
import { isExacting, itemKey, SHIPPED_BOOK, type FactBook } from '../ingredients';
import { showAmount, unitOf } from '../quantity';
import { componentFactors } from '../dish/componentFactors';
import { linesById, linesOf, type DishContent, type IngredientLine } from '../dish/types';
import { scaleLine, type ScaledLine } from './scaleLine';
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
  /** Why it is made larger than its formula, or may fall short; null when its own amount is enough. */
  readonly because: Said | null;
}

export interface ScaledDish {
  readonly factor: Exact;
  readonly portions: Exact;
  readonly components: readonly ScaledComponent[];
}

/** A change of more than one part in fifty is shown. */
const TELLING_CHANGE = 0.02;

type Scaled = Extract<ScaledLine, { kind: 'scaled' }>;

/** A dish scaled for one batch, every amount rounded as a kitchen weighs it, with its working. */
export function scaleDish(dish: DishContent, factor: Exact, book: FactBook = SHIPPED_BOOK): ScaledDish {
  const portions = exact(dish.portions).mul(factor);
  const byId = linesById(dish);
  const grown = componentFactors(dish);
  const scaledBy = new Map<string, ScaledLine>();
  for (const component of dish.components)
    for (const line of component.lines) {
      const batch = { factor: factor.mul(grown.get(component.id)!.factor), portions };
      scaledBy.set(line.id, scaleLine(line, batch, { find: (id) => byId.get(id), book }));
    }
  const together = wholePieces(linesOf(dish), scaledBy, book);
  const row = (line: IngredientLine): ScaledRow => {
    const scaled = scaledBy.get(line.id)!;
    const none = { line, figure: null, because: null, warning: null, toTaste: false };
    if (scaled.kind === 'held') return { ...none, because: scaled.because };
    if (scaled.kind === 'none' || line.scaling.kind === 'toTaste') return { ...none, toTaste: true };
    const from = { kind: 'line', editionId: '', lineId: line.id, dish: '', component: '', written: line.written || line.item } as const;
    const whole = together.get(line.id);
    const { working, estimate } = scaled;
    const notes = whole && whole.notes.length > 0 ? [...scaled.notes, ...whole.notes] : scaled.notes;
    const weighed = weighedFigure(line, { working, estimate, notes, from, whole: whole?.alone }, book);
    const before = exactly(weighed);
    const shown = exact(weighed.value.value);
    const change = whole || shown.equals(before) || before.equals(0) ? 0 : shown.sub(before).div(before).valueOf();
    const isOff = Math.abs(change) > TELLING_CHANGE && isExacting(line.item, book);
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
    components: dish.components.map((component) => {
      const { factor: times, because } = grown.get(component.id)!;
      return {
        id: component.id,
        name: component.name,
        rows: component.lines.map(row),
        because,
        gives: component.gives
          ? showAmount({
              ...component.gives,
              min: exactText(exact(component.gives.min).mul(factor).mul(times)),
              max: exactText(exact(component.gives.max).mul(factor).mul(times)),
            })
          : null,
      };
    }),
  };
}

/** How whole pieces stand in one batch: alone on their line, or together with other lines of the item. */
interface WholePieces {
  /** Whether the line has its item to itself, so that its own figure is made up to whole ones. */
  readonly alone: boolean;
  readonly notes: readonly Said[];
}

/** Whole pieces are made up once for all lines of an item: two halves of a lemon are one. */
function wholePieces(
  lines: readonly IngredientLine[],
  scaledBy: ReadonlyMap<string, ScaledLine>,
  book: FactBook,
): ReadonlyMap<string, WholePieces> {
  const groups = new Map<string, { line: IngredientLine; scaled: Scaled }[]>();
  for (const line of lines) {
    const scaled = scaledBy.get(line.id)!;
    if (line.scaling.kind !== 'wholeEach' || scaled.kind !== 'scaled' || unitOf(scaled.unit).dimension !== 'count' || line.componentId)
      continue;
    const key = `${itemKey(line.item, book)} ${scaled.unit} ${line.size}`;
    groups.set(key, [...(groups.get(key) ?? []), { line, scaled }]);
  }
  const found = new Map<string, WholePieces>();
  for (const group of groups.values()) {
    const alone = group.length === 1;
    const total = group.reduce((all, { scaled }) => all.add(exact(scaled.working.value.value)), exact(0)).ceil();
    const notes: readonly Said[] = alone ? [] : [{ code: 'whole-together', pieces: exactText(total) }];
    for (const { line } of group) found.set(line.id, { alone, notes });
  }
  return found;
}

/** A factor as a person says it: "2½ times". */
export function showFactor(factor: Exact): string {
  return `${showFraction(factor, 3)} ×`;
}
