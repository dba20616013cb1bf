import { describe, expect, it } from 'vitest';
import { linesOf, readLine } from '@pelvo/core';
import { amountText, parseAmount } from '../src/dishes/formula/amountText';
import { readDraft } from '../src/dishes/read/readDraft';

describe('an amount typed by hand', () => {
  it.each([
    ['3', 'g', '3', '3', 'g'],
    ['1 1/2', 'tbsp', '3/2', '3/2', 'tbsp'],
    ['150-200', 'ml', '150', '200', 'ml'],
    ['200 ml', 'g', '200', '200', 'ml'],
    ['0,25', 'kg', '1/4', '1/4', 'kg'],
  ] as const)('"%s" in %s is %s to %s %s', (text, unit, min, max, read) => {
    expect(parseAmount(text, unit)).toMatchObject({ min, max, unit: read });
    expect(parseAmount(amountText(parseAmount(text, unit)), read)).toMatchObject({ min, max, unit: read });
  });

  it.each(['', 'some', '-3', '3 glugs', '0', '1/0'])('"%s" is not one', (text) => {
    expect(parseAmount(text, 'g')).toBeNull();
  });
});

describe('a recipe that is still being typed', () => {
  const text = 'Salad\n3 glugs olive oil\n100 g flour';
  const corrected = { ...readLine('3 tbsp olive oil'), id: 'x', written: '3 glugs olive oil' };

  it('keeps a correction and the ids of its lines when lines are typed above', () => {
    const corrections = { '3 glugs olive oil': corrected };
    const before = linesOf(readDraft(text, { techniques: [], corrections }).content);
    const after = linesOf(readDraft(text.replace('Salad\n', 'Salad\n2 leeks\n'), { techniques: [], corrections }).content);
    expect(after[1]!.item).toBe('olive oil');
    expect(after.slice(1).map((line) => line.id)).toEqual(before.map((line) => line.id));
  });

  it('gives equal lines different ids and says when the portions are assumed', () => {
    const { content, portionsSaid } = readDraft('Salad\n1 lemon\n1 lemon', { techniques: [], corrections: {} });
    expect(new Set(linesOf(content).map((line) => line.id)).size).toBe(2);
    expect(portionsSaid).toBe(false);
    expect(readDraft('Salad (serves 6)\n1 lemon', { techniques: [], corrections: {} }).portionsSaid).toBe(true);
  });
});
