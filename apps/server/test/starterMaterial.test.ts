import { describe, expect, it } from 'vitest';
import {
  askedHere,
  checkRubric,
  holdsHere,
  LADDER_KEYS,
  MATTER_SPECS,
  MATTERS,
  plainOf,
  unansweredHazards,
  type MatterKey,
  type MayHoldUnder,
  type PortableTechnique,
} from '@pelvo/core';
import { portableTechniqueSchema, rubricContentSchema } from '@pelvo/contract';
import { starterTechniques } from '../src/starter/cards';
import { starterRubrics } from '../src/starter/starterRubrics';

const CARDS = starterTechniques();
const named = (name: string) => CARDS.find((card) => card.name === name)!;

/** What can cost a student a level, with what is said of it. */
const asked = (card: PortableTechnique): readonly (MayHoldUnder & { readonly says: string })[] => [
  ...card.criticalPoints.map(({ text, ...point }) => ({ ...point, says: plainOf(text) })),
  ...card.faults.map((fault) => ({ ...fault, says: `${fault.see}; ${fault.cause}` })),
  ...Object.values(card.aims).map((says) => ({ says })),
  ...card.descriptors.map((descriptor) => ({ ...descriptor, says: descriptor.levels.slice(0, 2).join('; ') })),
];

/** Words by which a card would hold it against a student that they followed a practice on offer. */
const AGAINST: Readonly<Partial<Record<MatterKey, Readonly<Record<string, RegExp>>>>> = {
  'plate-regularity': { ordered: /spread evenly|even spacing|lies? flat|\bflat,/i, free: /spacing uneven|uneven spacing/i },
  'plate-place': { centred: /in the middle of the plate|centred/i, 'off-centre': /off cent(re|er)/i },
  'plate-count': { any: /even number/i, odd: /odd number/i },
  'bulb-cuts': { layers: /level cuts? (were )?(left out|missing)|^the level cuts go/i },
  'leaf-salt': { leaves: /salt (dissolve[sd]|in the dressing)/i, dressing: /salt (on )?the leaves/i },
  mushrooms: { first: /salt(ed)? (mushrooms )?(at the end|last)|salted (too )?early/i, last: /salted (too )?late/i },
  curing: { buried: /percent of|by percent/i, percent: /buried|covered all over/i },
  'sharpening-stroke': { equal: /burr/i, burr: /count(ed)? strokes|same number/i },
  'tender-leaves': { tear: /\btorn leaves|uncut/i, shred: /cut leaves/i },
  'leaves-dressed': { wilted: /wilted|at the last minute/i, crisp: /not warm/i },
  spoons: { one: /only one spoon/i },
  turning: { often: /turned (too )?often/i, once: /turned only once/i },
  'roots-start': { simmering: /hot start|started hot/i, cold: /cold start|started cold/i },
  'fat-and-pan': { 'oil-first': /oil(ed)? before/i, 'dry-pan': /dry pan/i, 'oil-on-food': /food (was )?oiled/i },
  'puree-fat': { thread: /in a thread/i, cold: /cold butter/i },
  'waiting-vegetables': { 'kept-hot': /kept hot/i, iced: /chilled on ice/i },
};

describe('the starter cards', () => {
  it('are eighty-nine, each one that a school could import', () => {
    expect(CARDS).toHaveLength(89);
    for (const card of CARDS) expect(portableTechniqueSchema.validate(card).error?.message, card.name).toBeUndefined();
    const names = new Set(CARDS.map(({ name }) => name));
    expect(CARDS.flatMap(({ prerequisites }) => prerequisites).filter((name) => !names.has(name))).toEqual([]);
  });

  it.each(CARDS.map((card) => [card.name, card] as const))('%s has all that it is taught from', (_, card) => {
    expect(card.faults.length, 'faults').toBeGreaterThanOrEqual(3);
    expect(card.faults.filter(({ cause, correction }) => !cause || !correction)).toEqual([]);
    expect(new Set(card.cues.map(({ sense }) => sense)).size, 'senses').toBeGreaterThanOrEqual(3);
    for (const part of [
      'steps',
      'criticalPoints',
      'looksWrong',
      'cautions',
      'passedRound',
      'questions',
      'descriptors',
      'tools',
      'words',
    ] as const)
      expect(card[part].length, part).toBeGreaterThan(0);
    expect([card.minutes.novice, card.minutes.practised]).not.toContain(null);
    expect(unansweredHazards(card)).toEqual([]);
    expect(
      card.faults.filter(({ rescue }) => /^(the )?same/i.test(rescue)),
      'a rescue says what to do',
    ).toEqual([]);
  });

  it('show every ladder of stages where it is watched', () => {
    for (const ladder of LADDER_KEYS) expect(CARDS.filter(({ ladders }) => ladders.includes(ladder)).length, ladder).toBeGreaterThan(0);
  });

  it('marks nobody down for following a practice on offer', () => {
    const wrong = CARDS.flatMap((card) =>
      card.matters.flatMap((matter) =>
        Object.entries(AGAINST[matter] ?? {}).flatMap(([practice, words]) =>
          asked(card)
            .filter((each) => words.test(each.says) && holdsHere(each, { [matter]: practice }))
            .map((each) => `${card.name}, ${matter} ${practice}: ${each.says}`),
        ),
      ),
    );
    expect(wrong).toEqual([]);
  });

  it('says of a matter only what the card names, and leaves something to judge by under every practice', () => {
    for (const card of CARDS) {
      for (const { under } of asked(card)) if (under) expect(card.matters, card.name).toContain(under.matter);
      for (const matter of card.matters)
        for (const { key } of MATTER_SPECS[matter].practices) {
          const here = <T extends MayHoldUnder>(parts: readonly T[]) => parts.filter((part) => holdsHere(part, { [matter]: key })).length;
          expect([here(card.faults) > 0, here(card.descriptors) > 0], `${card.name}, ${matter} ${key}`).toEqual([true, true]);
        }
    }
    const used = new Set(CARDS.flatMap(({ matters }) => matters));
    expect(MATTERS.filter((matter) => !used.has(matter))).toEqual([]);
  });

  it('keeps what cooks found wrong put right', () => {
    const says = (name: string) => JSON.stringify(named(name));
    expect(named('Puree a vegetable').looksWrong[0]!.see).toBe('Hot, it looks a shade too loose');
    expect(named('Sauté').cues.find(({ sense }) => sense === 'hear')!.text).toContain('silence or bubbling means it boils');
    expect(named('Emulsify a dressing').faults.map(({ key }) => key)).toContain('thins-before-it-breaks');
    expect(named('Cook a custard').prerequisites).toEqual(['Judge doneness']);
    expect(named('Poach').prerequisites).toContain('Judge doneness');
    expect(says('Judge doneness')).not.toMatch(/juices? from red to clear/);
    expect(says('Citrus segments')).not.toMatch(/over a bowl, cut/);
    expect(says('Hone and sharpen')).not.toMatch(/Hones before/);
    expect(says('Keep an edge on the rod')).toMatch(/fingers behind the guard/i);
    expect(says('Fillet a round fish')).toMatch(/histamine/);
    expect(says('Simmer and skim a stock')).toMatch(/green or sprouting/);
    expect(says('Brine and quick pickle')).toMatch(/pH reading/);
    expect(says('Whip and fold')).toMatch(/Raw whites folded in stay raw/);
  });
});

describe('the starter rubrics', () => {
  const rubrics = starterRubrics(CARDS);

  it('are complete, and can be published as they are', () => {
    expect(rubrics.map(({ name }) => name)).toEqual([
      'Practical dish',
      'Knife practical',
      'Hot dish',
      'Cold dish and pastry',
      'Plating',
      'Process',
    ]);
    for (const rubric of rubrics) {
      expect(checkRubric(rubric), rubric.name).toEqual([]);
      expect(rubricContentSchema.validate(rubric).error?.message, rubric.name).toBeUndefined();
    }
  });

  it('have the commonest remarks to touch', () => {
    const keys = (name: string) =>
      rubrics.find((rubric) => rubric.name === name)!.criteria.flatMap(({ faults }) => faults.map(({ key }) => key));
    for (const name of ['Practical dish', 'Hot dish'])
      expect(keys(name)).toEqual(
        expect.arrayContaining(['under-seasoned', 'over-seasoned', 'acid-missing', 'cold-plate', 'waited', 'past-core', 'cold-core']),
      );
    expect(keys('Hot dish')).toEqual(expect.arrayContaining(['stewed-sear', 'burnt-crust']));
  });

  it('do not offer at the pass what another practice is in force for', () => {
    const rubric = {
      ...rubrics[0]!,
      criteria: rubrics[0]!.criteria.map((criterion) =>
        criterion.key === 'build'
          ? {
              ...criterion,
              faults: named('Plan and build the plate').faults.map((fault) => ({ ...fault, technique: 'Plan and build the plate' })),
            }
          : criterion,
      ),
    };
    const offered = (school: object, lesson = {}) =>
      askedHere(rubric, school, lesson)
        .criteria.find(({ key }) => key === 'build')!
        .faults.map(({ key }) => key);
    expect(offered({})).toEqual(expect.arrayContaining(['spread-evenly', 'uneven-spacing']));
    expect(offered({ 'plate-regularity': 'ordered' })).not.toContain('spread-evenly');
    expect(offered({ 'plate-regularity': 'ordered' }, { 'plate-regularity': 'free' })).not.toContain('uneven-spacing');
    expect(offered({ 'plate-regularity': 'free' })).toContain('spread-evenly');
  });
});
