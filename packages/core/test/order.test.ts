import { expectHonest } from './told';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  computeOrder,
  exact,
  linesOf,
  orderCsv,
  planMakings,
  teamsOf,
  type DishContent,
  type MakingPlan,
  type Order,
  asOrdered,
  figureInWords,
  shownOf,
  exactly,
} from '../src';
import { ALONE, dishFrom, withLine } from './helpers';

const NONE = new Map<string, DishContent>();
const order = (dish: DishContent, plan: Partial<MakingPlan> = {}, preparations = NONE): Order =>
  computeOrder({ plan: { ...ALONE, ...plan }, dishes: [{ editionId: 'e1', content: dish }], preparations });
const shown = (result: Order) => Object.fromEntries(result.lines.map((line) => [line.item, asOrdered(line)]));

describe('makings', () => {
  it('counts a short last team as a team', () => {
    expect(teamsOf(13, 2)).toBe(7);
  });

  it('adds demonstration, reference plate and second tries', () => {
    const makings = planMakings({
      students: 14,
      teamSize: 2,
      portionsATeam: 2,
      demonstrationPortions: 4,
      referencePlates: 1,
      tastingPortions: 0,
      spareMakings: 1,
    });
    expect(makings.map(({ by, count, portions }) => [by, count, portions.valueOf()])).toEqual([
      ['team', 7, 2],
      ['demonstration', 1, 5],
      ['spare', 1, 2],
    ]);
  });

  it('refuses a team of none and negative counts', () => {
    expect(() => planMakings({ ...ALONE, teamSize: 0 })).toThrow(/teamSize/);
    expect(() => planMakings({ ...ALONE, students: -1 })).toThrow(/students/);
    expect(() => planMakings({ ...ALONE, portionsATeam: 1.5 })).toThrow(/portionsATeam/);
  });
});

describe('the rules', () => {
  it('rounds whole pieces in each making: six teams that need 1.4 each need 12, not 9', () => {
    const dish = dishFrom('Trout\nserves 10\n7 trout');
    const result = order(dish);
    expect(shown(result)).toEqual({ trout: '12' });
    expect(figureInWords(result.lines[0]!.figure).rows[0]!.how).toMatch(/6 students: 6 × \(7 × ⅕ = 1.4, so 2 whole\)/);
  });

  it('scales flour in proportion, each tray as it is weighed', () => {
    expect(shown(order(dishFrom('Dough\nserves 4\n333 g flour')))).toEqual({ flour: '1.01 kg' });
  });

  it('takes a bouquet garni once a making', () => {
    expect(shown(order(dishFrom('Broth\nserves 40\n1 bouquet garni')))).toEqual({ 'bouquet garni': '6' });
  });

  it('steps frying oil with the loads', () => {
    const dish = withLine(dishFrom('Fritters\nserves 4\n500 ml oil'), 'oil', { scaling: { kind: 'byTheLoad', portionsALoad: '3' } });
    expect(shown(order(dish, { portionsATeam: 4 }))).toEqual({ oil: '6 l' });
  });

  it('lets salt follow flour by percent', () => {
    const dish = dishFrom('Dough\nserves 2\n500 g flour\n9 g salt');
    const [flour] = linesOf(dish);
    const salted = withLine(dish, 'salt', { scaling: { kind: 'percentOf', lineId: flour!.id, percent: '2' } });
    expect(shown(order(salted)).salt).toBe('60 g');
  });

  it('tapers chilli above the written batch only, and says taste', () => {
    const dish = withLine(dishFrom('Sauce\nserves 4\n10 g chilli'), 'chilli', { scaling: { kind: 'tapered' } });
    const big = order(dish, { students: 1, portionsATeam: 16 }).lines[0]!;
    expect(shownOf(big.figure)).toBe('31 g');
    expect(big.figure.notes).toContainEqual({ code: 'taste' });
    expect(shown(order(dish, { students: 1, portionsATeam: 2 }))).toEqual({ chilli: '5 g' });
  });

  it('orders an allowance for salt to taste, marked as an estimate', () => {
    const line = order(dishFrom('Salad\nserves 4\nsalt, to taste')).lines[0]!;
    expect([shownOf(line.figure), line.figure.estimate]).toEqual(['24 g', true]);
  });

  it('takes the upper end of a range and shares tins between makings', () => {
    const result = order(dishFrom('Broth\nserves 4\n150–200 ml vegetable stock\n1 (400 g) tin plum tomatoes'), { students: 5 });
    expect(shown(result)).toEqual({ 'plum tomatoes': '3 tins of 400 g', 'vegetable stock': '500 ml' });
  });
});

describe('the order', () => {
  it('brings like items together over dishes, bridging units by what one weighs', () => {
    const dish = dishFrom('A\nserves 12\n2 shallots\nFor the sauce:\n100 g shallots');
    const [line] = order(dish).lines;
    expect(shownOf(line!.figure)).toBe('180 g');
    expect(line!.figure.estimate).toBe(true);
    expect(figureInWords(line!.figure).rows.map((row) => row.shown)).toEqual(['80 g', '100 g']);
  });

  it('keeps apart what cannot be bridged and says which fact is missing', () => {
    const result = order(dishFrom('A\nserves 12\n2 moonfruit\n100 g moonfruit'));
    expect(result.lines.map((line) => shownOf(line.figure)).sort()).toEqual(['100 g', '6']);
    expect(figureInWords(result.lines[0]!.figure).notes.join()).toMatch(/weight of one of moonfruit is not known/);
    expect(result.missingFacts).toEqual([{ item: 'moonfruit', need: 'weight of one' }]);
  });

  it('holds unread lines instead of dropping them', () => {
    const result = order(dishFrom('A\nserves 4\n100 g flour\n3 glugs olive oil'));
    expect(result.held).toEqual([
      {
        editionId: 'e1',
        dish: 'A',
        lineId: 'i3',
        written: '3 glugs olive oil',
        because: { code: 'doubt', doubt: { code: 'unknown-unit', word: 'glugs' } },
      },
    ]);
  });

  it('makes a shared sub-preparation once, in bulk, for all dishes', () => {
    const stock = {
      ...dishFrom('Vegetable stock\nserves 10\n2 onions\n2 l water'),
      gives: { amount: { min: '3/2', max: '3/2', unit: 'l' as const, about: false } },
    };
    const using = (title: string) =>
      withLine(dishFrom(`${title}\nserves 2\n500 ml vegetable stock`), 'vegetable stock', { preparationEditionId: 'stock1' });
    const result = computeOrder({
      plan: ALONE,
      dishes: [
        { editionId: 'a', content: using('A') },
        { editionId: 'b', content: using('B') },
      ],
      preparations: new Map([['stock1', stock]]),
    });
    expect(result.preparations.map((need) => [need.title, shownOf(need.needed), need.usedBy])).toEqual([
      ['Vegetable stock', '6 l', ['A', 'B']],
    ]);
    expect(shown(result)).toEqual({ onions: '8' });
    expect(result.tap.map((line) => [line.item, asOrdered(line)])).toEqual([['water', '8 l']]);
  });

  it('exports CSV in which no cell can run as a formula', () => {
    const dish = withLine(dishFrom('A\nserves 4\n100 g flour'), 'flour', { item: '=HYPERLINK("x")' });
    const csv = orderCsv(order(dish));
    expect(csv).toContain(`'=HYPERLINK`);
    expect(csv.split('\r\n')).toHaveLength(2);
  });

  it('names no origin in the CSV for what is cut from one piece for several lines', () => {
    const shared = order(dishFrom('Broth\nserves 8\n1 celeriac\n500 ml water'), { students: 3 });
    expect(orderCsv(shared)).toContain(' | ');
    expect(orderCsv(shared)).not.toMatch(/(?:"|\| ): /);
  });
});

describe('invariants of any order', () => {
  const line = fc.oneof(
    fc
      .tuple(fc.integer({ min: 1, max: 900 }), fc.constantFrom('g flour', 'ml milk', 'tbsp olive oil', 'g butter', 'tsp fennel seed'))
      .map(([n, what]) => `${n} ${what}`),
    fc
      .tuple(
        fc.integer({ min: 1, max: 12 }),
        fc.constantFrom(
          'lemons',
          'cloves garlic',
          'sprigs thyme',
          'shallots',
          'tins chickpeas',
          'egg yolks',
          'egg whites',
          'trout',
          'eggs, beaten',
        ),
      )
      .map(([n, what]) => `${n} ${what}`),
    fc.constantFrom('1/3 cup milk', '1/2 lemon', 'salt, to taste', '1 pinch cayenne', '1 bouquet garni', '2-3 carrots', '50 g shallots'),
  );
  const lines = fc.array(line, { minLength: 1, maxLength: 12 });
  const plan = fc.record({
    students: fc.integer({ min: 1, max: 24 }),
    teamSize: fc.integer({ min: 1, max: 4 }),
    portionsATeam: fc.integer({ min: 1, max: 8 }),
    demonstrationPortions: fc.integer({ min: 0, max: 8 }),
    referencePlates: fc.integer({ min: 0, max: 2 }),
    tastingPortions: fc.integer({ min: 0, max: 4 }),
    spareMakings: fc.integer({ min: 0, max: 3 }),
  });
  const dishOf = (rows: readonly string[], serves: number) => dishFrom(`Dish\nserves ${serves}\nIngredients\n${rows.join('\n')}`);

  it('working adds up to its figure, and the figure is never below it', () => {
    fc.assert(
      fc.property(lines, plan, fc.integer({ min: 1, max: 12 }), (rows, p, serves) => {
        for (const { figure } of order(dishOf(rows, serves), p).lines) {
          expectHonest(figure);
          expect(exact(figure.value.value).compare(exactly(figure))).toBeGreaterThanOrEqual(0);
        }
      }),
    );
  });

  it('every line of the dish is in the order or held', () => {
    fc.assert(
      fc.property(lines, plan, (rows, p) => {
        const dish = dishOf(rows, 4);
        const result = order(dish, p);
        const covered = result.lines.flatMap((each) => figureInWords(each.figure).rows.map((row) => row.from)).join('\n');
        for (const own of linesOf(dish)) {
          expect(covered.includes(own.written) || result.held.some((held) => held.lineId === own.id)).toBe(true);
        }
      }),
    );
  });

  it('totals never fall below need: each making can be cooked from its share', () => {
    fc.assert(
      fc.property(plan, fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 12 }), (p, fish, serves) => {
        const got = exact(order(dishOf([`${fish} trout`], serves), p).lines[0]!.figure.value.value);
        const need = planMakings(p).reduce(
          (total, making) => total + making.count * Math.ceil((fish * making.portions.valueOf()) / serves - 1e-9),
          0,
        );
        expect(got.valueOf()).toBe(need);
      }),
    );
  });

  it('the order of lines does not matter', () => {
    fc.assert(
      fc.property(lines, plan, (rows, p) => {
        const figures = (result: Order) => result.lines.map(({ key, figure }) => [key, exactly(figure), figure.value]);
        expect(figures(order(dishOf([...rows].reverse(), 4), p))).toEqual(figures(order(dishOf(rows, 4), p)));
      }),
    );
  });

  it('more portions never need less', () => {
    fc.assert(
      fc.property(
        lines,
        plan,
        fc.constantFrom('portionsATeam', 'demonstrationPortions', 'tastingPortions', 'spareMakings'),
        (rows, p, more) => {
          const dish = dishOf(rows, 4);
          const larger = new Map(order(dish, { ...p, [more]: p[more] + 1 }).lines.map((each) => [each.key, each]));
          for (const each of order(dish, p).lines)
            expect(exact(larger.get(each.key)!.figure.value.value).compare(exact(each.figure.value.value))).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });

  it('more students never need less', () => {
    fc.assert(
      fc.property(lines, plan, (rows, p) => {
        const dish = dishOf(rows, 4);
        const more = order(dish, { ...p, students: p.students + 1 });
        for (const [index, each] of order(dish, p).lines.entries()) {
          expect(exactly(more.lines[index]!.figure).compare(exactly(each.figure))).toBeGreaterThanOrEqual(0);
        }
      }),
    );
  });
});
