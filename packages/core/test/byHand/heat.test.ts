import { describe, expect, it } from 'vitest';
import { boilingPoint, celsiusIn, celsiusOf, GAS_MARKS, heatedIn, temperatureWays, heatsIn } from '../../src';

/*
 * Heats that were worked out by hand beside the program, one row each.
 */

describe('heat', () => {
  it.each([
    [100, 'liquid', 212, null, null],
    [180, 'oven', 350, 160, '4'],
    [160, 'oven', 325, 140, '3'],
    [120, 'sugar', 248, null, null],
    [180, 'fat', 356, null, null],
    [63, 'core', 145, null, null],
    [55, 'bath', 131, null, null],
    [170, 'oven', 340, 150, null],
  ] as const)('%d °C of %s', (celsius, heats, fahrenheit, fan, gas) => {
    expect(temperatureWays(celsius, heats)).toEqual({ celsius, fahrenheit, fan, gas });
  });

  it('converts there and back on every gas mark', () => {
    for (const [celsius, fahrenheit, mark] of GAS_MARKS) {
      expect([temperatureWays(celsius).fahrenheit, temperatureWays(celsius).gas]).toEqual([fahrenheit, mark]);
      expect([celsiusOf(fahrenheit, 'oven'), celsiusIn(`gas mark ${mark}`), celsiusIn(`bake at ${fahrenheit}F`)]).toEqual([
        celsius,
        celsius,
        celsius,
      ]);
    }
  });

  it.each([
    ['Bake at 180 °C', 'oven'],
    ['Heat the oil to 175 °C', 'fat'],
    ['Poach at 78 °C', 'liquid'],
    ['Cook the syrup to 118 °C', 'sugar'],
    ['Core at 63 °C', 'core'],
    ['In a water bath at 56 °C', 'bath'],
    ['Preheat to 200 °C', 'oven'],
  ] as const)('%s is of the %s', (text, heats) => {
    expect(heatedIn(text)).toBe(heats);
  });

  it.each([
    [0, 100],
    [1600, 94.7],
    [3000, 90],
  ])('water boils at %d m at about %d °C', (metres, celsius) => {
    expect(Math.abs(boilingPoint(metres) - celsius)).toBeLessThan(0.5);
  });

  // Each temperature of a step is of what its own words say; no core is hotter than boiling water.
  it.each([
    ['Roast at 180 °C until the core is 60 °C.', ['180 oven', '60 core']],
    ['Cook to a core of 63 °C in a 160 °C oven.', ['63 core', '160 oven']],
    ['Warm through at 120 °C until 58 °C in the centre.', ['120 oven', '58 core']],
    ['Heat the oil to 180 °C and fry until the core is 75 °C.', ['180 fat', '75 core']],
    ['Bring the core to 145 °F.', ['63 core']],
  ] as const)('%s', (said, heats) => {
    expect(heatsIn(said).map(({ most, of }) => `${most} ${of}`)).toEqual(heats);
  });
});
