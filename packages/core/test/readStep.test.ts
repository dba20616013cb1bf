import { describe, expect, it } from 'vitest';
import { linesOf, readStep, unlinkedIn } from '../src';
import { dishFrom } from './helpers';

const DISH = dishFrom(`Hake with leeks
Serves 4

For the leeks
3 leeks
40 g butter
150 ml vegetable stock

For the fish
4 hake fillets
30 ml olive oil
1 lemon
salt, to taste

Method
1. Sweat the leeks in butter for 8 minutes until soft, pour on the stock and simmer for 15 to 20 minutes.
2. Heat the oil in a heavy pan, fry the fillets skin side down 4 min, turn, 1 minute off the heat. Core 54 °C.
3. Squeeze the lemon over.`);
const items = (ids: readonly string[]) =>
  linesOf(DISH)
    .filter(({ id }) => ids.includes(id))
    .map(({ item }) => item);
const read = (text: string, component: string | null = null) =>
  readStep({ text, componentId: DISH.components.find(({ name }) => name === component)?.id ?? null }, DISH);

describe('what a step says', () => {
  it('has every time with what it is of: hands on or waiting, from and to, until which cue', () => {
    const told = (text: string) => read(text).times.map(({ least, most, hands, until }) => [least, most, hands, until]);
    expect(told('Sweat the leeks for 8 minutes until soft, then simmer for 15 to 20 minutes.')).toEqual([
      [8, 8, 'on', 'soft'],
      [15, 20, 'off', ''],
    ]);
    expect(told('Knead for 6 minutes. Rest, covered, for 1 hour.')).toEqual([
      [6, 6, 'on', ''],
      [60, 60, 'off', ''],
    ]);
    expect(told('Bake for 25-30 minutes, until the top cracks.')).toEqual([[25, 30, 'off', 'the top cracks']]);
    expect(told('Chill until set, at least 4 hours.')).toEqual([[240, 240, 'off', 'set']]);
    expect(told('Stir over a low heat for 5 minutes')).toEqual([[5, 5, 'on', '']]);
  });

  it('names tools, each once, the longest name of each', () => {
    expect(read('Heat a frying pan; tip into the pan with a slotted spoon and blend with a stick blender.').tools).toEqual([
      'frying pan',
      'pan',
      'slotted spoon',
      'stick blender',
    ]);
  });

  it.each([
    ['Sweat the leeks in butter.', ['leeks', 'butter']],
    ['Pour on the stock.', ['vegetable stock']],
    ['Fry the fillets in the oil.', ['hake', 'olive oil']],
    ['Squeeze over the juice.', ['lemon']],
    ['Season the fish.', ['hake', 'salt']],
    ['Put everything into a cold pan.', ['leeks', 'butter', 'vegetable stock', 'hake', 'olive oil', 'lemon', 'salt']],
    ['Serve.', []],
  ] as const)('%s uses %j', (text, expected) => {
    expect(items(read(text).uses).map((item) => item.replace(/ fillets?$/, ''))).toEqual(expected);
  });

  it('means all of its own component, not of the dish, where it stands under one', () => {
    expect(items(read('Put everything into a pan.', 'Leeks').uses)).toEqual(['leeks', 'butter', 'vegetable stock']);
  });

  it('points out lines that no step uses, and steps that use none', () => {
    expect(unlinkedIn(DISH)).toEqual({ lines: [], steps: [] });
    const more = dishFrom('Soup\nServes 2\n200 g peas\n1 sprig mint\n\nMethod\n1. Boil the peas.\n2. Whip the cream with sugar.');
    const { lines, steps } = unlinkedIn(more);
    expect([lines.map(({ item }) => item), steps.map(({ text }) => text)]).toEqual([['mint'], ['Whip the cream with sugar.']]);
    expect(unlinkedIn(dishFrom('Base\nServes 2\n200 g peas'))).toEqual({ lines: [], steps: [] });
  });
});
