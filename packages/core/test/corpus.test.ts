import { describe, expect, it } from 'vitest';
import { linesOf, readLine, readRecipe } from '../src';
import { CORPUS } from './corpus/lines';
import { TEXTS } from './corpus/texts';
import { dishFrom } from './helpers';

describe('the corpus of lines', () => {
  it('has at least 300', () => expect(CORPUS.length).toBeGreaterThanOrEqual(300));

  it('is read as a person reads it, and nothing that is sure is wrong', () => {
    const wrong = CORPUS.flatMap((expected) => {
      const read = readLine(expected.written);
      const amount = read.amount ? (read.amount.min === read.amount.max ? read.amount.max : `${read.amount.min}-${read.amount.max}`) : '';
      const got = [
        amount,
        read.amount?.unit ?? '',
        read.item,
        read.preparation,
        read.note,
        read.one ? `${read.one.max} ${read.one.unit}` : '',
        read.scaling.kind === 'toTaste',
        read.certainty,
      ];
      const want = [
        expected.amount,
        expected.unit,
        expected.item,
        expected.preparation,
        expected.note,
        expected.one,
        expected.toTaste,
        expected.certainty,
      ];
      return JSON.stringify(got) === JSON.stringify(want) ? [] : [{ written: expected.written, got, want }];
    });
    expect(wrong).toEqual([]);
  });
});

describe('the corpus of texts', () => {
  it.each(TEXTS.map((each) => [each.title || 'a text without a title', each] as const))('%s', (_, expected) => {
    const read = readRecipe(expected.text);
    expect({
      title: read.title,
      portions: read.portions,
      components: read.components.map(({ name, lines }) => [name, lines.length]),
      steps: read.method.length,
    }).toEqual({ title: expected.title, portions: expected.portions, components: expected.components, steps: expected.steps });
  });
});

describe('a line written per plate', () => {
  it('is multiplied once the portions are known', () => {
    const [known] = linesOf(dishFrom('Asparagus\nserves 4\n3 spears asparagus per plate'));
    expect([known!.amount!.max, known!.certainty]).toEqual(['12', 'sure']);
    const [unknown] = linesOf(dishFrom('Asparagus\n3 spears asparagus per plate'));
    expect([unknown!.amount!.max, unknown!.certainty]).toEqual(['3', 'doubtful']);
  });
});
