import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import {
  AS_IT_READS,
  carriedMinutes,
  carriedPart,
  carriedSteps,
  carriedWindow,
  checkMoves,
  classProblem,
  computeOrder,
  EMPTY_COMPONENT,
  EMPTY_KITCHEN,
  EMPTY_STEP,
  keptHow,
  solvePlan,
  stepIdOf,
  tastingIdOf,
  termBreaks,
  termBreakSaid,
  USUAL_SEGMENTS,
  whoCooksOn,
  words,
  type CarriedBetween,
  type Cover,
  type DishContent,
  type KeptHow,
  type MethodStep,
  type TermLesson,
} from '../src';
import { ALONE, dishFrom } from './helpers';

const step = (id: string, text: string, part: Partial<MethodStep> = {}): MethodStep => ({ ...EMPTY_STEP, id, text, minutes: 10, ...part });
const READ = dishFrom('Onion rye\nserves 2\nSour\n100 g rye flour\n120 g water\nOnions\n200 g onions\n20 g butter');
const [sour, onions] = READ.components.map((component, at) => ({ ...component, id: ['sour', 'onions'][at]! }));
/** A sour that stands at least twelve hours and at most two days; kept chilled it keeps three. */
const RYE: DishContent = {
  ...READ,
  components: [
    { ...EMPTY_COMPONENT, ...sour!, keeps: [{ store: 'chilled', hours: 72 }], before: { least: 720, most: 2880 } },
    { ...EMPTY_COMPONENT, ...onions! },
  ],
  method: [
    step('mix', 'Mix the sour.', { componentId: 'sour', noviceMinutes: 15 }),
    step('prove', 'Let it prove, covered.', { componentId: 'sour', hands: 'off', minutes: 60 }),
    step('sweat', 'Sweat the onions.', { componentId: 'onions' }),
    step('bake', 'Fold in and bake.', { hands: 'off', minutes: 40 }),
  ],
};

describe('a stage that is made in an earlier lesson', () => {
  it('is everything up to its step, without what a lesson before that has done', () => {
    expect([...carriedSteps(RYE, 'prove')].sort()).toEqual(['mix', 'prove']);
    expect([...carriedSteps(RYE, 'bake', ['prove'])].sort()).toEqual(['bake', 'sweat']);
    expect([...carriedSteps(RYE, 'gone', ['gone too'])]).toEqual([]);
  });

  it('takes the components that it works on, with those that they are made of', () => {
    const fed = { ...sour!.lines[0]!, id: 'fed', componentId: 'onions' };
    const chained = { ...RYE, components: RYE.components.map((each) => (each.id === 'sour' ? { ...each, lines: [fed] } : each)) };
    expect(carriedPart(RYE, carriedSteps(RYE, 'prove')).components.map(({ id }) => id)).toEqual(['sour']);
    expect(carriedPart(chained, carriedSteps(chained, 'mix')).components.map(({ id }) => id)).toEqual(['sour', 'onions']);
    expect(carriedMinutes(RYE, carriedSteps(RYE, 'prove'))).toEqual({ practised: 10, novice: 15, waiting: 60 });
  });

  it.each<[string, Partial<MethodStep>, { store?: 'frozen' | 'ambient'; hours?: number }, KeptHow]>([
    // By the component: chilled three days, but used within two of being made.
    ['its component', {}, {}, { store: 'chilled', least: 12, most: 48 }],
    [
      'the step',
      { work: { ...AS_IT_READS, ahead: { may: true, hours: 20, store: 'ambient', by: 'team' } } },
      {},
      { store: 'ambient', least: 12, most: 20 },
    ],
    ['what follows it', { toNext: { least: 900, most: 1800 } }, {}, { store: 'chilled', least: 15, most: 30 }],
    ['a person', {}, { hours: 24 }, { store: 'chilled', least: 12, most: 24 }],
    [
      'a store of which nothing is known',
      { toNext: { least: null, most: null } },
      { store: 'frozen' },
      { store: 'frozen', least: 12, most: 48 },
    ],
  ])('keeps as %s says', (_, part, said, kept) => {
    const content = { ...RYE, method: RYE.method.map((each) => (each.id === 'prove' ? { ...each, ...part } : each)) };
    expect(keptHow(content, { stepId: 'prove', store: said.store ?? null, hours: said.hours ?? null })).toEqual(kept);
  });
});

describe('the time between two lessons', () => {
  const made = (date: string, end = '12:00'): CarriedBetween => ({ date, start: '09:00', end });
  const KEPT: KeptHow = { store: 'chilled', least: 12, most: 48 };
  it.each<[string, CarriedBetween, CarriedBetween, KeptHow, number, string, boolean]>([
    ['a day and nine hours less', made('2027-01-11'), made('2027-01-12'), KEPT, 21, 'holds', false],
    ['the same day', made('2027-01-11'), { ...made('2027-01-11'), start: '14:00' }, KEPT, 2, 'not-ready', false],
    ['a week', made('2027-01-11'), made('2027-01-18'), KEPT, 165, 'too-old', true],
    ['the other way round', made('2027-01-18'), made('2027-01-11'), KEPT, -171, 'wanted-before', false],
    ['to the minute', made('2027-01-11', '09:00'), made('2027-01-13'), KEPT, 48, 'holds', false],
    ['nothing is known of it', made('2027-01-11'), made('2027-01-15'), { ...KEPT, most: null }, 93, 'not-known', true],
    [
      'frozen, the rule for chilled food says nothing',
      made('2027-01-11'),
      made('2027-01-18'),
      { ...KEPT, store: 'frozen', most: 700 },
      165,
      'holds',
      false,
    ],
    // In Vienna the clocks go forward in the night to 28 March 2027, and back in the night to 31 October.
    ['an hour less in spring', made('2027-03-27'), made('2027-03-28'), KEPT, 20, 'holds', false],
    ['an hour more in autumn', made('2027-10-30', '09:00'), made('2027-11-01'), KEPT, 49, 'too-old', false],
  ])('%s', (_, from, wanted, kept, hours, verdict, beyondRule) => {
    const window = carriedWindow(kept, { made: from, wanted, timeZone: 'Europe/Vienna', rules: {} });
    expect([window.hours, window.verdict, window.beyondRule]).toEqual([hours, verdict, beyondRule]);
  });
  it('ends at a moment that a label can name', () => {
    const { useBy } = carriedWindow(KEPT, { made: made('2027-03-27'), wanted: made('2027-03-28'), timeZone: 'Europe/Vienna', rules: {} });
    // Noon of the 27th is 11:00 in universal time; 48 hours later the wall says 13:00.
    expect(useBy?.toISOString()).toBe('2027-03-29T11:00:00.000Z');
  });
});

describe('who cooks on', () => {
  const team = (id: string, ...studentIds: string[]) => ({ id, name: `Team ${id}`, studentIds, dishIds: null });
  const told = (made: ReturnType<typeof team>[], wanted: ReturnType<typeof team>[], covers: readonly Cover[] = []) => {
    const { pieces, without } = whoCooksOn(made, wanted, covers);
    return [
      ...pieces.map(({ made: { id }, goesTo, because }) => `${id} ${because}${goesTo ? ` ${goesTo.id}` : ''}`),
      ...without.map(({ team: { id }, because }) => `${id} without: ${because}`),
    ];
  };
  it('with their own piece, whatever their teams are called', () => {
    expect(told([team('1', 'a', 'b'), team('2', 'c', 'd')], [team('x', 'c', 'd'), team('y', 'a', 'b')])).toEqual(['1 own y', '2 own x']);
  });
  it('with that of most of them, where teams were mixed; a tie goes to the first', () => {
    const made = [team('1', 'a', 'b', 'c'), team('2', 'd', 'e', 'f')];
    expect(told(made, [team('x', 'a', 'd', 'e'), team('y', 'b', 'c', 'f')])).toEqual(['1 own y', '2 own x']);
    expect(told(made, [team('x', 'a', 'd'), team('y', 'b', 'e')])).toEqual(['1 own x', '1 own y', '2 left']);
  });
  it('pairs make one for each who later cooks alone; of those who cooked alone one of a pair is left', () => {
    expect(told([team('1', 'a', 'b'), team('2', 'c', 'd')], [team('a', 'a'), team('b', 'b'), team('c', 'c'), team('d', 'd')])).toEqual([
      '1 own a',
      '1 own b',
      '2 own c',
      '2 own d',
    ]);
    expect(told([team('1', 'a'), team('2', 'b')], [team('x', 'a', 'b')])).toEqual(['1 own x', '2 left']);
  });
  it('taking over what is free, where one was away when it was made and another is away now', () => {
    // b was away: made none; c is away now: left one.
    expect(told([team('1', 'a'), team('2', 'c')], [team('1', 'a'), team('2', 'b')])).toEqual(['1 own 1', '2 proposed 2']);
    expect(told([team('1', 'a')], [team('1', 'a'), team('2', 'b')])).toEqual(['1 own 1', '2 without: nobody']);
    expect(told([team('1', 'a'), team('2', 'c')], [team('1', 'a')])).toEqual(['1 own 1', '2 left']);
    expect(told([], [team('1', 'a')])).toEqual(['1 without: nobody']);
  });
  it('as somebody says, as long as it is there; whoever is named twice makes two', () => {
    const made = [team('1', 'a'), team('2', 'c'), team('3', 'd')];
    const wanted = [team('1', 'a'), team('2', 'b')];
    expect(told(made, wanted, [{ studentId: 'b', from: 'd' }])).toEqual(['1 own 1', '2 left', '3 said 2']);
    expect(told(made, wanted, [{ studentId: 'b', from: 'technician' }])).toEqual(['1 own 1', '2 left', '3 left', '2 without: technician']);
    // Whose piece is named was away when it was made, or has left the class: it is proposed anew.
    expect(told(made, wanted, [{ studentId: 'b', from: 'gone' }])).toEqual(['1 own 1', '2 proposed 2', '3 left']);
    expect(told(made, wanted, [{ studentId: 'b', from: 'a' }])).toEqual(['1 own 1', '1 said 2', '2 left', '3 left']);
  });
  it('gives everyone one piece at most, lets every team make one, and leaves nobody without while one is free', () => {
    const people = fc.shuffledSubarray(['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h']);
    const teams = fc
      .tuple(people, fc.integer({ min: 1, max: 3 }))
      .map(([ids, size]) =>
        Array.from({ length: Math.ceil(ids.length / size) }, (_, at) => team(`${at}`, ...ids.slice(at * size, (at + 1) * size))),
      );
    const covers = fc.array(fc.record({ studentId: fc.constantFrom('a', 'b', 'x'), from: fc.constantFrom('a', 'c', 'technician') }), {
      maxLength: 4,
    });
    fc.assert(
      fc.property(teams, teams, covers, (made, wanted, said) => {
        const { pieces, without } = whoCooksOn(made, wanted, said);
        const served = pieces.flatMap(({ goesTo }) => goesTo ?? []);
        expect(new Set(served).size).toBe(served.length);
        expect(served.length + without.length).toBe(wanted.length);
        expect(new Set(pieces.map((piece) => piece.made)).size).toBe(made.length);
        if (without.some(({ because }) => because === 'nobody')) expect(pieces.filter(({ goesTo }) => goesTo === null)).toEqual([]);
      }),
    );
  });
});

describe('what hangs on it', () => {
  it('is planned in the lesson that makes it, by every team, and comes to no pass', () => {
    const problem = classProblem({
      minutes: 180,
      teams: [1, 2].map((n) => ({ id: `t${n}`, name: `Team ${n}`, hands: 2, dishIds: ['other'] })),
      portionsATeam: 2,
      dishes: [{ id: 'stage', content: RYE, only: carriedSteps(RYE, 'prove') }],
      kitchen: EMPTY_KITCHEN,
      practice: { purposes: new Map() },
      segments: USUAL_SEGMENTS,
    });
    const ids = problem.instance.steps.map(({ id }) => id);
    for (const team of ['t1', 't2']) {
      expect(ids).toContain(stepIdOf(team, 'stage', 'mix'));
      expect(ids).not.toContain(stepIdOf(team, 'stage', 'sweat'));
      expect(ids).not.toContain(tastingIdOf(team, 'stage'));
    }
    expect(typeof solvePlan(problem.instance, { effort: 20_000 }).objective).toBe('number');
  });

  it('is said where it is ordered: its lines are wanted on that day, those of the rest are not', () => {
    const order = computeOrder({
      plan: ALONE,
      dishes: [{ editionId: 'e', content: RYE, madeEarlier: new Map([['sour', { date: '2027-01-11', lesson: 'Sours' }]]) }],
      preparations: new Map(),
    });
    const notes = (item: string) => order.lines.find((line) => line.item === item)!.figure.notes.map((said) => words(said));
    expect(notes('rye flour')).toContain('Wanted on Mon 11 Jan already, where “Sours” makes it.');
    expect(notes('onions').join()).not.toContain('Wanted on');
  });

  it('breaks in the term when one of the two is moved too far, or before the other', () => {
    const lesson = (id: string, date: string): TermLesson => ({
      ...{ id, title: `Lesson ${id}`, date, start: '09:00', end: '12:00', kitchenId: null, techniques: [], inPassing: [] },
    });
    const facts = {
      students: [],
      prerequisites: new Map(),
      lessons: [lesson('1', '2027-01-11'), lesson('2', '2027-01-12')],
      absences: [],
      daysOff: [],
      taken: [],
      carried: [{ fromLessonId: '1', toLessonId: '2', what: 'Sour', kept: { store: 'chilled' as const, least: 12, most: 48 } }],
      timeZone: 'Europe/Vienna',
    };
    const say = (date: string) => checkMoves(facts, { '2': date }).breaks.map((each) => words(termBreakSaid(each, String)));
    expect(termBreaks(facts)).toEqual([]);
    expect(say('2027-01-13')).toEqual([]);
    expect(say('2027-01-14')).toEqual(['Sour from “Lesson 1” would be 2.9 days old; it keeps 2 days.']);
    expect(say('2027-01-10')).toEqual(['Sour from “Lesson 1” is wanted before it is made.']);
  });
});
