import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { checkMoves, coverMissing, proposeOrder, termBreaks, type Purpose, type TermFacts, type TermLesson } from '../src';

const lesson = (id: string, date: string, techniques: Readonly<Record<string, Purpose>>, part: Partial<TermLesson> = {}): TermLesson => ({
  id,
  title: `Lesson ${id}`,
  date,
  start: '09:00',
  end: '12:00',
  kitchenId: 'k',
  techniques: Object.entries(techniques).map(([technique, purpose]) => ({ id: technique, purpose })),
  inPassing: [],
  ...part,
});
const facts = (lessons: readonly TermLesson[], part: Partial<TermFacts> = {}): TermFacts => ({
  students: ['a', 'b', 'c', 'd'].map((id) => ({ id, name: `Student ${id}` })),
  prerequisites: new Map([
    ['dice', ['julienne']],
    ['julienne', ['grip']],
  ]),
  lessons,
  absences: [],
  daysOff: [],
  taken: [],
  timeZone: 'Europe/Vienna',
  ...part,
});
const kinds = (of: TermFacts) => termBreaks(of).map(({ kind, lessonId }) => `${lessonId} ${kind}`);

describe('a term', () => {
  it('breaks where something is taken up before what it rests on, and holds in the order that it rests in', () => {
    const wrong = facts([
      lesson('1', '2027-01-11', { dice: 'introduce' }),
      lesson('2', '2027-01-18', { grip: 'introduce', julienne: 'introduce' }),
    ]);
    expect(termBreaks(wrong)).toEqual([{ kind: 'prerequisite', lessonId: '1', techniqueId: 'dice', needs: 'julienne' }]);
    const right = facts([
      lesson('1', '2027-01-18', { dice: 'introduce' }),
      lesson('2', '2027-01-11', { grip: 'introduce', julienne: 'introduce' }),
    ]);
    expect(termBreaks(right)).toEqual([]);
  });

  it('says what is assessed that some have not practised, with who was away counted', () => {
    const lessons = [lesson('1', '2027-01-11', { grip: 'practise' }), lesson('2', '2027-01-18', { grip: 'assess' })];
    expect(kinds(facts(lessons))).toEqual([]);
    const found = termBreaks(facts(lessons, { absences: [{ date: '2027-01-11', studentIds: ['a'] }] }));
    expect(found).toEqual([{ kind: 'early', lessonId: '2', techniqueId: 'grip', students: 1, of: 4 }]);
  });

  it('says what lies on a holiday, in a kitchen that is taken, at the same time as another, and where most are away', () => {
    const two = [
      lesson('1', '2027-02-01', {}),
      lesson('2', '2027-02-01', {}, { start: '11:00', end: '13:00' }),
      lesson('3', '2027-02-08', {}),
    ];
    const found = kinds(
      facts(two, {
        daysOff: [{ first: '2027-02-08', last: '2027-02-12', name: 'Winter break' }],
        taken: [{ kitchenId: 'k', date: '2027-02-01', start: '08:00', end: '09:30', by: 'Evening group' }],
        absences: [{ date: '2027-02-08', studentIds: ['a', 'b', 'c', 'of another class'] }],
      }),
    );
    expect(found).toEqual(['1 kitchen-taken', '1 same-time', '2 same-time', '3 day-off', '3 away']);
  });

  it('says where the clocks change in a lesson, and by how much it is shorter', () => {
    const night = lesson('1', '2027-03-28', {}, { start: '01:00', end: '05:00' });
    expect(termBreaks(facts([night]))).toEqual([{ kind: 'clocks', lessonId: '1', minutes: 180 }]);
    expect(termBreaks(facts([night], { timeZone: 'UTC' }))).toEqual([]);
  });
});

describe('moving a lesson', () => {
  const lessons = [
    lesson('1', '2027-01-11', { grip: 'introduce' }),
    lesson('2', '2027-01-18', { julienne: 'introduce' }),
    lesson('3', '2027-01-25', { dice: 'introduce' }),
  ];

  it('says what it breaks, what it settles, and what moves with it', () => {
    const back = checkMoves(facts(lessons), { '1': '2027-02-01' });
    expect(back.breaks).toEqual([{ kind: 'prerequisite', lessonId: '2', techniqueId: 'julienne', needs: 'grip' }]);
    expect([back.days, back.settles, back.clockShift]).toEqual([21, [], 0]);
    const off = facts(lessons, { daysOff: [{ first: '2027-01-25', last: '2027-01-25', name: 'Inset day' }] });
    expect(checkMoves(off, { '3': '2027-01-26' }).settles).toEqual([{ kind: 'day-off', lessonId: '3', name: 'Inset day' }]);
  });

  it('names who is away on the new day, and the hour by which the clocks differ', () => {
    const found = checkMoves(facts(lessons, { absences: [{ date: '2027-03-29', studentIds: ['b'] }] }), { '3': '2027-03-29' });
    expect([found.away, found.clockShift]).toEqual([['Student b'], 60]);
  });
});

describe('a proposal of an order', () => {
  it('puts what comes first first, moves no more than it must, and says that no order is better', () => {
    const ahead = [
      lesson('dice', '2027-01-11', { dice: 'introduce' }),
      lesson('jul', '2027-01-18', { julienne: 'introduce' }),
      lesson('grip', '2027-01-25', { grip: 'introduce' }),
    ];
    const found = proposeOrder([], ahead, facts([]).prerequisites);
    expect(found).toEqual({ order: ['grip', 'jul', 'dice'], breaks: 0, breaksNow: 2, atLeast: 0, moved: 2 });
  });

  it('leaves an order that is as good as any', () => {
    const ahead = [lesson('x', '2027-01-11', { boil: 'introduce' }), lesson('y', '2027-01-18', { fry: 'assess' })];
    // Nobody practises frying anywhere: one break stays in every order.
    expect(proposeOrder([], ahead, new Map())).toMatchObject({ order: ['x', 'y'], breaks: 1, breaksNow: 1, atLeast: 1, moved: 0 });
  });

  it('is as good as the best of all orders', () => {
    const purposes: Purpose[] = ['introduce', 'practise', 'assess'];
    const one = fc.dictionary(fc.constantFrom('grip', 'julienne', 'dice', 'fry'), fc.constantFrom(...purposes), { minKeys: 1, maxKeys: 2 });
    const permutations = <T>(list: readonly T[]): T[][] =>
      list.length < 2
        ? [[...list]]
        : list.flatMap((head, at) => permutations(list.filter((_, place) => place !== at)).map((rest) => [head, ...rest]));
    fc.assert(
      fc.property(fc.array(one, { minLength: 1, maxLength: 5 }), (parts) => {
        const ahead = parts.map((techniques, at) => lesson(String(at), `2027-01-${10 + at}`, techniques));
        const { prerequisites } = facts([]);
        const found = proposeOrder([], ahead, prerequisites);
        const every = permutations(ahead).map((order) => proposeOrder([], order, prerequisites).breaksNow);
        expect(found.breaks).toBe(Math.min(...every));
      }),
      { numRuns: 60 },
    );
  });

  it('of sixty lessons has a bound that is never above what it found', () => {
    const chain = Array.from({ length: 60 }, (_, at) => `t${at}`);
    const prerequisites = new Map(chain.slice(1).map((id, at) => [id, [chain[at]!]]));
    const shuffled = chain.map((id, at) => ({ id, key: (at * 37) % 60 })).sort((a, b) => a.key - b.key);
    const ahead = shuffled.map(({ id }, at) =>
      lesson(id, new Date(Date.UTC(2027, 0, 4 + at)).toISOString().slice(0, 10), { [id]: 'introduce' }),
    );
    const found = proposeOrder([], ahead, prerequisites);
    expect(found.breaks).toBeLessThan(found.breaksNow);
    expect(found.atLeast).toBeLessThanOrEqual(found.breaks);
    expect(new Set(found.order).size).toBe(60);
  });
});

describe('dishes that cover what is missing', () => {
  const dish = (id: string, ...techniqueIds: string[]) => ({ id, title: id, techniqueIds });

  it('are as few as can be, where the greedy choice takes more', () => {
    // Greedy takes the dish of four first and then needs two more; two of three do it.
    const dishes = [dish('four', 'a', 'b', 'd', 'e'), dish('left', 'a', 'b', 'c'), dish('right', 'd', 'e', 'f')];
    const found = coverMissing(new Map([...'abcdef'].map((id) => [id, 1])), dishes);
    expect([found.dishes.map(({ id }) => id).sort(), found.sessions, found.atLeast]).toEqual([['left', 'right'], 2, 2]);
  });

  it('count what is wanted several times, say what no dish carries, and share a session', () => {
    const found = coverMissing(
      new Map([
        ['a', 3],
        ['z', 1],
      ]),
      [dish('one', 'a')],
      2,
    );
    expect([found.dishes.length, found.sessions, found.atLeast, found.uncarried]).toEqual([3, 2, 2, ['z']]);
    expect(coverMissing(new Map(), [dish('one', 'a')])).toMatchObject({ dishes: [], sessions: 0, atLeast: 0 });
  });

  it('cover everything, with a bound that holds, for a school of 300 dishes', () => {
    const dishes = Array.from({ length: 300 }, (_, at) =>
      dish(`d${at}`, ...Array.from({ length: 4 }, (__, k) => `t${(at * 7 + k * 13) % 58}`)),
    );
    const found = coverMissing(new Map(Array.from({ length: 58 }, (_, at) => [`t${at}`, 1])), dishes);
    expect(new Set(found.dishes.flatMap(({ covers }) => covers)).size).toBe(58);
    expect(found.atLeast).toBeLessThanOrEqual(found.sessions);
    expect(found.atLeast).toBeGreaterThanOrEqual(15);
  });
});
