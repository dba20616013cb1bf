import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  estimateSkill,
  signsOf,
  toReteach,
  trendOf,
  type Criterion,
  type MarkValue,
  type RubricContent,
  type Skill,
  type SkillSign,
} from '../src';

const seen = (level: number, day = 0): SkillSign => ({ day, level, evidence: 'seen', sharedBy: 1 });

describe('where a student stands with a technique', () => {
  it('is nothing without a sign', () => {
    expect(estimateSkill([], 0)).toBeNull();
  });

  it('takes a first sign for most, not all, of what is known: gain 1 / 1.36, so 2 + 0.7353 × 2 = 3.4706', () => {
    const skill = estimateSkill([seen(4)], 0)!;
    expect(skill.level).toBeCloseTo(3.4706, 4);
    // What is left of the variance: 1 × (1 − 0.7353) = 0.2647, its root 0.5145.
    expect(skill.spread).toBeCloseTo(0.5145, 4);
    expect([skill.signs, skill.known]).toEqual([1, false]);
  });

  it('moves with a second sign a week later: variance 0.2847, gain 0.4416, 3.4706 − 0.4416 × 1.4706 = 2.8212', () => {
    const skill = estimateSkill([seen(4), seen(2, 7)], 7)!;
    expect(skill.level).toBeCloseTo(2.8212, 3);
    expect(skill.spread).toBeCloseTo(Math.sqrt(0.2847 * (1 - 0.4416)), 3);
    expect([skill.known, skill.lastDay]).toEqual([true, 7]);
  });

  it('trusts what is measured more, what is divided among techniques less, and what is long ago less', () => {
    const level = (sign: Partial<SkillSign>) => estimateSkill([{ ...seen(4), ...sign }], 0)!.level;
    expect(level({ evidence: 'measured' })).toBeCloseTo(2 + 2 / 1.12, 4);
    expect(level({ sharedBy: 3 })).toBeCloseTo(2 + 2 / 2.08, 4);
    const [now, later] = [estimateSkill([seen(3), seen(3)], 0)!, estimateSkill([seen(3), seen(3)], 70)!];
    expect(later.spread ** 2 - now.spread ** 2).toBeCloseTo(0.2, 6);
    expect(estimateSkill([seen(1), seen(4, 200)], 200)!.level).toBeGreaterThan(estimateSkill([seen(1), seen(4, 1)], 1)!.level);
  });

  it('never leaves the scale, whatever the order, and is the surer the more there is', () => {
    const sign = fc.record({
      day: fc.integer({ min: 0, max: 400 }),
      level: fc.integer({ min: 1, max: 4 }),
      evidence: fc.constantFrom('measured' as const, 'seen' as const, 'tasted' as const),
      sharedBy: fc.integer({ min: 1, max: 4 }),
    });
    fc.assert(
      fc.property(fc.array(sign, { minLength: 1, maxLength: 30 }), (signs) => {
        const skill = estimateSkill(signs, 400)!;
        expect(skill.level).toBeGreaterThanOrEqual(1);
        expect(skill.level).toBeLessThanOrEqual(4);
        expect(skill.below).toBeGreaterThanOrEqual(0);
        expect(skill.below).toBeLessThanOrEqual(1);
        const more = estimateSkill([...signs, { day: 400, level: 3, evidence: 'seen', sharedBy: 1 }], 400)!;
        expect(more.spread).toBeLessThan(skill.spread);
      }),
    );
  });
});

const fault = (key: string, technique: string) => ({ key, see: key, cause: '', correction: '', rescue: '', technique });
const CRITERION: Criterion = {
  kind: 'levels',
  key: 'doneness',
  name: 'Doneness',
  strand: 'cooking',
  evidence: 'tasted',
  weight: 1,
  descriptors: ['a', 'b', 'c', 'd'],
  faults: [fault('dry', 'Poach'), fault('grey', 'Sear'), fault('soft', 'Blanch')],
};
const RUBRIC: RubricContent = {
  name: 'R',
  passAt: 3,
  strandWeights: { knife: 0, cooking: 1, plating: 0, process: 0 },
  levelShares: [0.25, 0.5, 0.75, 1],
  criteria: [CRITERION],
};
const of = (value: MarkValue | null, inLesson: readonly string[], criterion: Criterion = CRITERION) =>
  signsOf(criterion, value, { rubric: RUBRIC, inLesson: new Set(inLesson) }).map(({ technique, level, sharedBy, faults }) => [
    technique,
    level,
    sharedBy,
    faults.map(({ key }) => key).join(),
  ]);
const level = (value: 1 | 2 | 3 | 4, faults: string[] = []): MarkValue => ({ kind: 'level', level: value, faults });

describe('what a judgement says of techniques', () => {
  it('is divided among those that were cooked', () => {
    expect(of(level(3), ['Poach', 'Blanch', 'Julienne'])).toEqual([
      ['Poach', 3, 2, ''],
      ['Blanch', 3, 2, ''],
    ]);
    expect(of(level(3), ['Julienne'])).toEqual([]);
  });

  it('is of the fault’s technique alone where one was noted', () => {
    expect(of(level(2, ['grey']), ['Poach', 'Sear'])).toEqual([['Sear', 2, 1, 'grey']]);
  });

  it('is nothing where nobody saw it, where it was taken back, or where it only caps', () => {
    const critical: Criterion = { ...CRITERION, kind: 'critical', met: 'a', notMet: 'b', cap: 40 } as Criterion;
    expect([
      of({ kind: 'notSeen' }, ['Poach']),
      of(null, ['Poach']),
      of({ kind: 'critical', met: false, faults: ['dry'] }, ['Poach'], critical),
    ]).toEqual([[], [], []]);
  });
});

describe('what is to be taken up again', () => {
  const skill = (part: Partial<Skill>): Skill => ({ level: 3, spread: 0.4, signs: 4, lastDay: 0, below: 0.1, known: true, ...part });
  it('is what most are surely below Secure in, weakest first, and of nobody of whom there is too little', () => {
    const cells = [
      { studentId: 'a', technique: 'Poach', skill: skill({ level: 1.9, below: 0.9 }) },
      { studentId: 'b', technique: 'Poach', skill: skill({ level: 1.5, below: 0.97 }) },
      { studentId: 'c', technique: 'Poach', skill: skill({ known: false, below: 0.99 }) },
      { studentId: 'a', technique: 'Sear', skill: skill({ below: 0.81 }) },
      { studentId: 'b', technique: 'Sear', skill: skill({ below: 0.79 }) },
      { studentId: 'b', technique: 'Blanch', skill: skill({}) },
    ];
    expect(toReteach(cells)).toEqual([
      { technique: 'Poach', known: 2, students: ['b', 'a'] },
      { technique: 'Sear', known: 2, students: ['a'] },
    ]);
  });
});

describe('how a standing has gone', () => {
  const days = (...signs: SkillSign[]) => trendOf(signs);

  it('is up where it lies further from the first day than it may itself lie off', () => {
    // Twice Nearly on day 0: 2, variance 0.1526. Ten weeks on 0.3526; Assured twice: 2 + 0.4948 × 2 = 2.9896, then + 0.3310 × 1.0104 = 3.3240,
    // variance 0.1192, so give or take 0.3452: 1.324 is more.
    const { points, way } = days(seen(2), seen(2), seen(4, 70), seen(4, 70));
    expect(points.map(({ day }) => day)).toEqual([0, 70]);
    expect(points[0]!.skill.level).toBeCloseTo(2, 6);
    expect(points[1]!.skill.level).toBeCloseTo(3.324, 3);
    expect(points[1]!.skill.spread).toBeCloseTo(0.3452, 3);
    expect(way).toBe('up');
  });

  it('is down, steady, or not known', () => {
    expect(days(seen(4), seen(4), seen(1, 70), seen(1, 70)).way).toBe('down');
    expect(days(seen(3), seen(3), seen(3, 7)).way).toBe('steady');
    expect(days(seen(3), seen(3)).way).toBe('unknown');
    expect(days().points).toEqual([]);
  });

  it('takes signs in any order', () => {
    expect(days(seen(4, 70), seen(2), seen(4, 70), seen(2))).toEqual(days(seen(2), seen(2), seen(4, 70), seen(4, 70)));
  });
});
