import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { RELEASED_MARKS, type MarkBody, type MarkValue } from '@pelvo/core';
import {
  resultsOfClass,
  type ClassFairness,
  type ClassResults,
  type DishResult,
  type EventsTaken,
  type LessonDetail,
  type LessonSummary,
  type MarkingSheet,
  type SaidEvent,
  type SkillSignSaid,
} from '@pelvo/contract';
import { openStored } from '../src/platform/database/documentColumn';
import { openSchool, type Call, type School } from './school';

describe('marks that differ', () => {
  let school: School;
  let lead: Call;
  let assistant: Call;
  let student: Call;
  let lesson: LessonDetail;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    [lead, assistant, student] = await Promise.all([school.as('lead'), school.as('assistant'), school.as('student')]);
    const lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
    lesson = (
      await lead<LessonDetail>('GET', `/api/lessons/${lessons.find(({ title }) => title === 'Sweating, stock and a slow barley')!.id}`)
    ).body;
  });
  afterAll(() => school.close());

  const sheetOf = async (id: string) => (await assistant<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body;
  const level = (value: 1 | 2 | 3 | 4): MarkValue => ({ kind: 'level', level: value, faults: [] });
  const touch = (sheet: MarkingSheet, name: string, value: MarkValue | null, agreed = false): SaidEvent & { body: MarkBody } => ({
    id: randomUUID(),
    kind: 'mark',
    body: {
      studentId: sheet.students.find((each) => each.name === name)!.id,
      dishEditionId: sheet.dishes[0]!.editionId,
      criterionKey: 'seasoning',
      value,
      ...(agreed ? { agreed } : {}),
    },
    at: new Date().toISOString(),
  });
  const results = async (id: string) => resultsOfClass((await lead<ClassResults>('GET', `/api/lessons/${id}/results`)).body);

  it('counts what two agreed on, keeps what each said, and is of neither for how they agree', async () => {
    const { id, classId } = lesson;
    const sheet = await sheetOf(id);
    const name = sheet.students.filter(({ absent }) => !absent).at(-2)!.name;
    const agreeing = (value: MarkValue | null) => touch(sheet, name, value, true);
    const say = (who: Call, event: SaidEvent) => who<EventsTaken>('POST', `/api/lessons/${id}/events`, { body: { events: [event] } });
    await say(lead, touch(sheet, name, level(4)));
    await say(assistant, touch(sheet, name, level(1)));
    const own = async () => (await results(id)).results.find((each) => each.student === name)!;
    const one = async () => (await assistant<DishResult>('GET', `/api/results/${(await own()).id}`)).body;
    const fair = async () => (await lead<ClassFairness>('GET', `/api/classes/${classId}/fairness`)).body;
    const before = await fair();
    expect((await one()).differing).toMatchObject({
      lessonId: id,
      criteria: expect.arrayContaining([
        {
          criterionKey: 'seasoning',
          said: [
            { assessor: 'Maren Oltz', value: level(4) },
            { assessor: 'Teo Vasz', value: level(1) },
          ],
          agreed: null,
        },
      ]) as unknown,
    });

    // Both put down what they agreed on at the same moment: one of the two stands.
    expect((await Promise.all([say(lead, agreeing(level(3))), say(assistant, agreeing(level(2)))])).map(({ status }) => status)).toEqual([
      200, 200,
    ]);
    const [{ rows }] = (await school.database.query(
      "SELECT COUNT(*) AS `rows` FROM mark JOIN assessment ON assessment.id = assessment_id WHERE lesson_id = ? AND criterion_key = 'seasoning' AND agreed",
      [id],
    )) as [{ rows: string }];
    expect(Number(rows)).toBe(1);
    expect([level(2), level(3)]).toContainEqual((await own()).marks.seasoning);

    await say(assistant, agreeing(level(2)));
    // A later touch of one's own changes nothing that was agreed on.
    await say(lead, touch(sheet, name, level(4)));
    expect((await own()).marks.seasoning).toEqual(level(2));
    expect([(await one()).assessors, (await one()).agreed]).toEqual([['Maren Oltz', 'Teo Vasz'], ['seasoning']]);
    const given = (await sheetOf(id)).plates.find(
      ({ studentId }) => studentId === sheet.students.find((each) => each.name === name)!.id,
    )!.given;
    expect(given.filter(({ criterionKey }) => criterionKey === 'seasoning')).toHaveLength(3);
    expect((await fair()).fairness.criteria).toEqual(before.fairness.criteria);

    // Where a student stands is of what counts.
    const studentId = sheet.students.find((each) => each.name === name)!.id;
    const path = `/api/classes/${classId}/skills/${studentId}/${encodeURIComponent('Season and taste')}`;
    const behind = (await lead<SkillSignSaid[]>('GET', path)).body.filter((sign) => sign.lessonId === id && sign.criterion === 'Seasoning');
    expect(behind.map((sign) => sign.level)).toEqual([2]);

    // Its student is told so too, as it was when the results were given out.
    expect((await lead('PUT', `/api/lessons/${id}/release`, { body: { released: true, why: 'Settled.' } })).status).toBe(200);
    const [{ released }] = (await school.database.query('SELECT released FROM assessment WHERE lesson_id = ? AND student_id = ?', [
      id,
      studentId,
    ])) as [{ released: string }];
    expect(openStored(RELEASED_MARKS, released).agreed).toEqual(['seasoning']);

    // Taken back, the rule of the school counts again.
    await say(lead, agreeing(null));
    expect((await one()).agreed).toEqual([]);
    expect((await own()).marks.seasoning).toEqual(level(4));
    expect((await one()).differing!.criteria.find(({ criterionKey }) => criterionKey === 'seasoning')!.agreed).toBeNull();
    const wrong = agreeing(level(2));
    expect((await say(lead, { ...wrong, body: { ...wrong.body, agreed: 'yes' } } as unknown as SaidEvent)).status).toBe(422);
    expect((await student('GET', `/api/results/${(await own()).id}`)).status).toBe(403);
  });
});
