import { exact } from '../exact';
import { given, measure, quotient, type Working } from '../figure';
import type { YieldStep } from '../dish/types';

/**
 * As-purchased amount that leaves `edible` after the losses of every stage.
 *
 * @param edible - wanted after all stages, in any unit
 * @param yields - fractions that survive each stage, in the order they happen, each in (0, 1]
 * @throws RangeError if a yield is outside (0, 1]
 * @source edible-portion / as-purchased yield arithmetic as taught in food cost control
 * @example asPurchased(given(measure(900, 'g')), [{ kind: 'trim', fraction: '9/10' }, { kind: 'cooking', fraction: '4/5' }]).value // 1250 g
 */
export function asPurchased(edible: Working, yields: readonly YieldStep[]): Working {
  return yields.reduce((working, { kind, fraction }) => {
    const left = exact(fraction);
    if (left.compare(0) <= 0 || left.compare(1) > 0) throw new RangeError(`A yield lies above 0 and at most at 1, not at ${fraction}`);
    return quotient(working, given(measure(left.mul(100), 'percent'), { said: { code: 'left-after', stage: kind } }), working.value.unit);
  }, edible);
}
