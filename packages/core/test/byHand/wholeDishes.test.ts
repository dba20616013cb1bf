import { describe, expect, it } from 'vitest';
import { dishHazards, dishRuleNotices, type Store } from '../../src';
import { WHOLE_DISHES } from '../corpus/wholeDishes';
import { dishFrom } from '../helpers';

describe('whole dishes', () => {
  it.each(WHOLE_DISHES)('%s', (title, lines, steps, hazards, codes) => {
    const dish = dishFrom(`${title}\nserves 8\n${lines}\nMethod\n${steps}`);
    expect(dishHazards(dish)[0]!.hazards).toEqual(hazards);
    const said = dishRuleNotices(dish, {}).map(
      ({ said: { code }, rule }) => code.slice('plan.'.length) + (code === 'plan.core' ? `:${rule}` : ''),
    );
    expect(said).toEqual(codes);
  });
});

describe('where the food is, set on a step', () => {
  // [words, store, minutes, degrees, what the rules say]
  it.each([
    // Its words would have said another thing, or nothing.
    ['Leave on the counter overnight.', 'chilled', null, null, []],
    ['Leave on the counter overnight.', 'ambient', null, null, ['plan.stands']],
    ['Park it with the porters.', null, null, null, []],
    ['Park it with the porters.', 'ambient', null, null, ['plan.stands-untimed']],
    ['Park it with the porters.', 'ambient', 120, null, []],
    ['Park it with the porters.', 'ambient', 121, null, ['plan.stands']],
    ['Park it with the porters.', 'chilled', 3 * 1440, null, []],
    ['Park it with the porters.', 'chilled', 3 * 1440 + 60, null, ['plan.chilled']],
    ['Park it with the porters.', 'frozen', 20_000, null, []],
    ['Park it with the porters.', 'hot-held', 300, null, []],
    ['Park it with the porters.', 'hot-held', 300, 63, []],
    ['Park it with the porters.', 'hot-held', 300, 58, ['plan.held-warm']],
    ['Park it with the porters.', 'hot-held', null, 58, ['plan.warm-untimed']],
    ['Let it go cold.', 'ambient', 60, null, ['plan.cools-in-the-room']],
    ['Cool for 8 hours.', 'chilled', null, null, ['plan.cools']],
  ] as const)('%s, %s, %s min, %s °C: %j', (text, store, minutes, celsius, codes) => {
    const dish = dishFrom(`Pot\nserves 8\n400 g barley\n1 l milk\nMethod\n1. Cook it.\n2. ${text}`);
    const set = { store: store as Store | null, ...(minutes === null ? {} : { minutes }), ...(celsius === null ? {} : { celsius }) };
    const method = dish.method.map((step, index) => (index === 1 ? { ...step, ...set } : step));
    expect(dishRuleNotices({ ...dish, method }, {}).map(({ said }) => said.code)).toEqual(codes);
  });

  it('carries to the steps behind it', () => {
    const dish = dishFrom('Pot\nserves 8\n400 g barley\n1 l milk\nMethod\n1. Cook it.\n2. Stow away.\n3. Wait till the afternoon class.');
    const codes = (store: Store | null) =>
      dishRuleNotices({ ...dish, method: dish.method.map((step, index) => (index === 1 ? { ...step, store } : step)) }, {}).map(
        ({ said }) => said.code,
      );
    expect([codes(null), codes('chilled')]).toEqual([['plan.stands-untimed'], []]);
  });

  it('of one component speaks of another that it names', () => {
    const dish = dishFrom(
      'Tart\nserves 8\n\nDough\n250 g flour\n1 egg\n\nFilling\n500 g plums\n\nMethod\n1. Knead the dough.\n2. Fill the dough and bake.',
    );
    const filling = dish.components[1]!.id;
    const method = dish.method.map((step, index) => (index === 1 ? { ...step, componentId: filling } : step));
    // Its egg is baked, though the step is of the filling.
    expect(dishHazards({ ...dish, method })[0]!.hazards).toEqual([]);
  });

  it('is held to the component that the step is of', () => {
    const dish = dishFrom(
      'Plate\nserves 8\n400 g lentils\n\nFor the fruit:\n500 g apples\n\nMethod\n1. Boil the lentils.\n2. Keep for four hours on the counter.',
    );
    const said = (componentId: string | null) =>
      dishRuleNotices({ ...dish, method: dish.method.map((step, index) => (index === 1 ? { ...step, componentId } : step)) }, {}).length;
    const [lentils, fruit] = dish.components;
    expect([said(null), said(lentils!.id), said(fruit!.id)]).toEqual([1, 1, 0]);
  });
});
