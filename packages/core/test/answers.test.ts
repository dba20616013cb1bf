import { describe, expect, it } from 'vitest';
import { answersTo, readLine, showAmount } from '../src';

const answers = (written: string) => {
  const line = readLine(written);
  return line.doubts.flatMap((doubt) =>
    answersTo(line, doubt).map(({ label, line: next }) => [label, next.amount && showAmount(next.amount), next.item, next.certainty]),
  );
};

describe('a question of reading', () => {
  it.each([
    [
      '1,500 kg flour',
      [
        ['1500 kg flour', '1500 kg', 'flour', 'sure'],
        ['1.5 kg flour', '1.5 kg', 'flour', 'sure'],
      ],
    ],
    [
      '2 carrots or parsnips',
      [
        ['2 carrots', '2', 'carrots', 'sure'],
        ['2 parsnips', '2', 'parsnips', 'sure'],
      ],
    ],
    [
      '2 large or 3 small courgettes',
      [
        ['2 courgettes', '2', 'courgettes', 'sure'],
        ['3 courgettes', '3', 'courgettes', 'sure'],
      ],
    ],
    [
      '200 g flour plus 50 g for the board',
      [
        ['250 g flour', '250 g', 'flour', 'sure'],
        ['200 g flour', '200 g', 'flour', 'sure'],
      ],
    ],
    [
      '3 glugs olive oil',
      [
        ['about 3 tbsp olive oil', 'about 3 tbsp', 'olive oil', 'sure'],
        ['3 splashes olive oil', '3 splashes', 'olive oil', 'sure'],
        ['about 3 packets olive oil', 'about 3 packets', 'olive oil', 'sure'],
        ['glugs is part of the name', '3', 'glugs olive oil', 'sure'],
      ],
    ],
    ['-3 g salt', [['Yes: 3 g salt', '3 g', 'salt', 'sure']]],
    ['l tbsp treacle', [['Yes: 1 tbsp treacle', '1 tbsp', 'treacle', 'sure']]],
    ['250 g (3 oz) flour', [['Yes: 250 g flour', '250 g', 'flour', 'sure']]],
    // Only a person can word these, or they are questions of fact.
    ['some flour', []],
    ['3 cm ginger', []],
  ] as const)('%s has its answers, each with what it makes of the line', (written, expected) => {
    expect(answers(written)).toEqual(expected);
  });

  it('settled, leaves what else is asked about', () => {
    const line = readLine('1,500 kg carrots or parsnips');
    expect(line.doubts.map(({ code }) => code).sort()).toEqual(['which-comma', 'which-item']);
    const [first] = answersTo(
      line,
      line.doubts.find(({ code }) => code === 'which-item')!,
    );
    expect([first!.line.certainty, first!.line.doubts.map(({ code }) => code)]).toEqual(['doubtful', ['which-comma']]);
  });
});
