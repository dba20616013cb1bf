import { exactText, fromDecimal, SHIPPED, type IngredientFact } from '@pelvo/core';

/** What the demo school pays: ingredient, price, per. Made up. */
const PRICES: readonly (readonly [string, number, 'kg' | 'l' | 'each'])[] = [
  ['leek', 2.4, 'kg'],
  ['hazelnuts', 11.5, 'kg'],
  ['butter', 7.2, 'kg'],
  ['cream', 4.6, 'l'],
  ['trout fillet', 18.9, 'kg'],
  ['shallot', 3.8, 'kg'],
  ['onion', 1.1, 'kg'],
  ['carrot', 1.2, 'kg'],
  ['celery', 2.2, 'kg'],
  ['cucumber', 0.9, 'each'],
  ['white wine', 5.2, 'l'],
  ['flour', 0.9, 'kg'],
  ['mushrooms', 5.9, 'kg'],
  ['olive oil', 7.5, 'l'],
  ['fennel', 3.1, 'kg'],
  ['orange', 2.0, 'kg'],
  ['salt', 0.6, 'kg'],
  ['barley', 1.9, 'kg'],
  ['duck breast', 17.4, 'kg'],
  ['red cabbage', 1.3, 'kg'],
  ['mussels', 5.4, 'kg'],
  ['milk', 1.0, 'l'],
  ['pear', 2.6, 'kg'],
  ['water', 0.01, 'l'],
];

/** The demo school's own facts: prices, and a maker's label that warns. */
export const DEMO_FACTS: readonly IngredientFact[] = PRICES.map(([name, price, per]) => {
  const shipped = SHIPPED.find((fact) => fact.name === name);
  if (!shipped) throw new Error(`No shipped fact is called "${name}"`);
  return {
    ...shipped,
    price: { amount: exactText(fromDecimal(price, 2)), per },
    ...(name === 'barley' ? { mayContain: ['mustard' as const] } : {}),
    source: `${shipped.source} Price: the demo school's made-up list.`,
  };
});
