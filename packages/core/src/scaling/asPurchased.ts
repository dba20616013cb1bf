import { exact } from '../exact';
import { given, measure, quotient, type Working } from '../figure';
import { isYield, type YieldStep } from '../dish/types';

/**
 * As-purchased amount that leaves `edible` after the losses and gains of every stage.
 *
 * @param edible - wanted after all stages, in any unit
 * @param yields - what one becomes in each stage, in the order they happen; only cooking may gain
 * @throws RangeError for a stage that no food goes through so; see `isYield`
 * @source edible-portion / as-purchased yield arithmetic as taught in food cost control
 * @example asPurchased(given(measure(900, 'g')), [{ kind: 'trim', fraction: '9/10' }, { kind: 'cooking', fraction: '4/5' }]).value // 1250 g
 */
export function asPurchased(edible: Working, yields: readonly YieldStep[]): Working {
  return yields.reduce((working, { kind, fraction }) => {
    if (!isYield({ kind, fraction })) throw new RangeError(`No ${kind} leaves ${fraction} of one`);
    const left = exact(fraction);
    return quotient(
      working,
      given(measure(left.mul(100), 'percent'), { said: { code: left.compare(1) > 0 ? 'gained-by' : 'left-after', stage: kind } }),
      working.value.unit,
    );
  }, edible);
}
