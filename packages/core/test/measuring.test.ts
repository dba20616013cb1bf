import { describe, expect, it } from 'vitest';
import {
  classLevels,
  checkRubric,
  computeResult,
  gradebookCsv,
  marksInForce,
  markInWords,
  likelyMeasure,
  measuredPieces,
  normalQuantile,
  refusesValue,
  shareInterval,
  shownOf,
  targetOfCut,
  targetOfDegree,
  type Criterion,
  type MarkValue,
  type MeasureTarget,
  type RubricContent,
} from '../src';

const SIDE: MeasureTarget = { unit: 'mm', sizes: [{ name: 'side', least: 9, most: 11 }], pieces: 10, shares: [0.4, 0.7, 0.9] };
const pieces = (...figures: number[]) => figures.map((figure) => [figure]);

describe('the interval of a share', () => {
  it.each([
    // Published: 8 of 10 at 95 percent is 0.490 to 0.943; 0 of 10 ends at 3.8415 / 13.8415 = 0.278; 81 of 263 is 0.255 to 0.366.
    [8, 10, 0.95, '0.490', '0.943'],
    [0, 10, 0.95, '0.000', '0.278'],
    [10, 10, 0.95, '0.722', '1.000'],
    [81, 263, 0.95, '0.255', '0.366'],
    // Nine times in ten: z is 1.645; 10 of 10 begins at 10 / 12.7055.
    [10, 10, 0.9, '0.787', '1.000'],
    [0, 0, 0.9, '0.000', '1.000'],
  ])('%d of %d at %d is %s to %s', (successes, of, confidence, from, to) => {
    expect(shareInterval(successes, of, confidence).map((end) => end.toFixed(3))).toEqual([from, to]);
  });
});

it.each([
  // Printed tables of the normal distribution.
  [0.5, 0],
  [0.9, 1.28155],
  [0.95, 1.64485],
  [0.975, 1.95996],
  [0.995, 2.57583],
  [0.05, -1.64485],
])('the normal quantile of %d is %d', (share, quantile) => {
  expect(Math.abs(normalQuantile(share) - quantile)).toBeLessThan(1e-5);
});

describe('a figure before it is taken', () => {
  it.each([
    ['a julienne', 2, 3, 2.4, 'likely'],
    ['one cut much too thick', 2, 3, 12, 'likely'],
    ['a point that was missed', 2, 3, 25, 'far'],
    ['a figure that was missed', 40, 50, 4, 'far'],
    ['nothing', 2, 3, 0, 'none'],
    ['less than nothing', 40, 50, -40, 'none'],
    ['no trim left', 0, 20, 0, 'likely'],
    ['a kilogram of trim', 0, 20, 1000, 'far'],
    ['a freezer', -24, -18, -30, 'likely'],
  ] as const)('of %s', (_, least, most, figure, said) => {
    expect(likelyMeasure({ least, most }, figure)).toBe(said);
  });
});

describe('pieces that were measured', () => {
  it('say their mean, spread and share, worked out by hand', () => {
    // 9.0 and 11.0 are the ends and within; 8.9 and 11.2 are out. Sum 100.2; squares of the distances from 10.02 add up to 4.676.
    const stands = measuredPieces(SIDE, pieces(9, 11, 8.9, 11.2, 10, 10.1, 9.9, 10, 10.1, 10))!;
    const [side] = stands.sizes;
    expect([stands.pieces, stands.within, stands.share, stands.level, stands.wanted]).toEqual([10, 8, 0.8, 3, 0]);
    expect(side!.mean).toBeCloseTo(10.02, 10);
    expect(side!.spread).toBeCloseTo(Math.sqrt(4.676 / 9), 3);
    expect([side!.median, side!.off.toFixed(2)]).toEqual([10, '0.02']);
    expect(side!.histogram.reduce((sum, step) => sum + step.pieces, 0)).toBe(10);
  });

  it.each([
    // Too few: nothing is proposed.
    [pieces(10), null, 9],
    [pieces(10, 10, 10), null, 7],
    // Ten of ten and nine of ten are assured, seven secure, four nearly, three not yet.
    [pieces(...Array<number>(10).fill(10)), 4, 0],
    [pieces(...Array<number>(9).fill(10), 20), 4, 0],
    [pieces(...Array<number>(7).fill(10), 20, 20, 20), 3, 0],
    [pieces(...Array<number>(4).fill(10), ...Array<number>(6).fill(20)), 2, 0],
    [pieces(...Array<number>(3).fill(10), ...Array<number>(7).fill(20)), 1, 0],
    // Nonsense counts as what it is: out.
    [pieces(0, 3000, ...Array<number>(8).fill(10)), 3, 0],
  ])('%j propose level %s with %d more wanted', (measured, level, wanted) => {
    const stands = measuredPieces(SIDE, measured)!;
    expect([stands.level, stands.wanted]).toEqual([level, wanted]);
  });

  it('say how many more would settle the level, or that none would', () => {
    const all = (count: number) => measuredPieces(SIDE, pieces(...Array<number>(count).fill(10)))!.settled;
    // All within: n / (n + 2.7055) reaches 0.9 at 24.4 pieces.
    expect(all(10)).toEqual({ kind: 'more', pieces: 15 });
    expect(all(25)).toEqual({ kind: 'settled' });
    // Exactly on the border between two levels: however many, it stays between them.
    expect(measuredPieces(SIDE, pieces(...Array<number>(7).fill(10), 20, 20, 20))!.settled).toEqual({ kind: 'never' });
    expect(measuredPieces({ ...SIDE, pieces: 1, shares: [1, 1, 1] }, pieces(63))!.settled).toEqual({ kind: 'settled' });
    expect(measuredPieces(SIDE, [])).toBeNull();
  });

  it('has to be right in every size', () => {
    const baton: MeasureTarget = { ...SIDE, sizes: [...SIDE.sizes, { name: 'length', least: 45, most: 55 }], pieces: 1 };
    expect(
      measuredPieces(baton, [
        [10, 50],
        [10, 60],
        [12, 50],
      ])!.within,
    ).toBe(1);
  });

  it('are held to the sizes of a named cut, alike ones once', () => {
    const cut = { key: 'c', name: 'Cut', shape: 'cube' as const, tolerance: 1, lengthTolerance: 1 };
    expect(targetOfCut({ ...cut, length: 10, width: 10, thickness: 10 }).sizes).toEqual([{ name: 'side', least: 9, most: 11 }]);
    expect(targetOfCut({ ...cut, length: 50, width: 5, thickness: 5, lengthTolerance: 5 }).sizes).toEqual([
      { name: 'length', least: 45, most: 55 },
      { name: 'thickness', least: 4, most: 6 },
    ]);
    expect(targetOfCut({ ...cut, length: 20, width: 10, thickness: 0.5 }).sizes.map(({ least }) => least)).toEqual([19, 9, 0]);
  });

  it.each([
    // 54 to 58: a band four degrees wide. Within is the highest; a quarter of it outside the next, half the one below.
    [54, 4],
    [58, 4],
    [59, 3],
    [53, 3],
    [58.5, 3],
    [60, 2],
    [52, 2],
    [60.1, 1],
    [20, 1],
  ] as const)('a core of %d °C in a band of 54 to 58 proposes level %d', (core, level) => {
    expect(measuredPieces(targetOfDegree({ from: 54, to: 58 }), [[core]])!.level).toBe(level);
  });

  it('one figure never proposes the highest from outside, however generous its shares', () => {
    const target = { ...targetOfDegree({ from: 54, to: 58 }), shares: [0.1, 0.2, 0.3] as const };
    expect([57, 58.1].map((core) => measuredPieces(target, [[core]])!.level)).toEqual([4, 3]);
  });
});

const base = { strand: 'process', evidence: 'seen', faults: [], weight: 1 } as const;
const dice: Criterion = { ...base, kind: 'measured', key: 'dice', name: 'Dice', strand: 'knife', target: SIDE };
const boards: Criterion = { ...base, kind: 'counted', key: 'boards', name: 'Boards', counts: 'changes missed', most: [0, 1, 3] };
const stages = [
  { name: 'cluttered', share: 0.25 },
  { name: 'right', share: 1 },
  { name: 'fussy', share: 0.6 },
];
const order: Criterion = { ...base, kind: 'ladder', key: 'order', name: 'Order', stages };
const RUBRIC: RubricContent = {
  name: 'Knife',
  strandWeights: { knife: 50, cooking: 0, plating: 0, process: 50 },
  levelShares: [0.25, 0.5, 0.75, 1],
  passAt: 3,
  criteria: [dice, boards, order],
};
const measured = (level: 1 | 2 | 3 | 4 | null, ...figures: number[]): MarkValue => ({
  kind: 'measured',
  pieces: pieces(...figures),
  level,
  faults: [],
});
const counted = (count: number): MarkValue => ({ kind: 'counted', count, faults: [] });
const stage = (at: number): MarkValue => ({ kind: 'ladder', stage: at, faults: [] });

describe('a class on a ladder of stages', () => {
  const reachedBy = (...at: number[]) =>
    classLevels(
      RUBRIC,
      at.map((each) => ({ order: stage(each) })),
    )[2]!.reached;

  it('stopped short, stands where it was wanted, or went on', () => {
    expect(reachedBy(0, 0, 1, 1, 1, 2)).toEqual({
      short: 2,
      best: 3,
      far: 1,
      stages: [
        { name: 'cluttered', count: 2, best: false },
        { name: 'right', count: 3, best: true },
        { name: 'fussy', count: 1, best: false },
      ],
    });
  });

  it('counts nothing where nothing was seen, and only ladders have stages', () => {
    const [cubes, missed, stages] = classLevels(RUBRIC, [{ order: { kind: 'notSeen' }, dice: measured(2, 10) }]);
    expect([cubes!.reached, missed!.reached, stages!.reached!.best, stages!.notSeen]).toEqual([undefined, undefined, 0, 1]);
  });

  it('holds several stages beside one another for right', () => {
    const two = { ...order, stages: [stages[0]!, stages[1]!, { name: 'also right', share: 1 }, stages[2]!] };
    const of = { ...RUBRIC, criteria: [two] };
    const { short, best, far } = classLevels(
      of,
      [0, 1, 2, 3].map((each) => ({ order: stage(each) })),
    )[0]!.reached!;
    expect([short, best, far]).toEqual([1, 2, 1]);
  });
});

describe('criteria of every kind', () => {
  it('stand in a gradebook, a column each, and run in no spreadsheet', () => {
    const marks = { dice: measured(2, 10, 12), boards: counted(2), order: { kind: 'notSeen' } as const };
    const csv = gradebookCsv([
      { student: '=Ada()', dish: 'Dice', assessors: ['Teo'], criteria: RUBRIC.criteria, marks, result: computeResult(RUBRIC, marks) },
    ]);
    const [head, row] = csv.trim().split(/\r?\n/);
    expect(head).toBe('student,dish,mark,final,capped by,what mattered most,assessors,Dice,Boards,Order');
    // Knife half of 50; of process only boards were seen, half of 50.
    expect(row).toBe(
      `'=Ada(),Dice,50,yes,,1 of 2 pieces within 9 to 11 mm; 2 changes missed,Teo,Nearly: 1 of 2 pieces within 9 to 11 mm,Nearly: 2 changes missed,not seen`,
    );
  });

  it.each([
    // Knife 50: secure 37.5. Process 50, halves: none missed 25, right 25.
    [{ dice: measured(3, 10), boards: counted(0), order: stage(1) }, '88'],
    // One missed is secure, 18.75; fussy earns 60 percent of 25, 15; 12.5 + 18.75 + 15 = 46.25.
    [{ dice: measured(1, 20), boards: counted(1), order: stage(2) }, '46'],
    // Three are nearly, four are not yet.
    [{ dice: measured(4, 10), boards: counted(3), order: stage(0) }, '69'],
    [{ dice: measured(4, 10), boards: counted(4), order: stage(0) }, '63'],
    [{ dice: measured(4, 10), boards: { kind: 'notSeen' } as const, order: stage(1) }, '100'],
  ])('%j make %s', (marks, mark) => {
    expect(shownOf(computeResult(RUBRIC, marks).mark!)).toBe(mark);
  });

  it('stand in the way of a pass below its level, a stage by what it earns', () => {
    const told = (marks: Record<string, MarkValue>) => shownOf(computeResult(RUBRIC, marks, 'pass').mark!);
    expect(told({ dice: measured(3, 10), boards: counted(1), order: stage(1) })).toBe('Pass');
    expect(told({ dice: measured(3, 10), boards: counted(2), order: stage(1) })).toBe('Not yet');
    expect(told({ dice: measured(3, 10), boards: counted(0), order: stage(2) })).toBe('Not yet');
  });

  it('say what was seen and what to aim for', () => {
    expect(markInWords(dice, measured(2, 10, 12))).toEqual(['Nearly', '1 of 2 pieces within 9 to 11 mm']);
    expect(markInWords(boards, counted(2))).toEqual(['Nearly', '2 changes missed']);
    expect(markInWords(order, stage(0))).toEqual(['cluttered', '']);
    const { remarks } = computeResult(RUBRIC, { dice: measured(1, 20), boards: counted(9), order: stage(0) });
    expect(remarks.map(({ see, correction }) => [see, correction])).toEqual([
      ['20 mm', 'Aim for: 9 to 11 mm'],
      ['9 changes missed', 'Aim for: at most 1 changes missed'],
      ['cluttered', 'Aim for: right'],
    ]);
  });

  it('is no mark while pieces are measured and nobody has given a level', () => {
    const given = { assessorId: 'a', criterionKey: 'dice', number: 1, value: measured(null, 10, 10) };
    expect(marksInForce([given])).toEqual({});
    expect(marksInForce([given, { ...given, assessorId: 'b', value: measured(3, 10), number: 0 }])).toEqual({ dice: measured(3, 10) });
  });

  it.each([
    [dice, counted(1), '"Dice" is judged by measuring.'],
    [boards, counted(1.5), 'A count is a whole number from 0 to 999.'],
    [boards, counted(2), null],
    [order, stage(3), 'There are 3 stages; choose one of them.'],
    [dice, { kind: 'measured', pieces: [[1, 2]], level: null, faults: [] } as MarkValue, 'A piece has 1 figure here.'],
    [dice, { kind: 'notSeen' } as MarkValue, null],
  ])('%j refuses %j: %s', (criterion, value, reason) => {
    expect(refusesValue(criterion, value)).toBe(reason);
  });

  it('are published only when they can be judged', () => {
    const problems = (criterion: Criterion) => checkRubric({ ...RUBRIC, criteria: [dice, boards, criterion] }).map(({ field }) => field);
    expect(checkRubric(RUBRIC)).toEqual([]);
    expect(problems({ ...boards, key: 'b2', most: [3, 1, 0] })).toEqual(['criteria.2.most']);
    expect(problems({ ...order, stages: stages.filter(({ share }) => share < 1) })).toEqual(['criteria.2.stages']);
    expect(problems({ ...dice, key: 'd2', strand: 'process', target: { ...SIDE, sizes: [{ name: 'side', least: 11, most: 9 }] } })).toEqual(
      ['criteria.2.target.sizes'],
    );
  });
});
