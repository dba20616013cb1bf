import { describe, expect, it } from 'vitest';
import { minutesIn, timesIn } from '../src';

/*
 * Read by hand: what each text names, in minutes, seconds as parts of one; `w` is within what was said before, `e` how often.
 */
const told = (text: string) =>
  timesIn(text).map(({ least, most, kind, times }) => {
    const figure = (value: number) => (value < 1 ? `${Math.round(value * 60)}s` : String(Math.round(value * 100) / 100));
    return `${least === most ? figure(most) : `${figure(least)}-${figure(most)}`}${kind === 'lasts' ? '' : kind[0]}${times > 1 ? `x${times}` : ''}`;
  });

describe('times in a text', () => {
  it.each([
    ['Simmer for 1.5 hours', ['90']],
    ['Simmer for 1,5 hours', ['90']],
    ['Simmer for 1 1/2 hours', ['90']],
    ['Simmer for 1½ hours', ['90']],
    ['an hour and a half', ['90']],
    ['1 1/2 - 2 hours', ['90-120']],
    ['2 h 15 min', ['135']],
    ['2h15', ['135']],
    ['one hour and ten minutes', ['70']],
    ['1 hour 5 mins', ['65']],
    ['45 min to 1 hour', ['45-60']],
    ['1 hr to 1 hr 20 min', ['60-80']],
    ['half an hour', ['30']],
    ['three quarters of an hour', ['45']],
    ['a quarter of an hour', ['15']],
    ['half a minute', ['30s']],
    ['30 seconds', ['30s']],
    ['40-60 s', ['40s-1']],
    ['90 sec', ['1.5']],
    ['twelve to fourteen minutes', ['12-14']],
    ['twenty-five minutes', ['25']],
    ['forty five mins.', ['45']],
    ['a couple of minutes', ['2']],
    ['Ten minutes or so', ['10']],
    ['24 hrs', ['1440']],
    ['for 3 days', ['4320']],
    ['two weeks', ['20160']],
    ['Soak overnight', ['720']],
    ['Rest 10 min, then bake for 1 hour', ['10', '60']],
    ['4 min slow and 6 min fast', ['4', '6']],
    ['150 °C for 2 h 15 min, stirring each half hour', ['135', '30e']],
    ['stir every 5 minutes', ['5e']],
    ['Uncover for the last 20 min', ['20w']],
    ['Bake 45 mins, turn over for last 10.', ['45', '10w']],
    ['Cook 10 min, then another 5', ['10', '5']],
    ['Grill 4 minutes a side', ['4x2']],
    ['2 minutes on each side', ['2x2']],
    ['5-minute rest', ['5']],
    ['20-minute simmer', ['20']],
    ['about 8 to 10mins', ['8-10']],
    // No times.
    ['12 slices of bread', []],
    ['a 2 cm dice, 3 mm thick', []],
    ['500 g sugar', []],
    ['Makes 40', []],
    ['at 180 for the sponge', []],
    ['hold the second pan', []],
    ['use a whole hen', []],
    ['4 to 6 servings', []],
    ['1/2 head of lettuce', []],
  ] as const)('%s: %j', (text, expected) => {
    expect(told(text)).toEqual(expected);
  });

  it.each([
    ['Rest 10 min, then bake for 1 hour', 70],
    ['Cook 2 h 15 min, uncovered for the last 20 min', 135],
    ['Cook for 40 minutes, stirring every 10 minutes', 40],
    ['Grill 4 minutes a side', 8],
    ['Blanch for 15 seconds', 1],
    ['Soak overnight, then boil for 25 minutes', 25],
    ['Season well', null],
  ] as const)('%s takes %j minutes', (text, minutes) => {
    expect(minutesIn(text)).toBe(minutes);
  });
});
