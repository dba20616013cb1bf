import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ClassDetail, ClassFairness, ClassResults, Course, LessonSummary, StudentFile } from '@pelvo/contract';
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
});
