import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import {
  AS_IT_READS,
  cameraClashes,
  computeOrder,
  demonstrationChoices,
  EMPTY_CARD,
  EMPTY_COMPONENT,
  EMPTY_DEMONSTRATION,
  EMPTY_DISH,
  EMPTY_STEP,
  lineAsUsed,
  linesOf,
  inTheWay,
  optionFor,
  readyList,
  reallyUsed,
  runningOrder,
  showMeasure,
  showSteps,
  traysOf,
  usedUp,
  words,
  type DemonstrationOption,
  type DishContent,
  type MethodStep,
} from '../src';
import { ALONE, dishFrom } from './helpers';

const step = (id: string, text: string, part: Partial<MethodStep> = {}): MethodStep => ({ ...EMPTY_STEP, id, text, minutes: 10, ...part });
const dishOf = (...method: MethodStep[]): DishContent => ({
  ...EMPTY_DISH,
  title: 'Plum tart',
  components: [
    { ...EMPTY_COMPONENT, id: 'dough', name: 'Dough', keeps: [{ store: 'chilled', hours: 48 }] },
    { ...EMPTY_COMPONENT, id: 'filling', name: 'Filling' },
  ],
  method,
});

/** Dough 8, rests 30; rolled 6 and blind 20; filling 5; baked 40; cooled 30; cut 3. Rolling, filling and cutting decide. */
const TART = dishOf(
  step('dough', 'Rub the butter into the flour.', { componentId: 'dough', minutes: 8, toNext: { least: 30, most: null } }),
  step('roll', 'Roll out and line the tin.', { componentId: 'dough', minutes: 6, critical: 'Even, or it bakes unevenly.' }),
  step('blind', 'Bake blind.', { componentId: 'dough', minutes: 20, hands: 'off' }),
  step('fill', 'Stir the filling.', { componentId: 'filling', minutes: 5, critical: 'No air in it.' }),
  step('bake', 'Bake until set.', { minutes: 40, hands: 'off' }),
  step('cool', 'Leave to cool.', { minutes: 30, hands: 'off' }),
  step('cut', 'Cut and plate.', { minutes: 3, critical: 'A hot knife.' }),
);

const best = (content: DishContent, slot: number, wanted = {}): readonly DemonstrationOption[] => {
  const found = demonstrationChoices(showSteps(content, { wanted, took: {} }), slot);
  if (found.kind !== 'options') throw new Error(JSON.stringify(found.because));
  return found.options;
};
const ready = (content: DishContent, { standIns }: DemonstrationOption) => {
  const steps = showSteps(content, { wanted: {}, took: {} });
  return standIns.after.map((at) => steps[at]!.work.id);
};

describe('what is shown in a demonstration', () => {
  it('jumps over waiting with the fewest things ready: rested dough, and a tart that is baked and cold', () => {
    const [first] = best(TART, 20);
    // Shown: 6 + 1, 5 + 1, 3 + 1 with talk is 17; setting the blind baking off adds one. The dough is made twice ahead.
    expect(first!.choice.shown).toEqual(expect.arrayContaining(['roll', 'fill', 'cut']));
    expect(ready(TART, first!)).toEqual(['dough', 'cool']);
    expect(first!.showing.minutes).toBeLessThanOrEqual(20);
    // Ahead: dough 8; and the baked one 8 + 6 + 5.
    expect(first!.standIns.minutes).toBe(27);
    expect([...first!.standIns.copyOf.values()]).toEqual([1, 2]);
    // The dough is begun from what stands ready, so one making stands for each copy; filling is stirred once ahead and once before them.
    expect([...first!.standIns.further]).toEqual([
      ['dough', 1],
      ['filling', 1],
    ]);
  });

  it('shows everything where the slot holds it, with nothing ready', () => {
    const quick = dishOf(step('a', 'Whisk.', { minutes: 4 }), step('b', 'Fold.', { minutes: 3, critical: 'Gently.' }));
    const [first] = best(quick, 20);
    expect([first!.choice.shown, first!.standIns.after, first!.unseen, first!.showing.minutes]).toEqual([['a', 'b'], [], 0, 8]);
  });

  it('uses the waiting of one thing for another', () => {
    const both = dishOf(
      step('jelly', 'Set the jelly off.', { componentId: 'dough', minutes: 12, hands: 'off' }),
      step('cream', 'Whip the cream.', { componentId: 'filling', minutes: 8 }),
      step('plate', 'Plate both.', { minutes: 2 }),
    );
    // 1 to set it off; the cream in the 11 minutes that it takes; plated at 12: 14 in all.
    const all = optionFor(showSteps(both, { wanted: {}, took: {} }), { shown: ['jelly', 'cream', 'plate'], jumps: [] })!;
    expect([all.showing.minutes, all.showing.shown.map(({ at }) => at)]).toEqual([14, [0, 1, 12]]);
  });

  it('begins later what may not wait, so that both are done together', () => {
    const both = dishOf(
      step('sugar', 'Boil the sugar.', { componentId: 'dough', minutes: 11, hands: 'off' }),
      step('froth', 'Froth the milk.', { componentId: 'filling', minutes: 2, toNext: { least: null, most: 1 } }),
      step('join', 'Pour together.', { minutes: 1 }),
    );
    // Sugar 0 to 11; frothed from 9 to 11, not before; joined at 11.
    const all = optionFor(showSteps(both, { wanted: {}, took: {} }), { shown: ['sugar', 'froth', 'join'], jumps: [] })!;
    expect(all.showing.shown.map(({ at }) => at)).toEqual([0, 8, 11].map((at, place) => (place === 1 ? 9 : at)));
    expect(all.showing.minutes).toBe(12);
  });

  it('offers what shows more where it costs more things, and nothing that another beats in everything', () => {
    const options = best(TART, 30);
    const rows = options.map(({ standIns, unseen }) => [standIns.after.length, standIns.minutes, unseen]);
    for (const [at, mine] of rows.entries())
      for (const [other, theirs] of rows.entries())
        if (at !== other) expect(theirs.every((value, place) => value <= mine[place]!)).toBe(false);
    expect(rows).toEqual([...rows].sort((a, b) => a[0]! - b[0]! || a[1]! - b[1]! || a[2]! - b[2]!));
  });

  it('says what a slot needs that is shorter than its decisive steps', () => {
    const found = demonstrationChoices(showSteps(TART, { wanted: {}, took: {} }), 15);
    // 7 + 6 + 4 with talk.
    expect(found).toEqual({ kind: 'none', because: { kind: 'too-short', decisive: 17, needs: 17 } });
  });

  it('names what would have to stand ready and cannot, because it must be used at once', () => {
    const foam = dishOf(
      step('boil', 'Boil the pears.', { minutes: 40, hands: 'off' }),
      step('froth', 'Froth the juice.', { minutes: 30, toNext: { least: null, most: 2 } }),
      step('pour', 'Pour.', { minutes: 2, critical: 'At once.' }),
    );
    const found = demonstrationChoices(showSteps(foam, { wanted: {}, took: {} }), 20);
    expect(found).toMatchObject({ kind: 'none', because: { kind: 'cannot-stand', steps: ['froth'], needs: 33 } });
    // A dish that forbids it says the same.
    const forbidden = dishOf(
      step('froth', 'Froth the juice.', {
        minutes: 30,
        work: { ...AS_IT_READS, ahead: { may: false, hours: 0, store: 'chilled', by: 'team' } },
      }),
      step('pour', 'Pour.', { minutes: 2, critical: 'At once.' }),
    );
    expect(demonstrationChoices(showSteps(forbidden, { wanted: {}, took: {} }), 20)).toMatchObject({ because: { kind: 'cannot-stand' } });
  });

  it('follows what a person wants of a step, and what it really took', () => {
    const [first] = best(TART, 40, { dough: 'shown', fill: 'ready' });
    expect(first!.choice.shown).toContain('dough');
    expect(first!.choice.shown).not.toContain('fill');
    const steps = showSteps(TART, { wanted: {}, took: { roll: 13 } });
    expect(steps.find(({ work }) => work.id === 'roll')!.active).toBe(13);
    expect(demonstrationChoices(steps, 20)).toMatchObject({ kind: 'none', because: { kind: 'too-short', decisive: 23 } });
  });

  it('names the time that is in the way, where what steps really took leaves no order for what was chosen', () => {
    // Poached, then the sauce by the same hands, then the plate: it waits 5 minutes for it at most, and the sauce takes 4. It took 7.
    const fish = dishOf(
      step('poach', 'Poach.', { componentId: 'filling', minutes: 8, toNext: { least: null, most: 5 }, critical: 'At 56.' }),
      step('sauce', 'Mount the sauce.', { componentId: 'dough', minutes: 4, critical: 'Off the heat.', toNext: { least: null, most: 6 } }),
      step('plate', 'Plate.', { minutes: 3, critical: 'Warm plates.' }),
    );
    const shown = (took: Readonly<Record<string, number>>) => showSteps(fish, { wanted: {}, took });
    const { choice } = best(fish, 35)[0]!;
    const named = (took: Readonly<Record<string, number>>) => inTheWay(shown(took), choice).map(({ work }) => work.id);
    expect([optionFor(shown({}), choice) === null, named({})]).toEqual([false, []]);
    // Either may come last: the other stands as long as the last one takes.
    expect([optionFor(shown({ poach: 9, sauce: 7 }), choice) === null, named({ poach: 9, sauce: 7 })]).toEqual([true, ['poach', 'sauce']]);
    expect(named({ poach: 6, sauce: 9 })).toEqual([]);
  });

  it('is never longer than its slot, always shows what decides, and has ready whatever is gone on from', () => {
    const part = fc.record({
      minutes: fc.integer({ min: 1, max: 30 }),
      off: fc.boolean(),
      decides: fc.boolean(),
      most: fc.option(fc.integer({ min: 0, max: 12 }), { nil: null }),
      component: fc.constantFrom('dough', 'filling', null),
    });
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 8 }), fc.integer({ min: 5, max: 60 }), (parts, slot) => {
        const content = dishOf(
          ...parts.map(({ minutes, off, decides, most, component }, at) =>
            step(`s${at}`, 'Stir.', {
              minutes,
              hands: off ? 'off' : 'on',
              critical: decides ? 'It decides.' : '',
              toNext: { least: null, most },
              componentId: component,
            }),
          ),
        );
        const steps = showSteps(content, { wanted: {}, took: {} });
        const found = demonstrationChoices(steps, slot);
        if (found.kind === 'none') {
          if (found.because.kind === 'too-short') expect(found.because.decisive).toBeGreaterThan(slot);
          return;
        }
        for (const { showing, given, standIns } of found.options) {
          expect(showing.minutes).toBeLessThanOrEqual(slot);
          steps.forEach(({ decisive }, at) => expect(decisive && given[at] === 'ready').toBe(false));
          const begins = new Map(showing.shown.map(({ step: at, at: minute }) => [at, minute]));
          let free = 0;
          for (const { step: at, at: minute } of showing.shown) {
            expect(minute).toBeGreaterThanOrEqual(free);
            free = minute + steps[at]!.active;
            for (const before of steps[at]!.after) {
              if (given[before] !== 'live') {
                expect(standIns.after).toContain(before);
                expect(steps[before]!.cannotStand).toBeNull();
              } else {
                const done = begins.get(before)! + steps[before]!.active + steps[before]!.waits;
                expect(minute).toBeGreaterThanOrEqual(done);
                if (steps[before]!.most !== null) expect(minute).toBeLessThanOrEqual(done + steps[before]!.most);
              }
            }
          }
        }
      }),
      { numRuns: 300 },
    );
  });

  it('never has more things ready than trying every way finds', () => {
    const part = fc.record({
      minutes: fc.integer({ min: 1, max: 20 }),
      off: fc.boolean(),
      decides: fc.boolean(),
      component: fc.constantFrom('dough', 'filling', null),
    });
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 5 }), fc.integer({ min: 4, max: 40 }), (parts, slot) => {
        const content = dishOf(
          ...parts.map(({ minutes, off, decides, component }, at) =>
            step(`s${at}`, 'Stir.', { minutes, hands: off ? 'off' : 'on', critical: decides ? 'Yes.' : '', componentId: component }),
          ),
        );
        const steps = showSteps(content, { wanted: {}, took: {} });
        const every = everyWay(steps, slot);
        const found = demonstrationChoices(steps, slot);
        const least = Math.min(...every.map(({ standIns }) => standIns.after.length));
        if (found.kind === 'none') expect(every).toEqual([]);
        else expect(found.options[0]!.standIns.after.length).toBe(least);
      }),
      { numRuns: 200 },
    );
  });
});

/** All ways of giving a handful of steps that fit, one by one. */
function everyWay(steps: ReturnType<typeof showSteps>, slot: number): DemonstrationOption[] {
  const ways = steps.reduce<{ shown: string[]; jumps: string[] }[]>(
    (all, { work, ways: may }) =>
      all.flatMap(({ shown, jumps }) =>
        may.map((way) => ({
          shown: way === 'ready' ? shown : [...shown, work.id],
          jumps: way === 'jump' ? [...jumps, work.id] : jumps,
        })),
      ),
    [{ shown: [], jumps: [] }],
  );
  return ways.flatMap((way) => {
    const option = optionFor(steps, way);
    const stands = option?.standIns.after.every((at) => steps[at]!.cannotStand === null);
    return option && stands && option.showing.minutes <= slot ? [option] : [];
  });
}

describe('what must stand ready', () => {
  const steps = showSteps(TART, { wanted: {}, took: {} });
  const [option] = best(TART, 20);

  it('is named with its state, its copy, by whom, until when it keeps and when it is wanted', () => {
    const list = readyList(TART, steps, option!, { begins: 10, ready: { dough: { by: 'instructor', where: 'top shelf' } } });
    expect(list.map(({ stepId, copy, copies }) => [stepId, copy, copies])).toEqual([
      ['dough', 1, 2],
      ['cool', 2, 2],
    ]);
    expect(list[0]).toMatchObject({ by: 'instructor', where: 'top shelf', store: 'chilled', keeps: 2880, minutes: 8, duringLesson: false });
    // Rested dough is taken up when it is rolled, the tart when it is cut.
    expect(list[1]!.wantedAt).toBeGreaterThan(list[0]!.wantedAt);
    expect(list[1]!.minutes).toBe(19);
  });

  it('says what keeps so short that it has to be made while the lesson runs', () => {
    const soft = dishOf(
      step('whip', 'Whip the whites.', { minutes: 30, toNext: { least: null, most: 15 } }),
      step('fold', 'Fold in.', { minutes: 4, critical: 'Lightly.' }),
    );
    const [only] = best(soft, 10);
    const [whites] = readyList(soft, showSteps(soft, { wanted: {}, took: {} }), only!, { begins: 40, ready: {} });
    expect(whites).toMatchObject({ stepId: 'whip', keeps: 15, wantedAt: 40, notBefore: 25, duringLesson: true });
  });

  it('is bought: components made again for what stands ready, on a tray of their own', () => {
    const bread = dishFrom('Flatbread\n\nServes 4\n\n400 g flour\n10 g salt\n\nKnead for 10 minutes.');
    const plan = { ...ALONE, students: 1, portionsATeam: 4, demonstrationPortions: 4 };
    const [component] = bread.components;
    const input = { plan, dishes: [{ editionId: 'e', content: bread, standIns: new Map([[component!.id, 2]]) }], preparations: new Map() };
    const flour = computeOrder(input).lines.find(({ item }) => item === 'flour')!;
    // The team's, the shown one, and two that stand ready: 4 × 400 g.
    expect(showMeasure(flour.figure.value)).toBe('1.6 kg');
    expect(traysOf(input).map(({ by, count }) => [by, count])).toEqual([
      ['team', 1],
      ['demonstration', 1],
      ['demonstration', 2],
    ]);
    const tray = traysOf(input)[2]!;
    expect(words(tray.called)).toContain('2 that stand ready');
  });

  it('has its pieces on its own tray, and not on that of what is shown', () => {
    const relish = dishFrom('Relish\n\nServes 4\n\n1 red onion\n2 bay leaves\n100 g sugar\n\nStew for 40 minutes.');
    const plan = { ...ALONE, students: 0, demonstrationPortions: 4 };
    const [component] = relish.components;
    const dishes = [{ editionId: 'e', content: relish, standIns: new Map([[component!.id, 2]]) }];
    const trays = traysOf({ plan, dishes, preparations: new Map() });
    // One making shown and two that stand ready, each an onion, two leaves and 100 g.
    expect(trays.map(({ count, items }) => [count, ...items.map(({ item, figure }) => `${item} ${showMeasure(figure.value)}`)])).toEqual([
      [1, 'red onion 1', 'bay leaves 2', 'sugar 100 g'],
      [2, 'red onion 1', 'bay leaves 2', 'sugar 100 g'],
    ]);
  });
});

describe('the running order', () => {
  const CARD = {
    ...EMPTY_CARD,
    name: 'Roll out',
    criticalPoints: [{ text: 'Turn it **each** time.' }],
    cues: [
      { sense: 'feel' as const, text: 'cool and smooth' },
      { sense: 'measure' as const, text: '3 mm' },
    ],
    looksWrong: [{ see: 'cracked at the edge', because: 'The edge is trimmed.' }],
    faults: [{ key: 'f', see: 'shrinks', cause: 'stretched', correction: '', rescue: '' }],
    cautions: ['Rings off.'],
  };
  const content = { ...TART, method: TART.method.map((each) => (each.id === 'roll' ? { ...each, techniqueIds: ['t'] } : each)) };
  const [option] = best(content, 20);
  const rows = runningOrder(content, showSteps(content, { wanted: {}, took: {} }), option!, {
    cards: new Map([['t', CARD]]),
    words: { roll: { say: 'Look at my hands.', ask: '', pass: 'a raw edge', place: 'at the marble' } },
    heard: [{ stepId: 'roll', asked: 'Why chilled?', answer: 'The butter stays firm.' }],
  });

  it('has what is said, asked and passed round at each step, and the caution before it', () => {
    const roll = rows.find(({ stepId }) => stepId === 'roll')!;
    expect(roll.takesUp).toEqual(['dough']);
    expect(roll.say).toEqual(['Look at my hands.', 'Even, or it bakes unevenly.', 'Turn it each time.']);
    expect(roll.ask.map(({ asked, answer, heard }) => [words(asked), answer, heard])).toEqual([
      ['Why chilled?', 'The butter stays firm.', true],
      ['“cracked at the edge”: has it gone wrong?', 'The edge is trimmed.', false],
      ['What makes it so: “shrinks”?', 'stretched', false],
    ]);
    expect(roll.pass.map(({ text }) => text)).toEqual(['a raw edge', 'cool and smooth']);
    expect([roll.cautions, words(roll.place)]).toEqual([['Rings off.'], 'at the marble']);
  });

  it('says the usual caution of a hazard that neither dish nor card speaks of', () => {
    const fried = dishOf(step('fry', 'Fry the fritters in hot oil.', { minutes: 5 }));
    const [row] = runningOrder(fried, showSteps(fried, { wanted: {}, took: {} }), best(fried, 20)[0]!, { cards: new Map() });
    expect(row!.cautions.join()).toContain('away from you');
    expect(words(row!.place)).toContain('stove');
  });

  it('goes on where the last step ends, and says how long hands are free', () => {
    rows.slice(1).forEach((row, at) => expect(row.from - row.freeBefore).toBe(rows[at]!.until));
  });
});

describe('two demonstrations', () => {
  it('that want one camera at once are told, however it is written, with when it is free', () => {
    const at = (dishId: string, begins: number, camera: string) => ({ dishId, begins, minutes: 20, camera });
    expect(
      cameraClashes([at('b', 25, 'Bench camera'), at('a', 10, ' bench camera'), at('c', 10, ''), at('d', 45, 'bench camera')]),
    ).toEqual([{ camera: 'bench camera', first: 'a', second: 'b', free: 30 }]);
  });
});

describe('what is weighed back', () => {
  it('gives what was really used, additions counted, and refuses more than there was', () => {
    expect(usedUp({ before: '850', added: ['120'], after: '310' })).toMatchObject({});
    const used = usedUp({ before: '850', added: ['120'], after: '310' });
    expect('field' in used ? null : used.valueOf()).toBe(660);
    expect(usedUp({ before: '100', added: [], after: '101' })).toMatchObject({ field: 'after' });
  });

  it('gives a range over repeats and proposes a line of its own, beside the one that stands', () => {
    const bread = dishFrom('Flatbread\n\nServes 4\n\n400 g flour\n250 ml water');
    const [flour, water] = linesOf(bread);
    const weighing = (lineId: string, before: string, after: string) => ({ id: before, lineId, before, added: [], after });
    const found = reallyUsed(
      [flour!, water!],
      [weighing(flour!.id, '900', '470'), weighing(flour!.id, '900', '480'), weighing(water!.id, '300', '40')],
    );
    expect(
      found.map(({ times, least, most, mean, says }) => [times, ...[least, most, mean, says].map((grams) => grams?.valueOf())]),
    ).toEqual([
      [2, 420, 430, 425, 400],
      [1, 260, 260, 260, 250],
    ]);
    const proposed = lineAsUsed(flour!, found[0]!, 'weighed back');
    expect([proposed.amount!.min, proposed.amount!.unit, proposed.note]).toEqual(['425', 'g', 'weighed back 2 ×, 420 to 430 g']);
    expect(flour!.amount!.min).toBe('400');
  });
});

describe('a demonstration of which nothing is decided', () => {
  it('has a usual slot and no choice', () => expect([EMPTY_DEMONSTRATION.slot, EMPTY_DEMONSTRATION.choice]).toEqual([35, null]));
});
