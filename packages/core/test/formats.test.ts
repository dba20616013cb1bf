import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dishFile, linesCsv, linesOf, readFile, recipeJsonLd, showAmount, words, type DishContent, type FileReading } from '../src';
import { minutesOfDuration } from '../src/formats/jsonLd';
import { plainText } from '../src/formats/plainText';
import { dishFrom } from './helpers';

const bytes = (text: string) => new TextEncoder().encode(text);
let next = 0;
const read = (file: string | Uint8Array, name = 'file') =>
  readFile(typeof file === 'string' ? bytes(file) : file, { name, newId: () => `i${(next += 1)}`, techniques: [] });
const only = (reading: FileReading): DishContent => {
  if (reading.kind === 'refused') throw new Error(words(reading.problem));
  return reading.dishes[0]!.content;
};
const DISH = dishFrom(
  'Leeks (serves 4)\n8 leeks, trimmed\n1 1/2 tbsp olive oil\n150-200 ml vegetable stock\nFor the crumb:\n60 g hazelnuts\nMethod\n1. Blanch for 8 minutes.\n2. Bake for 12 minutes at 180C.',
);

describe('schema.org recipes', () => {
  const recipe = (more: object) => JSON.stringify({ '@type': 'Recipe', name: 'X', recipeIngredient: ['1 leek'], ...more });

  it('carry lines, yield and steps there and back', () => {
    const back = only(read(JSON.stringify(recipeJsonLd(DISH))));
    expect([back.title, back.portions]).toEqual(['Leeks', 4]);
    expect(linesOf(back).map((line) => line.written)).toEqual(linesOf(DISH).map((line) => line.written));
    expect(back.method.map(({ text, minutes, celsius }) => [text, minutes, celsius])).toEqual(
      DISH.method.map(({ text, minutes, celsius }) => [text, minutes, celsius]),
    );
  });

  it.each([
    ['a number', { recipeYield: 6 }, 6],
    ['words', { recipeYield: 'Serves 8 to 10' }, 8],
    ['a list', { recipeYield: ['12', '12 pieces'] }, 12],
    ['a value', { recipeYield: { '@type': 'QuantitativeValue', name: '3 plates' } }, 3],
    ['nothing', {}, 4],
  ])('say their yield as %s', (_, more, portions) => expect(only(read(recipe(more))).portions).toBe(portions));

  it.each([
    ['a string of lines', 'Chop.\nCook for 10 minutes.', ['Chop.', 'Cook for 10 minutes.']],
    ['steps', [{ '@type': 'HowToStep', text: 'Chop.' }, 'Cook.'], ['Chop.', 'Cook.']],
    ['sections', [{ '@type': 'HowToSection', name: 'Crumb', itemListElement: [{ '@type': 'HowToStep', text: 'Toast.' }] }], ['Toast.']],
    ['HTML', '<ol><li>Chop.</li><li>Cook <b>slowly</b>.</li></ol>', ['Chop.', 'Cook slowly.']],
  ])('tell the method as %s', (_, recipeInstructions, steps) =>
    expect(only(read(recipe({ recipeInstructions }))).method.map((step) => step.text)).toEqual(steps),
  );

  it('are found in graphs, lists, pages and under types in a list', () => {
    const one = { '@type': ['Thing', 'Recipe'], name: 'Deep', recipeIngredient: ['1 leek'] };
    for (const file of [
      JSON.stringify([one]),
      JSON.stringify({ '@graph': [{ '@type': 'WebPage' }, one] }),
      `<!doctype html><head><script type="application/ld+json">${JSON.stringify({ mainEntity: one })}</script></head>`,
    ]) {
      expect(only(read(file)).title).toBe('Deep');
    }
  });

  it('know durations', () => {
    expect(['PT20M', 'PT1H30M', 'P1DT2H', 'PT0M', 'soon'].map(minutesOfDuration)).toEqual([20, 90, 1560, null, null]);
  });
});

describe('text out of HTML', () => {
  it('loses tags, scripts and attributes, and keeps what is said', () => {
    expect(plainText('<img src=x onerror=alert(1)>100&nbsp;g <b>butter</b><script>steal()</script><style>b{}</style> &frac12;')).toBe(
      '100 g butter ½',
    );
    expect(plainText('plain   text')).toBe('plain text');
    // What was escaped was meant as text: it stays text, and is escaped again wherever it is shown.
    expect(plainText('x &lt;b&gt; y')).toBe('x <b> y');
  });

  it('keeps the words of any markup and nothing of its tags, attributes or scripts', () => {
    const word = fc.stringMatching(/^[a-z]{1,8}$/);
    const tag = fc.constantFrom('b', 'p', 'li', 'div', 'span', 'script', 'style', 'iframe');
    fc.assert(
      fc.property(fc.array(fc.tuple(tag, word), { maxLength: 12 }), (parts) => {
        const html = parts.map(([name, said]) => `<${name} onclick="steal('<b>')">${said}</${name}>`).join('');
        const heard = parts.filter(([name]) => !/script|style|iframe/.test(name)).map(([, said]) => said);
        expect(plainText(html).replace(/ /g, '')).toBe(heard.join(''));
      }),
    );
  });
});

describe('CSV of lines', () => {
  it('carries lines there and back', () => {
    const back = only(read(linesCsv([DISH]), 'leeks.csv'));
    const told = (dish: DishContent) =>
      dish.components.map((component) => [
        component.name,
        component.lines.map((line) => [line.written, line.amount && showAmount(line.amount), line.item, line.preparation]),
      ]);
    expect(told(back)).toEqual(told(DISH));
  });

  it('takes other headings, one line alone, and names the dish after the file', () => {
    const content = only(read('Quantity;Unit;Ingredient;Prep\n200;g;flour;sifted\n', 'Flat bread.csv'));
    expect(content.title).toBe('Flat bread');
    expect(linesOf(content)[0]).toMatchObject({ item: 'flour', preparation: 'sifted', amount: { max: '200', unit: 'g' } });
  });

  it('says which row is wrong, and what a heading lacks', () => {
    const bad = read('line,portions\n1 leek,many\n', 'x.csv');
    expect(bad.kind === 'read' && bad.problems[0]).toMatchObject({ field: 'line 2, portions' });
    const none = read('colour,size\nred,5\n', 'x.csv');
    expect(none.kind === 'read' && none.problems[0]!.problem.code).toBe('no.no-line-column');
  });

  it('writes nothing a spreadsheet would run', () => {
    const evil = {
      ...DISH,
      title: '=cmd()',
      components: [{ ...DISH.components[0]!, lines: [{ ...linesOf(DISH)[0]!, written: '+1 leek', item: '@leek' }] }],
    };
    for (const row of linesCsv([evil]).split('\r\n').slice(1)) for (const cell of row.split(',')) expect(cell).not.toMatch(/^"?[=+@]/);
  });
});

describe('files', () => {
  it('of Pelvo come back as they were', () => {
    expect(only(read(JSON.stringify(dishFile([DISH]))))).toEqual(DISH);
  });

  it('of plain text are read as recipes', () => {
    expect(only(read('Leeks\nServes 2\n2 leeks')).portions).toBe(2);
  });

  it('never throw, whatever bytes they hold', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 300 }), fc.constantFrom('', '{', '[', '<html>', 'line,item\n'), (noise, start) => {
        const file = new Uint8Array([...bytes(start), ...noise]);
        const result = read(file, 'x.csv');
        expect(['read', 'refused']).toContain(result.kind);
      }),
    );
    fc.assert(
      fc.property(fc.json({ maxDepth: 6 }), (json) => {
        expect(['read', 'refused']).toContain(read(json).kind);
      }),
    );
  });
});
