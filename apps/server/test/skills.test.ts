import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ClassSkills, LessonSummary, MarkingSheet, MySkills } from '@pelvo/contract';
import { pagesOf } from '../src/platform/pdf';
import { skillRecord } from '../src/progress/skillRecord';
import { openSchool, type School } from './school';

describe('skills of a class', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
  });
  afterAll(() => school.close());

  it('are printed as a record of practical skills, of one student or of the class, a page each', async () => {
    const assistant = await school.as('assistant');
    const [first] = (await assistant<{ id: string; name: string }[]>('GET', '/api/classes')).body.filter(({ name }) =>
      name.startsWith('Foundation'),
    );
    const skills = (await assistant<ClassSkills>('GET', `/api/classes/${first!.id}/skills`)).body;
    const at = `/api/classes/${first!.id}/skills/record.pdf`;
    const all = await assistant('GET', `${at}?paper=LETTER`);
    expect([all.status, all.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    expect(pagesOf(all.bytes)).toBeGreaterThanOrEqual(skills.students.length);
    const one = await assistant('GET', `${at}?student=${skills.students[0]!.id}`);
    expect([one.status, pagesOf(one.bytes)]).toEqual([200, 1]);
    const [known] = skills.cells.filter(({ skill }) => skill.known);
    const said = JSON.stringify(skillRecord(skills, new Set([known!.studentId])));
    expect(said).toContain(known!.technique);
    for (const { id, name } of skills.students) expect(said.includes(name)).toBe(id === known!.studentId);
    expect((await assistant('GET', `${at}?student=${randomUUID()}`)).status).toBe(404);
    expect((await assistant('GET', `${at}?student=x`)).status).toBe(422);
    expect((await (await school.as('student'))('GET', at)).status).toBe(403);
  });

  it('are a student’s own by what they were given, not by what was marked since', async () => {
    const [lead, assistant, student] = await Promise.all((['lead', 'assistant', 'student'] as const).map((role) => school.as(role)));
    const stands = async () => (await student!<MySkills>('GET', '/api/my-skills')).body.techniques;
    const title = 'Sweating, stock and a slow barley';
    const { id } = (await lead!<LessonSummary[]>('GET', '/api/lessons')).body.find((each) => each.title === title)!;
    const release = async (released: boolean) =>
      expect((await lead!('PUT', `/api/lessons/${id}/release`, { body: { released, why: 'Looked at again' } })).status).toBe(200);
    const before = await stands();
    const seasoned = before.find(({ name }) => name === 'Season and taste')!;
    expect(seasoned.points.at(-1)!.lesson).toBe(title);
    for (const { points } of before) expect(points.map(({ date }) => date)).toEqual([...points.map(({ date }) => date)].sort());
    const sheet = (await assistant!<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body;
    const body = {
      studentId: sheet.students.find(({ name }) => name === 'Amara Quill')!.id,
      dishEditionId: sheet.dishes[0]!.editionId,
      criterionKey: 'seasoning',
      value: { kind: 'level', level: 4, faults: [] },
    };
    const events = [{ id: randomUUID(), kind: 'mark', body, at: new Date().toISOString() }];
    expect((await assistant!('POST', `/api/lessons/${id}/events`, { body: { events } })).status).toBe(200);
    expect(await stands()).toEqual(before);
    await release(true);
    const after = (await stands()).find(({ name }) => name === 'Season and taste')!;
    expect(after.points.at(-1)!.skill.level).toBeGreaterThan(seasoned.points.at(-1)!.skill.level);
    await release(false);
    expect((await stands()).flatMap(({ points }) => points).filter(({ lesson }) => lesson === title)).toEqual([]);
    for (const role of ['lead', 'assistant', 'stores'] as const)
      expect((await (await school.as(role))('GET', '/api/my-skills')).status).toBe(403);
  });

  it('tell what goes wrong most by technique and by the component on which it sits', async () => {
    const [lead, assistant] = await Promise.all([school.as('lead'), school.as('assistant')]);
    const lesson = (await lead<LessonSummary[]>('GET', '/api/lessons')).body.find(({ title }) => title === 'Poaching and a mounted sauce')!;
    const sheet = (await assistant<MarkingSheet>('GET', `/api/lessons/${lesson.id}/marking-sheet`)).body;
    const [dish] = sheet.dishes;
    expect(dish!.components!.map(({ name }) => name)).toEqual(['trout fillets', 'Sauce', 'Garnish', '']);
    const criterion = sheet.rubric!.content.criteria.find(({ key }) => key === 'sauce')!;
    const fault = criterion.faults.find(({ technique }) => technique === 'Reduce and mount a sauce')!;
    expect(dish!.components!.filter(({ techniques }) => techniques.includes(fault.technique)).map(({ name }) => name)).toEqual(['Sauce']);
    const mark = (studentId: string, notes: object) => ({
      id: randomUUID(),
      kind: 'mark',
      body: {
        ...{ studentId, dishEditionId: dish!.editionId, criterionKey: criterion.key },
        value: { kind: 'level', level: 2, faults: [fault.key], notes },
      },
      at: new Date().toISOString(),
    });
    const give = (...events: object[]) => assistant('POST', `/api/lessons/${lesson.id}/events`, { body: { events } });
    const [ada, bo, cy] = sheet.students.filter(({ absent }) => !absent).map(({ id }) => id);
    const sits = { [fault.key]: { place: 'Sauce', nextTime: 'Half the butter at a time' } };
    expect((await give(mark(ada!, sits), mark(bo!, sits), mark(cy!, {}))).status).toBe(200);
    // A note of a fault that was not noted, or one too long, is refused by its field.
    for (const notes of [{ other: { place: 'Sauce' } }, { [fault.key]: { place: 'x'.repeat(121) } }])
      expect((await give(mark(ada!, notes))).status).toBe(422);
    const { classId } = (await lead<{ classId: string }>('GET', `/api/lessons/${lesson.id}`)).body;
    const { faults } = (await lead<ClassSkills>('GET', `/api/classes/${classId}/skills`)).body;
    const told = faults.filter(({ see }) => see === fault.see);
    expect(told.find(({ place }) => place === 'Sauce')).toMatchObject({ technique: fault.technique, times: 2, students: 2 });
    expect(told.find(({ place }) => place === '')!.times).toBeGreaterThan(0);
  });
});
