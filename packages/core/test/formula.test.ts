import { expectHonest } from './told';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  asPurchased,
  celsiusIn,
  centimetresIn,
  checkDish,
  checkFact,
  componentRing,
  computeOrder,
  exact,
  findUnit,
  factBook,
  factorFor,
  inMeasures,
  itemKey,
  linesOf,
  loadsOf,
  orderCost,
  plateBuild,
  scaleDish,
  SHIPPED,
  showQuantity,
  temperatureWays,
  type DishContent,
  type IngredientFact,
  type LineSubstitution,
  shownOf,
  words,
  showMeasure,
  figureInWords,
  given,
  measure,
} from '../src';
import { ALONE, dishFrom, withLine } from './helpers';

const NONE = new Map<string, DishContent>();
const rows = (dish: DishContent, factor: string) => scaleDish(dish, exact(factor)).components.flatMap((component) => component.rows);
const shownRows = (dish: DishContent, factor: string) =>
  rows(dish, factor).map((row) => (row.figure ? shownOf(row.figure) : row.toTaste ? 'to taste' : row.because && words(row.because)));

describe('a formula scaled for one batch', () => {
  const dish = dishFrom('Flatbread\nserves 4\n333 g flour\n7 g salt\n1/3 cup milk\n1 lemon\nblack pepper');

  it('is rounded as a kitchen weighs it', () => {
    expect(shownRows(dish, '3/2')).toEqual(['500 g', '10.5 g', '½ cup', '1½', 'to taste']);
    expect(shownRows(dish, '3')).toEqual(['1 kg', '21 g', '1 cup', '3', 'to taste']);
  });

  it('says when rounding changes what matters', () => {
    const yeast = dishFrom('Bun\nserves 4\n1 g yeast\n500 g flour');
    // What is exacting is weighed finely enough; a spoon cannot be.
    expect([shownRows(yeast, '1/13')[0], rows(yeast, '1/13')[0]!.warning]).toEqual(['0.077 g', null]);
    const spooned = dishFrom('Bun\nserves 4\n1 tsp baking powder\n500 g flour');
    const [row] = rows(spooned, '7/25');
    expect(words(row!.warning!)).toMatch(/rounding changes it by −10\.7 %: weigh 0\.28 tsp/);
    expect(rows(spooned, '2')[0]!.warning).toBeNull();
  });

  it('always has a working that adds up to its exact figure', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 40 }), (n, d) => {
        for (const { figure } of rows(dish, `${n}/${d}`)) {
          if (figure) expectHonest(figure);
        }
      }),
    );
  });
});

describe('what a dish is scaled to', () => {
  const dish = dishFrom('Tart\nserves 8\n1.2 kg plums\n4 bulbs fennel (about 250 g each)\n200 g moonfruit');
  const [plums, fennel, moonfruit] = linesOf(dish);
  const factor = (target: Parameters<typeof factorFor>[1], of = dish) => {
    const result = factorFor(of, target);
    return result.kind === 'factor' ? exact(result.factor.value.value).toFraction() : words(result.because);
  };
  const grams = (value: string, unit: 'g' | 'kg' | 'each' = 'kg') => ({ min: value, max: value, unit, about: false });

  it('portions', () => expect(factor({ kind: 'portions', portions: 14 })).toBe('7/4'));
  it('what is in hand: "I have 1.8 kg"', () => {
    expect(factor({ kind: 'inHand', lineId: plums!.id, amount: grams('9/5') })).toBe('3/2');
    expect(factor({ kind: 'inHand', lineId: fennel!.id, amount: grams('3/2') })).toBe('3/2');
    expect(factor({ kind: 'inHand', lineId: moonfruit!.id, amount: grams('3', 'each') })).toBe(
      'The weight of one of moonfruit is not known.',
    );
  });
  it('a pan of 28 cm for one of 24, by area or by volume', () => {
    const round = (diameter: number, depth: number) => ({ shape: 'round' as const, diameter, depth });
    expect(Number(exact(factor({ kind: 'vessel', recipe: round(24, 4), mine: round(28, 4), by: 'area' })).valueOf())).toBeCloseTo(
      (28 / 24) ** 2,
      3,
    );
    expect(Number(exact(factor({ kind: 'vessel', recipe: round(24, 4), mine: round(28, 8), by: 'volume' })).valueOf())).toBeCloseTo(
      2 * (28 / 24) ** 2,
      3,
    );
    expect(factor({ kind: 'vessel', recipe: round(0, 4), mine: round(28, 8), by: 'area' })).toBe('A vessel has no size.');
  });
});

describe('the plate build', () => {
  const base = dishFrom('Leeks\nserves 4\n8 leeks\nFor the crumb:\n60 g bread\nFor the dressing:\n90 ml olive oil');
  const [main, crumb, dressing] = base.components;
  const amount = (value: string, unit: 'each' | 'g' | 'ml') => ({ min: value, max: value, unit, about: false });
  const dish: DishContent = {
    ...base,
    components: [
      { ...main!, gives: amount('24', 'each') },
      { ...crumb!, gives: amount('110', 'g'), gave: ['95', '104'] },
      { ...dressing!, gives: null },
    ],
    plate: [
      { componentId: main!.id, amount: amount('3', 'each') },
      { componentId: crumb!.id, amount: amount('15', 'g') },
      { componentId: dressing!.id, amount: amount('20', 'ml') },
    ],
  };

  it('gives the plates of its scarcest component, by what it really gave, and what is left of the others', () => {
    const build = plateBuild(dish);
    expect([shownOf(build.portions!), build.limitedBy]).toEqual(['6', ['Crumb']]);
    expect(
      build.shares.map((share) => [
        share.plates && showMeasure(share.plates),
        share.left && showMeasure(share.left),
        share.because && words(share.because),
      ]),
    ).toEqual([
      ['8', '6', null],
      ['6', '5 g', null],
      [null, null, 'it does not say what one making gives'],
    ]);
    expect(factorFor(dish, { kind: 'plates', plates: 12 })).toMatchObject({ kind: 'factor' });
    expect(factorFor(base, { kind: 'plates', plates: 12 })).toMatchObject({ kind: 'infeasible' });
  });

  it('names a component used in pieces that gives grams, a ring, and a yield that cannot be', () => {
    const uses = (item: string, componentId: string) => withLine(dish, item, { componentId });
    expect(checkDish(uses('leeks', crumb!.id)).map(({ problem }) => words(problem))).toEqual([
      '"Crumb" gives 110 g, but this line takes 8 of it.',
    ]);
    const ring = withLine(uses('bread', dressing!.id), 'olive oil', { componentId: crumb!.id });
    expect(componentRing(ring)).toEqual(['Crumb', 'Dressing', 'Crumb']);
    expect(words(checkDish(ring)[0]!.problem)).toMatch(/in a ring: Crumb, Dressing, Crumb/);
    expect(checkDish(withLine(dish, 'bread', { yields: [{ kind: 'trim', fraction: '3/2' }] }))[0]!.problem).toEqual({
      code: 'no.yield-outside',
      fraction: '3/2',
    });
    expect(checkDish(withLine(dish, 'bread', { componentId: 'gone' }))[0]!.problem.code).toBe('no.component-gone');
  });

  it('does not buy what another component gives', () => {
    const order = computeOrder({
      plan: ALONE,
      dishes: [{ editionId: 'e', content: withLine(dish, 'olive oil', { componentId: crumb!.id }) }],
      preparations: NONE,
    });
    expect(order.lines.map((line) => line.item)).toEqual(['bread', 'leeks']);
  });
});

describe('yields and measures', () => {
  it('chain: trimmed, then cooked', () => {
    expect(
      asPurchased(given(measure(900, 'g')), [
        { kind: 'trim', fraction: '9/10' },
        { kind: 'cooking', fraction: '4/5' },
      ]).value,
    ).toEqual({ value: '1250', unit: 'g' });
    expect(() => asPurchased(given(measure(1, 'g')), [{ kind: 'trim', fraction: '0' }])).toThrow(RangeError);
  });

  it('are made good in the order, with the working', () => {
    const dish = withLine(dishFrom('Soup\nserves 6\n400 g turnips'), 'turnips', { yields: [{ kind: 'trim', fraction: '4/5' }] });
    const [line] = computeOrder({
      plan: { ...ALONE, portionsATeam: 1 },
      dishes: [{ editionId: 'e', content: dish }],
      preparations: NONE,
    }).lines;
    expect(shownOf(line!.figure)).toBe('500 g');
    expect(figureInWords(line!.figure).rows[0]!.how).toContain('÷ 80 % left after trimming');
  });

  it('take cups as large as the recipe means them', () => {
    expect(showQuantity(inMeasures({ value: exact(1), unit: 'cup' }, 'metric'))).toBe('250 ml');
    expect(
      inMeasures({ value: exact(16), unit: 'tbsp' }, 'us').value.equals(inMeasures({ value: exact(1), unit: 'cup' }, 'us').value),
    ).toBe(true);
    const dish = { ...dishFrom('Milk\nserves 2\n1 cup milk'), measures: 'imperial' as const };
    expect(computeOrder({ plan: ALONE, dishes: [{ editionId: 'e', content: dish }], preparations: NONE }).lines[0]!.figure.value).toEqual({
      value: '1710',
      unit: 'ml',
    });
  });

  it('count the loads a tray allows, and read lengths in inches', () => {
    expect([loadsOf(28, 12), loadsOf(12, 12)]).toEqual([
      { count: 3, last: 4 },
      { count: 1, last: 12 },
    ]);
    expect(() => loadsOf(4, 0)).toThrow(RangeError);
    expect([centimetresIn('9 in'), centimetresIn('240 mm'), centimetresIn('24'), centimetresIn('wide')]).toEqual([22.86, 24, 24, null]);
  });

  it('set a temperature in every way an oven is set', () => {
    expect(temperatureWays(180)).toEqual({ celsius: 180, fahrenheit: 350, fan: 160, gas: '4' });
    expect([celsiusIn('bake at 350°F'), celsiusIn('at 180C for 20'), celsiusIn('gas mark 6'), celsiusIn('stir well')]).toEqual([
      180,
      180,
      200,
      null,
    ]);
  });
});

describe('substitutions in an order', () => {
  const dish = dishFrom('Leeks\nserves 1\n20 g hazelnuts');
  const swap = (makings: number | 'all'): LineSubstitution => ({
    editionId: 'e',
    lineId: linesOf(dish)[0]!.id,
    item: 'pumpkin seeds',
    ratio: '3/2',
    makings,
    reason: 'nuts',
  });
  const order = (makings: number | 'all') =>
    Object.fromEntries(
      computeOrder({
        plan: { ...ALONE, demonstrationPortions: 2 },
        dishes: [{ editionId: 'e', content: dish }],
        preparations: NONE,
        substitutions: [swap(makings)],
      }).lines.map((line) => [line.item, shownOf(line.figure)]),
    );

  it('concern one team, or all', () => {
    // 6 students cook 2 portions each: 40 g; the demonstration another 40 g.
    expect(order(1)).toEqual({ hazelnuts: '240 g', 'pumpkin seeds': '60 g' });
    expect(order('all')).toEqual({ 'pumpkin seeds': '420 g' });
  });
});

describe('a school’s own facts', () => {
  const own: IngredientFact = {
    ...SHIPPED.find((fact) => fact.name === 'flour')!,
    density: '3/5',
    price: { amount: '6/5', per: 'kg' },
    mayContain: ['soya'],
    source: 'weighed in our store',
  };

  it('ship for at least 150 ingredients, each with a source and nothing wrong', () => {
    expect(SHIPPED.length).toBeGreaterThanOrEqual(150);
    expect(new Set(SHIPPED.map((fact) => itemKey(fact.name))).size).toBe(SHIPPED.length);
    for (const fact of SHIPPED) expect([fact.name, checkFact(fact), fact.source.length > 20]).toEqual([fact.name, [], true]);
    expect(SHIPPED.filter((fact) => fact.trim.length > 0).length).toBeGreaterThanOrEqual(30);
  });
  it('ship so that a person can type them back: units by name, preparations without a comma or a number', () => {
    for (const { name, gramsOfOne, trim } of SHIPPED) {
      expect([name, gramsOfOne.map(({ unit }) => findUnit(unit)?.code)]).toEqual([name, gramsOfOne.map(({ unit }) => unit)]);
      expect([name, trim.filter(({ preparation }) => /[,:\d]/.test(preparation))]).toEqual([name, []]);
    }
  });

  it('lie over what ships, by every name it has', () => {
    const book = factBook([own]);
    expect([book.find('strong flour')!.density, book.find('milk')!.density]).toEqual(['3/5', '103/100']);
    expect(checkFact({ ...own, density: '-1', trim: [{ preparation: 'peeled', fraction: '3/2' }] }).map(({ field }) => field)).toEqual([
      'density',
      'trim.0.fraction',
    ]);
  });

  it('price an order as far as they go, and name what has no price', () => {
    const content = dishFrom('Dough\nserves 1\n1 cup flour\n1 moonfruit');
    const order = computeOrder({ plan: ALONE, dishes: [{ editionId: 'e', content }], preparations: NONE, book: factBook([own]) });
    const cost = orderCost(order, factBook([own]));
    // 12 cups of 240 ml at 0.6 g a ml: 1.728 kg, ordered as 1.73 kg at 1.20.
    expect([shownOf(cost.known), cost.unknown]).toEqual(['2.08', ['moonfruit']]);
    expect(cost.known.notes.map((note) => words(note))).toEqual(['no price known for: moonfruit']);
  });
});
