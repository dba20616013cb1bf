import { describe, expect, it } from 'vitest';
import {
  checkPlan,
  classProblem,
  EMPTY_DISH,
  EMPTY_KITCHEN,
  EMPTY_STEP,
  minutesFor,
  nameOfThing,
  planCsv,
  solvePlan,
  USUAL_SEGMENTS,
  workOf,
  type ClassToPlan,
  type DishContent,
  type MethodStep,
  type PlannedTeam,
  type Purpose,
} from '../src';

const step = (id: string, text: string, part: Partial<MethodStep> = {}): MethodStep => ({ ...EMPTY_STEP, id, text, minutes: 10, ...part });
const dish = (...method: MethodStep[]): DishContent => ({ ...EMPTY_DISH, title: 'Tart', portions: 1, method });

/** A pastry and a filling, each on its own, then baked together and plated. */
const TART = dish(
  step('rub', 'Rub the butter into the flour.', { componentId: 'pastry' }),
  step('rest', 'Rest the pastry chilled.', { componentId: 'pastry', minutes: 30, hands: 'off', equipment: 'chiller' }),
  step('sweat', 'Sweat the leeks in butter.', { componentId: 'filling' }),
  step('bake', 'Fill and bake at 180 °C.', { minutes: 25, hands: 'off', celsius: 180, heats: 'oven' }),
  step('plate', 'Cut and plate.', { minutes: 4 }),
);

const teamsOfHands = (...hands: number[]): PlannedTeam[] =>
  hands.map((count, index) => ({ id: `team-${index + 1}`, name: `Team ${index + 1}`, hands: count, dishIds: null }));

const toPlan = (part: Partial<ClassToPlan> = {}): ClassToPlan => ({
  minutes: 180,
  teams: teamsOfHands(2, 2, 2),
  portionsATeam: 1,
  dishes: [{ id: 'tart', content: TART }],
  kitchen: EMPTY_KITCHEN,
  practice: { purposes: new Map() },
  segments: USUAL_SEGMENTS,
  ...part,
});

describe('the work of a dish', () => {
  it('follows its components, and waits for all of them where the whole dish is meant', () => {
    expect(workOf(TART).map(({ id, after }) => [id, after])).toEqual([
      ['rub', []],
      ['rest', ['rub']],
      ['sweat', []],
      ['bake', ['rest', 'sweat']],
      ['plate', ['bake']],
    ]);
  });

  it('begins again after a step of the whole dish', () => {
    const work = workOf(dish(step('mix', 'Mix.'), step('ice', 'Ice it.', { componentId: 'icing' }), step('serve', 'Serve.')));
    expect(work.map(({ after }) => after)).toEqual([[], ['mix'], ['ice']]);
  });

  it('lets the plate wait for what lost its follower to what a person said', () => {
    // Cleaning the mussels comes first in the list, but dicing was said to begin at once: nothing but the plate waits for the cleaning.
    const main = { componentId: 'main' };
    const dice = step('dice', 'Dice.', { ...main, work: { ...EMPTY_STEP.work, after: [] } });
    const work = workOf(dish(step('clean', 'Clean.', main), dice, step('sweat', 'Sweat.', main), step('serve', 'Serve.')));
    expect(work.map(({ after }) => after)).toEqual([[], [], ['dice'], ['clean', 'sweat']]);
  });

  it.each([
    ['Bake at 190 °C.', { celsius: 190, heats: 'oven' as const }, [{ kind: 'oven', celsius: 190 }]],
    ['Roast until brown.', {}, [{ kind: 'oven', celsius: 180 }]],
    ['Blend until smooth.', {}, [{ kind: 'equipment', of: 'blender' }]],
    ['Fry in two batches.', { equipment: 'fryer' }, [{ kind: 'equipment', of: 'fryer' }]],
    ['Simmer for 20 minutes.', {}, [{ kind: 'burner' }]],
    ['Slice the leeks.', {}, []],
    ['Trim the leeks and wash them well.', {}, [{ kind: 'equipment', of: 'sink' }]],
    ['Boil the barley in a pan; rinse.', { equipment: 'burner' }, [{ kind: 'burner' }]],
  ])('needs for "%s" what its words say', (text, part, needs) => {
    expect(workOf(dish(step('a', text, part)))[0]!.needs).toEqual(needs);
  });

  it('takes a guess where no minutes are said, and says that it is one', () => {
    expect(workOf(dish(step('a', 'Slice.', { minutes: null })))[0]).toMatchObject({ guessed: true, minutes: { practised: 5, novice: 8 } });
  });

  it('takes as long as practice allows: a novice where it is introduced, a practised hand where it is assessed', () => {
    const [work] = workOf(dish(step('a', 'Slice.', { techniqueIds: ['slice'], noviceMinutes: 20 })));
    const planned = (...purposes: [string, Purpose][]) => minutesFor(work!, { purposes: new Map(purposes) }).planned;
    expect(planned(['slice', 'introduce'])).toBe(20);
    expect(planned(['slice', 'assess'])).toBe(10);
    expect(planned(['slice', 'practise'])).toBe(15);
    expect(minutesFor(work!, { purposes: new Map() })).toEqual({ planned: 15, least: 10, most: 20 });
    // Three of four have practised it: a quarter of the way back to the novice, 10 + 10 / 4, rounded up.
    expect(minutesFor(work!, { purposes: new Map(), practised: new Map([['slice', 0.75]]) }).planned).toBe(13);
  });

  it.each([
    // Half the amount: what is said by the clock stays, and the rest of the minutes grows by a quarter or, piece by piece, by nine tenths.
    ['Render for 12 minutes, turn, 2 minutes, to a core of 56 °C.', 15, 14],
    ['Core the pears.', 10, 6],
    ['Stir over a low heat.', 8, 7],
    ['Sweat for 8 minutes.', 8, 8],
    // A person who gave it fewer minutes than its text says is believed.
    ['Sweat for 8 minutes.', 4, 4],
    ['Boil under the spoon in a bowl.', 8, 7],
  ])('takes for half of "%s" %d minutes, no fewer than the clock says', (text, minutes, planned) => {
    const [work] = workOf(dish(step('a', text, { minutes, noviceMinutes: minutes })));
    expect(minutesFor(work!, { purposes: new Map() }, 0.5).planned).toBe(planned);
  });
});

describe('a class in time', () => {
  it('comes to the pass one plate after the other, none waiting longer than it may, and hands free for the demonstration', () => {
    const { instance, meaning } = classProblem(toPlan());
    const plan = solvePlan(instance, { effort: 400_000 });
    expect(checkPlan(instance, plan).faults).toEqual([]);
    const tastings = instance.steps.filter(({ id }) => meaning.get(id)!.kind === 'tasting').map(({ id }) => plan.starts[id]!);
    expect(new Set(tastings).size).toBe(3);
    const [first, second, third] = [...tastings].sort((a, b) => a - b) as [number, number, number];
    expect(second - first).toBeGreaterThanOrEqual(USUAL_SEGMENTS.aPlate);
    // Backwards from the pass: the last plate is tasted right before slack and cleaning down.
    expect(third + USUAL_SEGMENTS.aPlate).toBe(180 - USUAL_SEGMENTS.cleanDown - USUAL_SEGMENTS.slack);
    expect(
      Math.min(...instance.steps.filter(({ id }) => meaning.get(id)!.kind === 'work').map(({ id }) => plan.starts[id]!)),
    ).toBeGreaterThanOrEqual(30);
  });

  it('goes out as CSV, a row a step in the order of time, with no formula in it', () => {
    const named = { ...TART, method: TART.method.map((each) => (each.id === 'rub' ? { ...each, text: '=1+1' } : each)) };
    const problem = classProblem(toPlan({ teams: teamsOfHands(1), dishes: [{ id: 'tart', content: named }] }));
    const nameOf = (id: string) => nameOfThing(id, problem, EMPTY_KITCHEN);
    const rows = planCsv(problem, solvePlan(problem.instance), (minute) => `m${minute}`, nameOf).split('\r\n');
    expect(rows[0]).toBe('from,to,minutes,team,kind,what,hands,takes');
    expect(rows).toHaveLength(1 + problem.instance.steps.length);
    expect(rows[1]).toBe('m0,m10,10,all,briefing,,,the hands of Team 1');
    expect(rows.find((row) => row.includes('1+1'))).toContain("'=1+1");
  });

  it('says what the kitchen has none of', () => {
    const hot = dish(step('a', 'Bake.', { celsius: 300, heats: 'oven' }), step('b', 'Deep-fry.', { equipment: 'fryer' }));
    expect(classProblem(toPlan({ dishes: [{ id: 'hot', content: hot }] })).lacking.map(({ stepId, need }) => [stepId, need])).toEqual([
      ['a', { kind: 'oven', celsius: 300 }],
      ['b', { kind: 'equipment', of: 'fryer' }],
    ]);
  });

  it('leaves out what is made ahead, and everything before it', () => {
    const { instance, ahead } = classProblem(toPlan({ teams: teamsOfHands(1), ahead: [{ dishId: 'tart', stepId: 'rest' }] }));
    expect(ahead.map(({ work }) => work.id)).toEqual(['rub', 'rest']);
    expect(instance.steps.map(({ name }) => name).filter((name) => name === 'Rest the pastry chilled.')).toEqual([]);
    expect(solvePlan(instance).status).toBe('optimal');
  });

  it('does not fit where a step is longer than the lesson, and names it', () => {
    const long = dish(step('braise', 'Braise.', { minutes: 300, hands: 'off' }));
    const { instance } = classProblem(toPlan({ teams: teamsOfHands(2), dishes: [{ id: 'long', content: long }] }));
    const plan = solvePlan(instance);
    expect([plan.status, plan.reason!.steps]).toEqual(['infeasible', ['team-1.long.braise']]);
  });

  it('does not fit where forty plates meet one assessor in two hours', () => {
    const { instance } = classProblem(
      toPlan({ teams: teamsOfHands(...Array.from({ length: 40 }, () => 1)), dishes: [{ id: 'd', content: dish(step('a', 'Slice.')) }] }),
    );
    expect(solvePlan(instance).status).toBe('infeasible');
  });

  it.each([
    ['nobody', { teams: [] }],
    ['no dish', { dishes: [] }],
    ['no method', { dishes: [{ id: 'd', content: dish() }] }],
  ])('is no more than briefing, demonstration and cleaning down with %s', (_, part) => {
    const { instance } = classProblem(toPlan(part));
    expect(instance.steps.map(({ id }) => id)).toEqual(['briefing', 'demonstration', 'clean-down']);
    expect(solvePlan(instance).status).toBe('optimal');
  });

  it('does not fit into no time at all', () => {
    expect(solvePlan(classProblem(toPlan({ minutes: 0 })).instance).status).toBe('infeasible');
  });
});
