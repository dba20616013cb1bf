import { exact, fromDecimal } from '../exact';
import { conversion, figure, given, measure, quotient, type Figure, type Working } from '../figure';
import type { Said } from '../words';
import { inGrams, isMissingFact, SHIPPED_BOOK, toGrams, type FactBook } from '../ingredients';
import { inMeasures, inUnit, unitOf, type Amount } from '../quantity';
import { linesOf, type DishContent } from '../dish/types';
import { plateBuild } from '../dish/plateBuild';

/** A pan, tin or tray; lengths in centimetres. */
export type Vessel =
  | { readonly shape: 'round'; readonly diameter: number; readonly depth: number }
  | { readonly shape: 'rectangular'; readonly width: number; readonly length: number; readonly depth: number };

/** What a dish is scaled to. */
export type ScaleTarget =
  | { readonly kind: 'portions'; readonly portions: number }
  /** By the plate build: so many makings that the scarcest component serves them. */
  | { readonly kind: 'plates'; readonly plates: number }
  /** "I have 1.8 kg": the amount of one line in hand. */
  | { readonly kind: 'inHand'; readonly lineId: string; readonly amount: Amount }
  | { readonly kind: 'vessel'; readonly recipe: Vessel; readonly mine: Vessel; readonly by: 'area' | 'volume' };

export type FactorResult =
  /** How many times the written formula, with its working. */
  | { readonly kind: 'factor'; readonly factor: Figure }
  | { readonly kind: 'infeasible'; readonly field: string; readonly because: Said; readonly remedy: Said };

/** How many times the written formula a target asks for, and how that was reached. */
export function factorFor(dish: DishContent, target: ScaleTarget, book: FactBook = SHIPPED_BOOK): FactorResult {
  switch (target.kind) {
    case 'portions':
      if (target.portions <= 0) return infeasible('portions', { code: 'nobody-served' }, { code: 'give-one-or-more' });
      return times(given(measure(target.portions, 'portion')), written(measure(dish.portions, 'portion')));
    case 'plates': {
      const { portions } = plateBuild(dish);
      if (!portions || portions.value.value === '0') return infeasible('plates', { code: 'build-unknown' }, { code: 'give-build' });
      if (target.plates <= 0) return infeasible('plates', { code: 'no-plate-served' }, { code: 'give-one-or-more' });
      return times(given(measure(target.plates, 'plate')), given(portions.value, { said: { code: 'plates-a-making' } }));
    }
    case 'inHand':
      return byAmountInHand(dish, target.lineId, target.amount, book);
    case 'vessel': {
      const [from, to] = [sizeOf(target.recipe, target.by), sizeOf(target.mine, target.by)];
      if (from <= 0 || to <= 0)
        return infeasible(
          'vessel',
          { code: 'vessel-without-size' },
          { code: target.by === 'volume' ? 'give-width-and-depth' : 'give-width' },
        );
      const unit = target.by === 'area' ? 'squareCentimetre' : 'cubicCentimetre';
      const mine = given(measure(fromDecimal(to, 1), unit));
      const theirs = given(measure(fromDecimal(from, 1), unit), { said: { code: target.by === 'area' ? 'by-area' : 'by-volume' } });
      return times(mine, theirs);
    }
  }
}

const written = (value: Working['value']): Working => given(value, { said: { code: 'written-multiple' } });

const times = (have: Working, asWritten: Working): FactorResult => ({
  kind: 'factor',
  factor: figure({ code: 'times-formula' }, quotient(have, asWritten, 'times')),
});

function byAmountInHand(dish: DishContent, lineId: string, have: Amount, book: FactBook): FactorResult {
  const line = linesOf(dish).find(({ id }) => id === lineId);
  if (!line?.amount) return infeasible('lineId', { code: 'line-without-amount' }, { code: 'choose-another-line' });
  // The dish's own cups and spoons, on both sides.
  const hand = inMeasures({ value: exact(have.max), unit: have.unit }, dish.measures);
  const needed = inMeasures({ value: exact(line.amount.max), unit: line.amount.unit }, dish.measures);
  if (hand.value.compare(0) <= 0) return infeasible('amount', { code: 'nothing-in-hand' }, { code: 'give-above-nothing' });
  const inHand = given(measure(hand.value, hand.unit), { said: { code: 'in-hand' } });
  const asWritten = written(measure(needed.value, needed.unit));
  if (hand.unit === needed.unit) return times(inHand, asWritten);
  const [a, b] = [unitOf(hand.unit), unitOf(needed.unit)];
  if (a.dimension === b.dimension && a.dimension !== 'count')
    return times(conversion(inHand, measure(inUnit(hand, needed.unit).value, needed.unit)), asWritten);
  const one = line.one ? { value: exact(line.one.max), unit: line.one.unit } : null;
  const said = { one, size: line.size, us: dish.measures === 'us' };
  const [mine, theirs] = [toGrams(line.item, hand, said, book), toGrams(line.item, needed, said, book)];
  const missing = isMissingFact(mine) ? mine : isMissingFact(theirs) ? theirs : null;
  if (missing)
    return infeasible(
      'amount',
      { code: 'fact-needed', item: line.item, need: missing.need },
      { code: 'give-in-unit-or-fact', unit: b.one },
    );
  if (isMissingFact(mine) || isMissingFact(theirs)) return infeasible('amount', { code: 'units-apart' }, { code: 'use-its-unit' });
  return times(inGrams(inHand, mine), inGrams(asWritten, theirs));
}

function sizeOf(vessel: Vessel, by: 'area' | 'volume'): number {
  const area = vessel.shape === 'round' ? Math.PI * (vessel.diameter / 2) ** 2 : vessel.width * vessel.length;
  return by === 'area' ? area : area * vessel.depth;
}

function infeasible(field: string, because: Said, remedy: Said): FactorResult {
  return { kind: 'infeasible', field, because, remedy };
}
