import fc from 'fast-check';
import type Joi from 'joi';
import { describe, expect, it } from 'vitest';
import {
  CARD_LIMITS,
  DISH_LIMITS,
  EMPTY_CARD,
  linesOf,
  MATTERS,
  readRecipe,
  SHIPPED,
  SHIPPED_CUT_SETS,
  toDish,
  type DishContent,
  NO_BOARDS,
} from '@pelvo/core';
import * as contract from '../src';
import {
  classSchema,
  cutSetSchema,
  dateSchema,
  dishContentSchema,
  dishQuerySchema,
  ingredientFactSchema,
  lessonSchema,
  markBodySchema,
  saidEventsSchema,
  schoolSettingsSchema,
  pageQuerySchema,
  pdfQuerySchema,
  practiceChoicesSchema,
  practiceSchema,
  rubricContentSchema,
  ruleSchema,
  studentSchema,
  techniqueSchema,
  timeSchema,
} from '../src';
import { fieldsIn, ID, OTHER_ID, saidOf, storedAs } from './said';

const isSchema = (value: unknown): value is Joi.Schema => typeof value === 'object' && value !== null && 'validate' in value;
const SCHEMAS = Object.entries(contract).flatMap(([name, value]: [string, unknown]): [string, Joi.Schema][] =>
  isSchema(value) ? [[name, value]] : [],
);

/** Where a schema has a list that may not be empty only because each of its items is said to be required. */
function listsOfRequired(described: unknown, path: string): readonly string[] {
  if (typeof described !== 'object' || described === null) return [];
  const { type, items } = described as { type?: unknown; items?: readonly { flags?: { presence?: string } }[] };
  const here = type === 'array' && (items ?? []).some(({ flags }) => flags?.presence === 'required') ? [path] : [];
  return [...here, ...Object.entries(described).flatMap(([key, value]) => listsOfRequired(value, `${path}/${key}`))];
}

describe('every schema', () => {
  it('says by a number how long a list has to be, and not by its items', () => {
    expect(SCHEMAS.flatMap(([name, schema]) => listsOfRequired(schema.describe(), name))).toEqual([]);
  });

  it.each(SCHEMAS)('%s answers anything with fields, problems and remedies a person can read', (_, schema) => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 3 }), (value) => {
        for (const { field, problem, remedy } of saidOf(schema, value)) {
          expect(field).not.toBe('');
          expect(problem).toMatch(/[a-z]/);
          expect(remedy).toMatch(/\.$/);
          expect(problem).not.toMatch(/\[object|undefined|\bref:/);
        }
      }),
      { numRuns: 60 },
    );
  });

  it.each(SCHEMAS)('%s says the same whether asked for the first or for all that is wrong', (_, schema) => {
    fc.assert(
      fc.property(fc.dictionary(fc.string({ maxLength: 12 }), fc.jsonValue({ maxDepth: 1 }), { maxKeys: 4 }), (value) => {
        expect(schema.validate(value).error === undefined).toBe(saidOf(schema, value).length === 0);
      }),
      { numRuns: 40 },
    );
  });
});

describe('days and times', () => {
  it.each(['2026-11-30', '2028-02-29'])('%s is a day', (day) => expect(saidOf(dateSchema, day)).toEqual([]));
  it.each(['2026-02-30', '2027-02-29', '30.11.2026', '2026-13-01', ''])('"%s" is not', (day) =>
    expect(saidOf(dateSchema, day)).toHaveLength(1),
  );
  it.each(['00:00', '23:59'])('%s is a time', (time) => expect(saidOf(timeSchema, time)).toEqual([]));
  it.each(['24:00', '9:30', '12:60'])('%s is not', (time) => expect(saidOf(timeSchema, time)[0]!.remedy).toBe('Use a time like 09:30.'));
});

describe('a dish', () => {
  let next = 0;
  const dish = toDish(readRecipe('Salad\nserves 4\n400 g leeks\n1 1/2 tbsp olive oil\nsalt, to taste\n3 glugs cider'), {
    newId: () => `i${(next += 1)}`,
    portions: 4,
    techniques: [],
  });
  const line = linesOf(dish)[0]!;
  const withLine = (change: object): DishContent => ({
    ...dish,
    components: [{ ...dish.components[0]!, lines: [{ ...line, ...change }] }],
  });

  it('is taken as the reader wrote it, held lines included', () => expect(saidOf(dishContentSchema, dish)).toEqual([]));

  it.each([
    [{ amount: { min: '-1', max: '2', unit: 'g', about: false } }, 'components.0.lines.0.amount.min', 'Give an amount of 0 or more.'],
    [
      { amount: { min: '1', max: 'lots', unit: 'g', about: false } },
      'components.0.lines.0.amount.max',
      'Give a number or a fraction, such as 3 or 1/3.',
    ],
    [{ amount: { min: '1', max: '1', unit: 'stone', about: false } }, 'components.0.lines.0.amount.unit', 'Choose one of: '],
    [
      { yields: [{ kind: 'trim', fraction: '5/4' }] },
      'components.0.lines.0.yields.0.fraction',
      'Give a fraction above 0 and at most 1, such as 0.85.',
    ],
    [{ scaling: { kind: 'percentOf' } }, 'components.0.lines.0.scaling.lineId', 'Fill it in.'],
    [{ scaling: { kind: 'byTheLoad' } }, 'components.0.lines.0.scaling.portionsALoad', 'Fill it in.'],
    [{ scaling: { kind: 'by feel' } }, 'components.0.lines.0.scaling.kind', 'Choose one of: proportional'],
    [{ id: 'no spaces here' }, 'components.0.lines.0.id', 'Use letters, digits, - and _, at most 40.'],
  ])('names the field of %j', (change, field, remedy) => {
    const said = saidOf(dishContentSchema, withLine(change)).find((each) => each.field === field);
    expect(said?.remedy).toContain(remedy);
  });

  it('has lines that can be told apart', () => {
    const twice = { ...dish, components: [{ ...dish.components[0]!, lines: [line, line] }] };
    expect(saidOf(dishContentSchema, twice)[0]!.remedy).toBe('Give each line an id of its own.');
  });

  it('has no window whose end lies before its beginning', () => {
    const odd = { ...dish, components: [{ ...dish.components[0]!, before: { least: 60, most: 30 } }] };
    expect(saidOf(dishContentSchema, odd)[0]).toMatchObject({ field: 'components.0.before', remedy: 'Swap the two, or leave one empty.' });
  });

  it('is bounded', () => {
    const lines = Array.from({ length: DISH_LIMITS.lines + 1 }, (_, index) => ({ ...line, id: `l${index}` }));
    expect(fieldsIn(dishContentSchema, { ...dish, components: [{ ...dish.components[0]!, lines }] })).toContain('components.0.lines');
    expect(fieldsIn(dishContentSchema, { ...dish, title: 'x'.repeat(DISH_LIMITS.title + 1) })).toEqual(['title']);
    expect(fieldsIn(dishContentSchema, { ...dish, portions: 0 })).toEqual(['portions']);
    expect(fieldsIn(dishContentSchema, { ...dish, portions: 2.5 })).toEqual(['portions']);
  });
});

describe('a card', () => {
  const card = { ...EMPTY_CARD, name: 'Sweat', prerequisites: [] };

  it('may be begun with a name alone', () => expect(saidOf(techniqueSchema, card)).toEqual([]));

  it('keeps strong and emphasis of a line, and nothing else', () => {
    const stored = storedAs(techniqueSchema, { ...card, steps: ['  Keep it **low**\nand *slow* '], tools: ['  a   lid '] });
    expect(stored.steps).toEqual(['Keep it **low** and *slow*']);
    expect(stored.tools).toEqual(['a lid']);
  });

  it('holds no line with nothing in it', () => {
    expect(saidOf(techniqueSchema, { ...card, steps: ['Cut.', ' ** ** '] }).map(({ field }) => field)).toEqual(['steps.1']);
    expect(fieldsIn(techniqueSchema, { ...card, name: '   ' })).toEqual(['name']);
  });

  it('chooses among its own variants only', () => {
    const variants = [{ key: 'dry', name: 'Dry', text: 'Without water.' }];
    expect(saidOf(techniqueSchema, { ...card, variants, variant: 'dry' })).toEqual([]);
    expect(saidOf(techniqueSchema, { ...card, variants, variant: 'wet' })[0]).toMatchObject({
      field: 'variant',
      remedy: 'Choose one of its variants, or none.',
    });
  });

  it('touches matters of teaching, not settings of how a lesson runs', () => {
    expect(saidOf(techniqueSchema, { ...card, matters: [...MATTERS] })).toEqual([]);
    for (const setting of ['marking', 'weighing-out'])
      expect(fieldsIn(techniqueSchema, { ...card, matters: [setting] })).toEqual(['matters.0']);
  });

  it('lets a fault go without rescue', () => {
    const fault = { key: 'a', see: 'Pale', cause: '', correction: '', rescue: '  ' };
    expect(storedAs(techniqueSchema, { ...card, faults: [{ ...fault, rescue: '' }] }).faults[0]!.rescue).toBe('');
    expect(fieldsIn(techniqueSchema, { ...card, faults: [fault, { ...fault, see: 'Dark' }] })).toEqual(['faults.1']);
  });

  it('has minutes that are whole, and at most a day', () => {
    for (const novice of [0, 1.5, 1441])
      expect(fieldsIn(techniqueSchema, { ...card, minutes: { novice, practised: null } })).toEqual(['minutes.novice']);
  });

  it('is bounded in every list', () => {
    const long = 'x'.repeat(CARD_LIMITS.text + 1);
    expect(fieldsIn(techniqueSchema, { ...card, purpose: long })).toEqual(['purpose']);
    for (const [field, most] of [
      ['tools', CARD_LIMITS.tools],
      ['steps', CARD_LIMITS.steps],
      ['words', CARD_LIMITS.words],
    ] as const)
      expect(fieldsIn(techniqueSchema, { ...card, [field]: Array.from({ length: most + 1 }, (_, index) => `w${index}`) })).toEqual([field]);
  });
});

describe('a lesson', () => {
  const lesson = {
    title: 'Leeks',
    date: '2026-12-04',
    start: '09:00',
    end: '12:00',
    kitchenId: null,
    classId: ID,
    teamSize: 2,
    portionsATeam: 2,
    demonstrationPortions: 2,
    referencePlates: 1,
    tastingPortions: 0,
    spareMakings: 0,
    studentCount: null,
    dishEditionIds: [],
    techniques: [],
    rubricEditionId: null,
  };
  const swap = { editionId: ID, lineId: 'l1', item: 'oat cream', ratio: '1', makings: 2, reason: '' };

  it('needs neither dish nor rubric to be planned', () => {
    expect(storedAs(lessonSchema, lesson)).toMatchObject({ substitutions: [], practices: {} });
  });

  it.each([
    [{ end: '08:30' }, 'end'],
    [{ end: '09:00' }, 'end'],
    [{ title: '  ' }, 'title'],
    [{ teamSize: 0 }, 'teamSize'],
    [{ teamSize: 13 }, 'teamSize'],
    [{ studentCount: 0 }, 'studentCount'],
    [{ classId: 'foundation' }, 'classId'],
    [{ dishEditionIds: [ID, ID] }, 'dishEditionIds.1'],
    [{ techniques: [{ id: ID, purpose: 'admire' }] }, 'techniques.0.purpose'],
    [
      {
        techniques: [
          { id: ID, purpose: 'assess' },
          { id: ID, purpose: 'practise' },
        ],
      },
      'techniques.1',
    ],
    [{ substitutions: [{ ...swap, ratio: '0' }] }, 'substitutions.0.ratio'],
    [{ substitutions: [{ ...swap, makings: 'some' }] }, 'substitutions.0.makings'],
    [{ substitutions: [swap, { ...swap, item: 'soya cream' }] }, 'substitutions.1'],
    [{ practices: { turning: 'never' } }, 'practices.turning'],
    [{ practices: { luck: 'good' } }, 'practices.luck'],
    [{ stars: 5 }, 'stars'],
  ])('is refused with %j, by its field', (change, field) => {
    expect(fieldsIn(lessonSchema, { ...lesson, ...change })).toEqual([field]);
  });

  it('may swap two lines, for some teams or for all', () => {
    const swaps = [swap, { ...swap, lineId: 'l2', makings: 'all' }];
    expect(saidOf(lessonSchema, { ...lesson, substitutions: swaps })).toEqual([]);
  });
});

describe('practices', () => {
  it('are those of their matter, and can be taken back', () => {
    expect(saidOf(practiceSchema('turning'), { practice: 'once' })).toEqual([]);
    expect(saidOf(practiceSchema('turning'), { practice: null })).toEqual([]);
    expect(saidOf(practiceSchema('turning'), { practice: 'stars' })[0]!.remedy).toBe('Choose one of: once, often.');
    expect(fieldsIn(practiceSchema('named-cuts'), { practice: 'metric' })).toEqual(['practice']);
    expect(saidOf(practiceChoicesSchema, { turning: 'often', 'named-cuts': ID })).toEqual([]);
  });
});

describe('the settings of a school', () => {
  const settings = { marking: 'levels', weighingOut: 'trays', allergenList: 'eu-uk', timeZone: 'Europe/Vienna' };
  it('name a time zone there is', () => {
    expect(saidOf(schoolSettingsSchema, settings)).toEqual([]);
    expect(saidOf(schoolSettingsSchema, { ...settings, timeZone: 'Mars/Olympus' })[0]).toMatchObject({
      field: 'timeZone',
      remedy: 'Use a name like Europe/Vienna.',
    });
    expect(fieldsIn(schoolSettingsSchema, { ...settings, marking: 'stars' })).toEqual(['marking']);
  });

  it('hold bands of doneness to their order, and to the rule of what is refused every allowance', () => {
    const band = { from: 57, to: 61, cue: 'springs', rest: 'short' };
    const saying = (doneness: object) => saidOf(schoolSettingsSchema, { ...settings, doneness });
    expect(saying({ 'red-meat medium': band })).toEqual([]);
    expect(saying({ 'red-meat medium': { ...band, from: 70 } })[0]).toMatchObject({
      field: 'doneness',
      problem: '70 to 61 °C is no band of doneness.',
    });
    expect(saying({ 'minced done': band })[0]?.problem).toContain('no allowance reaches below it');
    expect(saying({ 'red-meat medium': { ...band, cue: ' ' } })).toHaveLength(1);
    expect(saying({ 'blue-meat medium': band })).toHaveLength(1);
  });

  it('call boards by the school’s own words, with a colour that is one', () => {
    const boards = { ...NO_BOARDS, ready: { name: 'the white one', colour: '#FFFFFF' } };
    expect(saidOf(schoolSettingsSchema, { ...settings, boards })).toEqual([]);
    const bad = { ...NO_BOARDS, ready: { name: 'x'.repeat(41), colour: 'red' } };
    expect(fieldsIn(schoolSettingsSchema, { ...settings, boards: bad })).toEqual(['boards.ready.name', 'boards.ready.colour']);
  });
});

describe('what happens in a lesson', () => {
  const body = { studentId: ID, dishEditionId: OTHER_ID, criterionKey: 'cut', value: { kind: 'notSeen' } };
  const event = { id: ID, kind: 'mark', body, at: '2026-12-04T10:00:00Z' };
  const marked = (value: unknown) => ({ ...body, value });

  it('is a mark: a level, met or not, not seen, or taken back', () => {
    const good = [{ kind: 'level', level: 4, faults: ['a'] }, { kind: 'critical', met: false, faults: [] }, { kind: 'notSeen' }, null];
    for (const value of good) expect(saidOf(markBodySchema, marked(value))).toEqual([]);
  });
  it.each([
    { kind: 'level', level: 5, faults: [] },
    { kind: 'level', level: 2 },
    { kind: 'guess' },
    3,
    { kind: 'critical', met: 'yes please', faults: [] },
  ])('is not %j', (value) => expect(fieldsIn(markBodySchema, marked(value)).every((field) => field.startsWith('value'))).toBe(true));
  it('comes in batches that are not empty and not without end, of kinds that are known', () => {
    expect(saidOf(saidEventsSchema, { events: [event] })).toEqual([]);
    expect(fieldsIn(saidEventsSchema, { events: [] })).toEqual(['events']);
    expect(fieldsIn(saidEventsSchema, { events: Array.from({ length: 101 }, () => event) })).toEqual(['events']);
    expect(fieldsIn(saidEventsSchema, { events: [{ ...event, kind: 'party' }] })).toEqual(['events.0.kind']);
  });
});

describe('a rubric', () => {
  const criterion = {
    key: 'cut',
    name: 'Cut',
    strand: 'knife',
    evidence: 'seen',
    faults: [],
    kind: 'levels',
    weight: 1,
    descriptors: ['a', 'b', 'c', 'd'],
  };
  const rubric = {
    name: 'Practical',
    strandWeights: { knife: 1, cooking: 0, plating: 0 },
    levelShares: [0.25, 0.5, 0.75, 1],
    passAt: 3,
    criteria: [criterion],
  };

  it('may say at which level a criterion is passed', () => {
    for (const passAt of [2, 3, 4]) expect(saidOf(rubricContentSchema, { ...rubric, passAt })).toEqual([]);
    expect(fieldsIn(rubricContentSchema, { ...rubric, passAt: 1 })).toEqual(['passAt']);
  });
  it.each([
    [{ weight: 0 }, 'weight'],
    [{ descriptors: ['a', 'b', 'c'] }, 'descriptors'],
    [{ strand: 'baking' }, 'strand'],
    [{ kind: 'critical' }, 'met'],
    [{ name: '' }, 'name'],
  ])('has criteria without %j', (change, field) => {
    expect(fieldsIn(rubricContentSchema, { ...rubric, criteria: [{ ...criterion, ...change }] })).toContain(`criteria.0.${field}`);
  });
  it('earns shares between nothing and all', () => {
    expect(fieldsIn(rubricContentSchema, { ...rubric, levelShares: [0, 0.5, 1, 1.2] })).toEqual(['levelShares.3']);
  });
});

describe('ingredients, cuts and rules', () => {
  it('take every fact that ships', () => {
    for (const fact of SHIPPED) expect([fact.name, saidOf(ingredientFactSchema, fact)]).toEqual([fact.name, []]);
  });
  it('want a source for a fact', () => {
    expect(fieldsIn(ingredientFactSchema, { ...SHIPPED[0], source: ' ' })).toEqual(['source']);
  });
  it('take every set of cuts that ships, and no cut without a size', () => {
    for (const set of SHIPPED_CUT_SETS) expect([set.name, saidOf(cutSetSchema, set)]).toEqual([set.name, []]);
    const [set] = SHIPPED_CUT_SETS;
    expect(fieldsIn(cutSetSchema, { ...set, cuts: [{ ...set!.cuts[0], thickness: 0 }] })).toEqual(['cuts.0.thickness']);
    expect(fieldsIn(cutSetSchema, { ...set, cuts: [] })).toEqual(['cuts']);
  });
  it('want a reason for a change of a rule', () => {
    expect(saidOf(ruleSchema, { value: 65, reason: 'Our code asks for 65.' })).toEqual([]);
    expect(fieldsIn(ruleSchema, { value: 65, reason: 'ok' })).toEqual(['reason']);
    expect(fieldsIn(ruleSchema, { value: 'hot', reason: 'Our code asks for it.' })).toEqual(['value']);
  });
});

describe('people of a class', () => {
  const student = { name: 'Ada', number: '', needs: { allergens: ['nuts'], diets: ['vegan'], note: '' } };
  it('are taken with their needs', () => expect(saidOf(studentSchema, student)).toEqual([]));
  it.each([
    [{ name: '=SUM(A1)' }, 'name'],
    [{ number: '@7' }, 'number'],
    [{ needs: { ...student.needs, note: '+1' } }, 'needs.note'],
  ])('hold nothing a spreadsheet would run: %j', (change, field) => {
    expect(saidOf(studentSchema, { ...student, ...change })[0]).toMatchObject({ field, remedy: 'Type the plain text.' });
  });
  it('have needs that are known, once', () => {
    expect(fieldsIn(studentSchema, { ...student, needs: { ...student.needs, allergens: ['nuts', 'nuts'] } })).toEqual([
      'needs.allergens.1',
    ]);
    expect(fieldsIn(studentSchema, { ...student, needs: { ...student.needs, diets: ['picky'] } })).toEqual(['needs.diets.0']);
  });
  it('stand in a class with a name', () => expect(fieldsIn(classSchema, { name: '', term: '' })).toEqual(['name']));
});

describe('what is asked of lists and papers', () => {
  it('has a first page, and pages that end', () => {
    expect(storedAs(pageQuerySchema, {})).toEqual({ page: 1, search: '' });
    expect(storedAs(dishQuerySchema, { page: '3', search: ' leek ' })).toEqual({ page: 3, search: 'leek' });
    for (const page of [0, 1001, 'last']) expect(fieldsIn(pageQuerySchema, { page })).toEqual(['page']);
  });
  it('is A4 unless Letter is asked for', () => {
    expect(storedAs(pdfQuerySchema, {})).toEqual({ paper: 'A4' });
    expect(storedAs(pdfQuerySchema, { paper: 'letter', students: '12' })).toEqual({ paper: 'LETTER', students: 12 });
    expect(fieldsIn(pdfQuerySchema, { paper: 'A3' })).toEqual(['paper']);
  });
});
