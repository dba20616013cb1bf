import { exact, showDecimal, type Exact } from '../exact';
import type { YieldStep } from '../dish/types';

const STAGE: Readonly<Record<YieldStep['kind'], string>> = { trim: 'trimming', cooking: 'cooking', reduction: 'reducing' };

export interface Purchased {
  readonly value: Exact;
  /** How the losses were made good; empty when there were none. */
  readonly how: string;
}

/**
 * As-purchased amount that leaves `edible` after the losses of every stage.
 *
 * @param edible - wanted after all stages, in any unit
 * @param yields - fractions that survive each stage, in the order they happen, each in (0, 1]
 * @throws RangeError if a yield is outside (0, 1]
 * @source edible-portion / as-purchased yield arithmetic as taught in food cost control
 * @example asPurchased(exact(900), [{ kind: 'trim', fraction: '9/10' }, { kind: 'cooking', fraction: '4/5' }]).value // 1250
 */
export function asPurchased(edible: Exact, yields: readonly YieldStep[]): Purchased {
  let value = edible;
  const stages: string[] = [];
  for (const { kind, fraction } of yields) {
    const left = exact(fraction);
    if (left.compare(0) <= 0 || left.compare(1) > 0) throw new RangeError(`A yield lies above 0 and at most at 1, not at ${fraction}`);
    value = value.div(left);
    stages.push(`÷ ${showDecimal(left.mul(100))} % left after ${STAGE[kind]}`);
  }
  return { value, how: stages.join(' ') };
}
