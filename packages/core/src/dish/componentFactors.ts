import { exact, type Exact } from '../exact';
import { measure } from '../figure/measure';
import { inMeasures, inUnit, unitOf, type Quantity } from '../quantity';
import type { Said } from '../words';
import type { Component, DishContent, IngredientLine } from './types';

/** How many times its formula a component is made, for what other components of the dish take of it. */
export interface ComponentFactor {
  /** At least 1: a formula is not made smaller than it is written. */
  readonly factor: Exact;
  /** Why it is made larger, or why it may fall short; null when its own amount is enough. */
  readonly because: Said | null;
}

const ONE = exact(1);

/**
 * How large each component is made: as large as all its uses ask, chained through components that use components. Where it cannot
 * be worked out, because it does not say what it gives or is asked for in another kind of unit, its own amount is kept and that is said.
 *
 * @example a cream that gives 500 g, of which a filling takes 300 g and a glaze 350 g, is made 1.3 times
 */
export function componentFactors(dish: DishContent): ReadonlyMap<string, ComponentFactor> {
  const known = remembered.get(dish);
  if (known) return known;
  const factors = new Map<string, ComponentFactor>();
  const uses = new Map<string, { readonly by: Component; readonly line: IngredientLine }[]>();
  for (const by of dish.components)
    for (const line of by.lines) if (line.componentId) uses.set(line.componentId, [...(uses.get(line.componentId) ?? []), { by, line }]);
  // A ring is refused when a dish is published; in a draft, what leads back to itself is taken as it is written.
  const underWay = new Set<string>();
  const factorOf = (component: Component): ComponentFactor => {
    const done = factors.get(component.id);
    if (done) return done;
    if (underWay.has(component.id)) return { factor: ONE, because: null };
    underWay.add(component.id);
    const asked = (uses.get(component.id) ?? []).map(({ by, line }) => ({ line, times: factorOf(by).factor }));
    const found = grown(dish, component, asked);
    factors.set(component.id, found);
    return found;
  };
  dish.components.forEach(factorOf);
  remembered.set(dish, factors);
  return factors;
}

/** Content never changes in place, so what was worked out of it stays true. */
const remembered = new WeakMap<DishContent, ReadonlyMap<string, ComponentFactor>>();

function grown(
  { measures }: DishContent,
  { name, gives }: Component,
  asked: readonly { readonly line: IngredientLine; readonly times: Exact }[],
): ComponentFactor {
  if (asked.length === 0) return { factor: ONE, because: null };
  if (!gives) return { factor: ONE, because: { code: 'component-gives-nothing', name } };
  let total = exact(0);
  for (const { line, times } of asked) {
    if (!line.amount) return { factor: ONE, because: { code: 'component-asked-openly', name, item: line.written || line.item } };
    const takes = withYields(inMeasures({ value: exact(line.amount.max), unit: line.amount.unit }, measures), line);
    const own = inMeasures({ value: exact(1), unit: gives.unit }, measures);
    if (unitOf(takes.unit).dimension !== unitOf(own.unit).dimension || (unitOf(own.unit).dimension === 'count' && takes.unit !== own.unit))
      return {
        factor: ONE,
        because: { code: 'component-other-unit', name, gives: measure(gives.max, gives.unit), takes: measure(takes.value, takes.unit) },
      };
    const inGiven = takes.unit === own.unit ? takes.value : inUnit(takes, own.unit).value;
    total = total.add(inGiven.div(own.value).mul(times));
  }
  const least = exact(gives.min);
  if (least.compare(0) <= 0) return { factor: ONE, because: { code: 'component-gives-nothing', name } };
  const factor = total.div(least);
  if (factor.compare(1) <= 0) return { factor: ONE, because: null };
  return {
    factor,
    because: {
      code: 'component-made-larger',
      name,
      gives: measure(gives.min, gives.unit),
      asked: measure(total, gives.unit),
      times: measure(factor, 'times'),
    },
  };
}

const withYields = (quantity: Quantity, line: IngredientLine): Quantity =>
  line.yields.reduce(({ value, unit }, { fraction }) => ({ value: value.div(exact(fraction)), unit }), quantity);
