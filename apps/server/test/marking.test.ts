import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type {
  ClassResults,
  DishResult,
  LessonDetail,
  LessonSummary,
  MarkingSheet,
  MyResult,
  Rubric,
  School as SchoolOfContract,
} from '@pelvo/contract';
import { resultsOfClass } from '@pelvo/contract';
import { AS_THE_SCHOOL, shownOf, type LessonSettings, type SchoolSettings } from '@pelvo/core';
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
const results = async (id: string) => resultsOfClass((await lead<ClassResults>('GET', `/api/lessons/${id}/results`)).body).results;
/** Sets how the school runs its lessons. */
const choose = async (change: Partial<SchoolSettings>) => {
  const { settings, version } = (await lead<SchoolOfContract>('GET', '/api/school')).body;
  expect((await lead('PUT', '/api/school', { body: { ...settings, ...change }, version })).status).toBe(200);
};
/** Lets a lesson run otherwise than the school. */
const run = async (id: string, settings: Partial<LessonSettings>) => {
  const now = await lesson(id);
  const { dishes, techniques, rubric, title, date, start, end, kitchenId, teams, classId, substitutions, practices, version } = now;
  const { teamSize, portionsATeam, demonstrationPortions, referencePlates, tastingPortions, spareMakings, studentCount } = now;
  const body = {
    ...{ title, date, start, end, kitchenId, teams, classId, substitutions, practices },
    ...{ teamSize, portionsATeam, demonstrationPortions, referencePlates, tastingPortions, spareMakings, studentCount },
    dishEditionIds: dishes.map(({ editionId }) => editionId),
    techniques: techniques.map((each) => ({ id: each.id, purpose: each.purpose })),
    rubricEditionId: rubric?.editionId ?? null,
    settings: { ...AS_THE_SCHOOL, ...settings },
  };
  expect((await lead('PUT', `/api/lessons/${id}`, { body, version })).status).toBe(200);
};

describe('how results are told', () => {
  it('follows the school, and the lesson that teaches otherwise', async () => {
    const id = lessonId('Blanching');
    const told = async () => (await results(id)).map(({ result }) => result.way);
    expect(new Set(await told())).toEqual(new Set(['levels']));
    await choose({ marking: 'deductions' });
    expect(new Set(await told())).toEqual(new Set(['deductions']));
    await run(id, { marking: 'pass' });
    const passed = await results(id);
    expect(passed.every(({ result }) => result.way === 'pass' && ['pass', 'not-yet'].includes(result.mark!.told!.code))).toBe(true);
    expect((await lead<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body.way).toBe('pass');
    await run(id, {});
    await choose({ marking: 'levels' });
    expect(new Set(await told())).toEqual(new Set(['levels']));
  });

  it('stays as it was for results the students have', async () => {
    const released = lessonId('Knife basics');
    const mine = async () => (await student<MyResult[]>('GET', '/api/my-results')).body.map(({ mark }) => mark);
    const before = [await mine(), (await results(released)).map(({ result }) => shownOf(result.mark!))];
    await choose({ marking: 'pass' });
    expect([await mine(), (await results(released)).map(({ result }) => shownOf(result.mark!))]).toEqual(before);

    const fresh = lessonId('Blanching');
    expect((await results(fresh))[0]!.result.way).toBe('pass');
    await lead('PUT', `/api/lessons/${fresh}/release`, { body: { released: true } });
    await choose({ marking: 'levels' });
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
      expect([one.result.mark ? shownOf(one.result.mark) : null, one.result.way]).toEqual([mark, 'levels']);
    }
  });
});

describe('weighing out', () => {
  it('adds trays to the printed order, unless teams draw from store', async () => {
    const id = lessonId('Poaching');
    const pages = async () => pagesOf((await lead('GET', `/api/lessons/${id}/order.pdf`)).bytes);
    await choose({ weighingOut: 'draw' });
    const without = await pages();
    await choose({ weighingOut: 'trays' });
    expect(await pages()).toBeGreaterThan(without);
    await run(id, { weighingOut: 'draw' });
    expect(await pages()).toBe(without);
    const stores = await school.as('stores');
    expect((await stores('GET', `/api/lessons/${id}/order.pdf?paper=LETTER`)).status).toBe(200);
  });
});

describe('the aim of the day', () => {
  const aims = async (title: string) =>
    new Map(
      (await lead<MarkingSheet>('GET', `/api/lessons/${lessonId(title)}/marking-sheet`)).body.students.flatMap(({ name, aim }) =>
        aim ? [[name, aim] as const] : [],
      ),
    );

  it('is what cost a student most of what they were told last, and nothing that they have not been told', async () => {
    const given = (id: string, released: boolean) => lead('PUT', `/api/lessons/${id}/release`, { body: { released, why: 'for a test' } });
    const [first, second] = ['Knife basics', 'Blanching'].map(lessonId) as [string, string];
    await given(second, false);
    await given(first, true);
    // The first lesson has nothing before it.
    expect((await aims('Knife basics')).size).toBe(0);
    const told = await aims('Sweating');
    const there = new Set(
      (await lead<MarkingSheet>('GET', `/api/lessons/${lessonId('Sweating')}/marking-sheet`)).body.students.map(({ name }) => name),
    );
    // Who left the class meanwhile has no aim in it.
    const marked = (await results(first)).filter(({ student: name, result }) => there.has(name) && result.complete);
    expect(marked.length).toBeGreaterThan(3);
    for (const { student: name, result } of marked) {
      if (result.remarks.length === 0) expect(told.has(name), name).toBe(false);
      else expect(result.remarks.map(({ criterion }) => criterion)).toContain(told.get(name)?.split(':')[0]);
    }
    // Not given out, the later lesson changes nobody's aim; given out, it does.
    const before = await aims('Poaching');
    await given(second, true);
    expect(await aims('Poaching')).not.toEqual(before);
  });
});

it('says at the pass by which conditions a dish is judged that is served below its rule on purpose', async () => {
  const sheetOf = async (title: string) => (await lead<MarkingSheet>('GET', `/api/lessons/${lessonId(title)}/marking-sheet`)).body;
  const [dish] = (await sheetOf('Duck')).dishes;
  expect(dish!.below).toHaveLength(1);
  expect(dish!.below![0]).toMatch(
    /^Duck breast with braised red cabbage: below the rule on purpose .* Judge its conditions, not its core: .*seared all over outside/,
  );
  expect((await sheetOf('Two plates against the clock')).dishes.flatMap(({ below }) => below ?? [])).toEqual([]);
});
