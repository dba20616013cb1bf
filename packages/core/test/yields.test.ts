import { describe, expect, it } from 'vitest';
import { exact, yieldSaid } from '../src';

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
