import JSZip from 'jszip';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { SchoolSettings } from '@pelvo/core';
import type { ClassDetail, ClassFairness, ClassResults, Course, LessonSummary, Overdue, StudentFile } from '@pelvo/contract';
import { applyRetention } from '../src/students/retention';
import { openSchool, type Call, type School } from './school';

describe('what is held on a student', () => {
  let school: School;
  let lead: Call;
  let classId: string;
  let amara: string;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    lead = await school.as('lead');
    [{ id: classId }] = (await school.database.query("SELECT id FROM class WHERE name = 'Foundation cohort'")) as [{ id: string }];
    const { students } = (await lead<ClassDetail>('GET', `/api/classes/${classId}`)).body;
    amara = students.find(({ name }) => name === 'Amara Quill')!.id;
  });
  afterAll(() => school.close());

  it('is one file in words, of them alone, for the lead', async () => {
    const answer = await lead<StudentFile>('GET', `/api/students/${amara}/file`);
    expect(answer.headers.get('content-disposition')).toContain('.json');
    const { student, dishes, accounts, teams } = answer.body;
    expect([student.name, student.class, accounts.map(({ signIn }) => signIn)]).toEqual([
      'Amara Quill',
      'Foundation cohort',
      ['amara.quill'],
    ]);
    const knife = dishes.find(({ lesson }) => lesson.startsWith('Knife'))!;
    expect(knife.judgements.find(({ criterion }) => criterion === 'Fine dice')!.means).toMatch(/pieces within 2 to 4 mm/);
    expect([knife.told, knife.givenOut.length, teams.length > 0]).toEqual([expect.stringMatching(/^\d+$/), 1, true]);
    const others = (await lead<ClassDetail>('GET', `/api/classes/${classId}`)).body.students.filter(({ id }) => id !== amara);
    for (const { name } of others) expect(JSON.stringify(answer.body)).not.toContain(name);
    for (const role of ['assistant', 'stores', 'student'] as const)
      expect((await (await school.as(role))('GET', `/api/students/${amara}/file`)).status).toBe(403);
    expect((await lead('GET', '/api/students/nobody/file')).status).toBe(404);
  });

  it('goes for good where they are erased, and the class’s figures stay as they were', async () => {
    const own = await school.as('student');
    const figures = async () => {
      const lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
      const id = lessons.find(({ title }) => title.startsWith('Knife'))!.id;
      const { marked } = (await lead<ClassResults>('GET', `/api/lessons/${id}/results`)).body;
      const { fairness } = (await lead<ClassFairness>('GET', `/api/classes/${classId}/fairness`)).body;
      const { lessons: taught } = (await lead<Course>('GET', `/api/classes/${classId}/course`)).body;
      return [marked.map(({ id: of, marks }) => [of, marks]).sort(), fairness, taught.length];
    };
    const before = await figures();
    const wrong = await lead('POST', `/api/students/${amara}/erasure`, { body: { name: 'Amara' } });
    expect([wrong.status, wrong.problem.errors![0]!.field]).toEqual([422, 'name']);
    expect((await own('GET', '/api/my-results')).status).toBe(200);
    // Two at the same moment: one erases, the other finds another name there.
    const both = await Promise.all([1, 2].map(() => lead('POST', `/api/students/${amara}/erasure`, { body: { name: 'amara quill' } })));
    expect(both.map(({ status }) => status).sort()).toEqual([204, 422]);
    expect((await own('GET', '/api/my-results')).status).toBe(401);
    expect(await figures()).toEqual(before);
    // Nowhere in the database, in whatever table or document.
    const tables = (await school.database.query(
      "SELECT table_name AS name, column_name AS col FROM information_schema.columns WHERE table_schema = DATABASE() AND data_type IN ('varchar', 'char', 'text', 'longtext', 'json')",
    )) as { name: string; col: string }[];
    const found: string[] = [];
    for (const { name, col } of tables) {
      const [{ times }] = (await school.database.query(
        `SELECT COUNT(*) AS times FROM \`${name}\` WHERE \`${col}\` LIKE '%amara%' OR \`${col}\` LIKE '%Quill%'`,
      )) as [{ times: number }];
      if (Number(times) > 0) found.push(`${name}.${col}`);
    }
    expect(found).toEqual([]);
  });

  it('goes to a gradebook elsewhere as one archive, with results as they were told', async () => {
    const answer = await lead('GET', `/api/classes/${classId}/oneroster.zip`);
    expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'application/zip']);
    const zip = await JSZip.loadAsync(answer.bytes);
    const rows = async (file: string) => Papa.parse<Record<string, string>>(await zip.file(file)!.async('string'), { header: true }).data;
    const told = (await school.database.query(
      'SELECT a.id, a.told FROM assessment a JOIN lesson l ON l.id = a.lesson_id WHERE l.class_id = ? AND l.released_at IS NOT NULL AND a.told IS NOT NULL',
      [classId],
    )) as { id: string; told: string }[];
    expect(new Map((await rows('results.csv')).map(({ sourcedId, score, textScore }) => [sourcedId, score || textScore]))).toEqual(
      new Map(told.map(({ id, told: mark }) => [id, mark])),
    );
    expect(told.length).toBeGreaterThan(0);
    const text = (await Promise.all(Object.values(zip.files).map((file) => file.async('string')))).join();
    expect(text).not.toMatch(/celery|allerg|needs/i);
    expect((await lead('GET', `/api/classes/00000000-0000-4000-8000-000000000000/oneroster.zip`)).status).toBe(404);
  });

  it('goes once the school no longer keeps it, said before it is set, and only once by two servers', async () => {
    const { students } = (await lead<ClassDetail>('GET', `/api/classes/${classId}`)).body;
    const gone = students.find(({ name }) => name === 'Finn Okabe')!.id;
    const [plate] = (await school.database.query(
      'SELECT lesson_id, student_id, dish_edition_id FROM assessment WHERE student_id = ? LIMIT 1',
      [gone],
    )) as Record<string, string>[];
    const [{ id: person }] = (await school.database.query("SELECT id FROM person WHERE role = 'lead' LIMIT 1")) as [{ id: string }];
    const photo = (id: string, months: number) =>
      school.database.query(
        `INSERT INTO plate_photo (id, lesson_id, student_id, dish_edition_id, person_id, taken_at, width, height, bytes)
         VALUES (?, ?, ?, ?, ?, DATE_SUB(UTC_TIMESTAMP(), INTERVAL ? MONTH), 4, 3, 9)`,
        [id, plate!.lesson_id, plate!.student_id, plate!.dish_edition_id, person, months],
      );
    await photo('00000000-0000-4000-8000-00000000000a', 13);
    await photo('00000000-0000-4000-8000-00000000000b', 11);
    const would = async (query: string) => (await lead<Overdue>('GET', `/api/school/overdue?${query}`)).body;
    expect(await would('photos=12&left=24')).toEqual({ photos: 1, left: 0 });
    // Whoever is still there is never overdue, however long ago it was.
    await school.database.query('UPDATE lesson SET date = DATE_SUB(date, INTERVAL 40 MONTH) WHERE class_id = ?', [classId]);
    await school.database.query('UPDATE absence SET date = DATE_SUB(date, INTERVAL 40 MONTH)');
    expect(await would('left=24')).toEqual({ photos: 0, left: 0 });
    await school.database.query('UPDATE student SET active = FALSE WHERE id = ?', [gone]);
    expect(await would('left=24')).toEqual({ photos: 0, left: 1 });
    expect(await would('left=60')).toEqual({ photos: 0, left: 0 });
    expect((await lead('GET', '/api/school/overdue?photos=0')).problem.errors![0]!.field).toBe('photos');
    const { version, settings } = (await lead<{ version: number; settings: SchoolSettings }>('GET', '/api/school')).body;
    const body = { ...settings, retention: { photos: 12, left: 24 } };
    expect((await lead('PUT', '/api/school', { body: { ...body, retention: { photos: -1, left: null } }, version })).status).toBe(422);
    expect((await lead('PUT', '/api/school', { body, version })).status).toBe(200);
    const both = await Promise.all([applyRetention(school.database), applyRetention(school.database)]);
    expect([both.reduce((sum, { photos }) => sum + photos, 0), both.reduce((sum, { left }) => sum + left, 0)]).toEqual([1, 1]);
    const left = (await school.database.query("SELECT COUNT(*) AS n FROM student WHERE name LIKE '%Okabe%'")) as [{ n: string }];
    expect(Number(left[0].n)).toBe(0);
    expect(await applyRetention(school.database)).toEqual({ photos: 0, left: 0 });
  });
});
