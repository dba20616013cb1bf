import { exact, exactText, fromDecimal, type Exact } from '../exact';
import { given, labelled, measure, product, quotient, rounding, type Working } from '../figure';
import { inGrams, isMissingFact, SHIPPED_BOOK, toGrams, type FactBook } from '../ingredients';
import { unitOf, type UnitCode } from '../quantity';
import type { Said } from '../words';
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
      /** What one batch takes, in the unit of the line. */
      readonly working: Working;
      readonly unit: UnitCode;
      readonly estimate: boolean;
      readonly notes: readonly Said[];
    }
  /** Nothing to weigh: seasoning without an allowance. */
  | { readonly kind: 'none' }
  | { readonly kind: 'held'; readonly because: Said };

type Find = (id: string) => IngredientLine | undefined;

export interface ScalingBy {
  /** The dish's lines by id, for percent-of. */
  readonly find: Find;
  /** Facts by which what is counted or measured by volume is brought to a mass, for percent-of. */
  readonly book?: FactBook;
}

/**
 * What one batch takes of a line, pieces not yet rounded: that is done once a making, when all lines of an item are known. The
 * upper end of a range is taken, so that no making runs short.
 */
export function scaleLine(line: IngredientLine, batch: Batch, { find, book = SHIPPED_BOOK }: ScalingBy): ScaledLine {
  return scale(line, batch, { find, book }, NOTHING_FOLLOWED);
}

const NOTHING_FOLLOWED: ReadonlySet<string> = new Set();

function scale(line: IngredientLine, batch: Batch, by: Required<ScalingBy>, followed: ReadonlySet<string>): ScaledLine {
  if (line.certainty === 'held') {
    const [doubt] = line.doubts;
    return held(doubt ? { code: 'doubt', doubt } : { code: 'not-settled' });
  }
  const { scaling } = line;
  if (scaling.kind === 'toTaste') {
    if (!scaling.allowance) return { kind: 'none' };
    const { max, unit } = scaling.allowance;
    const aside = given(measure(max, unit), { said: { code: 'set-aside' } });
    return {
      kind: 'scaled',
      working: product([given(measure(batch.portions, 'portion')), aside], unit),
      unit,
      estimate: true,
      notes: [{ code: 'allowance-only' }],
    };
  }
  if (scaling.kind === 'percentOf') return percentOf(line, scaling, { batch, by, followed });
  if (!line.amount) return held({ code: 'no-amount-yet' });

  const { unit } = line.amount;
  const isRange = line.amount.min !== line.amount.max;
  const written = given(measure(line.amount.max, unit));
  const factor = given(measure(batch.factor, 'times'));
  const done = (working: Working, notes: readonly Said[] = []): ScaledLine => ({
    kind: 'scaled',
    working,
    unit,
    estimate: line.amount!.about || isRange,
    notes: [...(isRange ? [{ code: 'range-upper' } as const] : []), ...notes],
  });
  switch (scaling.kind) {
    case 'proportional':
    case 'wholeEach':
    case 'shared':
    case 'weighed':
      return done(product([written, factor], unit));
    case 'onceAMaking':
      return done(given(written.value, { said: { code: 'once' } }));
    case 'byTheLoad': {
      const aLoad = exact(scaling.portionsALoad);
      if (aLoad.compare(0) <= 0) return held({ code: 'no-load-size' });
      const filled = quotient(given(measure(batch.portions, 'portion')), given(measure(aLoad, 'portion')), 'load');
      const loads = rounding(filled, exact(filled.value.value).ceil(), 'up', measure(1, 'load'), {
        said: { code: 'loads-of', portions: exactText(aLoad) },
      });
      return done(product([written, loads], unit));
    }
    case 'tapered': {
      if (batch.factor.compare(1) <= 0) return done(product([written, factor], unit), [{ code: 'taste' }]);
      const grown = measure(fromDecimal(batch.factor.valueOf() ** TAPER, 4), 'times');
      const taper = given(grown, { said: { code: 'tapered', factor: exactText(batch.factor) } });
      return done(product([written, taper], unit), [{ code: 'taste' }]);
    }
  }
}

function percentOf(
  line: IngredientLine,
  scaling: Extract<IngredientLine['scaling'], { kind: 'percentOf' }>,
  { batch, by, followed }: { batch: Batch; by: Required<ScalingBy>; followed: ReadonlySet<string> },
): ScaledLine {
  if (followed.has(line.id)) return held({ code: 'follows-itself', item: line.item });
  const base = by.find(scaling.lineId);
  if (!base) return held({ code: 'follows-nothing', item: line.item });
  const scaled = scale(base, batch, by, new Set([...followed, line.id]));
  if (scaled.kind !== 'scaled') return held({ code: 'follows-open', item: line.item, base: base.item });
  // Percent is by mass: 70 % of a litre of oil is not 700 ml of something heavier.
  const one = base.one ? { value: exact(base.one.max), unit: base.one.unit } : null;
  const quantity = { value: exact(scaled.working.value.value), unit: scaled.unit };
  const grams = toGrams(base.item, quantity, { one, size: base.size, us: false }, by.book);
  if (isMissingFact(grams)) return held({ code: 'follows-without-mass', base: base.item, need: grams.need });
  const mass = unitOf(scaled.unit).dimension === 'mass' ? scaled.working : inGrams(scaled.working, grams);
  const unit = mass.value.unit as UnitCode;
  const named = labelled(mass, { said: { code: 'text', text: base.item } });
  return {
    kind: 'scaled',
    working: product([given(measure(scaling.percent, 'percent')), named], unit),
    unit,
    estimate: scaled.estimate || grams.by !== null,
    notes: [],
  };
}

function held(because: Said): ScaledLine {
  return { kind: 'held', because };
}
