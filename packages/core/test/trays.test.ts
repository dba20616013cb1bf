import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  computeOrder,
  linesOf,
  sum,
  traysOf,
  type DishContent,
  type LineSubstitution,
  type OrderInput,
  type Tray,
  words,
  shownOf,
  figureInWords,
  exact,
  inUnit,
  itemKey,
  type UnitCode,
} from '../src';
import { ALONE, dishFrom, withLine } from './helpers';

const NONE = new Map<string, DishContent>();
const input = (content: DishContent, more: Partial<OrderInput> = {}): OrderInput => ({
  plan: ALONE,
  dishes: [{ editionId: 'e1', content }],
  preparations: NONE,
  ...more,
});
const shown = ({ items }: Tray) =>
  Object.fromEntries(items.map(({ item, figure, only }) => [item + (only ? `, ${words(only)}` : ''), shownOf(figure)]));

describe('a tray', () => {
  it('holds what one making takes: whole pieces for itself, weights as they are weighed', () => {
    const dish = dishFrom('Slaw\nserves 4\n1 lemon\n600 g white cabbage\n2 tbsp olive oil');
    const [students, demonstration] = traysOf(
      input(dish, { plan: { ...ALONE, students: 13, teamSize: 2, portionsATeam: 2, demonstrationPortions: 4 } }),
    );
    expect([students!.count, words(students!.called)]).toEqual([7, '7 pairs']);
    expect(shown(students!)).toEqual({ lemon: '½', 'white cabbage': '300 g', 'olive oil': '1 tbsp' });
    expect(shown(demonstration!)).toEqual({ lemon: '1', 'white cabbage': '600 g', 'olive oil': '2 tbsp' });
  });

  it('says what is wanted of what lies on it, once for pieces that lie together', () => {
    const dish = dishFrom(
      'Slaw\nserves 4\n2 shallots, finely diced\n600 g white cabbage, shredded\n\nDressing\n1 shallot, sliced\n2 tbsp olive oil',
    );
    const [tray] = traysOf(input(dish));
    const wanted = Object.fromEntries(tray!.items.map(({ item, preparation }) => [item.replace(/s$/, ''), preparation]));
    expect(wanted).toEqual({ shallot: 'finely diced; sliced', 'white cabbage': 'shredded', 'olive oil': '' });
  });

  it('holds what is to be trimmed, untrimmed', () => {
    const dish = withLine(dishFrom('Roots\nserves 2\n400 g carrots'), 'carrots', { yields: [{ kind: 'trim', fraction: '4/5' }] });
    const [tray] = traysOf(input(dish, { plan: { ...ALONE, students: 1, portionsATeam: 2 } }));
    expect(shown(tray!)).toEqual({ carrots: '500 g' });
    expect(figureInWords(tray!.items[0]!.figure).rows[0]!.how).toMatch(/80 %|4\/5/);
  });

  it('says on how many trays something stands instead of another', () => {
    const dish = dishFrom('Crumb\nserves 1\n20 g hazelnuts');
    const line = linesOf(dish)[0]!;
    const swap: LineSubstitution = {
      editionId: 'e1',
      lineId: line.id,
      item: 'pumpkin seeds',
      ratio: '1',
      makings: 2,
      reason: 'two students',
    };
    const [tray] = traysOf(input(dish, { plan: { ...ALONE, students: 6, portionsATeam: 1 }, substitutions: [swap] }));
    expect(shown(tray!)).toEqual({ 'hazelnuts, in 4 of 6 trays': '20 g', 'pumpkin seeds, in 2 of 6 trays': '20 g' });
  });

  it('has wedges as they are given out, and halves of what must not be rounded', () => {
    const dish = dishFrom('Jelly\nserves 4\n3 wedges of lime\n2 sheets gelatine\n4 lemon wedges\n30 ml lemon juice');
    const [tray] = traysOf(input(dish, { plan: { ...ALONE, students: 10, portionsATeam: 1 } }));
    expect(shown(tray!)).toEqual({ lime: '1 wedge', gelatine: '½ sheet', lemon: '⅓' });
    const lemon = tray!.items.find(({ item }) => item.startsWith('lemon'))!;
    expect(lemon.figure.notes!.map((said) => words(said))).toContain('for 1 wedge, 7.5 ml juice');
  });

  it('gets its share of what is made ahead, which has a tray of its own', () => {
    const stock = {
      ...dishFrom('Vegetable stock\nserves 10\n2 onions\n2 l water'),
      gives: { amount: { min: '2', max: '2', unit: 'l' as const, about: false } },
    };
    const soup = withLine(dishFrom('Soup\nserves 2\n500 ml vegetable stock'), 'vegetable stock', { preparationEditionId: 'stock1' });
    const trays = traysOf(input(soup, { plan: { ...ALONE, students: 4, portionsATeam: 2 }, preparations: new Map([['stock1', stock]]) }));
    const team = trays.find(({ by }) => by === 'team')!;
    expect(team.items[0]).toMatchObject({ item: 'vegetable stock', madeAhead: 'Vegetable stock' });
    expect(shown(team)).toEqual({ 'vegetable stock': '500 ml' });
    const bulk = trays.find(({ by }) => by === 'bulk')!;
    expect([bulk.dish, bulk.count, shown(bulk)]).toEqual(['Vegetable stock', 1, { onions: '2', water: '2 l' }]);
  });

  it('is not shared by two dishes of one title', () => {
    const [mild, sharp] = [dishFrom('Slaw\nserves 2\n200 g cabbage'), dishFrom('Slaw\nserves 2\n40 g horseradish')];
    const dishes = [
      { editionId: 'e1', content: mild },
      { editionId: 'e2', content: sharp },
    ];
    expect(traysOf(input(mild, { dishes })).map(shown)).toEqual([{ cabbage: '200 g' }, { horseradish: '40 g' }]);
  });

  it('leaves off what is held; the order names it', () => {
    const dish = dishFrom('A\nserves 4\n100 g flour\n3 glugs olive oil');
    expect(traysOf(input(dish)).every(({ items }) => items.every(({ item }) => item === 'flour'))).toBe(true);
    expect(computeOrder(input(dish)).held).toHaveLength(1);
  });
});

describe('trays and order', () => {
  const plans = fc.record({
    students: fc.integer({ min: 1, max: 24 }),
    teamSize: fc.integer({ min: 1, max: 4 }),
    portionsATeam: fc.integer({ min: 1, max: 6 }),
    demonstrationPortions: fc.integer({ min: 0, max: 6 }),
    referencePlates: fc.integer({ min: 0, max: 2 }),
    tastingPortions: fc.integer({ min: 0, max: 4 }),
    spareMakings: fc.integer({ min: 0, max: 2 }),
  });
  const LINES = [
    '300 g flour',
    '2 lemons',
    '250 ml milk',
    '3 sprigs thyme',
    '70 g butter',
    '9 g salt',
    '1 g saffron',
    '3 egg yolks',
    '2 eggs, beaten',
    '1/2 celeriac',
    '1 tin chickpeas',
    '2 trout',
  ];

  it('agree: what lies on the trays is never more than the order buys, and none of it is nothing', () => {
    fc.assert(
      fc.property(
        plans,
        fc.uniqueArray(fc.constantFrom(...LINES), { minLength: 1 }),
        fc.integer({ min: 1, max: 9 }),
        (plan, lines, serves) => {
          const given = input(dishFrom(`Dish\nserves ${serves}\nIngredients\n${lines.join('\n')}`), { plan });
          const trays = traysOf(given);
          const { lines: ordered, tap } = computeOrder(given);
          for (const { item, figure } of [...ordered, ...tap]) {
            const unit = figure.value.unit as UnitCode;
            const isOf = ({ item: on }: { item: string }) => itemKey(on) === itemKey(item);
            const onTrays = trays.flatMap(({ count, items }) =>
              items.filter(isOf).map(({ figure: { value } }) => {
                expect(exact(value.value).compare(0)).toBeGreaterThan(0);
                const quantity = { value: exact(value.value), unit: value.unit as UnitCode };
                return (value.unit === unit ? quantity.value : inUnit(quantity, unit).value).mul(count);
              }),
            );
            expect(onTrays.length).toBeGreaterThan(0);
            expect(sum(onTrays).compare(exact(figure.value.value))).toBeLessThanOrEqual(0);
          }
        },
      ),
    );
  });
});
