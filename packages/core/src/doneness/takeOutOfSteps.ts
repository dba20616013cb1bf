import type { DishContent } from '../dish/types';
import { coreIn } from '../rules/dishRules';
import { REHEAT, stepsOf } from '../rules/nature';
import type { Said } from '../words';
import { takeOutAt } from './takeOut';

/** How thick a piece is that is cooked whole, mm: a fillet, a breast, a thick cut. @source our own working figures */
const THICK = { least: 20, usual: 35, most: 50 };
/** What stands around a piece in a pan, °C, where no oven is named. @source our own working figure */
const PAN = 150;

/**
 * When to take a piece out so that it peaks at the core its step names, by step: "out at 51, peaks at 54". Only for what a person has
 * marked as served below the rule on purpose; a core that a rule asks for is reached in the heat, and nothing is taken out before it.
 *
 * @returns what is said, by the id of the step; takes the last oven named for the component, else a pan
 */
export function takeOutOfSteps(dish: DishContent): ReadonlyMap<string, Said> {
  const found = new Map<string, Said>();
  for (const component of dish.components) {
    if (!component.allowance) continue;
    let heat = PAN;
    for (const step of stepsOf(dish, component)) {
      if (step.heats === 'oven' && step.celsius !== null) heat = step.celsius;
      const peak = coreIn(step);
      if (peak === null || REHEAT.test(step.text) || heat <= peak) continue;
      const outOf = (thick: number) => takeOutAt(peak, { thick, heat }).at;
      found.set(step.id, {
        code: 'take-out',
        at: Math.round(outOf(THICK.usual)),
        between: [Math.floor(outOf(THICK.most)), Math.ceil(outOf(THICK.least))],
        peak,
      });
    }
  }
  return found;
}
