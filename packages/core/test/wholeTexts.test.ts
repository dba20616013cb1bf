import { describe, expect, it } from 'vitest';
import { readRecipe } from '../src';
import { compare, pasted } from './corpus/compare';
import { FIFTH_TEXTS, FOURTH_TEXTS, FURTHER_TEXTS, KEPT_TEXTS, LATER_TEXTS, OPEN_TEXTS } from './corpus/wholeTexts';

const ALL = [...OPEN_TEXTS, ...KEPT_TEXTS, ...LATER_TEXTS, ...FURTHER_TEXTS, ...FOURTH_TEXTS, ...FIFTH_TEXTS];

describe('whole texts, read by hand', () => {
  it.each(ALL.map((whole) => [whole.manner, whole] as const))('%s', (_, whole) => {
    const { title, yields, components, lines, underRight, steps, told, wrong } = compare(whole);
    expect({ title, yields, components, lines, underRight, steps, told: told.right === told.of }, wrong.join('\n')).toEqual({
      title: true,
      yields: true,
      components: true,
      lines: true,
      underRight: true,
      steps: true,
      told: true,
    });
  });

  it('have fewer than one in forty of their fields wrong, and next to none of them unasked', () => {
    const all = ALL.map(compare);
    const sum = (of: (each: (typeof all)[number]) => number) => all.reduce((total, each) => total + of(each), 0);
    expect(sum(({ fields }) => fields.right) / sum(({ fields }) => fields.of)).toBeGreaterThan(0.975);
    expect(sum(({ silent }) => silent)).toBeLessThanOrEqual(3);
  });

  it('lose no line: each has its place, whatever it was taken for', () => {
    for (const whole of ALL) {
      const text = pasted(whole);
      const written = text.split('\n').map((line) => line.replace(/\s+/g, ' ').trim());
      expect(readRecipe(text).places.map((place) => place.written)).toEqual(written.filter(Boolean));
    }
  });
});

describe('what is no recipe, or hardly one', () => {
  it.each([
    ['nothing', '', 0, 0],
    ['blanks', '  \n\t\n', 0, 0],
    ['only a list', '200 g flour\n100 g butter\n50 g sugar', 3, 0],
    ['only a method', 'Whisk the cream until it holds.\nFold in the sugar.\nChill for 2 hours.', 0, 3],
    ['signs', '@@@\n###\n~~~', 0, 0],
  ] as const)('%s', (_, text, lines, steps) => {
    const read = readRecipe(text);
    expect([read.components.flatMap((component) => component.lines).length, read.method.length]).toEqual([lines, steps]);
  });

  it('keeps other scripts as they are written, and claims nothing of them', () => {
    const text = 'מרק עדשים\n200 גרם עדשים\n1 בצל\n\n红烧茄子\n茄子 500克';
    const read = readRecipe(text);
    expect(read.places.map(({ written }) => written)).toEqual(text.split('\n').filter(Boolean));
    for (const line of read.components.flatMap((component) => component.lines))
      if (/200|500/.test(line.written)) expect(line.certainty).not.toBe('sure');
  });

  it('reads two thousand lines as far as a dish can hold them, and at once', () => {
    const read = readRecipe(Array.from({ length: 2000 }, (_, at) => `${at + 1} g flour`).join('\n'));
    expect(read.components.flatMap((component) => component.lines).length).toBe(1000);
  });

  it('tells where a second recipe begins, and finds none where there is one', () => {
    const first = 'Leek soup\nServes 4\n\n500 g leeks\n1 l stock\n\nMethod\nSweat the leeks for 8 min.\nAdd the stock.';
    const second = 'Plum jam\nMakes 2 jars\n\n1 kg plums\n600 g sugar\n\nMethod\nBoil for 20 minutes.';
    expect(readRecipe(first).secondAt).toBeNull();
    const at = readRecipe(`${first}\n\n${second}`).secondAt!;
    expect(`${first}\n\n${second}`.split('\n')[at]).toBe('Plum jam');
    for (const whole of ALL) expect([whole.manner, readRecipe(pasted(whole)).secondAt]).toEqual([whole.manner, null]);
  });

  it('takes a person’s word for a line, and reads what follows anew', () => {
    const text = 'Dal\n400 g lentils\nTempering\n60 g butter\nHeat the butter.';
    const roles = (said: ReadonlyMap<number, 'step' | 'component' | 'note'>) => readRecipe(text, { said }).places.map(({ role }) => role);
    expect(roles(new Map([[2, 'note']]))[2]).toBe('note');
    expect(readRecipe(text, { said: new Map([[2, 'component']]) }).components.map(({ name }) => name)).toEqual(['', 'Tempering']);
    expect(roles(new Map([[3, 'step']])).slice(3)).toEqual(['step', 'step']);
  });
});
