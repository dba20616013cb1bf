import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { shownOf, type MarkBody, type MarkValue } from '@pelvo/core';
import type {
  ClassFairness,
  ClassResults,
  ClassSkills,
  DishResult,
  EventsPage,
  EventsTaken,
  LessonSummary,
  SaidEvent,
  MarkingSheet,
  LessonMarkedWith,
  MyResult,
  ResultChange,
  Rubric,
  RubricSummary,
  SkillSignSaid,
} from '@pelvo/contract';
import { resultsOfClass } from '@pelvo/contract';
import { brokenAt, hashOf, type ChainedEntry } from '../../../tools/lib/record.mjs';
import { openSchool, type Call, type School } from './school';

describe('marking', () => {
  let school: School;
  let lead: Call;
  let assistant: Call;
  let student: Call;
  let lessons: LessonSummary[];
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    [lead, assistant, student] = await Promise.all([school.as('lead'), school.as('assistant'), school.as('student')]);
    lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
  });
  afterAll(() => school.close());

  const lessonId = (title: string) => lessons.find((lesson) => lesson.title === title)!.id;
  const sheetOf = async (id: string) => (await assistant<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body;
  const level = (value: 1 | 2 | 3 | 4, faults: string[] = []): MarkValue => ({ kind: 'level', level: value, faults });
  const touch = (
    sheet: MarkingSheet,
    criterionKey: string,
    value: MarkValue | null,
    name = 'Amara Quill',
  ): SaidEvent & { body: MarkBody } => ({
    id: randomUUID(),
    kind: 'mark',
    body: {
      studentId: sheet.students.find((each) => each.name === name)!.id,
      dishEditionId: sheet.dishes[0]!.editionId,
      criterionKey,
      value,
    },
    at: new Date().toISOString(),
  });
  const give = (id: string, ...events: SaidEvent[]) => assistant<EventsTaken>('POST', `/api/lessons/${id}/events`, { body: { events } });
  const sheetAndClass = async (title: string) => ({
    ...(await sheetOf(lessonId(title))),
    classId: (await lead<{ classId: string }>('GET', `/api/lessons/${lessonId(title)}`)).body.classId,
  });
  const nameOf = (students: MarkingSheet['students'], id: string) => students.find((each) => each.id === id)!.name;
  const results = async (id: string) => {
    const { body } = await lead<ClassResults>('GET', `/api/lessons/${id}/results`);
    return { ...body, ...resultsOfClass(body) };
  };

  it('stores each touch once, however often it is sent, and the newest counts', async () => {
    const id = lessonId('Poaching and a mounted sauce');
    const sheet = await sheetOf(id);
    const first = touch(sheet, 'doneness', level(2));
    expect((await give(id, first)).body).toEqual({ stored: 1, number: 1 });
    expect((await give(id, first, first)).body).toEqual({ stored: 0, number: 1 });
    await give(
      id,
      touch(sheet, 'doneness', level(4)),
      touch(sheet, 'seasoning', level(1, ['bland-poach'])),
      touch(sheet, 'rim', { kind: 'notSeen' }),
    );
    const [result] = (await results(id)).results;
    expect(result!.marks).toMatchObject({ doneness: level(4), seasoning: level(1, ['bland-poach']), rim: { kind: 'notSeen' } });
    // Only cooking was seen: (3 × 1 + 2 × 1/4) / 5
    expect([shownOf(result!.result.mark!), result!.result.complete, result!.assessors]).toEqual(['70', false, ['Teo Vasz']]);
    expect(result!.result.remarks[0]).toMatchObject({ cause: 'The liquid was not seasoned', technique: 'Poach' });
    await give(id, touch(sheet, 'seasoning', null));
    expect((await results(id)).results[0]!.marks.seasoning).toBeUndefined();
  });

  it('takes what was measured, counted and staged, keeps pieces before a level is given, and refuses what cannot be', async () => {
    const id = lessonId('Knife basics and a citrus salad');
    const sheet = await sheetOf(id);
    const name = sheet.students[0]!.name;
    const dice = (pieces: readonly (readonly number[])[], at: number | null) =>
      touch(sheet, 'fine-dice', { kind: 'measured', pieces, level: at, faults: [] } as unknown as MarkValue, name);
    const of = async () => (await results(id)).results.find((each) => each.student === name)!;
    const before = (await of()).marks['fine-dice'];
    expect(before).toMatchObject({ kind: 'measured' });
    await give(id, dice([[3], [3.1], [9]], 2));
    expect((await of()).marks['fine-dice']).toMatchObject({ pieces: [[3], [3.1], [9]], level: 2 });
    // Measured again, without a level: the pieces are kept, and it is no mark.
    await give(id, dice([[3], [3], [3]], null));
    // What the lead had said of it counts again meanwhile.
    expect((await of()).marks['fine-dice']).toEqual(before);
    const kept = (await sheetOf(id)).plates.flatMap(({ given }) => given).filter(({ criterionKey }) => criterionKey === 'fine-dice');
    expect(kept.some(({ value }) => value?.kind === 'measured' && value.level === null && value.pieces.length === 3)).toBe(true);
    await give(id, dice([[3], [3], [3]], 4));
    const wrong: readonly [string, unknown][] = [
      ['fine-dice', { kind: 'measured', pieces: [[1, 2]], level: 3, faults: [] }],
      ['fine-dice', { kind: 'measured', pieces: [[30_000]], level: 3, faults: [] }],
      ['fine-dice', { kind: 'measured', pieces: Array(300).fill([3]), level: 3, faults: [] }],
      ['fine-dice', { kind: 'counted', count: 3, faults: [] }],
      ['boards-missed', { kind: 'counted', count: -1, faults: [] }],
      ['boards-missed', { kind: 'counted', count: 1.5, faults: [] }],
      ['station', { kind: 'ladder', stage: 7, faults: [] }],
      ['station', { kind: 'ladder', stage: 1, wanted: 7, faults: [] }],
      ['station', { kind: 'level', level: 3, faults: [] }],
      ['station', { kind: 'guess' }],
    ];
    for (const [key, value] of wrong) {
      const answer = await give(id, touch(sheet, key, value as MarkValue, name));
      expect([key, JSON.stringify(value).slice(0, 60), answer.status]).toEqual([key, JSON.stringify(value).slice(0, 60), 422]);
    }
    await give(
      id,
      touch(sheet, 'boards-missed', { kind: 'counted', count: 2, faults: [] }, name),
      touch(sheet, 'station', { kind: 'ladder', stage: 3, faults: [] }, name),
    );
    const { marks, result } = await of();
    expect(marks).toMatchObject({ 'boards-missed': { count: 2 }, station: { stage: 3 }, 'fine-dice': { level: 4 } });
    expect(result.mark).not.toBeNull();
    // Amara was told another mark: a change of it says why.
    const unsaid = await lead('PUT', `/api/lessons/${id}/release`, { body: { released: true } });
    expect([unsaid.status, unsaid.problem.errors![0]!.field]).toEqual([422, 'why']);
    const why = 'Measured again with a calliper';
    expect((await lead('PUT', `/api/lessons/${id}/release`, { body: { released: true, why } })).status).toBe(200);
    const [change] = (await lead<ResultChange[]>('GET', `/api/lessons/${id}/told`)).body;
    expect(change).toMatchObject({ why, by: 'Maren Oltz', student: name, after: shownOf(result.mark!) });
    expect(change!.before).not.toBe(change!.after);
    for (const who of [assistant, student]) expect((await who('GET', `/api/lessons/${id}/told`)).status).toBe(403);
    const gradebook = await lead('GET', `/api/lessons/${id}/results.csv`);
    expect(gradebook.bytes.toString()).toMatch(new RegExp(`\\n${name},.*,${shownOf(result.mark!)},`));
    expect((await student('GET', `/api/lessons/${id}/results.csv`)).status).toBe(403);
  });

  it('keeps a record of what was told that cannot be changed without it showing, also written by two at the same moment', async () => {
    const rows = async () =>
      (await school.database.query(
        'SELECT number, lesson_id AS lessonId, assessment_id AS assessmentId, person_id AS personId, at, why, before_told AS `before`, after_told AS `after`, previous, hash FROM told_record ORDER BY number',
      )) as ChainedEntry[];
    const ids = ['Knife basics and a citrus salad', 'Sweating, stock and a slow barley'].map(lessonId);
    const give2 = (released: boolean) =>
      ids.map((id) => lead('PUT', `/api/lessons/${id}/release`, { body: { released, why: 'as asked' } }));
    const before = (await rows()).length;
    // Two lessons at the same moment, and one of them twice: one chain, without a gap.
    for (const released of [false, true])
      expect((await Promise.all([...give2(released), give2(released)[0]!])).map(({ status }) => status)).toEqual([200, 200, 200]);
    const all = await rows();
    expect(all.length).toBeGreaterThan(before);
    expect(brokenAt(all)).toBeNull();
    const [third] = all.slice(2);
    const changed = (change: Partial<ChainedEntry>) => brokenAt(all.map((row) => (row === third ? { ...row, ...change } : row)));
    expect(changed({ why: 'nothing at all' })).toMatchObject({ number: 3, why: 'It was changed after it was written.' });
    expect(changed({ after: third!.after!.replace('"level":', '"level": ') })).toMatchObject({ number: 3 });
    // Whoever writes the hash anew as well breaks the entry behind it.
    expect(changed({ why: 'nothing', hash: hashOf(third!.previous, { ...third!, why: 'nothing' }) })).toMatchObject({ number: 4 });
    expect(brokenAt(all.filter((row) => row !== third))).toMatchObject({ number: 3, why: 'An entry is missing.' });
  });

  it('keeps when a plate came to the pass, once, also said by two at the same moment, and lets it be taken back', async () => {
    const id = lessonId('Two plates against the clock');
    const sheet = await sheetOf(id);
    const { editionId } = sheet.dishes[0]!;
    const arrived = (studentId: string, on = true, at = new Date()): SaidEvent => ({
      ...{ id: randomUUID(), kind: 'arrived', at: at.toISOString() },
      body: { studentId, dishEditionId: editionId, arrived: on },
    });
    const [one, two, three] = sheet.students.filter(({ absent }) => !absent).map((each) => each.id) as [string, string, string];
    const post = (as: Call, ...events: SaidEvent[]) => as<EventsTaken>('POST', `/api/lessons/${id}/events`, { body: { events } });
    const both = await Promise.all([post(lead, arrived(one)), post(assistant, arrived(one)), post(assistant, arrived(two))]);
    expect(both.map(({ status }) => status)).toEqual([200, 200, 200]);
    const came = async () => (await sheetOf(id)).arrivals.map(({ studentId }) => studentId).sort();
    expect(await came()).toEqual([one, two].sort());
    // The first time counts; said again it does not begin anew.
    const [first] = (await sheetOf(id)).arrivals.filter(({ studentId }) => studentId === one);
    await post(lead, arrived(one, true, new Date(Date.now() + 600_000)));
    expect((await sheetOf(id)).arrivals.find(({ studentId }) => studentId === one)).toEqual(first);
    await post(assistant, arrived(two, false));
    expect(await came()).toEqual([one]);
    // A tablet whose clock is an hour wrong says so as it sends: what it says is put right.
    const wrong = Date.now() + 3_600_000;
    const sent = { events: [arrived(three, true, new Date(wrong - 120_000))], sentAt: new Date(wrong).toISOString() };
    expect((await assistant('POST', `/api/lessons/${id}/events`, { body: sent })).status).toBe(200);
    const late = (await sheetOf(id)).arrivals.find(({ studentId }) => studentId === three)!;
    expect(Math.abs(Date.now() - 120_000 - Date.parse(late.at))).toBeLessThan(30_000);
    // Clocks that cannot be are not believed, whatever they say.
    for (const [at, sentAt] of [
      ['9999-12-31T23:59:59Z', '0001-01-01T00:00:00Z'],
      ['0001-01-01T00:00:00Z', '9999-12-31T23:59:59Z'],
      ['1970-01-01T00:00:00Z', undefined],
    ] as const) {
      await post(lead, arrived(two, false));
      const body = { events: [{ ...arrived(two), at }], ...(sentAt ? { sentAt } : {}) };
      expect((await lead('POST', `/api/lessons/${id}/events`, { body })).status).toBe(200);
      const came2 = (await sheetOf(id)).arrivals.find(({ studentId }) => studentId === two)!;
      expect(Math.abs(Date.now() - Date.parse(came2.at))).toBeLessThan(60_000);
    }
    const nowhere = await post(assistant, arrived(randomUUID()));
    expect([nowhere.status, nowhere.problem.errors![0]!.field]).toEqual([422, 'events.0.body.studentId']);
    expect((await post(student, arrived(one))).status).toBe(403);
  });

  it('takes what is new among touches it has already, without a gap, and none at all when one was said elsewhere', async () => {
    const id = lessonId('Poaching and a mounted sauce');
    const sheet = await sheetOf(id);
    const before = sheet.number;
    const [a, b, c] = (['rim', 'doneness', 'seasoning'] as const).map((key) => touch(sheet, key, level(3), sheet.students[1]!.name));
    expect((await give(id, b!)).body).toEqual({ stored: 1, number: before + 1 });
    expect((await give(id, a!, b!, c!)).body).toEqual({ stored: 2, number: before + 3 });
    expect((await give(id, a!, b!, c!)).body).toEqual({ stored: 0, number: before + 3 });
    const { events, number } = (await assistant<EventsPage>('GET', `/api/lessons/${id}/events?after=${before}`)).body;
    expect([number, events.map((event) => [event.id, event.number])]).toEqual([
      before + 3,
      [
        [b!.id, before + 1],
        [a!.id, before + 2],
        [c!.id, before + 3],
      ],
    ]);
    // The same touch in another lesson: a device that gives one name to two things.
    const other = await sheetOf(lessonId('Two plates against the clock'));
    const fresh = touch(other, 'seasoning', level(3));
    expect((await give(other.lessonId, fresh, { ...touch(other, 'doneness', level(3)), id: a!.id })).status).toBe(409);
    expect((await sheetOf(other.lessonId)).number).toBe(other.number);
    expect((await give('00000000-0000-4000-8000-000000000000', touch(sheet, 'rim', level(1)))).status).toBe(404);
  });

  it('caps a dish whose critical criterion was not met', async () => {
    const id = lessonId('Two plates against the clock');
    const sheet = await sheetOf(id);
    await give(id, touch(sheet, 'doneness', level(4)), touch(sheet, 'safe-food', { kind: 'critical', met: false, faults: [] }));
    expect((await results(id)).results[0]!.result.capped).toMatchObject({
      by: 'Food handled safely',
      cap: 40,
      before: { value: '100', unit: 'point' },
    });
  });

  it('refuses marks that do not fit, naming what and why', async () => {
    const id = lessonId('Two plates against the clock');
    const sheet = await sheetOf(id);
    const good = touch(sheet, 'doneness', level(3));
    const cases: [Partial<MarkBody>, string][] = [
      [{ studentId: randomUUID() }, 'events.0.body.studentId'],
      [{ dishEditionId: randomUUID() }, 'events.0.body.dishEditionId'],
      [{ criterionKey: 'charm' }, 'events.0.body.criterionKey'],
      [{ value: { kind: 'critical', met: true, faults: [] } }, 'events.0.body.value'],
      [{ value: level(3, ['bled']) }, 'events.0.body.value.faults'],
    ];
    for (const [change, field] of cases) {
      const answer = await give(id, { ...good, id: randomUUID(), body: { ...good.body, ...change } });
      expect([answer.status, answer.problem.errors![0]!.field]).toEqual([422, field]);
    }
    expect(
      (
        await assistant('POST', `/api/lessons/${id}/events`, {
          body: { events: [{ ...good, body: { ...good.body, value: { kind: 'level', level: 9, faults: [] } } }] },
        })
      ).status,
    ).toBe(422);
    const noRubric = lessonId('Duck, and patience');
    expect((await give(noRubric, { ...touch(await sheetOf(noRubric), 'doneness', level(3)) })).status).toBe(409);
  });

  it('shows a student their own results, once they are given out, and nobody else’s', async () => {
    const mine = (await student<MyResult[]>('GET', '/api/my-results')).body;
    expect(mine.map((result) => result.lesson)).toEqual(['Sweating, stock and a slow barley', 'Knife basics and a citrus salad']);
    const own = (await student<DishResult>('GET', `/api/my-results/${mine[0]!.id}`)).body;
    expect([own.student, shownOf(own.result.mark!)]).toEqual(['Amara Quill', mine[0]!.mark]);
    const others = (await results(lessonId('Knife basics and a citrus salad'))).results.find((result) => result.student !== 'Amara Quill')!;
    expect((await student('GET', `/api/my-results/${others.id}`)).status).toBe(404);
    expect((await student('GET', `/api/my-results/${others.id}/pdf`)).status).toBe(404);
    expect((await student('GET', `/api/results/${mine[0]!.id}`)).status).toBe(403);
    const unreleased = lessonId('Blanching and emulsions');
    const hidden = (await results(unreleased)).results.find((result) => result.student === 'Amara Quill')!;
    expect((await student('GET', `/api/my-results/${hidden.id}`)).status).toBe(404);
    await lead('PUT', `/api/lessons/${unreleased}/release`, { body: { released: true } });
    expect((await student('GET', `/api/my-results/${hidden.id}`)).status).toBe(200);
    const pdf = await student('GET', `/api/my-results/${hidden.id}/pdf`);
    expect(pdf.bytes.subarray(0, 5).toString()).toBe('%PDF-');
  });

  it('counts two marks by the rule of the school, and leaves what was released as it was', async () => {
    const id = lessonId('Blanching and emulsions');
    const sheet = await sheetOf(id);
    const name = sheet.students.filter(({ absent }) => !absent).at(-1)!.name;
    const by = (who: Call, value: MarkValue) =>
      who<EventsTaken>('POST', `/api/lessons/${id}/events`, { body: { events: [touch(sheet, 'doneness', value, name)] } });
    const counts = async () => (await results(id)).results.find((each) => each.student === name)!.marks.doneness;
    const rule = async (counting: string) => {
      const { body } = await lead<{ version: number; settings: object }>('GET', '/api/school');
      expect((await lead('PUT', '/api/school', { body: { ...body.settings, counting }, version: body.version })).status).toBe(200);
    };
    // Both at the same moment, and the assistant once more.
    expect((await Promise.all([by(lead, level(4)), by(assistant, level(2))])).map(({ status }) => status)).toEqual([200, 200]);
    await by(assistant, level(1));
    expect(await counts()).toEqual(level(1));
    await rule('lead');
    expect(await counts()).toEqual(level(4));
    expect((await sheetOf(id)).counting.rule).toBe('lead');
    await rule('mean');
    expect(await counts()).toEqual(level(2));
    expect((await lead('PUT', '/api/school', { body: { counting: 'loudest' }, version: 1 })).status).toBe(422);
    await rule('newest');
  });

  it('says how fairly a class was marked, to the lead alone', async () => {
    const [{ id: classId }] = (await school.database.query("SELECT id FROM class WHERE name = 'Foundation cohort'")) as [{ id: string }];
    const path = `/api/classes/${classId}/fairness`;
    const { body } = await lead<ClassFairness>('GET', path);
    expect(body.fairness.platesTwice).toBeGreaterThan(10);
    const [pair] = body.fairness.people;
    expect([body.assessors[pair!.first], body.assessors[pair!.second]].sort()).toEqual(['Maren Oltz', 'Teo Vasz']);
    expect(pair!.agreement.verdict).not.toBe('too-few');
    expect(Object.values(body.criteria)).toContain('Seasoning');
    // No student in it, by name or by id.
    const said = JSON.stringify(body);
    for (const { name, id } of (await sheetOf(lessonId('Blanching and emulsions'))).students)
      expect([said.includes(name), said.includes(id)]).toEqual([false, false]);
    for (const who of [assistant, student, await school.as('stores')]) expect((await who('GET', path)).status).toBe(403);
    expect((await lead('GET', '/api/classes/nothing/fairness')).status).toBe(404);
  });

  it('keeps what a student was told, finds it out once where it was given out before that was kept, and forgets it when it is taken back', async () => {
    const id = lessonId('Knife basics and a citrus salad');
    const told = async () =>
      (await student<MyResult[]>('GET', '/api/my-results')).body.find(({ lesson }) => lesson.startsWith('Knife'))?.mark;
    const kept = async () =>
      (await school.database.query('SELECT told FROM assessment WHERE lesson_id = ? ORDER BY id', [id])) as { told: string | null }[];
    const before = await told();
    const all = await kept();
    expect(all.every((row) => row.told !== null)).toBe(true);
    await school.database.query('UPDATE assessment SET told = NULL WHERE lesson_id = ?', [id]);
    // Two of the student's screens at once.
    expect(await Promise.all([told(), told()])).toEqual([before, before]);
    expect((await kept()).filter((row) => row.told !== null)).toHaveLength(1);
    await lead('PUT', `/api/lessons/${id}/release`, { body: { released: false } });
    expect([await told(), new Set((await kept()).map((row) => row.told))]).toEqual([undefined, new Set([null])]);
    await lead('PUT', `/api/lessons/${id}/release`, { body: { released: true } });
    expect([await told(), await kept()]).toEqual([before, all]);
  });

  it('gives out one state of the marks while more come in: what students are told is of the marks they were given', async () => {
    const id = lessonId('Two plates against the clock');
    const sheet = await sheetOf(id);
    const name = sheet.students.filter(({ absent }) => !absent).at(-1)!.name;
    const keys = ['doneness', 'seasoning', 'rim', 'cut-size', 'sauce'];
    const touches = [1, 2, 3, 4].flatMap((value) => keys.map((key) => touch(sheet, key, level(value as 1 | 2 | 3 | 4), name)));
    const given = touches.map((each) => give(id, each));
    const released = await Promise.all(
      [1, 2].map(() => lead('PUT', `/api/lessons/${id}/release`, { body: { released: true, why: 'more was marked' } })),
    );
    expect([...(await Promise.all(given)), ...released].map(({ status }) => status)).toEqual(Array(22).fill(200));
    expect((await sheetOf(id)).number).toBe(sheet.number + touches.length);
    const rows = (await school.database.query('SELECT id, told FROM assessment WHERE lesson_id = ?', [id])) as {
      id: string;
      told: string | null;
    }[];
    await school.database.query('UPDATE assessment SET told = NULL WHERE lesson_id = ?', [id]);
    const [{ studentId }] = (await school.database.query("SELECT student_id AS studentId FROM person WHERE role = 'student' LIMIT 1")) as [
      { studentId: string },
    ];
    const other = sheet.students.find((each) => each.name === name)!.id;
    // Found out again from the marks that were given out, for the student who was marked.
    await school.database.query('UPDATE person SET student_id = ? WHERE student_id = ?', [other, studentId]);
    const again = new Map((await student<MyResult[]>('GET', '/api/my-results')).body.map((each) => [each.id, each.mark ?? '']));
    await school.database.query('UPDATE person SET student_id = ? WHERE student_id = ?', [studentId, other]);
    for (const row of rows) if (again.has(row.id)) expect(again.get(row.id)).toBe(row.told);
    expect(rows.filter((row) => again.has(row.id) || row.told === null).length).toBeGreaterThan(0);
  });

  it('says where each student of a class stands with what was marked, and what stands behind it', async () => {
    const { classId, rubric, students } = await sheetAndClass('Knife basics and a citrus salad');
    const { body } = await assistant<ClassSkills>('GET', `/api/classes/${classId}/skills`);
    const julienne = body.cells.filter(({ technique }) => technique === 'Julienne');
    expect(julienne.length).toBeGreaterThan(0);
    const [cell] = julienne;
    const signs = (await assistant<SkillSignSaid[]>('GET', `/api/classes/${classId}/skills/${cell!.studentId}/Julienne`)).body;
    expect(signs).toHaveLength(cell!.skill.signs);
    const criteria = new Set(rubric!.content.criteria.map(({ name }) => name));
    expect(signs.some(({ criterion, lesson }) => lesson === 'Knife basics and a citrus salad' && criteria.has(criterion))).toBe(true);
    // One more at the lowest level draws it down.
    const lowest = touch(
      await sheetOf(lessonId('Poaching and a mounted sauce')),
      'cut-size',
      level(1, ['wedge']),
      nameOf(students, cell!.studentId),
    );
    await give(lessonId('Poaching and a mounted sauce'), lowest);
    const after = (await assistant<ClassSkills>('GET', `/api/classes/${classId}/skills`)).body.cells.find(
      (each) => each.studentId === cell!.studentId && each.technique === 'Julienne',
    )!;
    expect([after.skill.signs - cell!.skill.signs, after.skill.level < cell!.skill.level]).toEqual([1, true]);
    await give(lessonId('Poaching and a mounted sauce'), { ...lowest, id: randomUUID(), body: { ...lowest.body, value: null } });
    expect((await assistant('GET', `/api/classes/${randomUUID()}/skills`)).status).toBe(404);
  });

  it('explains an old mark the same after the rubric has been changed', async () => {
    const id = lessonId('Knife basics and a citrus salad');
    const before = (await results(id)).results;
    const summary = (await lead<RubricSummary[]>('GET', '/api/rubrics')).body.find(({ name }) => name === 'Knife practical');
    const rubric = (await lead<Rubric>('GET', `/api/rubrics/${summary!.id}`)).body;
    const content = {
      ...rubric.content,
      strandWeights: { knife: 90, cooking: 0, plating: 0, process: 10 },
      criteria: rubric.content.criteria.map((criterion) => ({ ...criterion, name: `${criterion.name}, new` })),
    };
    const saved = (await lead<Rubric>('PUT', `/api/rubrics/${summary!.id}`, { body: content, version: rubric.version })).body;
    expect((await lead('POST', `/api/rubrics/${summary!.id}/editions`, { version: saved.version })).body.number).toBe(2);
    expect((await results(id)).results).toEqual(before);
    // What a change can be tried on: lessons of any edition of it.
    expect((await lead<LessonMarkedWith[]>('GET', `/api/rubrics/${summary!.id}/lessons`)).body.map((each) => each.id)).toEqual([id]);
    expect((await lead('GET', `/api/rubrics/${id}/lessons`)).status).toBe(404);
    const bad = { ...content, strandWeights: { knife: 0, cooking: 0, plating: 0, process: 100 } };
    const draft = (await lead<Rubric>('PUT', `/api/rubrics/${summary!.id}`, { body: bad, version: saved.version })).body;
    expect((await lead('POST', `/api/rubrics/${summary!.id}/editions`, { version: draft.version })).problem.errors![0]!.field).toBe(
      'strandWeights.knife',
    );
    expect((await lead('PUT', `/api/rubrics/${summary!.id}`, { body: content, version: 1 })).status).toBe(412);
  });
});
