import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  allBefore,
  assessedTooEarly,
  classCoverage,
  findRing,
  HAZARDS,
  hazardsIn,
  HAZARD_SPECS,
  lessonAdds,
  missedIn,
  neverCovered,
  nextTechniques,
  plainOf,
  practiceInForce,
  readInline,
  studentCoverage,
  unansweredHazards,
  writeInline,
  type CourseFacts,
  type TaughtLesson,
  words,
} from '../src';

describe('prerequisites', () => {
  it('name the ring they run in', () => {
    expect(findRing(new Map([['julienne', ['grip']]]))).toBeNull();
    expect(findRing(new Map([['grip', ['grip']]]))).toEqual(['grip', 'grip']);
    const ring = findRing(
      new Map([
        ['plate', ['dice']],
        ['dice', ['julienne']],
        ['julienne', ['grip', 'dice']],
        ['grip', []],
      ]),
    );
    expect(ring).toEqual(['dice', 'julienne', 'dice']);
  });

  it('are walked without a hang or a deep stack, thousands in a row', () => {
    const row = new Map(Array.from({ length: 20_000 }, (_, index) => [`t${index}`, index === 0 ? [] : [`t${index - 1}`]]));
    expect(findRing(row)).toBeNull();
    row.set('t0', ['t19999']);
    expect(findRing(row)).toHaveLength(20_001);
  });

  it('have no ring exactly when they can be put in an order', () => {
    const graphs = fc.array(fc.tuple(fc.nat(7), fc.nat(7)), { maxLength: 14 });
    fc.assert(
      fc.property(graphs, (edges) => {
        const map = new Map(
          Array.from({ length: 8 }, (_, node) => [String(node), edges.filter(([a]) => a === node).map(([, b]) => String(b))]),
        );
        const placed = new Set<string>();
        for (let pass = 0; pass < 8; pass += 1)
          for (const [node, needs] of map) if (needs.every((need) => placed.has(need))) placed.add(node);
        expect(findRing(map) === null).toBe(placed.size === 8);
      }),
    );
  });

  it('reach back to everything that comes before', () => {
    const map = new Map([
      ['c', ['b']],
      ['b', ['a']],
      ['a', []],
    ]);
    expect([...allBefore('c', map)].sort()).toEqual(['a', 'b']);
  });
});

describe('hazards', () => {
  it('are asked about where steps name them and no caution speaks of them', () => {
    const steps = ['Dry the sage and **deep-fry** it.', 'Lift the lid off the steaming pan.'];
    expect(unansweredHazards({ steps, cautions: [], answered: [] })).toEqual(['hot-fat', 'steam']);
    expect(unansweredHazards({ steps, cautions: ['Hot fat spits.', 'Steam scalds.'], answered: [] })).toEqual([]);
    expect(
      unansweredHazards({ steps, cautions: ['Steam scalds.'], answered: [{ hazard: 'hot-fat', because: 'shown, not done' }] }),
    ).toEqual([]);
    expect(unansweredHazards({ steps: ['Sear it'], cautions: [], answered: [{ hazard: 'hot-fat', because: ' ' }] })).toEqual(['hot-fat']);
  });

  it.each([
    ['Slicing the leeks thinly.', 'blade'],
    ['Chopped to crumbs.', 'blade'],
    ['Carving starts at the legs.', 'blade'],
    ['Joint the chicken at the thigh.', 'raw-meat'],
    ['Brown the sausages.', 'raw-meat'],
    ['Trim the pork of its skin.', 'raw-meat'],
    ['Fried until golden.', 'hot-fat'],
    ['Sautéing in two batches.', 'hot-fat'],
    ['Beat in the yolks.', 'raw-egg'],
    ['Whisk a mayonnaise.', 'raw-egg'],
    ['Shuck the oysters.', 'raw-fish'],
    ['Reheated to order.', 'reheating'],
    ['Seal it in a vacuum bag.', 'low-oxygen'],
    ['Flambéed at the table.', 'flame'],
    ['Blend while hot.', 'hot-blender'],
    ['Bake until set.', 'oven'],
    ['Tilt the pan to the flame and wait until it dies.', 'flame'],
    ['Set it alight away from the hood.', 'flame'],
    ['Burn off the alcohol.', 'flame'],
    ['Wait until the oil smokes.', 'hot-fat'],
    ['Baste with butter for a minute.', 'hot-fat'],
    ['Toss in foaming butter.', 'hot-fat'],
    ['Seal in a bag and cook in the water bath.', 'low-oxygen'],
    ['Cook sous vide at 56 °C.', 'low-oxygen'],
    ['Lay the legs under their fat.', 'low-oxygen'],
    ['Sear the trout and leave it rare.', 'raw-fish'],
    ['Take the fish out while it is still glassy in the middle.', 'raw-fish'],
    ['Slice for a tataki.', 'raw-fish'],
  ])('are heard in "%s"', (step, hazard) => expect(hazardsIn([step])).toContain(hazard));

  it.each(['Season with pepper and taste.', 'Whip the cream to soft peaks.', 'Lay the leaves on the plate.', 'Rest the dough, covered.'])(
    'are not heard in "%s"',
    (step) => expect(hazardsIn([step])).toEqual([]),
  );

  it('are heard in the whole card, not its steps alone', () => {
    const card = { steps: ['Slide it off.'], cautions: [], answered: [] };
    expect(unansweredHazards(card)).toEqual([]);
    expect(unansweredHazards({ ...card, tools: ['mandoline', 'fish slice', 'baking paper'] })).toEqual(['mandoline']);
    expect(unansweredHazards({ ...card, criticalPoints: [{ text: 'The oil must be **hot**.' }] })).toEqual(['hot-fat']);
    expect(unansweredHazards({ ...card, faults: [{ correction: 'Bake it longer.', rescue: 'Fry it as a cake.' }] })).toEqual([
      'hot-fat',
      'oven',
    ]);
    expect(unansweredHazards({ ...card, variants: [{ text: 'Steam it instead.' }] })).toEqual(['steam']);
  });

  it('are each answered by the caution we propose for them', () => {
    for (const key of HAZARDS) {
      const steps = [HAZARD_SPECS[key].named[0]!.join(' ')];
      expect(unansweredHazards({ steps, cautions: [], answered: [] })).toContain(key);
      expect(unansweredHazards({ steps, cautions: [HAZARD_SPECS[key].caution], answered: [] })).not.toContain(key);
    }
  });
});

describe('a rich line', () => {
  it('reads strong and emphasis, and nothing else of Markdown', () => {
    expect(readInline('Cut **away** from *you*')).toEqual([
      { text: 'Cut ', strong: false, emphasis: false },
      { text: 'away', strong: true, emphasis: false },
      { text: ' from ', strong: false, emphasis: false },
      { text: 'you', strong: false, emphasis: true },
    ]);
    expect(plainOf('1. not a list, # no heading, <b>no tag</b>, [no](link) \\* one star')).toBe(
      '1. not a list, # no heading, <b>no tag</b>, [no](link) * one star',
    );
  });

  it('is written and read back the same, whatever stands in it', () => {
    const word = fc.stringMatching(/^[A-Za-z0-9*_\\&#.:<>[\]()|~`'"°½é +-]{1,12}$/).filter((text) => text.trim() !== '');
    const run = fc.record({ text: word, strong: fc.boolean(), emphasis: fc.boolean() });
    fc.assert(
      fc.property(fc.array(run, { minLength: 1, maxLength: 6 }), (runs) => {
        const once = writeInline(runs);
        expect(plainOf(once)).toBe(
          runs
            .map(({ text }) => text)
            .join('')
            .replace(/\s+/g, ' ')
            .trim(),
        );
        expect(writeInline(readInline(once))).toBe(once);
      }),
      { numRuns: 500 },
    );
  });
});

const lesson = (date: string, techniques: TaughtLesson['techniques'], more: Partial<TaughtLesson> = {}): TaughtLesson => ({
  id: date,
  title: `Lesson of ${date}`,
  date,
  techniques,
  inPassing: [],
  absent: [],
  ...more,
});

const course = (lessons: readonly TaughtLesson[]): CourseFacts => ({
  students: ['ann', 'bo', 'cy'].map((id) => ({ id, name: id })),
  techniques: ['grip', 'julienne', 'dice', 'sweat'].map((id) => ({ id, name: id })),
  prerequisites: new Map([
    ['julienne', ['grip']],
    ['dice', ['julienne']],
  ]),
  lessons,
});

describe('coverage', () => {
  const lessons = [
    lesson('2026-09-01', [{ id: 'grip', purpose: 'introduce' }]),
    lesson('2026-09-08', [{ id: 'julienne', purpose: 'introduce' }], { absent: ['cy'], inPassing: ['grip'] }),
    lesson('2026-09-15', [{ id: 'julienne', purpose: 'assess' }]),
  ];

  it('counts only lessons that were held by the date and attended', () => {
    expect(studentCoverage('ann', lessons, '2026-09-10').get('julienne')).toEqual({ stage: 'met', practised: 0, last: '2026-09-08' });
    expect(studentCoverage('cy', lessons, '2026-09-10').get('julienne')).toBeUndefined();
    expect(studentCoverage('ann', lessons, '2026-09-10').get('grip')).toEqual({ stage: 'practised', practised: 1, last: '2026-09-08' });
    const grip = classCoverage(course(lessons), '2026-09-10').get('julienne')!;
    expect([grip.stage, grip.unmet, grip.counts.met]).toEqual(['met', ['cy'], 2]);
  });

  it('shows at once when attendance or a date changes', () => {
    const attended = lessons.map((each) => ({ ...each, absent: [] }));
    expect(classCoverage(course(attended), '2026-09-10').get('julienne')!.unmet).toEqual([]);
    expect(classCoverage(course(lessons), '2026-09-07').get('julienne')!.unmet).toEqual(['ann', 'bo', 'cy']);
  });

  it('finds what is assessed before it was practised, and by whom', () => {
    expect(assessedTooEarly(course(lessons)).map(({ techniqueId, students }) => [techniqueId, students])).toEqual([
      ['julienne', ['ann', 'bo', 'cy']],
    ]);
    const practised = [
      ...lessons.slice(0, 2),
      lesson('2026-09-12', [{ id: 'julienne', purpose: 'practise' }], { absent: ['bo'] }),
      lessons[2]!,
    ];
    expect(assessedTooEarly(course(practised)).map(({ students }) => students)).toEqual([['bo']]);
  });

  it('says what a planned lesson would add, and why someone lags behind', () => {
    const adds = lessonAdds(course(lessons), '2026-09-15', '2026-09-10');
    expect(adds.get('julienne')).toMatchObject({ purpose: 'assess', further: ['ann', 'bo', 'cy'] });
    expect(adds.get('julienne')!.after.counts).toEqual({ unmet: 0, met: 0, practised: 0, assessed: 3 });
    const again = lessonAdds(course(lessons), '2026-09-08', '2026-09-10');
    expect([again.get('julienne')!.further, again.get('grip')]).toEqual([['ann', 'bo'], expect.objectContaining({ purpose: null })]);
    expect(lessonAdds(course(lessons), 'no such lesson', '2026-09-10').size).toBe(0);
    expect(missedIn('cy', 'julienne', lessons, '2026-09-10').map(({ id }) => id)).toEqual(['2026-09-08']);
    expect(missedIn('cy', 'julienne', lessons, '2026-09-07')).toEqual([]);
  });

  it('finds what no lesson covers', () => {
    expect(neverCovered(course(lessons))).toEqual(['dice', 'sweat']);
  });

  it('proposes what most are ready for, and leaves out what is planned', () => {
    const next = nextTechniques(course(lessons.slice(0, 2)), '2026-09-10', new Map([['sweat', 2]]));
    const by = new Map(next.map((each) => [each.techniqueId, each]));
    expect(by.get('julienne')).toMatchObject({ purpose: 'practise', ready: 2 });
    expect(by.get('dice')).toMatchObject({ purpose: 'introduce', ready: 2 });
    expect(words(by.get('dice')!.because[0]!)).toContain('julienne');
    expect(by.get('sweat')!.because).toContainEqual({ code: 'dishes-carry', count: 2 });
    expect(nextTechniques(course(lessons), '2026-09-10').some(({ techniqueId }) => techniqueId === 'julienne')).toBe(false);
    expect(nextTechniques({ ...course(lessons), students: [] }, '2026-09-10')).toEqual([]);
  });
});

describe('a matter with several practices', () => {
  it('goes by the lesson, then by the school, and says when nobody has chosen', () => {
    expect(practiceInForce('turning', { turning: 'once' }, { turning: 'often' })).toEqual({ practice: 'often', by: 'lesson' });
    expect(practiceInForce('turning', { turning: 'once' })).toEqual({ practice: 'once', by: 'school' });
    expect(practiceInForce('turning', {})).toBeNull();
  });
});
