import { describe, expect, it } from 'vitest';
import {
  criteriaByEye,
  hasJudgedAll,
  standardisationOutcome,
  valuesByEye,
  type Criterion,
  type Level,
  type MarkValue,
  type RubricContent,
  type SampleMark,
} from '../src';

const base = { strand: 'cooking', evidence: 'seen', faults: [], weight: 1 } as const;
const descriptors = ['flat', 'partly', 'balanced', 'lifting'];
const criteria = [
  { ...base, key: 'taste', name: 'Seasoning', kind: 'levels', descriptors },
  { ...base, key: 'safe', name: 'Safe', kind: 'critical', cap: 40, met: 'yes', notMet: 'no' },
  { ...base, key: 'lost', name: 'Dropped', kind: 'counted', most: [0, 1, 2] },
] as unknown as readonly Criterion[];
const rubric: RubricContent = {
  name: 'Dish',
  strandWeights: { knife: 0, cooking: 1, plating: 0, process: 0 },
  levelShares: [0.25, 0.5, 0.75, 1],
  passAt: 3,
  criteria,
};
const samples = ['one', 'two', 'three'].map((id) => ({ id, title: id, about: 'told', assessmentId: null }));
const level = (value: Level): MarkValue => ({ kind: 'level', level: value, faults: [] });
const taste = (...given: readonly (Level | null)[]): SampleMark[] =>
  given.flatMap((value, index) => (value ? [{ sampleId: samples[index]!.id, criterionKey: 'taste', value: level(value) }] : []));
const judge = (personId: string, marks: readonly SampleMark[]) => ({ personId, name: personId, marks });

describe('a standardisation', () => {
  it('asks only for what is judged by eye', () => {
    expect(criteriaByEye(rubric).map(({ key }) => key)).toEqual(['taste', 'safe']);
    expect(criteria.map((criterion) => valuesByEye(criterion).length)).toEqual([4, 2, 0]);
  });

  it('is judged when every dish has every such criterion', () => {
    const safe = samples.map(({ id }): SampleMark => ({
      sampleId: id,
      criterionKey: 'safe',
      value: { kind: 'critical', met: true, faults: [] },
    }));
    expect(hasJudgedAll(rubric, samples, [...taste(3, 3, 3), ...safe])).toBe(true);
    expect(hasJudgedAll(rubric, samples, [...taste(3, 3, null), ...safe])).toBe(false);
    expect(hasJudgedAll(rubric, samples, [])).toBe(false);
  });

  it('shows where they lie apart, the widest first, and how each stands to what was set', () => {
    // By hand: dish one 4 and 2, dish two 3 and 3, dish three 1 and 2. Standard 3, 3, 1.
    const { samples: outcomes, judges } = standardisationOutcome(
      rubric,
      samples,
      [judge('a', taste(4, 3, 1)), judge('b', taste(2, 3, 2))],
      taste(3, 3, 1),
    );
    expect(outcomes.filter(({ criterion }) => criterion.key === 'taste').map(({ sampleId, apart }) => [sampleId, apart])).toEqual([
      ['one', 2],
      ['three', 1],
      ['two', 0],
    ]);
    // a: +1, 0, 0; b: −1, 0, +1.
    expect(judges.map(({ personId, of, exactly, off }) => [personId, of, exactly, off])).toEqual([
      ['a', 3, 2 / 3, 1 / 3],
      ['b', 3, 1 / 3, 0],
    ]);
    expect(judges[0]!.agreement.verdict).toBe('too-few');
  });

  it('makes up no standard: with none set, nobody is held against anything', () => {
    const { judges } = standardisationOutcome(rubric, samples, [judge('a', taste(4, 3, 1)), judge('b', taste(4, 3, 1))], []);
    expect(judges.map(({ of, exactly, off }) => [of, exactly, off])).toEqual([
      [0, null, null],
      [0, null, null],
    ]);
  });

  it('leaves out what was not seen', () => {
    const unseen: SampleMark = { sampleId: 'one', criterionKey: 'taste', value: { kind: 'notSeen' } };
    const { samples: outcomes } = standardisationOutcome(rubric, samples, [judge('a', [unseen]), judge('b', taste(4))], taste(4));
    expect(outcomes.find(({ sampleId, criterion }) => sampleId === 'one' && criterion.key === 'taste')!.said).toHaveLength(1);
  });
});
