import { describe, expect, it } from 'vitest';
import { agreementOf, fairnessOf, weightedKappa, type Judgement, type Level, type LevelPair } from '../src';

/** A table of counts, first by row, second by column. */
const table = (...rows: readonly (readonly number[])[]): LevelPair[] =>
  rows.flatMap((row, a) => row.flatMap((count, b) => Array<LevelPair>(count).fill([(a + 1) as Level, (b + 1) as Level])));
const same = (count: number, ...levels: Level[]): LevelPair[] => levels.flatMap((level) => Array<LevelPair>(count).fill([level, level]));

describe('kappa', () => {
  it('is that of a published table', () => {
    // J. L. Fleiss, Statistical Methods for Rates and Proportions: 100 patients, kappa 0.676, standard error 0.087.
    const kappa = weightedKappa(table([75, 1, 4], [5, 4, 1], [0, 0, 10]), 'none')!;
    expect(kappa.value).toBeCloseTo(0.6765, 4);
    expect((kappa.to - kappa.value) / 1.64485).toBeCloseTo(0.0877, 3);
  });

  it('is 1 for people who always say the same, and cannot be said where everybody always says one thing', () => {
    expect(weightedKappa(same(5, 1, 2, 3, 4), 'quadratic')).toMatchObject({ value: 1 });
    expect(weightedKappa(same(30, 3), 'quadratic')).toBeNull();
    expect(weightedKappa([], 'linear')).toBeNull();
  });

  it('forgives a neighbour more than a stranger, worked out by hand', () => {
    // Rows and columns half 1 and half 2: seen 0.8 alike; a level apart weighs 8/9 by squares and 2/3 in a line.
    const pairs = table([8, 2], [2, 8]);
    // Quadratic: seen 0.8 + 0.2 × 8/9, by chance 0.5 + 0.5 × 8/9; both fall short by ninths: (1 − 0.2/9 − 1 + 0.5/9) / (0.5/9) = 0.6.
    expect(weightedKappa(pairs, 'quadratic')!.value).toBeCloseTo(0.6, 10);
    expect(weightedKappa(pairs, 'none')!.value).toBeCloseTo(0.6, 10);
    // Three levels apart instead of one for the same counts: nothing is forgiven.
    const far = table([8, 0, 0, 2], [0, 0, 0, 0], [0, 0, 0, 0], [2, 0, 0, 8]);
    expect(weightedKappa(far, 'linear')!.value).toBeCloseTo(0.6, 10);
  });
});

describe('agreement', () => {
  it.each([
    ['too few', same(2, 1, 2, 3, 4), 'too-few'],
    ['all at one level', same(20, 3), 'all-alike'],
    ['the same order', [...same(6, 1, 2, 3, 4), [2, 3], [3, 2]] as LevelPair[], 'agree'],
    // The second is a level stricter throughout: the same order, told as severity.
    [
      'a constant shift',
      [...Array<LevelPair>(8).fill([2, 1]), ...Array<LevelPair>(8).fill([3, 2]), ...Array<LevelPair>(8).fill([4, 3])],
      'shift',
    ],
    // As often as chance would have it.
    ['chance', table([4, 4, 4, 4], [4, 4, 4, 4], [4, 4, 4, 4], [4, 4, 4, 4]), 'disagree'],
  ] as const)('%s', (_what, pairs, verdict) => {
    expect(agreementOf(pairs).verdict).toBe(verdict);
  });

  it('gives differences with their limits, worked out by hand', () => {
    // Ten times the same, ten times one up: mean 0.5, deviation √(20 × 0.25 / 19) = 0.513, limits 0.5 ± 1.96 × 0.513.
    const { shift, limits, same: alike, within1 } = agreementOf([...same(10, 2), ...Array<LevelPair>(10).fill([2, 3])]);
    expect(shift).toMatchObject({ value: 0.5 });
    expect([limits![0].toFixed(2), limits![1].toFixed(2), alike, within1]).toEqual(['-0.51', '1.51', 0.5, 1]);
  });
});

describe('fairness of a class', () => {
  const judged = (change: Partial<Judgement> & { n: number }): Judgement => ({
    plate: `p${change.n}`,
    criterion: 'Seasoning',
    assessorId: 'a',
    level: 3,
    position: change.n,
    waited: null,
    ...change,
  });
  const many = (count: number, of: (n: number) => Partial<Judgement>): Judgement[] =>
    Array.from({ length: count }, (_, at) => judged({ n: at + 1, ...of(at + 1) }));

  it('tells who is stricter, over the same criteria, and says nothing of few marks', () => {
    const { severity } = fairnessOf([
      ...many(40, () => ({ assessorId: 'a', level: 3 })),
      ...many(40, (n) => ({ plate: `q${n}`, assessorId: 'b', level: 2 })),
      ...many(5, (n) => ({ plate: `r${n}`, assessorId: 'c', level: 4 })),
    ]);
    const of = (id: string) => severity.find(({ assessorId }) => assessorId === id)!;
    expect(of('a').off!.value - of('b').off!.value).toBeCloseTo(1, 10);
    expect(of('a').off!.value).toBeGreaterThan(0);
    expect(of('c')).toEqual({ assessorId: 'c', marks: 5, off: null });
  });

  it('sees marks fall with the hour and with waiting, and nothing where nothing moves', () => {
    // A level lower from the 21st plate on; each had waited as many minutes as it was late.
    const falling = fairnessOf(many(40, (n) => ({ level: n <= 20 ? 3 : 2, waited: n })));
    expect(falling.position.by10!.to).toBeLessThan(0);
    expect(falling.waiting.by10!.value).toBeCloseTo(falling.position.by10!.value, 10);
    const level = fairnessOf(many(40, (n) => ({ level: n % 2 === 0 ? 3 : 2 })));
    expect(level.position.by10!.from).toBeLessThan(0);
    expect(level.position.by10!.to).toBeGreaterThan(0);
    expect(level.waiting).toEqual({ marks: 0, by10: null });
    expect(fairnessOf([]).position).toEqual({ marks: 0, by10: null });
  });

  it('pairs what two judged of one plate, criterion by criterion and by people, and one person never with themselves', () => {
    const twice = many(12, (n) => ({ level: ((n % 4) + 1) as Level }));
    const { criteria, people, platesTwice, plates } = fairnessOf([
      ...twice,
      ...twice.map((each) => ({ ...each, assessorId: 'b' })),
      ...many(3, (n) => ({ plate: `alone${n}`, criterion: 'Doneness' })),
    ]);
    expect([platesTwice, plates]).toEqual([12, 15]);
    expect(criteria.map(({ criterion, agreement }) => [criterion, agreement.pairs, agreement.verdict])).toEqual([
      ['Seasoning', 12, 'agree'],
      ['Doneness', 0, 'too-few'],
    ]);
    expect(people.map(({ first, second, agreement }) => [first, second, agreement.pairs])).toEqual([['a', 'b', 12]]);
  });
});
