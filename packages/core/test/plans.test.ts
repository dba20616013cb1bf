import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkPlan, readInstance, solvePlan, type PlanInstance, type PlanResource } from '../src';
import { partOf } from '../src/schedule/solve/explain';
import { classInstance } from '../bench/planInstances';
import { madeUp } from './byHand/madeUpPlans';
import { baked, BY_HAND, instance, needs, oven, units } from './byHand/plans';

/** The best cost by trying everything, with the checker alone; null where nothing holds. */
function byTrying(problem: PlanInstance): number | null {
  let best: number | null = null;
  const starts: Record<string, number> = {};
  const uses: Record<string, string[]> = {};
  const holds = (upTo: number) => {
    const ids = new Set(problem.steps.slice(0, upTo).map(({ id }) => id));
    const part = {
      ...problem,
      steps: problem.steps.slice(0, upTo),
      links: problem.links.filter(({ from, to }) => ids.has(from) && ids.has(to)),
    };
    return checkPlan(part, { starts, uses });
  };
  const go = (at: number): void => {
    const step = problem.steps[at];
    if (!step) {
      const { objective } = checkPlan(problem, { starts, uses });
      if (best === null || objective! < best) best = objective;
      return;
    }
    const choices = step.needs.reduce<string[][]>((all, { anyOf }) => all.flatMap((some) => anyOf.map((id) => [...some, id])), [[]]);
    for (let start = 0; start + step.minutes <= problem.horizon; start += 1)
      for (const choice of choices) {
        starts[step.id] = start;
        uses[step.id] = choice;
        if (holds(at + 1).faults.length === 0) go(at + 1);
      }
  };
  go(0);
  return best;
}

const resources = fc
  .record({ hands: fc.integer({ min: 1, max: 2 }), shelves: fc.integer({ min: 1, max: 2 }), change: fc.integer({ min: 0, max: 3 }) })
  .map(({ hands, shelves, change }): PlanResource[] => [
    units('hands', hands),
    units('one'),
    units('two'),
    oven('oven', shelves, change),
    oven('small', 1, change, [160]),
  ]);
const stepNeeds = fc.array(
  fc.oneof(
    fc.constantFrom(needs('hands')[0]!, { anyOf: ['hands'], amount: 2 }, needs('one', 'two')[0]!, needs('two')[0]!),
    fc.constantFrom(160, 180).map((heat) => baked(heat, 'oven', 'small')[0]!),
    fc.constantFrom(160, 180).map((heat) => baked(heat, 'oven')[0]!),
  ),
  { maxLength: 2 },
);
const problems = fc
  .record({
    resources,
    weight: fc.integer({ min: 0, max: 4 }),
    steps: fc.array(
      fc.record({
        minutes: fc.integer({ min: 0, max: 3 }),
        needs: stepNeeds,
        early: fc.option(fc.integer({ min: 1, max: 2 }), { nil: undefined }),
        until: fc.option(fc.integer({ min: 3, max: 7 }), { nil: undefined, freq: 5 }),
      }),
      { minLength: 1, maxLength: 4 },
    ),
    links: fc.array(
      fc.record({
        from: fc.nat(3),
        to: fc.nat(3),
        min: fc.nat(2),
        span: fc.option(fc.nat(2), { nil: null }),
        waitCost: fc.nat(3),
      }),
      { maxLength: 3 },
    ),
  })
  .map(({ resources: given, weight, steps, links }) =>
    instance(
      7,
      given,
      steps.map(({ minutes, needs: own, early, until }, at) => ({
        id: `s${at}`,
        minutes,
        needs: own,
        ...(early === undefined ? {} : { earlyCost: early }),
        ...(until === undefined ? {} : { latestEnd: until }),
      })),
      links
        .filter(({ from, to }) => from < to && to < steps.length)
        .map(({ from, to, min, span, waitCost }) => ({
          from: `s${from}`,
          to: `s${to}`,
          min,
          max: span === null ? null : min + span,
          waitCost,
        })),
      weight,
    ),
  );

describe('a plan', () => {
  it.each(BY_HAND)('by hand: %s', (_, problem, cost) => {
    const plan = solvePlan(problem);
    expect([plan.objective, plan.status]).toEqual([cost, cost === null ? 'infeasible' : 'optimal']);
    if (cost === null) expect(plan.reason!.text).not.toBe('');
    else {
      expect(plan.bound).toBe(cost);
      expect(checkPlan(problem, plan)).toEqual({ faults: [], objective: cost });
    }
  });

  it('is as cheap as the best that trying everything finds, and proven so', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const plan = solvePlan(problem);
        expect(plan.objective).toBe(byTrying(problem));
        if (plan.objective !== null) expect(checkPlan(problem, plan)).toEqual({ faults: [], objective: plan.objective });
      }),
      { numRuns: 60 },
    );
  });

  it('holds, whatever is asked: windows, given starts, waits, ovens and choices, in problems of up to seventy steps', () => {
    const told = { optimal: 0, feasible: 0, infeasible: 0, unknown: 0 };
    for (let seed = 1; seed <= 400; seed += 1) {
      const problem = madeUp(seed);
      const plan = solvePlan(problem, { effort: 6_000 });
      told[plan.status] += 1;
      if (plan.objective !== null) expect(checkPlan(problem, plan), `seed ${seed}`).toEqual({ faults: [], objective: plan.objective });
      if (plan.bound !== null && plan.objective !== null) expect(plan.bound, `seed ${seed}`).toBeLessThanOrEqual(plan.objective);
    }
    expect(told.optimal + told.feasible).toBeGreaterThan(200);
    expect(told.infeasible).toBeGreaterThan(20);
  });

  it('names, where nothing holds, a set that cannot hold by itself and no longer than it must be', () => {
    // Three loads of 40 minutes at 220 and one at 160 in one oven of one shelf, an hour and three quarters: the three alone are too many.
    const many = instance(
      105,
      [oven('oven', 1, 12), units('hands', 4)],
      [
        ...['a', 'b', 'c'].map((id) => ({ id, minutes: 40, needs: baked(220, 'oven') })),
        ...Array.from({ length: 12 }, (_, at) => ({ id: `other-${at}`, minutes: 5, needs: needs('hands') })),
      ],
    );
    const plan = solvePlan(many);
    expect(plan.status).toBe('infeasible');
    expect([...plan.reason!.steps].sort()).toEqual(['a', 'b', 'c']);
    expect(plan.reason!.resources).toEqual(['oven']);
    const part = partOf(
      many,
      plan.reason!.steps.map((id) => many.steps.findIndex((step) => step.id === id)),
    );
    expect(solvePlan(part).status).toBe('infeasible');
  });

  it('is the same for the same seed and effort', () => {
    const problem = instance(
      80,
      [units('hands', 2), units('burner', 2), oven('oven', 1, 5)],
      Array.from({ length: 20 }, (_, at) => ({
        id: `s${at}`,
        minutes: 3 + (at % 5),
        needs: at % 3 === 0 ? baked(at % 2 ? 160 : 180, 'oven') : [...needs('hands'), ...needs('burner')],
      })),
      Array.from({ length: 10 }, (_, at) => ({ from: `s${at}`, to: `s${at + 10}`, waitCost: 1 })),
    );
    const once = solvePlan(problem, { seed: 3, effort: 30_000 });
    expect(solvePlan(problem, { seed: 3, effort: 30_000 })).toEqual(once);
    expect(checkPlan(problem, once).faults).toEqual([]);
  });

  it('is told as soon as there is one, then only better ones, and ends when told to', () => {
    const problem = instance(
      300,
      [units('hands')],
      Array.from({ length: 30 }, (_, at) => ({ id: `s${at}`, minutes: 1 + (at % 7), needs: needs('hands'), earlyCost: 1 + (at % 3) })),
    );
    const costs: number[] = [];
    let asked = 0;
    const plan = solvePlan(problem, { stop: () => (asked += 1) > 400, onPlan: ({ objective }) => costs.push(objective!) });
    expect(costs.length).toBeGreaterThan(0);
    expect(costs).toEqual([...costs].sort((a, b) => b - a));
    expect(plan.objective).toBe(costs.at(-1));
    expect(plan.bound!).toBeLessThanOrEqual(plan.objective!);
  });
});

describe('a first plan of a whole class', () => {
  it.each([
    ['where priority rules run over the end', { teams: 12, stepsATeam: 30, hands: 1, seed: 11 }],
    ['of singles', { teams: 24, stepsATeam: 15, hands: 1, seed: 5 }],
    ['of pairs', { teams: 12, stepsATeam: 30, hands: 2, seed: 13 }],
  ] as const)('%s holds, and is the same each time', (_, shape) => {
    const problem = classInstance(shape);
    const plan = solvePlan(problem, { effort: 1 });
    expect([plan.status, checkPlan(problem, plan)]).toEqual(['feasible', { faults: [], objective: plan.objective }]);
    expect(solvePlan(problem, { effort: 1 })).toEqual(plan);
  });
});

describe('the check of a plan', () => {
  const problem = instance(
    60,
    [oven('oven', 1, 12, [160, 180]), units('hands')],
    [
      { id: 'mix', minutes: 6, needs: needs('hands') },
      { id: 'bake', minutes: 20, needs: baked(180, 'oven') },
      { id: 'toast', minutes: 5, needs: baked(160, 'oven'), latestEnd: 55 },
    ],
    [{ from: 'mix', to: 'bake', max: 5, waitCost: 2 }],
    10,
  );
  const uses = { mix: ['hands'], bake: ['oven'], toast: ['oven'] };
  const kinds = (starts: Record<string, number>, more: Partial<Record<string, string[]>> = {}) =>
    checkPlan(problem, { starts, uses: { ...uses, ...more } as Record<string, string[]> }).faults.map(({ kind }) => kind);

  it('has nothing to say of a plan that holds, and knows its cost', () => {
    // Toast 0-5, change to 17; mix 10-16, bake 17-37 after a wait of 1: 10 * 37 + 2 * 1.
    expect(checkPlan(problem, { starts: { toast: 0, mix: 10, bake: 17 }, uses })).toEqual({ faults: [], objective: 372 });
  });

  it.each([
    ['a start is missing', { mix: 0, bake: 6 }, ['start-missing']],
    ['half a minute', { toast: 0, mix: 10.5, bake: 17 }, ['start-not-whole']],
    ['before the session', { toast: 0, mix: -1, bake: 17 }, ['outside-session', 'wait-too-long']],
    ['after its end', { toast: 0, mix: 36, bake: 42 }, ['outside-session']],
    ['too late', { mix: 0, bake: 6, toast: 51 }, ['too-late']],
    ['no wait', { toast: 0, mix: 12, bake: 17 }, ['wait-too-short']],
    ['too long a wait', { toast: 0, mix: 10, bake: 22 }, ['wait-too-long']],
    ['no time to change', { toast: 0, mix: 8, bake: 16 }, ['wait-too-short', 'no-time-to-change'].slice(1)],
    ['two heats at once', { toast: 10, mix: 2, bake: 8 }, ['over-capacity', 'two-heats']],
  ] as const)('%s', (_, starts, wanted) => {
    expect(kinds(starts)).toEqual(wanted);
  });

  it('sees what a step may not use, and a cost or a bound that is not so', () => {
    const starts = { toast: 0, mix: 10, bake: 17 };
    expect(kinds(starts, { mix: ['oven'] })).toEqual(['resource-not-offered']);
    expect(kinds(starts, { mix: [] })).toEqual(['uses-missing']);
    expect(checkPlan(problem, { starts, uses, objective: 371 }).faults.map(({ kind }) => kind)).toEqual(['objective-wrong']);
    expect(checkPlan(problem, { starts, uses, bound: 373 }).faults.map(({ kind }) => kind)).toEqual(['bound-above-objective']);
  });
});

describe('a planning problem that is read', () => {
  it.each([
    ['no object', 7, ''],
    ['another format', { ...instance(1, [], []), format: 'x' }, 'format'],
    ['no horizon', { ...instance(1, [], []), horizon: undefined }, 'horizon'],
    ['half a minute', instance(60, [], [{ id: 'a', minutes: 1.5 }]), 'steps[0].minutes'],
    ['less than nothing', instance(60, [], [{ id: 'a', minutes: -1 }]), 'steps[0].minutes'],
    ['a session without end', instance(1e9, [], []), 'horizon'],
    [
      'two of one name',
      instance(
        60,
        [],
        [
          { id: 'a', minutes: 1 },
          { id: 'a', minutes: 1 },
        ],
      ),
      'steps[1].id',
    ],
    ['a resource nobody has', instance(60, [], [{ id: 'a', minutes: 1, needs: needs('b') }]), 'steps[0].needs[0].anyOf'],
    ['an oven and no heat', instance(60, [oven('o', 1, 1)], [{ id: 'a', minutes: 1, needs: needs('o') }]), 'steps[0].needs[0].temperature'],
    ['a link to nowhere', instance(60, [], [{ id: 'a', minutes: 1 }], [{ from: 'a', to: 'b' }]), 'links[0].to'],
    ['a link to itself', instance(60, [], [{ id: 'a', minutes: 1 }], [{ from: 'a', to: 'a' }]), 'links[0].to'],
    ['a field nobody knows', { ...instance(1, [], []), colour: 'red' }, 'colour'],
  ])('%s is refused at its field', (_, given, field) => {
    const read = readInstance(JSON.parse(JSON.stringify(given)));
    expect(read.kind === 'refused' && read.problems.map((problem) => problem.field)).toContain(field);
  });

  it('comes back as it was written', () => {
    for (const [, problem] of BY_HAND)
      expect(readInstance(JSON.parse(JSON.stringify(problem)))).toEqual({ kind: 'instance', instance: problem });
  });
});
