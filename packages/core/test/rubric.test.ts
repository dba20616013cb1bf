import { expectHonest } from './told';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  assessorsInForce,
  checkRubric,
  classLevels,
  computeResult,
  drawnPlates,
  marksInForce,
  ownJudgements,
  differing,
  type CountingRule,
  MARKING_WAYS,
  markInWords,
  passQueue,
  usualLevels,
  type Criterion,
  type Marks,
  type PassPlate,
  type GivenMark,
  type MarkValue,
  type RubricContent,
  shownOf,
  figureInWords,
  exactly,
  settingsInForce,
  NEW_SCHOOL,
  AS_THE_SCHOOL,
} from '../src';

const levels = (key: string, strand: Criterion['strand'], weight: number): Criterion => ({
  kind: 'levels',
  key,
  name: key,
  strand,
  weight,
  evidence: 'seen',
  descriptors: [`${key} is far off`, `${key} is near`, `${key} is right`, `${key} is exact`],
  faults: [{ key: `${key}-f`, see: `${key} uneven`, cause: 'haste', correction: 'slow down', rescue: '', technique: `teach ${key}` }],
});
const safe: Criterion = {
  kind: 'critical',
  key: 'core',
  name: 'Core temperature',
  strand: 'cooking',
  evidence: 'measured',
  met: 'reached the rule',
  notMet: 'below the rule',
  cap: 40,
  faults: [],
};
const RUBRIC: RubricContent = {
  name: 'Practical',
  strandWeights: { knife: 30, cooking: 50, plating: 20, process: 0 },
  levelShares: [0.25, 0.5, 0.75, 1],
  passAt: 3,
  criteria: [levels('size', 'knife', 2), levels('trim', 'knife', 1), levels('doneness', 'cooking', 1), safe, levels('rim', 'plating', 1)],
};
const at = (level: 1 | 2 | 3 | 4, faults: string[] = []): MarkValue => ({ kind: 'level', level, faults });
const met = (yes: boolean): MarkValue => ({ kind: 'critical', met: yes, faults: [] });
const ALL: Marks = { size: at(4), trim: at(4), doneness: at(4), rim: at(4), core: met(true) };

describe('the mark of a dish', () => {
  it('is 100 when everything is assured, with a working that adds up', () => {
    const result = computeResult(RUBRIC, ALL);
    expect([shownOf(result.mark!), result.complete, result.remarks]).toEqual(['100', true, []]);
  });

  it('weights criteria within their strand', () => {
    // 30 × (2/3 × 1/2 + 1/3 × 1) + 50 + 20 = 90
    const result = computeResult(RUBRIC, { ...ALL, size: at(2) });
    expect(shownOf(result.mark!)).toBe('90');
    expect(figureInWords(result.mark!).rows[0]).toMatchObject({
      from: 'Knife work, size',
      how: 'Nearly earns: 50 % of 20 points',
      shown: '10',
    });
  });

  it('re-weights "not seen" instead of counting it as nothing', () => {
    expect(shownOf(computeResult(RUBRIC, { ...ALL, size: at(2), trim: { kind: 'notSeen' } }).mark!)).toBe('85');
    const strandGone = computeResult(RUBRIC, { ...ALL, doneness: at(2), rim: { kind: 'notSeen' } });
    // (30 + 50 × 1/2) / 80
    expect(shownOf(strandGone.mark!)).toBe('69');
    expect(figureInWords(strandGone.mark!).notes.join()).toMatch(/nothing seen in Plating/);
  });

  it('is capped by a critical criterion that was not met, and says so', () => {
    const result = computeResult(RUBRIC, { ...ALL, core: met(false) });
    expect(shownOf(result.mark!)).toBe('40');
    expect(result.capped).toEqual({ by: 'Core temperature', cap: 40, before: { value: '100', unit: 'point' } });
    expect(result.remarks[0]).toMatchObject({ critical: true, see: 'below the rule' });
  });

  it('is not raised by the cap', () => {
    const low = computeResult(RUBRIC, { size: at(1), trim: at(1), doneness: at(1), rim: at(1), core: met(false) });
    expect([shownOf(low.mark!), low.capped]).toEqual(['25', null]);
  });

  it('says what is not marked yet and that it is not final', () => {
    const result = computeResult(RUBRIC, { size: at(3) });
    expect(result.unmarked).toEqual(['trim', 'doneness', 'Core temperature', 'rim']);
    expect([result.complete, result.mark!.estimate]).toEqual([false, true]);
    expect(computeResult(RUBRIC, {}).mark).toBeNull();
  });

  it('names at most three faults, the costliest first, and what to practise', () => {
    const result = computeResult(RUBRIC, {
      size: at(1, ['size-f']),
      trim: at(1),
      doneness: at(1, ['doneness-f']),
      rim: at(2),
      core: met(true),
    });
    expect(result.remarks.map((remark) => remark.criterion)).toEqual(['doneness', 'size', 'rim']);
    expect(result.remarks[0]).toMatchObject({ see: 'doneness uneven', cause: 'haste', correction: 'slow down' });
    expect(result.remarks[2]!.correction).toBe('Aim for: rim is right');
    expect(result.practiseNext).toBe('teach doneness');
  });

  it('always adds up, stays within 0 and 100, and never falls when a level rises', () => {
    const value = fc.oneof(
      fc.constantFrom(1, 2, 3, 4).map((level) => at(level as 1)),
      fc.constant<MarkValue>({ kind: 'notSeen' }),
      fc.constant(undefined),
    );
    fc.assert(
      fc.property(fc.record({ size: value, trim: value, doneness: value, rim: value }), fc.boolean(), (marks, ok) => {
        const all: Marks = { ...marks, core: met(ok) };
        const { mark } = computeResult(RUBRIC, all);
        if (!mark) return;
        expectHonest(mark);
        expect(Number(mark.value.value)).toBeGreaterThanOrEqual(0);
        expect(Number(mark.value.value)).toBeLessThanOrEqual(ok ? 100 : Math.max(40, 0));
        for (const [key, own] of Object.entries(marks)) {
          if (own?.kind !== 'level' || own.level === 4) continue;
          const better = computeResult(RUBRIC, { ...all, [key]: at((own.level + 1) as 2) }).mark!;
          expect(exactly(better).compare(exactly(mark))).toBeGreaterThan(0);
        }
      }),
    );
  });
});

describe('a rubric', () => {
  it('can be published when weights and criteria agree', () => {
    expect(checkRubric(RUBRIC)).toEqual([]);
    expect(checkRubric({ ...RUBRIC, strandWeights: { knife: 30, cooking: 50, plating: 0, process: 0 } })[0]!.field).toBe(
      'strandWeights.plating',
    );
    expect(checkRubric({ ...RUBRIC, levelShares: [0.5, 0.25, 0.75, 1] })[0]!.field).toBe('levelShares.1');
    expect(checkRubric({ ...RUBRIC, criteria: [...RUBRIC.criteria, RUBRIC.criteria[0]!] })[0]!.problem.code).toBe('no.key-twice');
  });

  it('counts the levels of a class and the commonest fault', () => {
    const [size, , , core] = classLevels(RUBRIC, [
      { size: at(1, ['size-f']), core: met(false) },
      { size: at(1, ['size-f']) },
      { size: { kind: 'notSeen' } },
    ]);
    expect(size).toMatchObject({ counts: [2, 0, 0, 0], notSeen: 1, unmarked: 0, commonFault: { see: 'size uneven', count: 2 } });
    expect(core).toMatchObject({ counts: [1, 0, 0, 0], unmarked: 2 });
  });
});

describe('the ways of telling a result', () => {
  const short: Marks = { ...ALL, size: at(2), rim: at(3) };

  it('take deductions off full marks and come to the same mark', () => {
    // size is worth 20 points and loses half; rim is worth 20 and loses a quarter.
    const told = computeResult(RUBRIC, short, 'deductions').mark!;
    expect(shownOf(told)).toBe(shownOf(computeResult(RUBRIC, short).mark!));
    expect(figureInWords(told).rows.map(({ from, shown }) => [from, shown])).toEqual([
      ['Full marks', '100'],
      ['Knife work, size', '−10'],
      ['Plating, rim', '−5'],
    ]);
  });

  it('pass a dish when nothing critical is missed and every criterion stands high enough', () => {
    const notYet = computeResult(RUBRIC, short, 'pass').mark!;
    expect([shownOf(notYet), notYet.value.value]).toEqual(['Not yet', '1']);
    expect(figureInWords(notYet).rows.filter((row) => row.shown === '1')).toEqual([
      expect.objectContaining({ from: 'Knife work, size', how: 'Nearly (in the way)' }),
    ]);
    expect(shownOf(computeResult({ ...RUBRIC, passAt: 2 }, short, 'pass').mark!)).toBe('Pass');
    expect(computeResult({ ...RUBRIC, passAt: 4 }, short, 'pass').mark!.value.value).toBe('2');
  });

  it('do not pass an unsafe dish whatever the rest says, and need no cap to say so', () => {
    const raw = computeResult(RUBRIC, { ...ALL, core: met(false) }, 'pass');
    expect([shownOf(raw.mark!), raw.capped]).toEqual(['Not yet', null]);
    expect(raw.remarks[0]!.critical).toBe(true);
    expect(figureInWords(raw.mark!).rows.find((row) => row.shown === '1')!.from).toBe('Cooking, Core temperature, critical');
  });

  it('leave what was not seen out, and say so', () => {
    const told = computeResult(RUBRIC, { ...ALL, trim: { kind: 'notSeen' } }, 'pass').mark!;
    expect(shownOf(told)).toBe('Pass');
    expect(figureInWords(told).notes.join()).toContain('not seen, so not counted: trim');
    expect(computeResult(RUBRIC, { size: at(3) }, 'pass').mark).toMatchObject({ told: { code: 'pass' }, estimate: true });
    expect(computeResult(RUBRIC, {}, 'pass').mark).toBeNull();
    expect(computeResult(RUBRIC, { core: met(true) }, 'pass').mark).toBeNull();
    expect(computeResult(RUBRIC, { core: met(false) }, 'pass').mark).toMatchObject({ told: { code: 'not-yet' }, estimate: true });
    expect(computeResult(RUBRIC, { core: met(false) }).mark).toBeNull();
  });

  it('are levels with weights where nobody has chosen', () => {
    expect(settingsInForce(NEW_SCHOOL, AS_THE_SCHOOL).marking).toBe('levels');
    expect(settingsInForce(NEW_SCHOOL, { ...AS_THE_SCHOOL, marking: 'pass' }).marking).toBe('pass');
  });

  it('never change faults, remarks or what is complete, and their parts always add up', () => {
    const value = fc.oneof(fc.constantFrom<MarkValue>({ kind: 'notSeen' }, at(1), at(2, ['size-f']), at(3), at(4)), fc.constant(undefined));
    fc.assert(
      fc.property(fc.record({ size: value, trim: value, doneness: value, rim: value }), fc.boolean(), (marks, safely) => {
        const all = { ...marks, core: met(safely) } as Marks;
        const [one, ...others] = MARKING_WAYS.map((way) => computeResult(RUBRIC, all, way));
        for (const other of others)
          expect([other.remarks, other.unmarked, other.notSeen]).toEqual([one!.remarks, one!.unmarked, one!.notSeen]);
        for (const { mark } of [one!, ...others]) if (mark) expectHonest(mark);
      }),
    );
  });
});

describe('a mark in words', () => {
  const [size] = RUBRIC.criteria;
  it('says the level and what was seen', () => {
    expect(markInWords(size!, at(2))).toEqual(['Nearly', 'size is near']);
    expect(markInWords(safe, met(false))).toEqual(['not met', 'below the rule']);
    expect(markInWords(safe, met(true))).toEqual(['met', 'reached the rule']);
  });
  it('tells "not seen" from "not marked"', () => {
    expect(markInWords(size!, { kind: 'notSeen' })).toEqual(['not seen', 'the rest weighs more']);
    expect(markInWords(size!, undefined)).toEqual(['not marked', '']);
  });
});

describe('the usual level of a class', () => {
  const usual = (...dishes: Marks[]) => Object.fromEntries(usualLevels(RUBRIC, dishes));
  it('is the median of what is marked, the lower of two in the middle, and secure where nothing is', () => {
    expect(usual()).toEqual({ size: 3, trim: 3, doneness: 3, rim: 3 });
    expect(usual({ size: at(4) }, { size: at(2) }, { size: at(2) }).size).toBe(2);
    expect(usual({ size: at(4) }, { size: at(3) }).size).toBe(3);
    expect(usual({ size: at(1) }, { size: at(4) }, { size: at(4) }, { size: at(1) }).size).toBe(1);
    // What was not seen says nothing of the level.
    expect(usual({ size: { kind: 'notSeen' } }, { size: at(2) }).size).toBe(2);
  });
  it('is never one of what caps a dish', () => {
    expect(usual({ core: met(true) })).not.toHaveProperty('core');
  });
});

describe('the queue at the pass', () => {
  const minute = 60_000;
  const plate = (studentId: string, part: Partial<PassPlate> = {}): PassPlate => ({
    ...{ studentId, dishEditionId: 'e', dueAt: null, arrivedAt: null, given: 0, of: 5 },
    ...part,
  });
  const queue = (now: number, waits: number | null, ...plates: PassPlate[]) =>
    passQueue(plates, now * minute, waits).map(
      ({ studentId, state, waits: stands, dying, late }) =>
        `${studentId} ${state}${stands === null ? '' : ` ${stands}`}${dying ? ' dying' : ''}${late > 0 ? ` late ${late}` : ''}`,
    );
  it('has what stands there first as it came, then what is due as planned, then what is marked', () => {
    expect(
      queue(
        20,
        8,
        plate('done', { arrivedAt: 0, given: 5 }),
        plate('later', { dueAt: 30 * minute }),
        plate('second', { arrivedAt: 15 * minute }),
        plate('late', { dueAt: 17 * minute }),
        plate('unplanned'),
        plate('first', { arrivedAt: 12 * minute }),
        plate('begun', { arrivedAt: 11 * minute, given: 2 }),
      ),
    ).toEqual([
      'begun begun 9',
      'first waiting 8 dying',
      'second waiting 5',
      'late due late 3',
      'later due',
      'unplanned due',
      'done marked',
    ]);
  });
  it('says of no plate that it dies where no plan says how long it may stand, nor of one that is being marked', () => {
    expect(queue(60, null, plate('a', { arrivedAt: 0 }))).toEqual(['a waiting 60']);
    expect(queue(60, 8, plate('a', { arrivedAt: 0, given: 1 }))).toEqual(['a begun 60']);
  });
  it('counts from now where a clock says that it comes only later', () => {
    expect(queue(0, 8, plate('a', { arrivedAt: 60 * minute }))).toEqual(['a waiting 0']);
  });
  it('keeps every plate, once', () => {
    const any = fc.record({
      dueAt: fc.option(fc.integer({ min: 0, max: 1e6 })),
      arrivedAt: fc.option(fc.integer({ min: 0, max: 1e6 })),
      given: fc.integer({ min: 0, max: 5 }),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 20 }), (parts) => {
        const plates = parts.map((part, index) => plate(`s${index}`, part));
        const queued = passQueue(plates, 5e5, 8);
        expect(queued.map(({ studentId }) => studentId).sort()).toEqual(plates.map(({ studentId }) => studentId).sort());
      }),
    );
  });
});

describe('whose mark counts', () => {
  const said = (assessorId: string, number: number, value: MarkValue | null, criterionKey = 'size') => ({
    assessorId,
    criterionKey,
    value,
    number,
  });
  const counting = (rule: CountingRule) => ({ rule, leadIds: ['lead'] });
  const two = [said('lead', 1, at(4, ['size-f'])), said('other', 2, at(3))];
  it.each([
    ['newest', two, at(3), ['other']],
    ['lead', two, at(4, ['size-f']), ['lead']],
    // 3.5 lies between two: the lower. Faults of both are kept.
    ['mean', two, at(3, ['size-f']), ['other', 'lead']],
    ['mean', [...two, said('third', 3, at(4))], at(4, ['size-f']), ['third', 'other', 'lead']],
    // Taken back: what is left counts.
    ['newest', [two[0]!, said('other', 3, null)], at(4, ['size-f']), ['lead']],
    ['lead', [said('lead', 3, null), two[1]!], at(3), ['other']],
    // Whoever saw it outvotes whoever did not; where nobody saw it, it was not seen.
    ['mean', [two[1]!, said('third', 5, { kind: 'notSeen' })], at(3), ['other']],
    ['mean', [said('a', 1, { kind: 'notSeen' }), said('b', 2, { kind: 'notSeen' })], { kind: 'notSeen' }, ['b']],
    // Danger that one saw is danger.
    ['mean', [said('a', 1, met(false), 'size'), said('b', 2, met(true), 'size')], met(false), ['b', 'a']],
    ['newest', [said('a', 1, met(false), 'size'), said('b', 2, met(true), 'size')], met(true), ['b']],
    [
      'mean',
      [said('a', 1, { kind: 'counted', count: 1, faults: [] }), said('b', 2, { kind: 'counted', count: 4, faults: [] })],
      { kind: 'counted', count: 3, faults: [] },
      ['b', 'a'],
    ],
  ] as const)('by %s of %j is %j, of %j', (rule, given, value, assessors) => {
    expect(marksInForce(given, counting(rule))).toEqual({ size: value });
    expect(assessorsInForce(given, counting(rule))).toEqual(assessors);
  });

  it.each(['newest', 'lead', 'mean'] as const)('by %s of what was agreed on, whoever said what and when', (rule) => {
    const agreed: GivenMark = { ...said('lead', 3, at(2)), agreed: true };
    const given = [said('lead', 1, at(4)), agreed, said('other', 9, at(1))];
    expect(marksInForce(given, counting(rule))).toEqual({ size: at(2) });
    // It is of all who judged it.
    expect(new Set(assessorsInForce(given, counting(rule)))).toEqual(new Set(['lead', 'other']));
    // Their own judgements stay as they were.
    expect(ownJudgements(given).map(({ value }) => value)).toEqual([at(4), at(1)]);
    expect(ownJudgements(given, 'lead').map(({ value }) => value)).toEqual([at(4)]);
  });

  it('is asked about where judgements differ in more than their faults, in the order in which they were given', () => {
    const level = [said('a', 2, at(4), 'taste'), said('b', 1, at(2), 'taste')];
    const alike = [said('a', 3, at(3, ['x']), 'cut'), said('b', 4, at(3), 'cut')];
    const alone = [said('a', 5, at(3), 'plate'), said('b', 6, null, 'plate')];
    const danger = [said('a', 7, met(false), 'safe'), said('b', 8, met(true), 'safe')];
    const settled: GivenMark = { ...said('b', 9, met(false), 'safe'), agreed: true };
    expect(differing([...level, ...alike, ...alone, ...danger, settled])).toEqual([
      {
        criterionKey: 'taste',
        said: [
          { assessorId: 'b', value: at(2) },
          { assessorId: 'a', value: at(4) },
        ],
        agreed: null,
      },
      {
        criterionKey: 'safe',
        said: [
          { assessorId: 'a', value: met(false) },
          { assessorId: 'b', value: met(true) },
        ],
        agreed: met(false),
      },
    ]);
  });

  it('draws the same plates everywhere, spread over the class, and as many as were asked for', () => {
    const plates = Array.from({ length: 40 }, (_, at) => `student-${at} dish`);
    const drawn = drawnPlates('lesson-1', plates, 0.2);
    expect([...drawn]).toHaveLength(8);
    expect(drawnPlates('lesson-1', [...plates].reverse(), 0.2)).toEqual(drawn);
    expect([...drawnPlates('lesson-2', plates, 0.2)].sort()).not.toEqual([...drawn].sort());
    expect([drawnPlates('l', plates, 0).size, drawnPlates('l', plates, 0.001).size, drawnPlates('l', plates, 1).size]).toEqual([0, 1, 40]);
    // Over many lessons everybody is drawn about as often: 200 times a fifth is 40.
    const often = new Map(plates.map((plate) => [plate, 0]));
    for (let lesson = 0; lesson < 200; lesson += 1)
      for (const plate of drawnPlates(`lesson-${lesson}`, plates, 0.2)) often.set(plate, often.get(plate)! + 1);
    expect(Math.min(...often.values())).toBeGreaterThan(18);
    expect(Math.max(...often.values())).toBeLessThan(64);
  });
});
