import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  DISH_LIMITS,
  linesCsv,
  linesOf,
  orderCsv,
  readFile,
  readLine,
  readRecipe,
  readRoster,
  readTechniqueMarkdown,
  toDish,
  words,
  type DishContent,
} from '../src';
import { pastedText } from '../src/formats/pastedText';
import { plainText } from '../src/formats/plainText';
import { safeCsv } from '../src/formats/csv';
import { untangled } from '../src/formats/tangled';
import { dishFrom } from './helpers';

/** How many texts are made up; `npm run fuzz` makes more. */
const RUNS = Number(process.env.FUZZ_RUNS ?? 1);

/** What a pattern that tries every way of dividing a text would be kept busy with. */
const REPEATED = [
  'a',
  'é',
  'ab ',
  '1',
  '1/',
  '1 ',
  '1-',
  '½',
  '(',
  '[',
  '{',
  '"',
  '- ',
  '* ',
  '> ',
  '_',
  '**',
  '`',
  '#',
  '|',
  '<',
  '<a ',
  '<b>',
  '<p>',
  '</',
  '&',
  '&amp;',
  '\\',
  '\n',
  '\r\n',
  ' ',
  '\t',
  ',',
  ', ',
  '.',
  '–',
  'x',
  'g ',
  'of ',
  'and ',
  'or ',
  'to ',
  '%',
  '°',
  '5 C',
  '5 min ',
  '[[',
  '<!--',
  '<script>',
  '😀',
  '\ud83d',
  '\u0000',
  'plus ',
  '+1',
  'juice of ',
  'serves ',
  'for ',
  'the ',
  'Method\n',
  '1. ',
  ': ',
  '=',
];
const AROUND = [
  ['', ''],
  ['250 g ', ' !'],
  ['x', ' x'],
  ['(', ''],
  ['', '1'],
] as const;
const TECHNIQUES = [{ id: 't', words: ['sweat', 'cut in'] }];
const bytes = (text: string) => new TextEncoder().encode(text);

/** Every way in which text comes in. Each has to come to an end; with a pattern that backtracks it would take hours. */
const WAYS: Readonly<Record<string, (text: string) => unknown>> = {
  'a recipe': (text) => toDish(readRecipe(`Title\n\n${text}`), { newId: () => 'x', portions: 4, techniques: TECHNIQUES }),
  'a line': (text) => readLine(text.slice(0, 4000)),
  'a page': (text) => readFile(bytes(`<html>${text}`), { name: 'a.html', newId: () => 'x', techniques: [] }),
  'a page with a recipe': (text) =>
    readFile(
      bytes(
        `<script type="application/ld+json">${JSON.stringify({ '@type': 'Recipe', name: text, recipeIngredient: [text], recipeInstructions: text })}</script>`,
      ),
      {
        name: 'a.html',
        newId: () => 'x',
        techniques: [],
      },
    ),
  'a table of lines': (text) => readFile(bytes(`line,item\n${text}`), { name: 'a.csv', newId: () => 'x', techniques: [] }),
  'a roster': (text) => readRoster(`name,note\n${text}`),
  'Markdown of cards': (text) => readTechniqueMarkdown(`# Card\n\n${text}`),
  'a paste': (text) => pastedText(text, ''),
  'text with tags': plainText,
};

describe.each(Object.entries(WAYS))('%s', (_, read) => {
  it.each([[20_000]])(
    'of %d letters that repeat comes to an end',
    (length) => {
      for (const unit of REPEATED)
        for (const [before, after] of AROUND) read(before + unit.repeat(Math.ceil(length / unit.length)).slice(0, length) + after);
    },
    120_000,
  );

  it('of anything at all is read without a failure', () => {
    const any = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 400 }),
      fc.string({ unit: 'grapheme', maxLength: 400 }),
      fc
        .array(fc.constantFrom(...REPEATED, '200 g flour', 'Serves 4', 'Ingredients', '\n\n', 'Stir.'), { maxLength: 60 })
        .map((parts) => parts.join('')),
    );
    fc.assert(
      fc.property(any, (text) => {
        read(text);
      }),
      { numRuns: 150 * RUNS },
    );
  }, 600_000);
});

describe('a line that is too long to be one', () => {
  it('is held as it was written, and asked about', () => {
    const long = `200 g flour ${'and more flour '.repeat(40)}`;
    const read = readLine(long);
    expect(read).toMatchObject({ written: long, certainty: 'held', doubts: [{ code: 'too-long' }] });
    expect(words({ code: 'doubt', doubt: read.doubts[0]! })).toContain('Give each a line of its own');
  });

  it('may still be as long as people write them', () => {
    const line =
      '250 g stale bread, crusts cut off, torn into pieces the size of a walnut and left on a tray overnight to dry, plus extra for dusting the tins';
    expect(readLine(line)).toMatchObject({ item: 'stale bread', amount: { max: '250', unit: 'g' }, extra: true });
  });
});

describe('a text of more lines than any dish', () => {
  it('is read until it is sure that no dish can hold it, and no further', () => {
    const linesIn = (count: number) => readRecipe('2 leeks\n'.repeat(count)).components.reduce((all, { lines }) => all + lines.length, 0);
    expect(linesIn(DISH_LIMITS.lines + 1)).toBe(DISH_LIMITS.lines + 1);
    expect(linesIn(50_000)).toBe(linesIn(2000));
    expect(linesIn(2000)).toBeGreaterThan(DISH_LIMITS.lines);
    // And it says from where on it was not: the thousand lines before it are read, blanks between them or not.
    const from = (text: string) => readRecipe(text).unreadFrom;
    expect([from('2 leeks\n'.repeat(1000)), from('2 leeks\n'.repeat(2000)), from('2 leeks\n\n'.repeat(2000))]).toEqual([null, 1000, 2000]);
  });
});

describe('Markdown', () => {
  it('is read but for the blocks nobody wrote, which are named by their lines', () => {
    const text = `# Blanch\n\nKeeps the green.\n\n${'- '.repeat(50)}x\n\n## Steps\n\n1. Boil the water.`;
    expect(untangled(text).tangles).toEqual([{ lines: [5, 5] }]);
    const read = readTechniqueMarkdown(text);
    expect([read.techniques[0]!.purpose, read.techniques[0]!.steps]).toEqual(['Keeps the green.', ['Boil the water.']]);
    expect(read.leftOut).toEqual([expect.stringContaining('lines 5 to 5')]);
  });
});

describe('a table for a spreadsheet', () => {
  const HARMFUL = [
    '=1+1',
    '+1',
    '-1+2',
    '@SUM(A1)',
    '\t=1',
    '\r=1',
    '\n=1',
    'leek\n=1+1',
    'leek\r\n@x',
    ' =1',
    '\u00a0=1',
    '\u200b=1',
    '＝1',
    'a\n \t-1',
  ];

  it.each(HARMFUL.map((cell) => [cell]))('never begins a formula: %j', (cell) => {
    const [, row] = safeCsv(['name'], [{ name: cell }]).split(/\r\n(?=(?:[^"]*"[^"]*")*[^"]*$)/);
    const said = row!.replace(/^"|"$/g, '');
    for (const line of said.split(/[\r\n]+/)) expect(line.trim()).not.toMatch(/^[\s\u200b]*[=+\-@＝＋－＠]/);
  });

  it('leaves what is no formula as it is', () => {
    expect(safeCsv(['a', 'b'], [{ a: 'leek, sliced', b: 4 }])).toBe('a,b\r\n"leek, sliced",4');
  });

  it('is written safely whatever a dish says', () => {
    const dish: DishContent = dishFrom('Leeks\n\n200 g leeks');
    const evil = {
      ...dish,
      components: dish.components.map((each) => ({
        ...each,
        lines: each.lines.map((line) => ({ ...line, note: 'x\n=HYPERLINK("y")', item: '=1' })),
      })),
    };
    expect(linesCsv([evil])).not.toMatch(/(?:^|[,\n"])\s*[=@]/m);
    expect(linesOf(evil)).toHaveLength(1);
    expect(typeof orderCsv).toBe('function');
  });
});
