import { describe, expect, it } from 'vitest';
import { techniquesIn, type TechniqueWords } from '../src';

const CARDS: readonly TechniqueWords[] = [
  { id: 'season', name: 'Season and taste', words: ['season'] },
  { id: 'reduce', name: 'Reduce and mount a sauce', words: ['reduce', 'mount'] },
  { id: 'toast', name: 'Toast nuts and seeds', words: ['toast'] },
  { id: 'roast', name: 'Roast vegetables', words: ['roast'] },
  { id: 'plate', name: 'Plan and build the plate', words: ['plate', 'arrange'] },
  { id: 'sticks', name: 'Sticks and planks', words: ['batonnet', 'stick'] },
  { id: 'trim', name: 'Peel, top and tail', words: ['peel', 'trim'] },
  { id: 'dress', name: 'Dress leaves', words: ['dress', 'dress the leaves'] },
  { id: 'pilaf', name: 'Pilaf', words: ['pilaf', 'rice'] },
  { id: 'rub', name: 'Rub in a short pastry', words: ['rub in', 'rub'] },
  { id: 'blanch', name: 'Blanch and refresh', words: ['blanch', 'refresh'] },
  { id: 'portion', name: 'Portion by weight and count', words: ['portion'] },
  { id: 'whip', name: 'Whip and fold', words: ['whip', 'fold'] },
  { id: 'steam', name: 'Steam', words: ['steam'] },
];
const told = (step: string) => techniquesIn(step, CARDS).map(({ id, sure }) => `${id}${sure ? '' : '?'}`);

/* By verb and object: what a person would say that the step exercises; `?` is proposed and does not count. */
describe('techniques in a step', () => {
  it.each([
    ['Reduce the heat and simmer for ten minutes.', []],
    ['Reduce the oven to 160 °C.', []],
    ['Reduce the stock by half.', ['reduce']],
    ['Simmer until reduced by half.', ['reduce']],
    ['Add the rice vinegar.', []],
    ['Serve with toast.', []],
    ['Serve the soup with rye toast.', []],
    ['Toast the hazelnuts until the skins crack.', ['toast']],
    ['Toast the bread on both sides.', ['toast?']],
    ['Arrange on a serving plate.', ['plate']],
    ['Turn out onto the plate.', []],
    ['Warm the plates.', []],
    ['Stir so that nothing sticks to the pan.', []],
    ['Cut into batonnet of 5 cm.', ['sticks']],
    ['Weigh the trim.', []],
    ['Trim the leeks.', ['trim']],
    ['Dress with the vinegar.', ['dress']],
    ['Dress the leaves at the last minute.', ['dress']],
    ['Dress the cheese with honey.', ['dress?']],
    ['Roast the bones for 40 minutes.', ['roast?']],
    ['Roast the carrots for 40 minutes.', ['roast']],
    ['Roast until the edges brown.', ['roast']],
    ['Roast the plums, cut side up.', ['roast?']],
    ['Season the sauce.', ['season']],
    ['Taste and season.', ['season']],
    ['Rub in the butter.', ['rub']],
    ['Rub the fish with the spices.', ['rub?']],
    ['Blanch the beans for two minutes, refresh.', ['blanch']],
    ['Blanching keeps them green.', ['blanch']],
    ['Stir in the blanched almonds.', []],
    ['Cut in half for two portions.', []],
    ['Whip the cream, then fold in the purée.', ['whip']],
    ['Beware of the steam.', []],
    ['Steam the dumplings for six minutes.', ['steam']],
    ['When it is cold, portion the dough.', ['portion']],
  ] as const)('%s: %j', (step, expected) => {
    expect(told(step)).toEqual(expected);
  });
});
