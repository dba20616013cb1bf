import { describe, expect, it } from 'vitest';
import { besideRoster, decodeText, readRoster, words } from '../src';

describe('a roster from CSV', () => {
  it('takes names, numbers and needs, in the words people use', () => {
    const { rows, problems } = readRoster('Student Name,Allergies,Diet\n"Vey, Ana",nut; dairy,vegan\nIlo Brandt,none,\n');
    expect(problems).toEqual([]);
    expect(rows.map(({ name, needs }) => [name, needs.allergens, needs.diets])).toEqual([
      ['Vey, Ana', ['nuts', 'milk'], ['vegan']],
      ['Ilo Brandt', [], []],
    ]);
  });

  it('refuses a file without a name column and says what it has', () => {
    const read = readRoster('first,second\nAna,Vey');
    expect([read.refused, read.problems[0]!.field]).toEqual([true, 'name']);
    expect(read.problems[0]!.problem).toEqual({ code: 'no.no-name-column', has: 'first, second' });
  });

  it('refuses 10,000 rows, an empty file and a file of headings only', () => {
    expect(readRoster(`name\n${'Ana\n'.repeat(10_000)}`).problems[0]!.problem).toMatchObject({
      code: 'no.too-many-students',
      more: true,
      most: 60,
    });
    expect(readRoster('').refused).toBe(true);
    expect(readRoster('name\n').problems[0]!.problem.code).toBe('no.heading-only');
  });

  it('names row, field and remedy of doubles, formulas and unknown words, and keeps the good rows', () => {
    const inFile = readRoster('name,number,allergens\nAna Vey,1,\nana  vey,2,\n=HYPERLINK("x"),3,\nIlo,1,\nMo,5,moonfruit\nPia,6,\nUma,9,');
    const read = besideRoster(inFile, [
      { name: 'PIA', number: '9' },
      { name: 'Someone', number: '' },
    ]);
    expect(read.problems.map(({ line, field }) => [line, field])).toEqual([
      [3, 'name'],
      [4, 'name'],
      [5, 'number'],
      [6, 'allergens'],
      [7, 'name'],
      [8, 'number'],
    ]);
    expect(read.rows.map((row) => row.name)).toEqual(['Ana Vey']);
    expect(read.problems.every(({ remedy }) => remedy.code.startsWith('do.') && words(remedy).length > 5)).toBe(true);
  });
});

describe('an uploaded file', () => {
  it('is read as UTF-8 or marked UTF-16', () => {
    expect(decodeText(new TextEncoder().encode('Zoë'))).toEqual({ kind: 'text', text: 'Zoë' });
    expect(decodeText(new Uint8Array([0xff, 0xfe, 0x41, 0]))).toEqual({ kind: 'text', text: 'A' });
  });

  it('is refused in another encoding, with the line and the remedy', () => {
    const decoded = decodeText(new Uint8Array([0x61, 0x0a, 0x5a, 0x6f, 0xeb, 0x0a]));
    expect(decoded).toMatchObject({
      kind: 'notText',
      problem: { code: 'no.not-utf8', line: 2 },
      remedy: { code: 'do.save-utf8' },
    });
    expect(decodeText(new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0])).kind).toBe('notText');
  });
});
