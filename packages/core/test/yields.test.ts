import { describe, expect, it } from 'vitest';
import { asOrdered, computeOrder, exact, readLine, readRecipe, toDish, yieldSaid } from '../src';

describe('what a recipe gives', () => {
  it.each([
    // [line, portions, gives]
    ['Serves 4', 4, null],
    ['Serves 4-6', 4, null],
    ['serves eight', 8, null],
    ['For 6', 6, null],
    ['For 6 people', 6, null],
    ['Feeds 10', 10, null],
    ['Covers 14', 14, null],
    ['Covers: 6', 6, null],
    ['12 covers', 12, null],
    ['20 portions', 20, null],
    ['Servings: 16 squares', 16, null],
    ['Makes 30 small', 30, null],
    ['makes about 40', 40, null],
    ['Makes 1 dozen', 12, null],
    ['enough for two dozen', 24, null],
    ['Enough for 4', 4, null],
    ['12 large ones', 12, null],
    ['Yield: 10 portions of 250 ml', 10, null],
    ['Makes 1 loaf (12 slices)', 12, '1 loaf'],
    ['Serves 12 as a snack', 12, null],
    ['Serves 4 generously', 4, null],
    ['Serves: 8 | Prep: 15 min | Bake: 40 min', 8, null],
    ['Batch: 60 pieces at 110 g', 60, null],
    ['Portions 30 x 180 g', 30, null],
    ['10 x 150g portions', 10, null],
    ['Yield 24 pcs @ 35g', 24, null],
    ['Pax 40', 40, null],
    ['No of covers: 6', 6, null],
    ['Cuts into 12 slices', 12, null],
    ['A bowl for four', 4, null],
    ['Will do 6 as a pasta sauce', 6, null],
    ['Serves 4 with potatoes', 4, null],
    ['Makes 1 terrine / 14 slices', 14, null],
    ['Quantity to produce: 1.5 litres (10 portions)', 10, '1.5 l'],
    ['Batch size: 2.4 L approx', null, '2.4 l'],
    ['Yield 420 g', null, '420 g'],
    ['Makes 1.5 litres', null, '1.5 l'],
    ['Yield: about 2 liters', null, '2 l'],
    ['Yields 8 tins of 500 g', null, '8 tin'],
    ['*1 tray 60 x 40 cm, 24 portions*', 24, null],
  ] as const)('"%s" gives %j portions, %j', (line, portions, gives) => {
    const said = yieldSaid(line);
    const amount = said?.gives ? `${exact(said.gives.max).valueOf()} ${said.gives.unit}` : null;
    expect([said?.portions ?? null, amount]).toEqual([portions, gives]);
  });

  it('reads bare tins behind a heading that says so', () => {
    expect(yieldSaid('8 tins of 500 g', true)?.gives).toMatchObject({ max: '8', unit: 'tin' });
  });

  it.each([
    '250 g flour',
    '4 eggs',
    'For the base',
    'For 2 minutes',
    'Bake for 20 minutes',
    'Makes a good supper',
    'for 20 g of yeast',
    'Oven 180 °C',
  ])('"%s" does not say', (line) => {
    const said = yieldSaid(line);
    expect(said === null || said.left > 0).toBe(true);
  });
});

describe('an amount of what is prepared already', () => {
  it.each([
    // [line, kind, what one part became, worked out from the tables of yields]
    ['200 g cooked rice', 'cooking', 2.6],
    ['200 g boiled rice', 'cooking', 2.8],
    ['250 g cooked pasta', 'cooking', 2.2],
    ['300 g cooked lentils', 'cooking', 2.4],
    ['450 g quinoa (cooked weight)', 'cooking', 2.7],
    ['500 g cooked spinach', 'cooking', 0.75],
    ['500 g peeled carrots', 'trim', 0.8],
    ['500 g peeled and sliced carrots', 'trim', 0.8],
    ['300 g podded broad beans', 'trim', 0.4],
    ['100 g picked watercress', 'trim', 0.6],
  ] as const)('%s was more or less before', (line, kind, became) => {
    const [step] = readLine(line).yields;
    expect([step?.kind, step && exact(step.fraction).valueOf()]).toEqual([kind, became]);
  });

  it.each([
    // Done after it was weighed; a count; what no fact knows; what is bought so.
    '200 g rice, cooked',
    '2 peeled carrots',
    '500 g carrots, peeled',
    '300 g cooked chickpeas',
    '150 g roasted hazelnuts',
    '200 g chopped onions',
    '200 g rice',
  ])('%s is bought as it stands', (line) => expect(readLine(line).yields).toEqual([]));

  it('is ordered as it is bought: 400 g of cooked rice are 154 g of rice', () => {
    let id = 0;
    const content = toDish(readRecipe('Bowl\nserves 4\n200 g cooked rice\n\nDress the rice.'), {
      newId: () => `i${(id += 1)}`,
      portions: 4,
      techniques: [],
    });
    const plan = {
      students: 8,
      teamSize: 1,
      portionsATeam: 1,
      demonstrationPortions: 0,
      referencePlates: 0,
      tastingPortions: 0,
      spareMakings: 0,
    };
    const [line] = computeOrder({ plan, dishes: [{ editionId: 'e', content }], preparations: new Map() }).lines;
    expect([line!.item, asOrdered(line!)]).toEqual(['rice', '154 g']);
  });
});
