import { describe, expect, it } from 'vitest';
import {
  asOrdered,
  computeOrder,
  componentFactors,
  exact,
  inMeasures,
  linesOf,
  orderedItem,
  scaleDish,
  shareOut,
  shownOf,
  traysOf,
  words,
  type DishContent,
} from '../../src';
import { ALONE, dishFrom, withLine } from '../helpers';

/*
 * Figures that were worked out by hand beside the program, one row each. Whoever changes an arithmetic reads here what it has to give.
 */

const plan = (change: Partial<typeof ALONE>) => ({ ...ALONE, portionsATeam: 1, ...change });
const ordered = (dish: DishContent, change: Partial<typeof ALONE> = {}) => {
  const order = computeOrder({ plan: plan(change), dishes: [{ editionId: 'e', content: dish }], preparations: new Map() });
  return Object.fromEntries([...order.lines, ...order.tap].map((line) => [orderedItem(line), asOrdered(line)]));
};

describe('pieces', () => {
  it.each([
    // [parts, pieces]: a part comes from one piece.
    [[[6, '1/4']], 2],
    [[[16, '1/4']], 4],
    [[[14, '3/8']], 7],
    [[[7, '2/3']], 7],
    [[[6, '1/3']], 2],
    [[[5, '1/1']], 5],
    // 1 whole each and 14 × 3/8: 14 + 7.
    [[[14, '11/8']], 21],
    // Six quarters and two halves are 2.5: three.
    [
      [
        [6, '1/4'],
        [2, '1/2'],
      ],
      3,
    ],
    // 4 × 0.6 and 4 × 0.4 go two to a piece: four.
    [
      [
        [4, '3/5'],
        [4, '2/5'],
      ],
      4,
    ],
    // 3 × 0.5 and 2 × 0.3: halves make two pieces with a half left, which takes one of 0.3; one more for the other… 0.5 + 0.3 fit: two pieces hold all but nothing is over.
    [
      [
        [3, '1/2'],
        [2, '3/10'],
      ],
      3,
    ],
    [[], 0],
  ] as const)('%j need %i', (parts, pieces) => {
    expect(shareOut(parts.map(([count, each]) => ({ count, each: exact(each) })))).toBe(pieces);
  });

  it.each([
    // [recipe, students, what is bought]
    ['Remoulade\nserves 4\n1 celeriac', 16, { celeriac: '4' }],
    ['Ice\nserves 1\n1/2 vanilla pod\nFor the sauce:\n1/2 vanilla pod', 16, { 'vanilla pod': '16' }],
    ['Cream\nserves 4\n1 vanilla pod', 6, { 'vanilla pod': '2' }],
    ['Trout\nserves 2\n1 trout', 6, { trout: '6' }],
    ['Broth\nserves 4\n1 bay leaf', 6, { 'bay leaf': '6' }],
    // 6 × ⅓ lemon: two.
    ['Salad\nserves 3\n1 lemon', 6, { lemon: '2' }],
    // Half a clove each, half a plum each: what is cut in half serves two; three quarters come from one each.
    ['Dressing\nserves 4\n2 cloves garlic', 16, { garlic: '8 cloves' }],
    ['Tartlets\nserves 4\n2 plums', 6, { plums: '3' }],
    ['Grill\nserves 4\n3 corn on the cob', 6, { 'corn on the cob': '6' }],
    // Juice of a lemon and zest of a lemon are one lemon.
    ['Curd\nserves 1\njuice of 1 lemon\nzest of 1 lemon', 4, { lemon: '4' }],
    // Wedges use it up: one for its zest, and one cut.
    ['Plate\nserves 1\nzest of 1 lemon\n1 lemon, cut in wedges', 4, { lemon: '8' }],
    // Wedges are bought as fruit, six of a lemon, eight of an orange; three quarters of a wedge each is a whole one.
    ['Fritters\nserves 4\n4 lemon wedges', 10, { lemon: '2' }],
    ['Curry\nserves 4\n3 wedges of lime', 10, { lime: '2' }],
    ['Salad\nserves 2\n6 orange wedges', 5, { orange: '3' }],
    ['Punch\nserves 4\n4 slices of orange', 13, { orange: '3' }],
    // A wedge and the juice of a sixth are a third, cut from one lemon.
    ['Plate\nserves 4\n4 lemon wedges\n30 ml lemon juice', 10, { lemon: '4' }],
    // Halves and quarters of any fruit are cut from whole ones: two halves each are a pear, one and a half are two halves.
    ['Crumble\nserves 4\n8 apricot halves', 8, { apricot: '8' }],
    ['Salad\nserves 4\n8 tomato quarters', 8, { tomato: '4' }],
    ['Plate\nserves 4\n16 apple eighths', 8, { apple: '4' }],
    ['Plate\nserves 4\n6 pear halves, poached', 8, { pear: '8' }],
    ['Plate\nserves 4\n4 half avocados', 8, { avocados: '4' }],
    ['Relish\nserves 4\n4 quarters of preserved lemon', 8, { 'preserved lemon': '2' }],
    // What seasons is halved again: a quarter of a pod each.
    ['Cream\nserves 4\n2 halves of one vanilla pod', 8, { 'vanilla pod': '2' }],
    // Frozen and fresh are bought apart; what comes on top for the tin does not make the line one a making.
    ['Soup\nserves 4\n300 g frozen peas\n200 g peas\n50 g thawed peas', 8, { 'frozen peas': '700 g', peas: '400 g' }],
    ['Cake\nserves 4\n50 g butter, plus 10 g for the tin', 6, { butter: '75 g' }],
    ['Cake\nserves 4\n10 g butter, for the tin', 6, { butter: '60 g' }],
    // Nuts and what is dried are sold in halves.
    ['Cake\nserves 4\n8 walnut halves', 8, { 'walnut halves': '16' }],
    ['Cake\nserves 4\n8 dried apricot halves', 8, { 'dried apricot halves': '16' }],
    ['Grill\nserves 2\n2 whole mackerel', 9, { mackerel: '9' }],
    ['Salad\nserves 4\nseeds of 1 pomegranate', 8, { pomegranate: '2' }],
    // Beans are cooked by boiling, bulgur by soaking: 1,000 g at 2.4, 250 g at 2.5.
    ['Chilli\nserves 1\n1 kg cooked black beans', 1, { 'black beans': '420 g' }],
    ['Tabbouleh\nserves 1\n250 g cooked bulgur', 1, { bulgur: '100 g' }],
    // Half a leaf each is cut from one: a whole one would set twice as hard.
    ['Cream\nserves 4\n2 sheets gelatine', 10, { gelatine: '5 sheets' }],
    // 90 ml of juice at 45 a lemon.
    ['Dressing\nserves 1\n45 ml lemon juice', 6, { lemon: '6' }],
    // Yolks are bought as eggs, whites come from the same.
    ['Cream\nserves 1\n3 egg yolks', 4, { egg: '12' }],
    ['Both\nserves 1\n3 egg yolks\n2 egg whites', 4, { egg: '12' }],
    ['All\nserves 1\n1 egg\n3 egg yolks\n1 egg white', 4, { egg: '16' }],
    // 68 g of yolk at 17 g are four.
    ['Mass\nserves 1\n17 g egg yolk', 4, { egg: '4' }],
    // Beaten it is weighed: 6 × 1.4 = 8.4, nine eggs and not twelve.
    ['Wash\nserves 10\n14 eggs, beaten', 6, { eggs: '9' }],
    ['Boiled\nserves 10\n14 eggs', 6, { eggs: '12' }],
    // A yolk and a half each is weighed, like a white.
    ['Cream\nserves 4\n6 egg yolks\n4 egg whites', 10, { egg: '15' }],
    // A bird for four is jointed: a quarter each. A quail is one's own.
    ['Plate\nserves 4\n1 duck, about 2.4 kg', 8, { duck: '2' }],
    ['Plate\nserves 4\n1 guinea fowl', 10, { 'guinea fowl': '3' }],
    ['Plate\nserves 2\n1 rabbit', 3, { rabbit: '2' }],
    ['Plate\nserves 4\n4 quail', 6, { quail: '6' }],
    ['Plate\nserves 4\n4 duck legs (200 g each)', 6, { 'duck legs': '6' }],
    // Gross and drained are said of one tin.
    ['Soup\nserves 4\n1 tin chickpeas (400 g, 240 g drained)', 10, { chickpeas: '3 tins of 400 g gross' }],
    // 1 kg at nine tenths, halved; 400 g at four fifths; 250 g at three quarters is 333, bought by ten.
    ['Tart\nserves 8\n1 kg stoned plums', 4, { plums: '560 g' }],
    ['Soup\nserves 4\n400 g potatoes, peeled weight', 4, { potatoes: '500 g' }],
    ['Soup\nserves 4\n400 g carrots (weighed after peeling)', 4, { carrots: '500 g' }],
    ['Soup\nserves 4\n400 g potatoes, peeled', 4, { potatoes: '400 g' }],
    // Sizes and stated weights are told apart.
    ['Two\nserves 1\n1 large egg\n2 small eggs', 3, { 'egg, large': '3', 'eggs, small': '6' }],
    [
      'Fish\nserves 1\n1 trout fillet (about 140 g)\nFor the starter:\n1 trout fillet (about 90 g)',
      2,
      { 'trout fillet': '2 of about 90 g' },
    ],
    // Water is not bought; state is no part of an item.
    ['Dough\nserves 1\n100 g cold butter\n50 g soft butter\n200 ml cold water', 2, { butter: '300 g', 'cold water': '400 ml' }],
    ['Drink\nserves 1\n200 ml sparkling water', 2, { 'sparkling water': '400 ml' }],
  ] as const)('%s for %i', (text, students, expected) => {
    expect(ordered(dishFrom(text), { students })).toMatchObject(expected);
  });

  it('tells the tray which part it gets, and the order what the other choice would cost', () => {
    const dish = dishFrom('Remoulade\nserves 4\n1 celeriac');
    const input = {
      plan: plan({ students: 6 }),
      dishes: [{ editionId: 'e', content: dish }],
      preparations: new Map<string, DishContent>(),
    };
    const [item] = traysOf(input)[0]!.items;
    expect([shownOf(item!.figure), words(item!.figure.notes[0]!)]).toEqual(['¼', 'cut from one that is shared']);
    const said = computeOrder(input).lines[0]!.figure.notes.map((note) => words(note));
    expect(said).toContain('whole in each making it would be 6');
  });

  it('says what yolks leave', () => {
    const order = computeOrder({
      plan: plan({ students: 4 }),
      dishes: [{ editionId: 'e', content: dishFrom('Cream\nserves 1\n3 egg yolks\n1 egg white') }],
      preparations: new Map(),
    });
    // 12 yolks leave 12 whites, of which 4 are used.
    expect(order.lines[0]!.figure.notes.map((note) => words(note))).toContain('leaves 8 egg whites');
  });
});

describe('amounts', () => {
  it.each([
    // Whatever was done to it, it comes from one tap: 1 l and 200 ml of a making are 1.2 l, twice that for eight.
    ['1 l cold water\n200 ml boiling water', 8, { 'cold water': '2.4 l' }],
    ['1 l freshly boiled water\n200 ml iced water', 4, { 'freshly boiled water': '1.2 l' }],
    ['500 ml milk\n100 ml scalded milk', 4, { milk: '600 ml' }],
    // A head comes apart, so ten quarters of one are two and a half; a sprig does not.
    ['1 head garlic', 10, { garlic: '3 heads' }],
    ['1 bulb fennel', 6, { fennel: '2 bulbs' }],
    ['1 sprig thyme', 6, { thyme: '6 sprigs' }],
  ] as const)('%j for %d is %j', (lines, students, wanted) => {
    expect(ordered(dishFrom(`Dish\nserves 4\n${lines}`), { students })).toEqual(wanted);
  });

  it.each([
    // What becomes more is bought as less: 280 g cooked at 2.8 are 100 g dry.
    ['280 g rice', [{ kind: 'cooking', fraction: '14/5' }], '100 g'],
    ['240 g lentils', [{ kind: 'cooking', fraction: '12/5' }], '100 g'],
    // Peeled to four fifths, then roasted to three quarters: 600 g of 1 kg.
    [
      '600 g carrots',
      [
        { kind: 'trim', fraction: '4/5' },
        { kind: 'cooking', fraction: '3/4' },
      ],
      '1 kg',
    ],
    // Trimmed to 0.9 and gaining to 2: a chain above one.
    [
      '180 g black beans',
      [
        { kind: 'trim', fraction: '9/10' },
        { kind: 'cooking', fraction: '2' },
      ],
      '100 g',
    ],
    ['300 ml vegetable stock', [{ kind: 'reduction', fraction: '1/2' }], '600 ml'],
  ] as const)('%s is bought as %j', (line, yields, bought) => {
    const dish = dishFrom(`Dish\nserves 1\n${line}`);
    const [only] = linesOf(dish);
    const order = ordered(withLine(dish, only!.item, { yields }), { students: 1 });
    expect(Object.values(order)).toEqual([bought]);
  });

  it.each([
    // Percent goes by mass: 2 % of a litre of oil is of 920 g.
    // 18.4 g, bought in half grams.
    ['1 l olive oil', '18.5 g'],
    ['1 kg flour', '20 g'],
    // 2 % of four eggs of 51 g.
    ['4 eggs', '4.1 g'],
  ] as const)('2 %% of %s is %s of salt', (base, salt) => {
    const dish = dishFrom(`Dish\nserves 1\n${base}\n1 g salt`);
    const [first] = linesOf(dish);
    const follows = withLine(dish, 'salt', { scaling: { kind: 'percentOf', lineId: first!.id, percent: '2' } });
    expect(ordered(follows, { students: 1 }).salt).toBe(salt);
  });

  it('holds a percentage of what has no known weight', () => {
    const dish = dishFrom('Dish\nserves 1\n1 l moonjuice\n1 g salt');
    const [first] = linesOf(dish);
    const follows = withLine(dish, 'salt', { scaling: { kind: 'percentOf', lineId: first!.id, percent: '2' } });
    const { held } = computeOrder({ plan: plan({}), dishes: [{ editionId: 'e', content: follows }], preparations: new Map() });
    expect(held.map(({ because }) => because.code)).toEqual(['follows-without-mass']);
  });

  it.each([
    // What must not be rounded freely keeps within a hundredth; nothing is ever shown as nothing.
    ['9.37 g salt', '9.4 g'],
    ['1.24 g yeast', '1.24 g'],
    ['0.04 g saffron', '0.04 g'],
    ['0.6 g gellan', '0.6 g'],
    ['0.3 g curing salt', '0.3 g'],
    ['7.13 g agar', '7.1 g'],
    ['9.37 g sugar', '9.5 g'],
    ['0.04 g turmeric', '0.04 g'],
    ['137 g flour', '137 g'],
  ] as const)('%s is weighed as %s', (line, shown) => {
    const row = scaleDish(dishFrom(`Dish\nserves 1\n${line}`), exact(1)).components[0]!.rows[0]!;
    expect(shownOf(row.figure!)).toBe(shown);
  });

  it('makes a component as large as all its uses ask, chained', () => {
    // Cream gives 500 g; the filling takes 300 g and the glaze 200 g; the glaze is made twice (200 g of it are taken, it gives 100 g).
    const base = dishFrom(
      'Cake\nserves 8\nFor the cream:\n500 g cream\nFor the glaze:\n200 g cream base\nFor the filling:\n300 g cream base\n200 g glaze',
    );
    const [cream, glaze, filling] = base.components;
    const dish: DishContent = {
      ...base,
      components: [
        { ...cream!, gives: { min: '500', max: '500', unit: 'g', about: false } },
        {
          ...glaze!,
          gives: { min: '100', max: '100', unit: 'g', about: false },
          lines: glaze!.lines.map((line) => ({ ...line, componentId: cream!.id })),
        },
        {
          ...filling!,
          lines: filling!.lines.map((line) => ({ ...line, componentId: line.item === 'glaze' ? glaze!.id : cream!.id })),
        },
      ],
    };
    const factors = componentFactors(dish);
    // Glaze 200 / 100 = 2. Cream: 2 × 200 + 300 = 700 of 500 = 1.4.
    expect([glaze!.id, cream!.id, filling!.id].map((id) => factors.get(id)!.factor.toFraction())).toEqual(['2', '7/5', '1']);
    expect(words(factors.get(cream!.id)!.because!)).toBe('Cream gives 500 g; 700 g are taken of it, so it is made 1.4 times.');
    // An eighth of 700 g is 87.5, weighed as 88: eight trays hold 704, bought in fives.
    expect(ordered(dish, { students: 8, portionsATeam: 1 })).toMatchObject({ cream: '705 g' });
    const { components } = computeOrder({
      plan: plan({ students: 8 }),
      dishes: [{ editionId: 'e', content: dish }],
      preparations: new Map(),
    });
    expect(components.map(({ dish: of, said }) => [of, said.code])).toEqual([
      ['Cake', 'component-made-larger'],
      ['Cake', 'component-made-larger'],
    ]);
    const silent = { ...dish, components: dish.components.map((each) => ({ ...each, gives: null })) };
    expect(componentFactors(silent).get(cream!.id)!.because!.code).toBe('component-gives-nothing');
  });

  it('makes a separate batch for those who cannot eat what is in the bulk', () => {
    const stock: DishContent = {
      ...dishFrom('Stock\nserves 10\n100 g celery\n1 l water'),
      gives: { amount: { min: '1', max: '1', unit: 'l', about: false } },
    };
    const soup = withLine(dishFrom('Soup\nserves 1\n500 ml vegetable stock'), 'vegetable stock', { preparationEditionId: 's' });
    const celery = linesOf(stock)[0]!;
    const order = computeOrder({
      plan: plan({ students: 6 }),
      dishes: [{ editionId: 'e', content: soup }],
      preparations: new Map([['s', stock]]),
      substitutions: [{ editionId: 's', lineId: celery.id, item: 'fennel', ratio: '1', makings: 2, reason: 'no celery' }],
    });
    // Six times half a litre: two litres in bulk, one apart for the two.
    expect(order.preparations.map(({ needed, separateFor }) => [shownOf(needed), separateFor])).toEqual([
      ['2 l', 0],
      ['1 l', 2],
    ]);
    expect(order.lines.map((line) => [line.item, asOrdered(line)])).toEqual([
      ['celery', '200 g'],
      ['fennel', '100 g'],
    ]);
  });

  it.each([
    ['labelling', 240, 480, 960],
    ['metric', 250, 500, 1000],
    ['us', 236.588, 473.176, 946.353],
    ['imperial', 284.131, 568.261, 1136.523],
  ] as const)('a pint is two cups and a quart four: %s', (system, cup, pint, quart) => {
    const inMl = (unit: 'cup' | 'pint' | 'quart') => {
      const { value, unit: own } = inMeasures({ value: exact(1), unit }, system);
      return own === 'ml' ? value.valueOf() : value.valueOf() * { cup: 240, pint: 480, quart: 960 }[unit];
    };
    expect([inMl('cup'), inMl('pint'), inMl('quart')].map((value) => Number(value.toFixed(3)))).toEqual([cup, pint, quart]);
  });

  it('counts portions for tasting beside the demonstration', () => {
    // 6 × 100 g and a batch of 2 + 1 + 3: 1.2 kg.
    const made = ordered(dishFrom('Mash\nserves 1\n100 g lentils'), {
      students: 6,
      demonstrationPortions: 2,
      referencePlates: 1,
      tastingPortions: 3,
    });
    expect(made).toEqual({ lentils: '1.2 kg' });
  });
});

describe('grades of what is counted', () => {
  const notes = (text: string, measures: DishContent['measures'] = 'labelling') =>
    Object.fromEntries(
      computeOrder({
        plan: plan({ students: 1 }),
        dishes: [{ editionId: 'e', content: { ...dishFrom(text), measures } }],
        preparations: new Map(),
      }).lines.map((line) => [
        orderedItem(line),
        line.figure.notes.filter(({ code }) => code === 'in-other-grades').map((said) => words(said)),
      ]),
    );

  it('become one another by weight, rounded up', () => {
    // Twelve of 60 g are 720 g: 720 / 43 = 16.7, 720 / 51 = 14.1, 720 / 67 = 10.7.
    expect(notes('Base\nserves 1\n12 large eggs')).toEqual({
      'eggs, large': ['by weight the same as 17 small or 15 medium or 11 very large'],
    });
    // In the United States a large one is 50 g: 600 / 44 = 13.6, 600 / 56 = 10.7.
    expect(notes('Base\nserves 1\n12 large eggs', 'us')).toEqual({ 'eggs, large': ['by weight the same as 14 medium or 11 very large'] });
  });

  it('are not guessed where none is said, or one weighs what its line says', () => {
    expect(notes('Base\nserves 1\n12 eggs')).toEqual({ eggs: [] });
  });
});

describe('what must not be rounded freely', () => {
  // A tenth of a gram is as fine as a kitchen weighs: from 2.5 g it changes a fiftieth at most, below it a finer scale is asked for.
  it.each([
    ['3.97 g salt', '4 g', false],
    ['2.55 g yeast', '2.6 g', false],
    ['2.44 g yeast', '2.44 g', true],
    ['0.36 g agar', '0.36 g', true],
    ['27.3 g salt', '27.5 g', false],
  ] as const)('%s is weighed as %s, on a finer scale: %s', (line, shown, finer) => {
    const [tray] = traysOf({
      plan: plan({}),
      dishes: [{ editionId: 'e', content: dishFrom(`Base\nserves 1\n${line}`) }],
      preparations: new Map(),
    });
    const [item] = tray!.items;
    expect([shownOf(item!.figure), item!.figure.notes.some(({ code }) => code === 'needs-scale')]).toEqual([shown, finer]);
  });
});

describe('what is served below the rule', () => {
  it('is cooked through apart for those at risk, and for nobody where there are none', () => {
    const dish = dishFrom('Duck with plums\nserves 2\n2 duck breasts\n200 g plums');
    const [component] = dish.components;
    const marked: DishContent = {
      ...dish,
      components: [{ ...component!, name: 'Duck', allowance: { allowance: 'whole-pink', reason: 'as our code allows', kept: ['whole'] } }],
    };
    const said = (content: DishContent, atRisk: number) =>
      computeOrder({ plan: plan({}), dishes: [{ editionId: 'e', content }], preparations: new Map(), atRisk }).components.map((each) =>
        words(each.said),
      );
    expect(said(marked, 2)).toEqual([expect.stringContaining('2 portions of Duck cooked through, in a making apart')]);
    expect([said(marked, 0), said(dish, 2)]).toEqual([[], []]);
  });
});
