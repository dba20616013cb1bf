import { describe, expect, it } from 'vitest';
import { GAS_MARKS, heatsIn } from '../src';

const told = (text: string) =>
  heatsIn(text).map(({ least, most, of, ways }) => [
    least === most ? most : `${least} to ${most}`,
    of,
    ways
      .map((way) => (way.scale === 'gas' ? `gas ${GAS_MARKS[way.most]![2]}` : `${way.most}${way.scale}${way.fan ? ' fan' : ''}`))
      .join(', '),
  ]);

/* Read by hand: degrees Celsius of an oven without a fan, what it is of, and the ways in which it is named. */
describe('temperatures in a text', () => {
  it.each([
    ['Bake at 180C', [[180, 'oven', '180C']]],
    ['Bake at 180 °C for 12 minutes', [[180, 'oven', '180C']]],
    ['Heat the oven to 200C/180C fan', [[200, 'oven', '200C, 180C fan']]],
    ['Heat the oven to 200°C (180°C fan, gas 6)', [[200, 'oven', '200C, 180C fan, gas 6']]],
    ['Oven: 220 °C / 425 °F / gas 7', [[220, 'oven', '220C, 425F, gas 7']]],
    ['Preheat the oven to 180°C (350°F)', [[180, 'oven', '180C, 350F']]],
    ['Pre-heat oven to Gas 6, 400°F', [[200, 'oven', 'gas 6, 400F']]],
    ['Bake 160 °C fan, 16 min', [[180, 'oven', '160C fan']]],
    ['fan 160 °C', [[180, 'oven', '160C fan']]],
    // The fan is said before its heat, and is not of the one before that.
    ['bake blind at 190C (fan 170C, gas 5) for 20 minutes', [[190, 'oven', '190C, 170C fan, gas 5']]],
    ['bake at 200C/fan 180C/gas 6', [[200, 'oven', '200C, 180C fan, gas 6']]],
    ['180°C (fan oven 160°C; gas 4)', [[180, 'oven', '180C, 160C fan, gas 4']]],
    ['180C fan 20 to 25 minutes', [[200, 'oven', '180C fan']]],
    ['Fan oven: 170C', [[190, 'oven', '170C fan']]],
    ['Bake at 375°F for 35 min', [[190, 'oven', '375F']]],
    ['Oven 400 degrees F', [[200, 'oven', '400F']]],
    ['Bake 150°, about 55 min', [[150, 'oven', '150C']]],
    ['in a 350° oven', [[180, 'oven', '350F']]],
    ['Whisk over hot water to 45 degrees', [[45, 'liquid', '45C']]],
    ['Cook to a core of 55-58 °C', [['55 to 58', 'core', '58C']]],
    ['core temperature 55–58°C', [['55 to 58', 'core', '58C']]],
    ['Freeze at -18 °C', [[-18, 'oven', '-18C']]],
    ['Fry at 165 °C for 8-10 min', [[165, 'fat', '165C']]],
    ['drop into oil at 170°C, 3-4 min', [[170, 'fat', '170C']]],
    ['boil the syrup to 118 °C', [[118, 'sugar', '118C']]],
    [
      'Bake 240 °C falling to 210 °C, 35 min; core 96 °C.',
      [
        [240, 'oven', '240C'],
        [210, 'oven', '210C'],
        [96, 'core', '96C'],
      ],
    ],
    [
      'Make a dry caramel to 180 °C. Cool to 70 °C.',
      [
        [180, 'sugar', '180C'],
        [70, 'oven', '70C'],
      ],
    ],
    ['gas mark 4', [[180, 'oven', 'gas 4']]],
    ['water bath at 63.5 °C', [[63.5, 'bath', '63.5C']]],
    ['water bath at 63,5 °C', [[63.5, 'bath', '63.5C']]],
    // None.
    ['500 g sugar, 2 cups flour', []],
    ['Vitamin C and 4 carrots', []],
    ['turn 90 around', []],
    ['5 cl cream', []],
    ['Cut 3 carrots', []],
  ] as const)('%s', (text, expected) => {
    expect(told(text)).toEqual(expected);
  });
});

describe('temperatures said aloud', () => {
  it.each([
    ['keep warm in the oven at ninety degrees', 90, 90],
    ['bake at a hundred and eighty degrees', 180, 180],
    ['roast at two hundred to two hundred and twenty degrees celsius', 200, 220],
    ['bake at three hundred and fifty degrees fahrenheit', 180, 180],
    ['fry at 170/175° for 2 minutes', 170, 175],
    ['bake at 160 fan for an hour', 180, 180],
    ['roast, fan 180, until brown', 200, 200],
  ])('%s', (text, least, most) => {
    const [heat] = heatsIn(text);
    expect([Math.round(heat!.least), Math.round(heat!.most)]).toEqual([least, most]);
  });

  it('takes no count for a heat', () => expect(heatsIn('cut twenty rounds and bake')).toEqual([]));
});
