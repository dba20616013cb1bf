import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { computeOrder, factBook, linesOf, SHIPPED, type Order, AS_THE_SCHOOL, shownOf, figureInWords } from '@pelvo/core';
import {
  makingPlanOf,
  type ClassDetail,
  type ClassSummary,
  type DishSummary,
  type LessonDetail,
  type LessonFields,
  type LessonSummary,
  IngredientRecord,
  type Page,
  type RubricSummary,
} from '@pelvo/contract';
import { openSchool, type Call, type School } from './school';

describe('a lesson', () => {
  let school: School;
  let lead: Call;
  let fields: LessonFields;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    lead = await school.as('lead');
    const classes = (await lead<ClassSummary[]>('GET', '/api/classes')).body;
    const dishes = (await lead<Page<DishSummary>>('GET', '/api/dishes')).body.items;
    fields = {
      title: 'Trout again',
      date: '2027-01-11',
      start: '09:00',
      end: '12:00',
      kitchenId: null,
      teams: [],
      classId: classes.find((item) => item.students === 14)!.id,
      teamSize: 2,
      portionsATeam: 2,
      demonstrationPortions: 2,
      referencePlates: 1,
      tastingPortions: 0,
      spareMakings: 1,
      studentCount: null,
      dishEditionIds: [dishes.find((dish) => dish.title.startsWith('Poached trout'))!.editionId!],
      techniques: [],
      rubricEditionId: null,
      substitutions: [],
      practices: {},
      settings: AS_THE_SCHOOL,
    };
  });
  afterAll(() => school.close());
  const create = async (change: Partial<LessonFields> = {}) =>
    (await lead<LessonDetail>('POST', '/api/lessons', { body: { ...fields, ...change } })).body;
  const demoLesson = async (title: string) =>
    (await lead<LessonSummary[]>('GET', '/api/lessons')).body.find((lesson) => lesson.title === title)!;

  it('orders the same on the server as the core does in the browser', async () => {
    const lesson = await create();
    const { body: order } = await lead<Order>('GET', `/api/lessons/${lesson.id}/order`);
    const here = computeOrder({
      plan: makingPlanOf(lesson, lesson.present),
      dishes: lesson.dishes.map(({ editionId, content }) => ({ editionId, content })),
      preparations: new Map(Object.entries(lesson.preparations)),
      book: factBook(lesson.facts),
      substitutions: lesson.substitutions,
    });
    expect(order).toEqual(JSON.parse(JSON.stringify(here)));
    expect(order.demand.value).toEqual({ value: '19', unit: 'portion' });
    expect(order.preparations.map((need) => need.title)).toEqual(['Vegetable stock']);
    expect(order.lines.find((line) => line.item === 'trout fillets')!.figure.value.value).toBe('19');
  });

  it('orders substitutes for the teams that need them, and by the school’s own facts', async () => {
    const lesson = await create();
    const [dish] = lesson.dishes;
    const cream = linesOf(dish!.content).find((line) => line.item === 'double cream')!;
    const swap = { editionId: dish!.editionId, lineId: cream.id, item: 'oat cream', ratio: '1', makings: 1, reason: 'no milk' };
    const saved = (await lead<LessonDetail>('PUT', `/api/lessons/${lesson.id}`, { body: { ...fields, substitutions: [swap] }, version: 1 }))
      .body;
    expect(saved.substitutions).toEqual([swap]);
    const milk = SHIPPED.find((fact) => fact.name === 'oat milk')!;
    const own = { ...milk, name: 'oat cream', otherNames: [], mayContain: ['nuts'] };
    expect((await lead('PUT', '/api/ingredients/oat cream', { body: own, version: 0 })).status).toBe(200);
    const line = (await lead<Order>('GET', `/api/lessons/${lesson.id}/order`)).body.lines.find((each) => each.item === 'oat cream')!;
    expect([shownOf(line.figure), line.allergens, line.mayContain]).toEqual(['60 ml', ['gluten'], ['nuts']]);
    expect(figureInWords(line.figure).rows[0]!.how).toContain('1 of 7 pairs');
    await lead('DELETE', '/api/ingredients/oat cream');
    const bad = await lead('PUT', `/api/lessons/${lesson.id}`, {
      body: { ...fields, substitutions: [{ ...swap, ratio: '0' }] },
      version: 2,
    });
    expect(bad.problem.errors![0]).toMatchObject({ field: 'substitutions.0.ratio', remedy: 'Give a number above 0.' });
  });

  it('refuses what somebody who eats it must not eat, for one making and for all, but never what stood there before', async () => {
    const roster = { name: 'Group of needs', term: 'Spring' };
    const { id: classId } = (await lead<{ id: string }>('POST', '/api/classes', { body: roster })).body;
    const join = (name: string, allergens: readonly string[], diets: readonly string[] = []) =>
      lead<{ id: string }>('POST', `/api/classes/${classId}/students`, {
        body: { name, number: '', needs: { allergens, diets, note: '' } },
      });
    await join('Sorrel Aspen', ['milk', 'soya']);
    await join('Birk Tallow', []);
    const lesson = await create({ classId });
    const [dish] = lesson.dishes;
    const cream = linesOf(dish!.content).find((line) => line.item === 'double cream')!;
    const swap = (item: string, makings: number | 'all') => ({
      editionId: dish!.editionId,
      lineId: cream.id,
      item,
      ratio: '1',
      makings,
      reason: 'no milk',
    });
    let { version } = lesson;
    const put = (substitutions: readonly unknown[]) =>
      lead<LessonDetail>('PUT', `/api/lessons/${lesson.id}`, { body: { ...fields, classId, substitutions }, version });
    // The one who cannot have milk cannot have soya either.
    for (const makings of [1, 'all'] as const) {
      const refused = await put([swap('soya cream', makings)]);
      expect(refused.problem.errors![0]).toMatchObject({ field: 'substitutions.0' });
      expect(refused.problem.errors![0]!.problem).toContain('soya');
    }
    const taken = await put([swap('oat cream', 'all')]);
    expect([taken.status, taken.body.substitutions.length]).toEqual([200, 1]);
    ({ version } = taken.body);
    // Somebody joins who cannot have oats: the plan says so, and the rest of it can still be saved.
    await join('Wren Oakley', ['gluten']);
    const again = await put([swap('oat cream', 'all')]);
    expect(again.status).toBe(200);
    ({ version } = again.body);
    expect((await put([swap('oat cream', 1)])).status).toBe(200);
  });

  it('take a substitute and a student who cannot have it at the same moment, and never fail or lose either', async () => {
    for (let round = 0; round < 8; round += 1) {
      const roster = { name: `Moment ${round}`, term: 'Spring' };
      const { id: classId } = (await lead<{ id: string }>('POST', '/api/classes', { body: roster })).body;
      const lesson = await create({ classId });
      const [dish] = lesson.dishes;
      const cream = linesOf(dish!.content).find((line) => line.item === 'double cream')!;
      const swap = { editionId: dish!.editionId, lineId: cream.id, item: 'soya cream', ratio: '1', makings: 'all', reason: 'no milk' };
      const newcomer = { name: 'Sorrel Aspen', number: '', needs: { allergens: ['soya'], diets: [], note: '' } };
      const [joined, saved] = await Promise.all([
        lead('POST', `/api/classes/${classId}/students`, { body: newcomer }),
        lead<LessonDetail>('PUT', `/api/lessons/${lesson.id}`, {
          body: { ...fields, classId, substitutions: [swap] },
          version: lesson.version,
        }),
      ]);
      expect([joined.status, [200, 422].includes(saved.status)]).toEqual([201, true]);
      const now = (await lead<LessonDetail>('GET', `/api/lessons/${lesson.id}`)).body;
      expect([now.substitutions.length, now.present]).toEqual([saved.status === 200 ? 1 : 0, 1]);
    }
  });

  it('keep one of two changes of an ingredient that are made at the same moment, and tell the other', async () => {
    const milk = SHIPPED.find((fact) => fact.name === 'oat milk')!;
    const fact = (mayContain: readonly string[]) => ({ ...milk, name: 'barley cream', otherNames: [], mayContain });
    for (let version = 0; version < 6; version += 1) {
      const both = await Promise.all(
        [['nuts'], ['sesame']].map((held) => lead('PUT', '/api/ingredients/barley cream', { body: fact(held), version })),
      );
      expect(both.map(({ status }) => status).sort()).toEqual([200, 412]);
      const kept = both[0]!.status === 200 ? 'nuts' : 'sesame';
      const list = (await lead<readonly IngredientRecord[]>('GET', '/api/ingredients')).body;
      expect(list.find(({ name }) => name === 'barley cream')?.own?.mayContain).toEqual([kept]);
    }
    await lead('DELETE', '/api/ingredients/barley cream');
  });

  it('counts who is at risk, for those who order too, without a name', async () => {
    const lesson = await create();
    const before = lesson.atRisk;
    const student = lesson.students.find(({ needs, absent }) => !absent && !needs.diets.includes('cooked through'))!;
    const { body: klass } = await lead<{ students: readonly { id: string; version: number; name: string; number: string }[] }>(
      'GET',
      `/api/classes/${lesson.classId}`,
    );
    const own = klass.students.find(({ id }) => id === student.id)!;
    await lead('PUT', `/api/students/${student.id}`, {
      body: { name: own.name, number: own.number, needs: { ...student.needs, diets: ['cooked through'] } },
      version: own.version,
    });
    const stores = await school.as('stores');
    const seen = (await stores<LessonDetail>('GET', `/api/lessons/${lesson.id}`)).body;
    expect([seen.atRisk, seen.students]).toEqual([before + 1, []]);
  });

  it('orders for another number when asked, and less when someone is away', async () => {
    const lesson = await create();
    const trout = async (query = '') =>
      (await lead<Order>('GET', `/api/lessons/${lesson.id}/order${query}`)).body.lines.find((line) => line.item === 'trout fillets')!.figure
        .value.value;
    expect([await trout(), await trout('?students=20')]).toEqual(['19', '25']);
    expect((await lead('GET', `/api/lessons/${lesson.id}/order?students=0`)).problem.errors![0]!.field).toBe('students');
    for (const student of lesson.students.slice(0, 2)) await lead('PUT', `/api/students/${student.id}/absences/${lesson.date}`);
    expect(await trout()).toBe('17');
  });

  it('exports the order as CSV and as a PDF on A4 and Letter', async () => {
    const lesson = await create();
    const csv = await lead('GET', `/api/lessons/${lesson.id}/order.csv`);
    expect(csv.headers.get('content-disposition')).toMatch(/attachment; filename="order-trout-again-2027-01-11\.csv"/);
    expect(csv.bytes.toString()).toContain('trout fillets');
    const sizes = await Promise.all(
      ['A4', 'LETTER'].map(
        async (paper) =>
          /MediaBox \[0 0 ([\d.]+) /.exec(
            (await lead('GET', `/api/lessons/${lesson.id}/order.pdf?paper=${paper}`)).bytes.toString('latin1'),
          )![1],
      ),
    );
    expect(sizes.map((width) => Math.round(Number(width)))).toEqual([595, 612]);
  });

  it.each([
    ['ends before it starts', { start: '12:00', end: '09:00' }, 'end'],
    ['is on a day that does not exist', { date: '2027-02-30' }, 'date'],
    ['plans for a class of none', { studentCount: 0 }, 'studentCount'],
    ['has teams of nobody', { teamSize: 0 }, 'teamSize'],
    ['has a negative demonstration', { demonstrationPortions: -1 }, 'demonstrationPortions'],
    ['half a portion', { portionsATeam: 0.5 }, 'portionsATeam'],
    ['has no such class', { classId: '00000000-0000-4000-8000-000000000000' }, 'classId'],
    ['has no such dish', { dishEditionIds: ['00000000-0000-4000-8000-000000000000'] }, 'dishEditionIds'],
    ['has no title', { title: '  ' }, 'title'],
  ] as const)('is refused when it %s', async (_, change, field) => {
    const answer = await lead('POST', '/api/lessons', { body: { ...fields, ...change } });
    expect([answer.status, answer.problem.errors?.[0]?.field]).toEqual([422, field]);
    expect(answer.problem.errors![0]!.remedy).not.toBe('');
  });

  it('of an empty class says that nobody comes', async () => {
    const empty = (await lead<ClassDetail>('POST', '/api/classes', { body: { name: 'Nobody', term: '' } })).body;
    const lesson = await create({ classId: empty.id });
    expect(lesson.readiness[0]).toMatchObject({
      phase: 'plan',
      state: 'missing',
      missing: [{ code: 'no-students' }, { code: 'no-technique' }, { code: 'no-rubric' }],
    });
  });

  it('is saved by version, and keeps dish, class and rubric once marks were given', async () => {
    const lesson = await create();
    const saved = await lead<LessonDetail>('PUT', `/api/lessons/${lesson.id}`, { body: { ...fields, title: 'Trout, later' }, version: 1 });
    expect([saved.status, saved.body.version, saved.body.title]).toEqual([200, 2, 'Trout, later']);
    expect((await lead('PUT', `/api/lessons/${lesson.id}`, { body: fields, version: 1 })).status).toBe(412);
    const marked = (await lead<LessonDetail>('GET', `/api/lessons/${(await demoLesson('Knife basics and a citrus salad')).id}`)).body;
    const base: LessonFields = {
      ...fields,
      classId: marked.classId,
      dishEditionIds: [marked.dishes[0]!.editionId],
      rubricEditionId: marked.rubric!.editionId,
    };
    const change = (part: Partial<LessonFields>) =>
      lead('PUT', `/api/lessons/${marked.id}`, { body: { ...base, ...part }, version: marked.version });
    expect((await change({ dishEditionIds: [] })).problem.errors![0]!.field).toBe('dishEditionIds');
    expect((await change({ rubricEditionId: null })).problem.errors![0]!.field).toBe('rubricEditionId');
    expect((await change({})).status).toBe(200);
  });

  it('shows stores the order but no names, needs or marks', async () => {
    const stores = await school.as('stores');
    const { id } = await demoLesson('Blanching and emulsions');
    const { body } = await stores<LessonDetail>('GET', `/api/lessons/${id}`);
    expect([body.students, body.rubric, body.readiness.map(({ phase }) => phase)]).toEqual([[], null, ['plan', 'order']]);
    expect(body.present).toBe(13);
    expect(JSON.stringify((await stores('GET', '/api/lessons')).body)).not.toMatch(/Quill|of 13 dishes/);
    expect((await stores('GET', `/api/lessons/${id}/order.csv`)).status).toBe(200);
  });

  it('holds unread lines in the order of the demo’s duck', async () => {
    const lesson = await demoLesson('Duck, and patience');
    const { body } = await lead<Order>('GET', `/api/lessons/${lesson.id}/order`);
    expect(body.held.map((held) => held.written)).toEqual(['some orange peel']);
    expect(lesson.readiness.find(({ phase }) => phase === 'order')!.missing).toEqual([{ code: 'lines-to-settle', count: 1 }]);
    const rubrics = (await lead<RubricSummary[]>('GET', '/api/rubrics')).body;
    expect(rubrics.map(({ name }) => name).sort()).toEqual([
      'Cold dish and pastry',
      'Hot dish',
      'Knife practical',
      'Plating',
      'Practical dish',
      'Process',
    ]);
  });
});
