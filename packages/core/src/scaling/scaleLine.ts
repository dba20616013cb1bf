import { exact, fromDecimal, showDecimal, showFraction, type Exact } from '../exact';
import { showQuantity, unitOf, type Quantity } from '../quantity';
import type { IngredientLine } from '../dish/types';

/**
 * The exponent by which a tapered line grows above the written amount: a quadrupled batch takes three times the chilli.
 * A house setting of ours within the 0.7 to 0.85 that kitchens work with; every tapered figure says "taste".
 */
export const TAPER = 0.8;

/** One batch in which a line is scaled. */
export interface Batch {
  /** Times the written formula. */
  readonly factor: Exact;
  readonly portions: Exact;
}

export type ScaledLine =
  | {
      readonly kind: 'scaled';
      readonly quantity: Quantity;
      readonly how: string;
      readonly estimate: boolean;
      readonly notes: readonly string[];
    }
  /** Nothing to weigh: seasoning without an allowance. */
  | { readonly kind: 'none' }
  | { readonly kind: 'held'; readonly because: string };

/**
 * What one batch takes of a line. The upper end of a range is taken, so that no making runs short.
 *
 * @param find - the dish's lines by id, for percent-of
 */
export function scaleLine(line: IngredientLine, batch: Batch, find: (id: string) => IngredientLine | undefined): ScaledLine {
  return scale(line, batch, find, new Set());
}

function scale(
  line: IngredientLine,
  batch: Batch,
  find: (id: string) => IngredientLine | undefined,
  followed: ReadonlySet<string>,
): ScaledLine {
  if (line.certainty === 'held') return held(line.doubts[0] ?? 'The line has not been settled.');
  const { rule } = line;
  if (rule.kind === 'toTaste') {
    if (!rule.allowance) return { kind: 'none' };
    const one = exact(rule.allowance.max);
    return {
      kind: 'scaled',
      quantity: { value: one.mul(batch.portions), unit: rule.allowance.unit },
      how: `${showFraction(batch.portions)} portions × ${showQuantity({ value: one, unit: rule.allowance.unit })} set aside, to taste`,
      estimate: true,
      notes: ['to taste: an allowance for the order, not a figure to cook by'],
    };
  }
  if (rule.kind === 'percentOf') return percentOf(line, rule, batch, find, followed);
  if (!line.amount) return held('How much? The line has no amount.');

  const { unit } = line.amount;
  const written = exact(line.amount.max);
  const isRange = line.amount.min !== line.amount.max;
  const notes = isRange ? ['written as a range; the upper end is taken so that no making runs short'] : [];
  const estimate = line.amount.about || isRange;
  const shown = showQuantity({ value: written, unit });
  const times = `${shown} × ${showFraction(batch.factor)}`;
  const done = (value: Exact, how: string, more: readonly string[] = []): ScaledLine => ({
    kind: 'scaled',
    quantity: { value, unit },
    how,
    estimate,
    notes: [...notes, ...more],
  });
  switch (rule.kind) {
    case 'proportional':
      return done(written.mul(batch.factor), times);
    case 'wholeEach': {
      const value = written.mul(batch.factor);
      const whole = value.ceil();
      const word = showQuantity({ value: whole, unit });
      return done(whole, value.equals(whole) ? `${times} = ${word}, whole` : `${times} = ${showDecimal(value)}, so ${word} whole`);
    }
    case 'onceAMaking':
      return done(written, `${shown} once`);
    case 'byTheLoad': {
      const aLoad = exact(rule.portionsALoad);
      if (aLoad.compare(0) <= 0) return held('How many portions does one load serve?');
      const loads = batch.portions.div(aLoad).ceil();
      return done(
        written.mul(loads),
        `${shown} × ${loads.toString()} load${loads.equals(1) ? '' : 's'} of ${showFraction(aLoad)} portions`,
      );
    }
    case 'tapered': {
      if (batch.factor.compare(1) <= 0) return done(written.mul(batch.factor), times, ['taste']);
      const grown = fromDecimal(batch.factor.valueOf() ** TAPER, 4);
      return done(written.mul(grown), `${shown} × ${showDecimal(grown)} (${showFraction(batch.factor)} tapered)`, ['taste']);
    }
  }
}

function percentOf(
  line: IngredientLine,
  rule: Extract<IngredientLine['rule'], { kind: 'percentOf' }>,
  batch: Batch,
  find: (id: string) => IngredientLine | undefined,
  followed: ReadonlySet<string>,
): ScaledLine {
  if (followed.has(line.id)) return held(`"${line.item}" follows itself by percent. Choose another line for it to follow.`);
  const base = find(rule.lineId);
  if (!base) return held(`"${line.item}" follows a line that is no longer there. Choose the line it is a percentage of.`);
  const scaled = scale(base, batch, find, new Set([...followed, line.id]));
  if (scaled.kind !== 'scaled') return held(`"${line.item}" follows "${base.item}", which has no amount yet.`);
  if (unitOf(scaled.quantity.unit).dimension === 'count') {
    return held(`"${base.item}" is counted; a percentage needs a weight or a volume to follow.`);
  }
  const value = scaled.quantity.value.mul(exact(rule.percent)).div(100);
  return {
    kind: 'scaled',
    quantity: { value, unit: scaled.quantity.unit },
    how: `${showDecimal(exact(rule.percent))} % of ${showQuantity(scaled.quantity)} ${base.item}`,
    estimate: scaled.estimate,
    notes: [],
  };
}

function held(because: string): ScaledLine {
  return { kind: 'held', because };
}
