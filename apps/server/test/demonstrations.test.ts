import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { computeOrder, demonstrationChoices, EMPTY_DEMONSTRATION, showSteps, type Demonstration, type Order } from '@pelvo/core';
import {
  orderInputOf,
  type AskedRecord,
  type DemonstrationsOfLesson,
  type LessonDetail,
  type LessonSummary,
  type PreparationOfLesson,
  type StoredDemonstration,
} from '@pelvo/contract';
import { addDemoDemonstrations } from '../src/demo/addDemoDemonstrations';
import { pagesOf } from '../src/platform/pdf';
import { openSchool, type Call, type School } from './school';

let school: School;
let lead: Call;
let assistant: Call;
let lesson: LessonDetail;

beforeAll(async () => {
  school = await openSchool({ demo: true });
  [lead, assistant] = await Promise.all([school.as('lead'), school.as('assistant')]);
  const lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
  const { id } = lessons.find(({ title }) => title.startsWith('Frying'))!;
  lesson = (await lead<LessonDetail>('GET', `/api/lessons/${id}`)).body;
});
afterAll(() => school.close());

const dish = () => lesson.dishes[0]!;
const at = (dishId = dish().dishId) => `/api/lessons/${lesson.id}/demonstrations/${dishId}`;
const put = (content: Demonstration, version: number, as = lead) => as<StoredDemonstration>('PUT', at(), { body: content, version });
const all = async () => (await lead<DemonstrationsOfLesson>('GET', `/api/lessons/${lesson.id}/demonstrations`)).body;

describe('a demonstration', () => {
  it('is stored by version: of two that save the first one at the same moment, one is told', async () => {
    const both = await Promise.all([put(EMPTY_DEMONSTRATION, 0), put({ ...EMPTY_DEMONSTRATION, slot: 20 }, 0, assistant)]);
    expect(both.map(({ status }) => status).sort()).toEqual([200, 412]);
    for (let version = 1; version < 6; version += 1) {
      const again = await Promise.all([20, 30].map((slot) => put({ ...EMPTY_DEMONSTRATION, slot }, version)));
      expect(again.map(({ status }) => status).sort()).toEqual([200, 412]);
    }
    expect((await all()).items).toHaveLength(1);
  });

  it('puts what stands ready onto the order and the trays, alike on the server and in the browser', async () => {
    const steps = showSteps(dish().content, EMPTY_DEMONSTRATION);
    const found = demonstrationChoices(steps, 35);
    if (found.kind !== 'options') throw new Error(found.because.kind);
    const more = found.options.find(({ standIns }) => standIns.further.size > 0)!;
    const before = (await lead<Order>('GET', `/api/lessons/${lesson.id}/order`)).body;
    const [{ version }] = (await all()).items as [StoredDemonstration];
    expect((await put({ ...EMPTY_DEMONSTRATION, choice: more.choice }, version)).status).toBe(200);
    const now = (await lead<LessonDetail>('GET', `/api/lessons/${lesson.id}`)).body;
    expect(now.standIns).toEqual({ [dish().dishId]: Object.fromEntries(more.standIns.further) });
    const after = (await lead<Order>('GET', `/api/lessons/${lesson.id}/order`)).body;
    expect(after).toEqual(JSON.parse(JSON.stringify(computeOrder(orderInputOf(now)))));
    expect(JSON.stringify(after.lines)).not.toBe(JSON.stringify(before.lines));
    // Stores order by it, and see no script.
    const stores = await school.as('stores');
    expect((await stores<LessonDetail>('GET', `/api/lessons/${lesson.id}`)).body.standIns).toEqual(now.standIns);
    expect((await stores('GET', `/api/lessons/${lesson.id}/demonstrations`)).status).toBe(403);
  });

  it('refuses what cannot be, by its field', async () => {
    const [{ version }] = (await all()).items as [StoredDemonstration];
    const bad = [
      [{ slot: 0 }, 'slot'],
      [{ choice: { shown: ['a', 'a'], jumps: [] } }, 'choice.shown'],
      [{ took: { step: 500 } }, 'took.step'],
      [{ weighings: [{ id: 'w', lineId: 'l', before: '100', added: [], after: '200' }] }, 'weighings.0'],
      [{ weighings: [{ id: 'w', lineId: 'l', before: 'some', added: [], after: '2' }] }, 'weighings.0.before'],
      [{ camera: 'x'.repeat(200) }, 'camera'],
    ] as const;
    for (const [part, field] of bad) {
      const { status, problem } = await put({ ...EMPTY_DEMONSTRATION, ...part } as Demonstration, version);
      expect([status, problem.errors?.some((error) => error.field.startsWith(field))]).toEqual([422, true]);
      expect(problem.errors![0]!.remedy).not.toBe('');
    }
    const elsewhere = at('00000000-0000-4000-8000-000000000000');
    expect((await lead('PUT', elsewhere, { body: EMPTY_DEMONSTRATION, version: 0 })).status).toBe(404);
  });

  it('keeps what was weighed back at once, with nothing added to the bowl', async () => {
    const [{ version, content }] = (await all()).items as [StoredDemonstration];
    const weighings = [{ id: 'w', lineId: 'l', before: '120', added: [], after: '84' }];
    const kept = await put({ ...content, weighings }, version);
    expect([kept.status, kept.body.content.weighings]).toEqual([200, weighings]);
    await put(content, version + 1);
  });

  it('is printed with its script once something is chosen', async () => {
    const { status, bytes } = await lead('GET', `${at()}/script.pdf?paper=A4`);
    expect([status, pagesOf(bytes) > 0]).toEqual([200, true]);
    const [{ version }] = (await all()).items as [StoredDemonstration];
    await put(EMPTY_DEMONSTRATION, version);
    expect((await lead('GET', `${at()}/script.pdf`)).status).toBe(409);
  });

  it('keeps questions for the next script of the dish, also when its lesson is another', async () => {
    const [step] = dish().content.method;
    const asked = { stepId: step!.id, asked: 'Why in batches?', answer: 'The fat stays hot.' };
    const { status, body } = await assistant<AskedRecord>('POST', `${at()}/questions`, { body: asked });
    expect([status, body.asked, body.lesson]).toEqual([201, 'Why in batches?', lesson.title]);
    const { body: other } = await lead<LessonDetail>('POST', '/api/lessons', {
      body: {
        ...{ title: 'Panisse again', date: lesson.date, start: '09:00', end: '12:00', kitchenId: null, classId: lesson.classId },
        ...{ teamSize: 2, portionsATeam: 2, demonstrationPortions: 2, referencePlates: 0, tastingPortions: 0, spareMakings: 0 },
        ...{ studentCount: null, dishEditionIds: [dish().editionId], techniques: [], rubricEditionId: null },
      },
    });
    const there = (await lead<DemonstrationsOfLesson>('GET', `/api/lessons/${other.id}/demonstrations`)).body;
    expect(there.asked.map((each) => each.asked)).toContain('Why in batches?');
    expect((await lead('POST', `${at()}/questions`, { body: { ...asked, asked: ' ' } })).status).toBe(422);
    expect((await lead('DELETE', `/api/demonstration-questions/${body.id}`)).status).toBe(204);
    expect((await lead('DELETE', `/api/demonstration-questions/${body.id}`)).status).toBe(404);
    expect((await all()).asked).toEqual([]);
  });

  it('is chosen for the demo school’s lessons, and fits its slot', async () => {
    const [{ id }] = (await school.database.query("SELECT id FROM person WHERE role = 'lead'")) as [{ id: string }];
    await school.database.query('DELETE FROM lesson_demonstration');
    await addDemoDemonstrations(school.database, id);
    const rows = (await school.database.query('SELECT COUNT(*) AS there FROM lesson_demonstration')) as [{ there: string }];
    expect(Number(rows[0].there)).toBeGreaterThan(3);
  });
});

describe('the preparation of a lesson', () => {
  const path = () => `/api/lessons/${lesson.id}/preparation`;
  const tick = (as: Call, task: string, done = true) => as<PreparationOfLesson>('PUT', path(), { body: { task, done } });

  it('is ticked off once, whoever does it at the same moment, stores too, and can be ticked on again', async () => {
    const stores = await school.as('stores');
    for (let round = 0; round < 5; round += 1) {
      const task = `team carrot peel ${round}`;
      const all3 = await Promise.all([lead, assistant, stores].map((as) => tick(as, task)));
      expect(all3.map(({ status }) => status)).toEqual([200, 200, 200]);
      const { done } = (await stores<PreparationOfLesson>('GET', path())).body;
      expect(done.filter((each) => each.task === task)).toHaveLength(1);
    }
    const off = await Promise.all([tick(lead, 'team carrot peel 0', false), tick(stores, 'team carrot peel 0', false)]);
    expect(off.map(({ status }) => status)).toEqual([200, 200]);
    expect((await lead<PreparationOfLesson>('GET', path())).body.done).toHaveLength(4);
  });

  it('tells apart what differs by an accent or a capital, and refuses what is none', async () => {
    await tick(lead, 'team Crème cut');
    await tick(lead, 'team Creme cut');
    const { done } = (await lead<PreparationOfLesson>('GET', path())).body;
    expect(done.filter(({ task }) => /cr[eè]me/i.test(task))).toHaveLength(2);
    for (const body of [{ task: ' ', done: true }, { task: 'x'.repeat(161), done: true }, { task: 'x' }])
      expect((await lead('PUT', path(), { body })).status).toBe(422);
    expect((await lead('GET', '/api/lessons/00000000-0000-4000-8000-000000000000/preparation')).status).toBe(404);
  });

  it('knows the tools of the techniques that the dishes name, and nothing else of their cards', async () => {
    const { cards } = (await lead<PreparationOfLesson>('GET', path())).body;
    expect(Object.keys(cards).length).toBeGreaterThan(0);
    for (const card of Object.values(cards)) expect(Object.keys(card).sort()).toEqual(['name', 'tools']);
  });
});
