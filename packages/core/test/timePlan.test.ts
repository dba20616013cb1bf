import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import {
  checkPlan,
  classProblem,
  clockAt,
  conflictsOf,
  EMPTY_COMPONENT,
  EMPTY_KITCHEN,
  emptyTimePlan,
  minutesAt,
  KITCHEN,
  lessonMinutes,
  mergeTimePlan,
  momentAt,
  movedTo,
  nameOfThing,
  open,
  ovenTasks,
  prepareAhead,
  repairPlan,
  ringOfSteps,
  sharedHeats,
  slackNeeded,
  slackOf,
  solvePlan,
  stampOf,
  stepIdOf,
  withChange,
  words,
  workOf,
  workQuestions,
  type ClassToPlan,
  type DishContent,
  type PlanInstance,
  type StepWork,
} from '../src';
import { madeUp } from './byHand/madeUpPlans';
import { dish, step, teams, toPlan } from './smallLesson';

/** Steps of one team in minutes, for plans that are small enough to be read. */
const small = (
  steps: PlanInstance['steps'],
  links: PlanInstance['links'] = [],
  resources: PlanInstance['resources'] = [],
): PlanInstance => ({
  format: 'plan-instance',
  version: 1,
  id: 'small',
  horizon: 60,
  objective: { makespanWeight: 0 },
  resources: [{ id: 'hands', kind: 'units', capacity: 1 }, ...resources],
  steps,
  links,
});
const hands = [{ anyOf: ['hands'], amount: 1 }];

describe('what a step says of its place in time', () => {
  it('waits for what a person says instead of the step before it', () => {
    const work = workOf(
      dish(step('a', 'Peel.'), step('b', 'Boil.'), step('c', 'Whisk.', {}, { after: [] }), step('d', 'Plate.', {}, { after: ['b', 'c'] })),
    );
    expect(work.map(({ after }) => after)).toEqual([[], ['a'], [], ['b', 'c']]);
  });

  it('names a ring, and falls back on the usual order', () => {
    const ring = dish(step('a', 'Peel.', {}, { after: ['b'] }), step('b', 'Boil.'));
    expect([...new Set(ringOfSteps(ring))].sort()).toEqual(['a', 'b']);
    expect(workOf(ring).map(({ after }) => after)).toEqual([[], ['a']]);
  });

  it.each([
    ['Bring a pot of salted water to the boil and blanch the beans.', {}, { warmUp: 10 }],
    ['If the sauce is thin, whisk in a spoon of starch.', {}, { only: { when: 'the sauce is thin', likely: false } }],
    [
      'Bake for 20 to 25 minutes until the top is brown.',
      { hands: 'off' as const, minutes: null },
      { cue: { text: 'the top is brown', least: 20, most: 25 }, minutes: { practised: 25, novice: 25 } },
    ],
    ['Chill the dough.', { hands: 'off' as const }, { ahead: { may: true, hours: 24, store: 'chilled', by: 'technician' } }],
    ['Fillet the trout.', {}, { food: 'raw flesh', grows: 90 }],
    ['Bone the mackerel and trim the belly.', {}, { food: 'raw flesh' }],
    ['Pick over the spinach and rinse it.', {}, { food: 'raw vegetable', needs: [{ kind: 'equipment', of: 'sink' }] }],
    ['Blitz the soup in batches until silky.', {}, { needs: [{ kind: 'equipment', of: 'blender' }] }],
    ['Rub the lard into the flour.', {}, { food: null }],
    ['Whisk the custard over the water.', {}, { redo: { times: 1, minutes: 10 }, grows: 25 }],
  ])('proposes for "%s" what its words say', (text, part, proposed) => {
    expect(workOf(dish(step('a', text, part), step('z', 'Plate.')))[0]).toMatchObject(proposed);
  });

  it('leaves what a person said as it is', () => {
    const said: Partial<StepWork> = { warmUp: 0, grows: 40, redo: { times: 0, minutes: 0 }, food: 'allergen' };
    expect(workOf(dish(step('a', 'Blanch the beans in boiling water.', {}, said)))[0]).toMatchObject(said);
  });

  it.each([
    ['no minutes', step('a', 'Peel.', { minutes: null }), 'How long does it take? Nothing is said; 5 minutes is a guess.'],
    [
      'hands busy for hours',
      step('a', 'Knead.', { minutes: 120 }),
      'Are hands really busy for 120 minutes on end, or does it go on by itself?',
    ],
    [
      'a novice who is faster',
      step('a', 'Peel.', { noviceMinutes: 5 }),
      'A novice in 5 minutes, a practised hand in 10: is it the other way round?',
    ],
    ['an oven at 800', step('a', 'Bake.', { hands: 'off', celsius: 800 }), 'An oven at 800 °C: is that meant?'],
    [
      'a best heat beside its band',
      step('a', 'Bake.', { hands: 'off', celsius: 150 }, { band: { from: 170, to: 190, minutesAtFrom: 30, minutesAtTo: 25 } }),
      'The best heat is 150 °C, and right is 170 to 190: which is it?',
    ],
  ])('asks about %s', (_, unlikely, question) => {
    expect(workQuestions(dish(unlikely, step('z', 'Plate.'))).map(({ ask }) => words(ask))).toContain(question);
  });
});

describe('heats of an oven', () => {
  it('takes as long between the ends of its band as lies between their minutes', () => {
    expect(minutesAt({ from: 160, to: 200, minutesAtFrom: 40, minutesAtTo: 30 }, 180)).toBe(35);
  });

  it('are as few as the bands allow, and near the best', () => {
    const heats = sharedHeats([
      { key: 'tart', best: 180, from: 170, to: 190 },
      { key: 'crumble', best: 190, from: 180, to: 200 },
      { key: 'meringue', best: 100, from: 90, to: 110 },
    ]);
    // 180 and 190 are right for both the tart and the crumble, and as far from the one as from the other.
    expect(heats.get('tart')).toBe(heats.get('crumble'));
    expect([180, 190]).toContain(heats.get('tart'));
    expect(heats.get('meringue')).toBe(100);
  });

  it('let two dishes share one oven that would not at their best', () => {
    const bake = (celsius: number, from: number, to: number) =>
      dish(
        step(
          'bake',
          'Bake.',
          { hands: 'off', celsius, heats: 'oven', minutes: 60 },
          { band: { from, to, minutesAtFrom: 60, minutesAtTo: 60 } },
        ),
      );
    const dishes = [
      { id: 'a', content: bake(170, 165, 185) },
      { id: 'b', content: bake(190, 180, 195) },
    ];
    const { instance, meaning } = classProblem(toPlan(dish(), { teams: teams(2), dishes }));
    const asked = instance.steps.flatMap(({ needs }) => needs.flatMap(({ temperature }) => temperature ?? []));
    expect(new Set(asked).size).toBe(1);
    expect(solvePlan(instance).status).toBe('optimal');
    expect([...meaning.values()].filter(({ celsius }) => celsius !== null).length).toBeGreaterThan(0);
  });

  it('are set before the first load and turned as late as they can be', () => {
    const { instance } = { instance: small([], [], [{ id: 'oven-1', kind: 'oven', shelves: 1, changeMinutes: 12 }]) };
    const load = (id: string, temperature: number) => ({
      id,
      team: 't',
      minutes: 10,
      needs: [{ anyOf: ['oven-1'], amount: 1, temperature }],
    });
    const steps = [load('a', 180), load('b', 180), load('c', 220)];
    const uses = { a: ['oven-1'], b: ['oven-1'], c: ['oven-1'] };
    expect(ovenTasks({ instance: { ...instance, steps } }, { starts: { a: 5, b: 15, c: 40 }, uses })).toEqual([
      { oven: 'oven-1', kind: 'warm', celsius: 180, from: -7, until: 5 },
      { oven: 'oven-1', kind: 'turn', celsius: 220, from: 28, until: 40 },
    ]);
  });
});

describe('a kitchen as it was stored before', () => {
  it('has burners of its own at each station, a sink for each, and no tools that are counted', () => {
    const { stationsABlock: _block, tools: _tools, equipment, ...rest } = EMPTY_KITCHEN;
    const { sink: _sink, ...older } = equipment;
    const opened = open(KITCHEN, { document: 'kitchen', version: 1, content: { ...rest, equipment: older } });
    expect(opened).toEqual({ kind: 'opened', content: { ...EMPTY_KITCHEN, equipment: { ...equipment, sink: EMPTY_KITCHEN.stations } } });
  });
});

describe('what a person decides', () => {
  const content = dish(step('a', 'Slice.'), step('b', 'Plate.', { minutes: 4 }));
  const a = stepIdOf('t1', 'd', 'a');

  it('holds in the problem: pinned, lengthened, forbidden, handed to another team', () => {
    let plan = emptyTimePlan();
    plan = withChange(plan, a, { pinnedAt: 60, minutes: 17, notBefore: 50, endBy: 90, by: 't2' });
    const { instance } = classProblem(toPlan(content, { changes: plan.changes }));
    expect(instance.steps.find(({ id }) => id === a)).toMatchObject({
      fixedStart: 60,
      minutes: 17,
      earliest: 50,
      latestEnd: 90,
      needs: [{ anyOf: ['hands.t2'], amount: 1 }],
    });
    expect(solvePlan(instance)).toMatchObject({ starts: { [a]: 60 } });
  });

  it('is dropped where it decides nothing any more, and told of where its step is gone', () => {
    const plan = withChange(withChange(emptyTimePlan(), a, { pinnedAt: 60 }), a, { pinnedAt: null });
    expect(plan.changes).toEqual([]);
    expect(classProblem(toPlan(content, { changes: withChange(plan, 't9.d.a', { minutes: 5 }).changes })).stray).toHaveLength(1);
  });

  it('breaks what it breaks, in words', () => {
    const lesson = toPlan(content);
    const solved = solvePlan(classProblem(lesson).instance);
    const moved = movedTo({ ...emptyTimePlan(), placed: { ...solved, status: 'optimal' } }, a, 140);
    const problem = classProblem({ ...lesson, changes: moved.changes });
    const said = conflictsOf(problem, checkPlan(problem.instance, moved.placed!).faults, EMPTY_KITCHEN).map((each) => words(each.said));
    expect(said).toContain('Team 1: "Plate" begins before Team 1: "Slice" is done.');
    expect(nameOfThing('oven-1', problem, EMPTY_KITCHEN)).toBe('Oven 1');
  });

  it('has a stamp of its own for what it was made from', () => {
    const stamp = (part: Partial<ClassToPlan>) => stampOf(classProblem(toPlan(content, part)).instance);
    expect(stamp({})).toBe(stamp({}));
    expect(stamp({})).not.toBe(stamp({ minutes: 181 }));
  });

  it('leaves a component out, and what waited for it waits for nothing', () => {
    const parts = dish(step('a', 'Whisk the sauce.', { componentId: 'sauce' }), step('b', 'Plate.'));
    const { instance } = classProblem(toPlan(parts, { teams: teams(1), without: [{ dishId: 'd', componentId: 'sauce' }] }));
    expect(instance.steps.map(({ id }) => id)).not.toContain(a);
  });
});

describe('the clock of a lesson', () => {
  it.each([
    // The clocks of Vienna go forward at two on 29 March 2026, and back at three on 25 October.
    ['in spring', '2026-03-29', 180, '05:00'],
    ['in autumn', '2026-10-25', 300, '03:00'],
    ['in between', '2026-06-01', 240, '04:00'],
  ])('counts the minutes that there really are %s', (_, date, minutes, afterFour) => {
    const hours = { date, start: '00:00', end: '04:00' };
    expect(lessonMinutes(hours, 'Europe/Vienna')).toBe(minutes);
    expect(clockAt(hours, 'Europe/Vienna', 240)).toBe(afterFour);
    expect(clockAt(hours, 'Europe/Vienna', 0)).toBe('00:00');
  });

  it('is a moment anywhere on earth', () => {
    expect(momentAt({ date: '2026-12-05', start: '09:00' }, 'America/New_York', 30).toISOString()).toBe('2026-12-05T14:30:00.000Z');
  });
});

describe('room in a plan', () => {
  it('is what a step and all after it can be pushed by', () => {
    const steps = ['a', 'b', 'c'].map((id) => ({ id, team: 't', minutes: 10, needs: id === 'c' ? [] : hands }));
    const instance = small(steps, [{ from: 'a', to: 'c', min: 5, max: null, waitCost: 0 }]);
    const plan = { starts: { a: 0, b: 10, c: 20 }, uses: { a: ['hands'], b: ['hands'], c: [] } };
    // Until 40: c could begin at 30, b at 30; a is followed by b on the same hands, and by c five minutes later: 15 at the latest.
    const { of, critical } = slackOf(instance, plan, 40);
    expect([of.get('a'), of.get('b'), of.get('c')]).toEqual([15, 20, 10]);
    expect(critical).toEqual(['c']);
  });

  it('has the chain that decides, one step leading to the next', () => {
    const steps = ['a', 'b', 'c'].map((id) => ({ id, team: 't', minutes: 10, needs: hands }));
    const plan = { starts: { a: 0, b: 10, c: 20 }, uses: { a: ['hands'], b: ['hands'], c: ['hands'] } };
    expect(slackOf(small(steps), plan, 30).critical).toEqual(['a', 'b', 'c']);
  });

  it('covers one redo and the longest step that may have to be put in', () => {
    const content = dish(
      step('a', 'Whisk the custard.', {}, { redo: { times: 1, minutes: 18 } }),
      step('b', 'If the stock is thin, reduce it.', { minutes: 25 }),
      step('c', 'Plate.'),
    );
    // 25 minutes for a practised hand, 37½ for a novice, half of the class has practised: 31¼, in whole minutes 32.
    expect(slackNeeded(classProblem(toPlan(content)))).toMatchObject({
      redo: { minutes: 18 },
      perhaps: { when: 'the stock is thin' },
      minutes: 32,
    });
  });
});

describe('what is made before the lesson', () => {
  it('is listed with who, where and how long, for as many makings as there are teams', () => {
    const content: DishContent = {
      ...dish(
        step('a', 'Rub the butter in.', { componentId: 'p' }),
        step('b', 'Chill the dough.', { componentId: 'p', hands: 'off' }),
        step('c', 'Bake.'),
      ),
      components: [{ ...EMPTY_COMPONENT, id: 'p', name: 'Pastry', keeps: [{ store: 'frozen', hours: 720 }] }],
    };
    const problem = classProblem(toPlan(content, { ahead: [{ dishId: 'd', stepId: 'b' }] }));
    const dishes = [{ id: 'd', content }];
    expect(prepareAhead(problem, dishes).map(({ stepId, makings, store, hours, by }) => [stepId, makings, store, hours, by])).toEqual([
      ['a', 2, null, null, 'technician'],
      ['b', 2, 'frozen', 720, 'technician'],
    ]);
    const bake = stepIdOf('t1', 'd', 'c');
    // The chilled dough is what the baking waits for; the rubbing-in is done by then.
    expect(prepareAhead(problem, dishes, { [bake]: 71 }).map(({ wantedAt }) => wantedAt)).toEqual([0, 71]);
  });
});

describe('repair', () => {
  const two = small(
    [
      { id: 'a', team: 't', minutes: 10, needs: hands },
      { id: 'b', team: 't', minutes: 10, needs: hands },
    ],
    [{ from: 'a', to: 'b', min: 0, max: null, waitCost: 0 }],
  );
  const plan = { starts: { a: 20, b: 30 }, uses: { a: ['hands'], b: ['hands'] } };
  const pinned = (id: string, at: number): PlanInstance => ({
    ...two,
    steps: two.steps.map((each) => (each.id === id ? { ...each, fixedStart: at } : each)),
  });

  it('leaves a plan that holds as it is', () => {
    expect(repairPlan(two, plan)).toEqual({ plan, moved: [], impossible: false });
  });

  it('moves what must move, and no further', () => {
    const repaired = repairPlan(pinned('b', 25), { ...plan, starts: { a: 20, b: 25 } });
    expect([repaired.plan!.starts, repaired.moved]).toEqual([{ a: 15, b: 25 }, ['a']]);
  });

  it('says so where what is pinned leaves no way', () => {
    expect(repairPlan(pinned('b', 5), { ...plan, starts: { a: 20, b: 5 } })).toEqual({ plan: null, moved: [], impossible: true });
  });

  it('places what has no place yet', () => {
    const repaired = repairPlan(two, { starts: { b: 30 }, uses: { b: ['hands'] } });
    expect(checkPlan(two, repaired.plan!).faults).toEqual([]);
    expect(repaired.plan!.starts.b).toBe(30);
  });

  it('keeps what is pinned and holds, whatever was made up and moved', () => {
    fc.assert(
      fc.property(fc.nat(500), fc.nat(30), fc.integer({ min: -20, max: 20 }), (made, which, by) => {
        const instance = madeUp(made + 1);
        const solved = solvePlan(instance, { effort: 100_000 });
        const chosen = instance.steps[which % Math.max(1, instance.steps.length)];
        if (solved.objective === null || !chosen || chosen.fixedStart !== undefined) return;
        const at = Math.max(0, Math.min(instance.horizon - chosen.minutes, solved.starts[chosen.id]! + by));
        const edited = { ...instance, steps: instance.steps.map((each) => (each.id === chosen.id ? { ...each, fixedStart: at } : each)) };
        const { plan: repaired, impossible } = repairPlan(edited, { starts: { ...solved.starts, [chosen.id]: at }, uses: solved.uses });
        if (repaired) {
          expect(checkPlan(edited, repaired).faults).toEqual([]);
          expect(repaired.starts[chosen.id]).toBe(at);
        } else if (impossible) expect(solvePlan(edited, { effort: 400_000 }).objective).toBeNull();
      }),
      { numRuns: 60 },
    );
  });
});

describe('two plans of one lesson', () => {
  const placed = (starts: Record<string, number>) => ({ starts, uses: {}, objective: 3, bound: 3, status: 'optimal' as const });
  const base = { ...emptyTimePlan(), placed: placed({ a: 10, b: 20 }) };

  it('come together step by step, and what is made of both is not said to be the best', () => {
    const mine = { ...withChange(base, 'a', { minutes: 7 }), placed: placed({ a: 12, b: 20 }) };
    const theirs = {
      ...withChange(base, 'b', { pinnedAt: 25 }),
      placed: placed({ a: 10, b: 25 }),
      segments: { ...base.segments, slack: 0 },
    };
    const { mine: merged, clashes } = mergeTimePlan(base, mine, theirs);
    expect(merged.placed).toEqual({ starts: { a: 12, b: 25 }, uses: {}, objective: null, bound: null, status: 'feasible' });
    expect([merged.changes.map(({ step: of }) => of).sort(), merged.segments.slack, clashes]).toEqual([['a', 'b'], 0, []]);
  });

  it('keep mine where both moved one step, and tell of it', () => {
    const { mine, clashes } = mergeTimePlan(
      base,
      { ...base, placed: placed({ a: 12, b: 20 }) },
      { ...base, placed: placed({ a: 15, b: 20 }) },
    );
    expect([mine.placed!.starts.a, clashes]).toEqual([12, [{ where: 'place of a', mine: '12', theirs: '15' }]]);
  });

  it('are not mixed where both were made anew: what was stored first stands', () => {
    const starts = (by: number) => Object.fromEntries(Array.from({ length: 20 }, (_, at) => [`s${at}`, 10 * at + by]));
    const of = (by: number) => ({ ...base, placed: placed(starts(by)) });
    expect(mergeTimePlan(of(0), of(1), of(2))).toMatchObject({ mine: { placed: { starts: starts(2), status: 'optimal' } }, clashes: [] });
    const fresh = { ...base, placed: null };
    expect(mergeTimePlan(fresh, of(1), of(2)).mine.placed!.starts).toEqual(starts(2));
  });

  it('take back what one did, and only that', () => {
    const after = { ...base, placed: placed({ a: 12, b: 20 }) };
    const now = { ...after, placed: placed({ a: 12, b: 25 }) };
    expect(mergeTimePlan(after, base, now).mine.placed!.starts).toEqual({ a: 10, b: 25 });
    expect(mergeTimePlan(base, { ...base, placed: null }, base).mine.placed).toBeNull();
  });
});
