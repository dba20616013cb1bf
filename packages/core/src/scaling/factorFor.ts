import { exact, fromDecimal, showDecimal, showFraction, type Exact } from '../exact';
import { isMissingFact, SHIPPED_BOOK, toGrams, type FactBook } from '../ingredients';
import { inUnit, showAmount, showQuantity, unitOf, type Amount } from '../quantity';
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
  | { readonly kind: 'factor'; readonly factor: Exact; readonly how: string }
  | { readonly kind: 'infeasible'; readonly field: string; readonly because: string; readonly remedy: string };

/** How many times the written formula a target asks for, and how that was reached. */
export function factorFor(dish: DishContent, target: ScaleTarget, book: FactBook = SHIPPED_BOOK): FactorResult {
  switch (target.kind) {
    case 'portions':
      if (target.portions <= 0) return infeasible('portions', 'Nobody would be served.', 'Give 1 or more.');
      return {
        kind: 'factor',
        factor: exact(target.portions).div(dish.portions),
        how: `${target.portions} portions ÷ ${dish.portions} as written`,
      };
    case 'plates': {
      const { portions } = plateBuild(dish);
      if (!portions || portions.value === '0')
        return infeasible(
          'plates',
          'The plate build does not say how many plates one making gives.',
          'Say what each component gives and how much goes on a plate.',
        );
      if (target.plates <= 0) return infeasible('plates', 'No plate would be served.', 'Give 1 or more.');
      return {
        kind: 'factor',
        factor: exact(target.plates).div(exact(portions.value)),
        how: `${target.plates} plates ÷ ${portions.shown} that one making gives`,
      };
    }
    case 'inHand':
      return byAmountInHand(dish, target.lineId, target.amount, book);
    case 'vessel': {
      const [from, to] = [sizeOf(target.recipe, target.by), sizeOf(target.mine, target.by)];
      if (from <= 0 || to <= 0)
        return infeasible('vessel', 'A vessel has no size.', target.by === 'volume' ? 'Give its width and its depth.' : 'Give its width.');
      const unit = target.by === 'area' ? 'cm²' : 'cm³';
      return {
        kind: 'factor',
        factor: fromDecimal(to / from, 4),
        how: `${showDecimal(fromDecimal(to, 1), 0)} ${unit} ÷ ${showDecimal(fromDecimal(from, 1), 0)} ${unit}, by ${target.by}`,
      };
    }
  }
}

function byAmountInHand(dish: DishContent, lineId: string, have: Amount, book: FactBook): FactorResult {
  const line = linesOf(dish).find(({ id }) => id === lineId);
  if (!line?.amount) return infeasible('lineId', 'This line has no amount to compare with.', 'Choose another line.');
  const hand = { value: exact(have.max), unit: have.unit };
  const needed = { value: exact(line.amount.max), unit: line.amount.unit };
  if (hand.value.compare(0) <= 0) return infeasible('amount', 'Nothing is in hand.', 'Give an amount above 0.');
  const how = (factor: Exact) => `${showQuantity(hand)} in hand ÷ ${showAmount(line.amount!)} as written = ${showFraction(factor, 3)}`;
  if (hand.unit === needed.unit) {
    const factor = hand.value.div(needed.value);
    return { kind: 'factor', factor, how: how(factor) };
  }
  const [a, b] = [unitOf(hand.unit), unitOf(needed.unit)];
  if (a.dimension === b.dimension && a.dimension !== 'count') {
    const factor = inUnit(hand, needed.unit).value.div(needed.value);
    return { kind: 'factor', factor, how: how(factor) };
  }
  const one = line.one ? { value: exact(line.one.max), unit: line.one.unit } : null;
  const [mine, written] = [toGrams(line.item, hand, one, book), toGrams(line.item, needed, one, book)];
  const missing = isMissingFact(mine) ? mine : isMissingFact(written) ? written : null;
  if (missing)
    return infeasible(
      'amount',
      `The ${missing.need} of ${line.item} is not known.`,
      `Give the amount in ${b.one || 'pieces'}, or enter the fact.`,
    );
  if (isMissingFact(mine) || isMissingFact(written))
    return infeasible('amount', 'These units cannot be compared.', 'Use the unit of the line.');
  const factor = mine.quantity.value.div(written.quantity.value);
  return { kind: 'factor', factor, how: `${how(factor)}; ${[mine.by, written.by].filter(Boolean).join('; ')}` };
}

function sizeOf(vessel: Vessel, by: 'area' | 'volume'): number {
  const area = vessel.shape === 'round' ? Math.PI * (vessel.diameter / 2) ** 2 : vessel.width * vessel.length;
  return by === 'area' ? area : area * vessel.depth;
}

function infeasible(field: string, because: string, remedy: string): FactorResult {
  return { kind: 'infeasible', field, because, remedy };
}
