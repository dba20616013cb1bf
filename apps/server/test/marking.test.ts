import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ClassResults, DishResult, LessonDetail, LessonSummary, MarkingSheet, MyResult, Practices, Rubric } from '@pelvo/contract';
import { pagesOf } from '../src/platform/pdf';
import { openSchool, type Call, type School } from './school';

let school: School;
let lead: Call;
let student: Call;
let lessons: readonly LessonSummary[];
beforeAll(async () => {
  school = await openSchool({ demo: true });
  [lead, student] = [await school.as('lead'), await school.as('student')];
  lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
});
afterAll(() => school.close());

const lessonId = (title: string) => lessons.find((lesson) => lesson.title.startsWith(title))!.id;
const lesson = async (id: string) => (await lead<LessonDetail>('GET', `/api/lessons/${id}`)).body;
const results = async (id: string) => (await lead<ClassResults>('GET', `/api/lessons/${id}/results`)).body.results;
const choose = async (matter: 'marking' | 'weighing-out', practice: string | null) => {
  const { versions } = (await lead<Practices>('GET', '/api/practices')).body;
  const chosen = await lead<Practices>('PUT', `/api/practices/${matter}`, { body: { practice }, version: versions[matter] });
  expect(chosen.status).toBe(200);
};
/** Teaches a lesson otherwise than the school. */
const teach = async (id: string, practices: LessonDetail['practices']) => {
  const now = await lesson(id);
  const { dishes, techniques, rubric, title, date, start, end, kitchen, classId, substitutions, version } = now;
  const { teamSize, portionsATeam, demonstrationPortions, referencePlates, spareMakings, studentCount } = now;
  const body = {
    ...{ title, date, start, end, kitchen, classId, substitutions, practices },
    ...{ teamSize, portionsATeam, demonstrationPortions, referencePlates, spareMakings, studentCount },
    dishEditionIds: dishes.map(({ editionId }) => editionId),
    techniques: techniques.map((each) => ({ id: each.id, purpose: each.purpose })),
    rubricEditionId: rubric?.editionId ?? null,
  };
  expect((await lead('PUT', `/api/lessons/${id}`, { body, version })).status).toBe(200);
};

describe('how results are told', () => {
  it('follows the school, and the lesson that teaches otherwise', async () => {
    const id = lessonId('Blanching');
    const told = async () => (await results(id)).map(({ result }) => result.way);
    expect(new Set(await told())).toEqual(new Set(['levels']));
    await choose('marking', 'deductions');
    expect(new Set(await told())).toEqual(new Set(['deductions']));
    await teach(id, { marking: 'pass' });
    const passed = await results(id);
    expect(passed.every(({ result }) => result.way === 'pass' && ['Pass', 'Not yet'].includes(result.mark!.shown))).toBe(true);
    expect((await lead<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body.way).toBe('pass');
    await teach(id, {});
    await choose('marking', null);
    expect(new Set(await told())).toEqual(new Set(['levels']));
  });

  it('stays as it was for results the students have', async () => {
    const released = lessonId('Knife basics');
    const mine = async () => (await student<MyResult[]>('GET', '/api/my-results')).body.map(({ mark }) => mark);
    const before = [await mine(), (await results(released)).map(({ result }) => result.mark!.shown)];
    await choose('marking', 'pass');
    expect([await mine(), (await results(released)).map(({ result }) => result.mark!.shown)]).toEqual(before);

    const fresh = lessonId('Blanching');
    expect((await results(fresh))[0]!.result.way).toBe('pass');
    await lead('PUT', `/api/lessons/${fresh}/release`, { body: { released: true } });
    await choose('marking', 'levels');
    const [result] = await results(fresh);
    expect(result!.result.way).toBe('pass');
    const pdf = await lead('GET', `/api/results/${result!.id}/pdf`);
    expect([pdf.status, pdf.bytes.subarray(0, 5).toString()]).toEqual([200, '%PDF-']);
    await lead('PUT', `/api/lessons/${fresh}/release`, { body: { released: false } });
    expect((await results(fresh))[0]!.result.way).toBe('levels');
  });

  it('passes at the level the rubric says', async () => {
    const [listed] = (await lead<{ id: string }[]>('GET', '/api/rubrics')).body;
    const rubric = (await lead<Rubric>('GET', `/api/rubrics/${listed!.id}`)).body;
    const save = (passAt: unknown) =>
      lead<Rubric>('PUT', `/api/rubrics/${rubric.id}`, { body: { ...rubric.content, passAt }, version: rubric.version });
    const wrong = await save(1);
    expect([wrong.status, wrong.problem.errors![0]!.field]).toEqual([422, 'passAt']);
    expect((await save(2)).body.content.passAt).toBe(2);
  });

  it('shows a student the same way as their instructor', async () => {
    const mine = (await student<MyResult[]>('GET', '/api/my-results')).body;
    for (const { id, mark } of mine) {
      const one = (await student<DishResult>('GET', `/api/my-results/${id}`)).body;
      expect([one.result.mark?.shown ?? null, one.result.way]).toEqual([mark, 'levels']);
    }
  });
});

describe('weighing out', () => {
  it('adds trays to the printed order, unless teams draw from store', async () => {
    const id = lessonId('Poaching');
    const pages = async () => pagesOf((await lead('GET', `/api/lessons/${id}/order.pdf`)).bytes);
    await choose('weighing-out', 'draw');
    const without = await pages();
    await choose('weighing-out', 'trays');
    expect(await pages()).toBeGreaterThan(without);
    await teach(id, { 'weighing-out': 'draw' });
    expect(await pages()).toBe(without);
    const stores = await school.as('stores');
    expect((await stores('GET', `/api/lessons/${id}/order.pdf?paper=LETTER`)).status).toBe(200);
  });
});
