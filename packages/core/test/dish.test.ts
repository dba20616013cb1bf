import { describe, expect, it } from 'vitest';
import {
  checkDish,
  describeChanges,
  lessonReadiness,
  linesOf,
  mergeDish,
  needConflicts,
  suggestTechniques,
  dishAllergens,
  proposeSubstitutes,
  type DishContent,
  type Said,
  words,
} from '../src';
import { dishFrom, withLine } from './helpers';

const BASE = dishFrom('Leeks\nserves 4\n4 leeks\n80 g hazelnuts\n100 ml olive oil\nMethod\n1. Blanch the leeks.\n2. Toast the nuts.');
const without = (dish: DishContent, item: string): DishContent => ({
  ...dish,
  components: dish.components.map((component) => ({ ...component, lines: component.lines.filter((line) => line.item !== item) })),
});
const items = (dish: DishContent) => linesOf(dish).map((line) => line.item);

describe('two people saving one dish', () => {
  it('keeps both edits when they touch different lines', () => {
    const mine = withLine(BASE, 'leeks', { preparation: 'halved' });
    const theirs = { ...withLine(BASE, 'hazelnuts', { preparation: 'skinned' }), title: 'Leeks vinaigrette' };
    const { merged, conflicts } = mergeDish(BASE, mine, theirs);
    expect(conflicts).toEqual([]);
    expect(merged.title).toBe('Leeks vinaigrette');
    expect(linesOf(merged).map((line) => line.preparation)).toEqual(['halved', 'skinned', '']);
  });

  it('keeps mine and reports theirs when both changed one line', () => {
    const { merged, conflicts } = mergeDish(
      BASE,
      withLine(BASE, 'leeks', { preparation: 'halved' }),
      withLine(BASE, 'leeks', { preparation: 'sliced' }),
    );
    expect(linesOf(merged)[0]!.preparation).toBe('halved');
    expect(conflicts).toHaveLength(1);
    expect(conflicts[0]).toMatchObject({
      after: expect.stringContaining('sliced') as string,
      mine: expect.stringContaining('halved') as string,
    });
  });

  it('takes their removal, their additions, and keeps what they removed but I changed', () => {
    expect(items(mergeDish(BASE, withLine(BASE, 'leeks', { note: 'x' }), without(BASE, 'hazelnuts')).merged)).toEqual([
      'leeks',
      'olive oil',
    ]);
    const added = {
      ...BASE,
      components: [{ ...BASE.components[0]!, lines: [...BASE.components[0]!.lines, { ...linesOf(BASE)[0]!, id: 'new', item: 'chives' }] }],
    };
    expect(items(mergeDish(BASE, without(BASE, 'leeks'), added).merged)).toEqual(['hazelnuts', 'olive oil', 'chives']);
    expect(items(mergeDish(BASE, withLine(BASE, 'leeks', { note: 'x' }), without(BASE, 'leeks')).merged)).toContain('leeks');
  });

  it('is told what changed in words', () => {
    const changes = describeChanges(BASE, { ...without(BASE, 'leeks'), portions: 6, method: BASE.method.slice(1) });
    expect(changes.map((change) => [change.where, change.after])).toEqual([
      ['portions', '6'],
      ['line "4 leeks"', 'removed'],
      ['method step', 'removed'],
    ]);
  });
});

describe('a dish to publish', () => {
  it('needs a title and lines, and no percent ring', () => {
    expect(checkDish(BASE)).toEqual([]);
    expect(checkDish({ ...BASE, title: ' ', components: [] }).map((problem) => problem.field)).toEqual(['title', 'components']);
    const [a, b] = linesOf(BASE);
    const ring = withLine(withLine(BASE, 'leeks', { scaling: { kind: 'percentOf', lineId: b!.id, percent: '5' } }), 'hazelnuts', {
      scaling: { kind: 'percentOf', lineId: a!.id, percent: '5' },
    });
    expect(checkDish(ring)[0]!.problem.code).toBe('no.follows-itself');
    expect(checkDish(withLine(BASE, 'leeks', { scaling: { kind: 'percentOf', lineId: 'gone', percent: '5' } }))[0]!.problem.code).toBe(
      'no.follows-nothing',
    );
  });
});

describe('needs and techniques', () => {
  it('warns where a dish goes against a student and names what is unknown', () => {
    const ana = { id: 's1', name: 'Ana', needs: { allergens: ['nuts' as const], diets: ['vegan' as const], note: '' } };
    const dishes = [{ editionId: 'e1', content: BASE }];
    const [conflict, ...others] = needConflicts([ana], dishes);
    expect(others).toEqual([]);
    expect(conflict).toMatchObject({ student: 'Ana', dish: 'Leeks', need: 'nuts', lines: [{ item: 'hazelnuts', mayOnly: false }] });
    expect(dishAllergens([dishFrom('X\n100 g moonfruit\n10 g butter')])).toEqual({
      contains: [{ allergen: 'milk', items: ['butter'] }],
      mayContain: [],
      notKnown: ['moonfruit'],
      labels: [],
    });
  });

  it('follows allergens up through what is made in-house, and claims nothing of what it cannot follow', () => {
    const stock = dishFrom('Stock\n1 stick celery\n1 l water');
    const soup = withLine(dishFrom('Soup\n1 l vegetable stock\n20 g butter'), 'vegetable stock', { preparationEditionId: 'stock1' });
    expect(dishAllergens([soup], { preparations: new Map([['stock1', stock]]) }).contains.map(({ allergen }) => allergen)).toEqual([
      'celery',
      'milk',
    ]);
    expect(dishAllergens([soup]).notKnown).toEqual(['vegetable stock, made in-house']);
    const ana = { id: 's1', name: 'Ana', needs: { allergens: ['celery' as const], diets: [], note: '' } };
    const found = needConflicts(
      [ana],
      [
        { editionId: 'e1', content: soup },
        { editionId: 'stock1', content: stock },
      ],
    );
    expect(found.map(({ dish }) => dish)).toEqual(['Stock']);
  });

  it.each([
    [
      'Mousse\n6 eggs\n200 g dark chocolate\n\nMethod\n1. Fold the yolks and whites into the chocolate.',
      ['raw or barely cooked egg (the main list)'],
    ],
    [
      'Tiradito\n400 g sea bass\n4 limes\n\nMethod\n1. Slice, dress and serve.',
      ['fish or meat served raw, cured or lightly cooked (the main list)'],
    ],
    ['Slaw\n200 g mung bean sprouts\n1 carrot\n\nMethod\n1. Shred and dress.', ['raw sprouts (the main list)']],
    ['Melon plate\n1 melon\n\nMethod\n1. Slice and chill.', []],
    ['Sprouts\n500 g brussels sprouts\n\nMethod\n1. Boil.', []],
    ['Custard\n8 egg yolks\n1 l milk\n\nMethod\n1. Cook to 82 °C.', []],
  ])('names what those at risk do not eat: %j', (text, items) => {
    const atRisk = { id: 's1', name: 'Ana', needs: { allergens: [], diets: ['cooked through' as const], note: '' } };
    const found = needConflicts([atRisk], [{ editionId: 'e1', content: dishFrom(text) }]);
    expect(found.flatMap(({ lines }) => lines.map(({ item }) => item))).toEqual(items);
  });

  it('proposes what can stand in, and no longer warns once it does for all', () => {
    const ana = { id: 's1', name: 'Ana', needs: { allergens: ['nuts' as const], diets: [], note: '' } };
    const [substitute] = proposeSubstitutes('toasted hazelnuts', 'nuts');
    expect(substitute).toMatchObject({ item: 'toasted pumpkin seeds', ratio: '1' });
    const hazelnuts = linesOf(BASE)[1]!;
    const swap = { editionId: 'e1', lineId: hazelnuts.id, ...substitute!, makings: 'all' as const, reason: 'nuts' };
    // Seeds are packed beside nuts: the label is still asked for.
    expect(
      needConflicts([ana], [{ editionId: 'e1', content: BASE }], { substitutions: [swap] }).flatMap(({ lines }) => lines),
    ).toMatchObject([{ item: 'toasted pumpkin seeds', mayOnly: true }]);
    const capers = { ...swap, item: 'fried capers' };
    expect(needConflicts([ana], [{ editionId: 'e1', content: BASE }], { substitutions: [capers] })).toEqual([]);
    expect(proposeSubstitutes('leeks', 'nuts')).toEqual([]);
  });

  it('suggests techniques by the words of their cards', () => {
    const techniques = [
      { id: 'blanch', words: ['blanch', 'refresh'] },
      { id: 'toast', words: ['toast'] },
    ];
    expect(suggestTechniques('Blanching them first.', techniques)).toEqual(['blanch']);
    expect(suggestTechniques('Serve.', techniques)).toEqual([]);
    const knife = ['slice', 'chop', 'fry', 'dice'].map((word) => ({ id: word, words: [word] }));
    const named = (step: string) => suggestTechniques(step, knife);
    expect([named('Slicing, then dicing.'), named('Chopped or chopping'), named('It fries.')]).toEqual([['slice', 'dice'], ['chop'], []]);
    expect([named('A chopstick.'), named('Friday.'), named('Sliver it')]).toEqual([[], [], []]);
  });

  it('says what a lesson still lacks', () => {
    const facts = {
      present: 14,
      dishes: 1,
      techniques: 0,
      hasRubric: false,
      timeOpen: true,
      heldLines: 1,
      orderLines: 9,
      toMark: 14,
      marked: 0,
      released: false,
    };
    expect(lessonReadiness(facts).map(({ phase, state, said }) => [phase, state, words(said)])).toEqual([
      ['plan', 'missing', 'no technique in focus, no rubric, the time does not fit'],
      ['order', 'missing', '1 line to settle'],
      ['mark', 'missing', 'needs a rubric'],
      ['results', 'missing', 'after marking'],
    ]);
    // A page loaded before the server was replaced is told what it has no words for: it says the code, and stands.
    expect(words({ code: 'several', parts: [{ code: 'no-dish' }, { code: 'of-tomorrow' } as unknown as Said] })).toBe(
      'no dish, of tomorrow',
    );
    // Once plates are marked, the lesson has been held: nobody is asked about its time any more.
    expect(lessonReadiness({ ...facts, marked: 1 })[0]!.missing.map((each) => words(each))).toEqual(['no technique in focus', 'no rubric']);
  });
});
