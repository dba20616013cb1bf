import { describe, expect, it } from 'vitest';
import { placeKey, readLine, readRecipe, type LineReading } from '../src';
import { compare, pasted } from './corpus/compare';
import { HOME_PAGES } from './corpus/homePages';
import { KITCHEN_PAGES } from './corpus/kitchenPages';
import { MORE_PAGES } from './corpus/morePages';
import { PAGES as FIRST_PAGES } from './corpus/pages';
import { POSTED_PAGES } from './corpus/postedPages';
import { SCHOOL_PAGES } from './corpus/schoolPages';
import { WHOLE_TEXTS as ALL } from './corpus/wholeTexts';

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

const short = (value: string): string => {
  const [top = '', bottom = '1'] = value.split('/');
  return String(Number((Number(top) / Number(bottom)).toFixed(3)));
};

const said = ({ amount, item }: LineReading): string =>
  amount
    ? `${short(amount.min)}${amount.max === amount.min ? '' : `-${short(amount.max)}`}${amount.unit === 'each' ? '' : ` ${amount.unit}`} ${item}`
    : item;

const PAGES = [...FIRST_PAGES, ...MORE_PAGES, ...HOME_PAGES, ...KITCHEN_PAGES, ...SCHOOL_PAGES, ...POSTED_PAGES];

describe('pages in rows, columns, sentences and chats', () => {
  it.each(PAGES.map((page) => [page.manner, page] as const))('%s', (_, { text, title, portions, components, steps }) => {
    const read = readRecipe(text);
    expect({
      title: read.title,
      portions: read.portions,
      components: read.components.map(({ name, lines }) => [name, lines.map(said)]),
      steps: read.method.length,
    }).toEqual({ title, portions, components, steps });
  });

  it('keep every line of the text, also where one holds several things', () => {
    for (const { text } of PAGES) {
      const places = new Set(readRecipe(text).places.map(({ at }) => at));
      const lines = text.split('\n').flatMap((line, at) => (/[\p{L}\d]/u.test(line) ? [at] : []));
      expect(lines.filter((at) => !places.has(at))).toEqual([]);
    }
  });

  it('takes a person’s word for one of several things in a line, or puts the line together again', () => {
    const text = 'Batter\n200 g flour, 2 eggs, 1 tsp salt\n\nWhisk the batter.';
    const roles = (said: ReadonlyMap<string, 'note' | 'step' | 'line'>) =>
      readRecipe(text, { said }).places.map((place) => [placeKey(place), place.role]);
    expect(roles(new Map()).slice(1, 4)).toEqual([
      ['1', 'line'],
      ['1.1', 'line'],
      ['1.2', 'line'],
    ]);
    expect(roles(new Map([['1.1', 'note']]))[2]).toEqual(['1.1', 'note']);
    expect(roles(new Map([['1', 'step']])).slice(1)).toEqual([
      ['1', 'step'],
      ['3', 'step'],
    ]);
  });

  it('keeps the words that lead to a row', () => {
    const { places } = readRecipe('Loaf\n\nYou need 500 g flour, 10 g salt and 350 ml water.\n\nMix it all.');
    expect(places.map(({ written, role }) => [written, role])).toEqual([
      ['Loaf', 'title'],
      ['You need', 'ingredients'],
      ['500 g flour', 'line'],
      ['10 g salt', 'line'],
      ['350 ml water', 'line'],
      ['Mix it all.', 'step'],
    ]);
  });

  it('never adds up the same amount in two systems', () => {
    const amounts = ['100 g 4 oz butter', '1 litre 1¾ pints stock', '30 ml 2 tbsp oil', '2 lb 4 oz flour', '1 cup 2 tbsp sugar'].map(
      (line) => {
        const { amount } = readLine(line);
        return `${short(amount!.min)} ${amount!.unit}`;
      },
    );
    expect(amounts).toEqual(['100 g', '1 l', '30 ml', '2.25 lb', '1.125 cup']);
  });

  it('asks what a bare figure of a cook in a hurry counts', () => {
    for (const line of ['150 hazelnuts, toasted', '80 sherry vin', '300 oil'])
      expect([line, readLine(line).certainty]).toEqual([line, 'held']);
    expect(readLine('40 green olives').certainty).toBe('sure');
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
    const roles = (said: ReadonlyMap<string, 'step' | 'component' | 'note'>) => readRecipe(text, { said }).places.map(({ role }) => role);
    expect(roles(new Map([['2', 'note']]))[2]).toBe('note');
    expect(readRecipe(text, { said: new Map([['2', 'component']]) }).components.map(({ name }) => name)).toEqual(['', 'Tempering']);
    expect(roles(new Map([['3', 'step']])).slice(3)).toEqual(['step', 'step']);
  });
});
