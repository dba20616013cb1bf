import { linesOf, readAmount, type AllowanceMark, type Amount, type Component, type DishContent, type IngredientLine } from '@pelvo/core';

const amount = (text: string): Amount => readAmount(text)!.amount;

interface Plating {
  /** By component name, the main list being "": what one making gives, and what of it goes on a plate. */
  readonly [component: string]: readonly [gives: string, onPlate: string, ...gave: string[]];
}

const PLATES: Readonly<Record<string, Plating>> = {
  'Leeks vinaigrette with hazelnut crumb': {
    '': ['24', '3', '23', '24'],
    Dressing: ['140 ml', '30 ml'],
    Crumb: ['110 g', '22 g', '104', '98'],
  },
  'Citrus and fennel salad with toasted seeds': { '': ['560 g', '140 g', '540'] },
  'Poached trout with sorrel sauce and cucumber': { '': ['4', '1'], Sauce: ['240 ml', '50 ml', '220', '235'], Garnish: ['180 g', '40 g'] },
  'Chickpea panisse with red pepper romesco': { Panisse: ['36', '5', '34', '33'], Romesco: ['420 g', '60 g'] },
};

/** The duck is taught pink, as the demo county's code allows; who tells those who eat it is still open. */
const PINK: AllowanceMark = {
  allowance: 'whole-pink',
  reason: 'Duck breast is taught pink; the county allows whole breast that is seared all over.',
  kept: ['whole', 'seared', 'risk'],
};

/** What the demo instructor settled by hand after reading: what is made in-house, rules, yields, and the plate. */
export function settleDish(dish: DishContent, stockEditionId: string): DishContent {
  const flour = linesOf(dish).find((line) => line.item === '00 flour');
  const plating = PLATES[dish.title] ?? {};
  const settleLine = (line: IngredientLine): IngredientLine => {
    if (line.item === 'vegetable stock') return { ...line, preparationEditionId: stockEditionId };
    if (flour && line.item === 'water') return { ...line, scaling: { kind: 'percentOf', lineId: flour.id, percent: '55' } };
    if (line.item === 'frying oil') return { ...line, scaling: { kind: 'byTheLoad', portionsALoad: '4' } };
    if (line.item === 'green lentils') return { ...line, yields: [{ kind: 'cooking', fraction: '12/5' }] };
    if (line.item === 'red cabbage') return { ...line, yields: [{ kind: 'trim', fraction: '4/5' }] };
    return line;
  };
  const settleComponent = (component: Component): Component => {
    const [gives, , ...gave] = plating[component.name] ?? [];
    const allowance = dish.title.startsWith('Duck') && component.name === '' ? PINK : component.allowance;
    return { ...component, lines: component.lines.map(settleLine), allowance, ...(gives ? { gives: amount(gives), gave } : {}) };
  };
  const components = dish.components.map(settleComponent);
  const plate = components.flatMap((component) => {
    const onPlate = plating[component.name]?.[1];
    return onPlate ? [{ componentId: component.id, amount: amount(onPlate) }] : [];
  });
  // The college's fryers also fry fish.
  const method = dish.method.map((step) => (/\bfry in batches\b/.test(step.text) ? { ...step, sharedWith: ['fish' as const] } : step));
  return { ...dish, components, method, ...(plate.length > 0 ? { plate } : {}) };
}
