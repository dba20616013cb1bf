import { describe, expect, it } from 'vitest';
import { readRubricFile, rubricCsv, rubricJson, wouldHaveBeen, type Criterion, type Marks, type RubricContent } from '../src';

const base = { strand: 'cooking', evidence: 'seen', faults: [] } as const;
const descriptors = ['flat', 'a little', '=balanced, "and" more', 'lifts; the next | one'] as const;

const RUBRIC: RubricContent = {
  name: 'Soup, clear',
  passAt: 2,
  strandWeights: { knife: 0, cooking: 70, plating: 10.5, process: 20 },
  levelShares: [0, 0.4, 0.75, 1],
  criteria: [
    {
      ...base,
      kind: 'levels',
      key: 'salt',
      name: 'Seasoning',
      evidence: 'tasted',
      weight: 2.5,
      descriptors,
      faults: [
        { key: 'flat', see: 'Flat,\ntastes of water', cause: 'never tasted', correction: 'taste', rescue: '', technique: 'Season' },
        {
          key: 'even',
          see: 'Spread evenly',
          cause: '',
          correction: '',
          rescue: 'lean one',
          technique: 'Plate',
          under: { matter: 'plate-regularity', practice: 'free' },
        },
      ],
    },
    { ...base, kind: 'critical', key: 'safe', name: 'Safe', met: 'core met', notMet: 'core missed', cap: 40 },
    {
      ...base,
      kind: 'measured',
      key: 'dice',
      name: 'Dice',
      weight: 1,
      target: {
        unit: 'mm',
        sizes: [
          { name: 'length', least: 40, most: 50.5 },
          { name: 'late', least: -60, most: 0 },
        ],
        pieces: 10,
        shares: [0.4, 0.725, 0.9],
      },
    },
    { ...base, strand: 'process', kind: 'counted', key: 'boards', name: 'Boards', weight: 1, counts: 'changes missed', most: [0, 1, 3] },
    {
      ...base,
      strand: 'plating',
      kind: 'ladder',
      key: 'bake',
      name: 'Bake',
      weight: 1,
      stages: [
        { name: 'pale = raw', share: 0.25 },
        { name: 'gold', share: 1 },
      ],
    },
  ],
};

describe('a rubric as a file', () => {
  it('goes out and comes back as it was, as JSON and as CSV', () => {
    expect(readRubricFile(rubricJson(RUBRIC))).toEqual({ kind: 'read', content: RUBRIC });
    expect(readRubricFile(rubricCsv(RUBRIC))).toEqual({ kind: 'read', content: RUBRIC });
    expect(readRubricFile(`\ufeff${rubricCsv(RUBRIC).replace(/\r\n/g, '\n')}`)).toEqual({ kind: 'read', content: RUBRIC });
  });

  it('takes a table that somebody wrote by hand, with what they left out as usual', () => {
    const read = readRubricFile(
      'Row,Strand,Name,Weight,Level 1,Level 2,Level 3,Level 4\nrubric,,Soup,,,,,\nstrand,cooking,,1,,,,\ncriterion,Cooking,Body,"1,5",water,thin,coats,shines',
    );
    expect(read).toMatchObject({
      kind: 'read',
      content: {
        name: 'Soup',
        passAt: 3,
        strandWeights: { knife: 0, cooking: 1, plating: 0, process: 0 },
        criteria: [
          { kind: 'levels', evidence: 'seen', weight: 1.5, descriptors: ['water', 'thin', 'coats', 'shines'], key: 'criterion-1' },
        ],
      },
    });
  });

  it.each([
    ['', 'There is nothing in the file.'],
    ['PK\u0003\u0004\0\0', 'This is no text.'],
    ['{"document":"dish","version":1,"content":{}}', 'There is no rubric in it.'],
    ['{"document":"rubric","version":99,"content":{}}', 'newer Pelvo'],
    ['{"document":"rubric","version":3,"content":{"name":"x"}}', '"strandWeights" is missing'],
    ['{', 'It is not JSON'],
    ['name,amount\nflour,200', 'must name the columns'],
    ['row,name\nsoup,x', 'Line 2: "soup" is no kind of row'],
    ['row,strand,name\ncriterion,baking,x', 'Line 2, strand: "baking" is not known'],
    ['row,strand,name,weight\ncriterion,knife,x,much', 'Line 2, weight: "much" is no number'],
    ['row,strand,name,kind,sizes\ncriterion,knife,x,measured,about two', '"about two" is no size'],
    ['row,strand,name,kind,stages\ncriterion,knife,x,ladder,gold', '"gold" is no stage'],
    ['row,name\nfault,x', 'before the first criterion'],
    [`row,name\n${'x'.repeat(300_001)}`, 'at most 300 kB'],
  ])('refuses %j and says why', (text, because) => {
    const read = readRubricFile(text);
    expect(read.kind === 'refused' && read.because).toContain(because);
  });
});

describe('what past marks would have been', () => {
  const two = (weights: readonly [number, number], more: readonly Criterion[] = []): RubricContent => ({
    ...RUBRIC,
    strandWeights: { knife: 0, cooking: 1, plating: 0, process: 0 },
    levelShares: [0.25, 0.5, 0.75, 1],
    criteria: [
      { ...base, kind: 'levels', key: 'a', name: 'A', weight: weights[0], descriptors },
      { ...base, kind: 'levels', key: 'b', name: 'B', weight: weights[1], descriptors },
      ...more,
    ],
  });
  const MARKS: Marks = { a: { kind: 'level', level: 4, faults: [] }, b: { kind: 'level', level: 2, faults: [] } };

  it('weighs the same judgements anew: (1 × 100 + 1 × 50) / 2 = 75, and (1 × 100 + 4 × 50) / 5 = 60', () => {
    expect(wouldHaveBeen(two([1, 1]), two([1, 4]), MARKS)).toEqual({ was: 75, would: 60, unknown: [], dropped: [] });
  });

  it('names what is asked anew and what counts no longer, and takes no level for a count', () => {
    const counted: Criterion = { ...base, kind: 'counted', key: 'b', name: 'B counted', weight: 1, counts: 'marks', most: [0, 1, 2] };
    const would = {
      ...two([1, 1]),
      criteria: [two([1, 1]).criteria[0]!, counted, { ...base, kind: 'levels' as const, key: 'c', name: 'C', weight: 1, descriptors }],
    };
    expect(wouldHaveBeen(two([1, 1]), would, MARKS)).toEqual({ was: 75, would: 100, unknown: ['B counted', 'C'], dropped: ['B'] });
  });

  it('has no mark where nothing is left to compute from', () => {
    expect(wouldHaveBeen(two([1, 1]), { ...two([1, 1]), criteria: [] }, MARKS)).toMatchObject({
      was: 75,
      would: null,
      dropped: ['A', 'B'],
    });
  });
});
