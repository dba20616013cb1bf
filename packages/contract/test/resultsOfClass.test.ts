import { describe, expect, it } from 'vitest';
import { computeResult, shownOf, type Criterion, type Marks, type RubricContent } from '@pelvo/core';
import { resultsOfClass, type ClassResults, type MarkedDish } from '../src';

const criterion = (key: string): Criterion => ({
  kind: 'levels',
  key,
  name: key,
  strand: 'cooking',
  weight: 1,
  evidence: 'seen',
  descriptors: ['raw', 'nearly', 'done', 'just done'],
  faults: [],
});
const rubric = (...keys: readonly string[]): RubricContent => ({
  name: keys.join(' and '),
  passAt: 3,
  strandWeights: { knife: 0, cooking: 100, plating: 0, process: 0 },
  levelShares: [0, 0.5, 0.8, 1],
  criteria: keys.map(criterion),
});
const at = (level: 1 | 2 | 3 | 4) => ({ kind: 'level', level, faults: [] }) as const;
const dish = (student: string, rubricEditionId: string, marks: Marks): MarkedDish => ({
  id: student,
  studentId: student,
  student,
  dishEditionId: 'leeks-2',
  rubricEditionId,
  assessors: ['Teo Vasz'],
  agreed: [],
  marks,
  changedSince: false,
});
const lesson = (marked: readonly MarkedDish[], more: Partial<ClassResults> = {}): ClassResults => ({
  lessonId: 'l1',
  counting: 'newest',
  title: 'Leeks',
  date: '2026-12-04',
  way: 'levels',
  releasedAt: null,
  dishes: [{ editionId: 'leeks-2', title: 'Leek salad', number: 2 }],
  rubrics: [{ editionId: 'r1', number: 1, content: rubric('doneness', 'seasoning') }],
  marked,
  unmarked: [],
  ...more,
});

describe('the results of a class', () => {
  it('are what the core computes of each dish, with the editions that explain it', () => {
    const marks = { doneness: at(4), seasoning: at(2) };
    const { results } = resultsOfClass(lesson([dish('Ada', 'r1', marks)]));
    // Half of 100 points each: 50 × 1 + 50 × 0.5
    expect(results.map(({ result }) => shownOf(result.mark!))).toEqual(['75']);
    expect(results[0]).toMatchObject({
      student: 'Ada',
      dish: 'Leek salad',
      dishEdition: 2,
      rubric: 'doneness and seasoning',
      rubricEdition: 1,
      lesson: 'Leeks',
      date: '2026-12-04',
    });
    expect(results[0]!.result).toEqual(computeResult(rubric('doneness', 'seasoning'), marks, 'levels'));
  });

  it('are told the way the lesson marks', () => {
    const { results } = resultsOfClass(lesson([dish('Ada', 'r1', { doneness: at(3), seasoning: at(2) })], { way: 'pass' }));
    expect(shownOf(results[0]!.result.mark!)).toBe('Not yet');
  });

  it('keep dishes to the rubric each was marked by, and count levels by it', () => {
    const rubrics = [
      { editionId: 'r1', number: 1, content: rubric('doneness') },
      { editionId: 'r2', number: 2, content: rubric('doneness', 'seasoning') },
    ];
    const marked = [dish('Ada', 'r1', { doneness: at(4) }), dish('Bo', 'r2', { doneness: at(2), seasoning: at(2) })];
    const { results, levels } = resultsOfClass(lesson(marked, { rubrics }));
    expect(results.map(({ rubricEdition, result }) => [rubricEdition, shownOf(result.mark!)])).toEqual([
      [1, '100'],
      [2, '50'],
    ]);
    expect(levels.map(({ key, counts }) => [key, counts])).toEqual([
      ['doneness', [0, 0, 0, 1]],
      ['doneness', [0, 1, 0, 0]],
      ['seasoning', [0, 1, 0, 0]],
    ]);
  });

  it('are not made up where an edition that marks name is missing', () => {
    expect(() => resultsOfClass(lesson([dish('Ada', 'r9', { doneness: at(4) })]))).toThrow(/edition r9/);
    expect(() => resultsOfClass(lesson([dish('Ada', 'r1', {})], { dishes: [] }))).toThrow(/edition leeks-2/);
  });
});
