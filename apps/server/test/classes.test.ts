import { refusedInWords } from '@pelvo/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ClassDetail, RosterImport, Student } from '@pelvo/contract';
import { openSchool, type Call, type School } from './school';

describe('a class', () => {
  let school: School;
  let lead: Call;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
    lead = await school.as('lead');
  });
  afterAll(() => school.close());
  const needs = { allergens: ['nuts'], diets: [], note: '' };
  const newClass = async (name: string) => (await lead<ClassDetail>('POST', '/api/classes', { body: { name, term: 'Spring' } })).body;
  const send = (id: string, csv: string | Buffer, query = '') =>
    lead<RosterImport>('POST', `/api/classes/${id}/roster${query}`, { raw: csv, type: 'text/csv' });

  it('shows what an import would do, then does it', async () => {
    const { id } = await newClass('Import');
    const csv = 'name,number,allergens,diets\nZoë Ark,1,nuts; milk,vegan\nBo Lind,2,,\n';
    const preview = (await send(id, csv)).body;
    expect([preview.rows.length, preview.added]).toEqual([2, 0]);
    expect((await lead<ClassDetail>('GET', `/api/classes/${id}`)).body.students).toEqual([]);
    expect((await send(id, csv, '?apply=true')).body.added).toBe(2);
    const { students } = (await lead<ClassDetail>('GET', `/api/classes/${id}`)).body;
    expect(students.map((student) => [student.name, student.needs.allergens])).toEqual([
      ['Bo Lind', []],
      ['Zoë Ark', ['nuts', 'milk']],
    ]);
  });

  it('imports nothing of a file with a bad row unless told to leave it out', async () => {
    const { id } = await newClass('Half');
    const csv = 'name\nAna Reed\nAna Reed\n=SUM(A1)\n';
    const refused = await send(id, csv, '?apply=true');
    expect([refused.status, refused.problem.errors!.map((error) => error.field)]).toEqual([422, ['line 3, name', 'line 4, name']]);
    expect((await lead<ClassDetail>('GET', `/api/classes/${id}`)).body.students).toEqual([]);
    expect((await send(id, csv, '?apply=true&leaveOut=true')).body.added).toBe(1);
  });

  it.each([
    ['a missing column', 'first;last\nAna;Reed', 200, /no "name" column/],
    ['10,000 rows', `name\n${Array.from({ length: 10_000 }, (_, n) => `Student ${n}`).join('\n')}`, 200, /at most 60/],
    ['a wrong encoding', Buffer.from([0x6e, 0x61, 0x6d, 0x65, 0x0a, 0x5a, 0x6f, 0xeb]), 422, /not UTF-8 text: line 2/],
    ['a picture', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0]), 422, /not/],
    ['a file of 2 MB', 'name\n' + 'x'.repeat(2_000_000), 413, /larger than 256 kB/],
  ])('answers %s clearly', async (_, csv, status, said) => {
    const { id } = await newClass(`Bad ${said.source}`);
    const answer = await send(id, csv);
    expect(answer.status).toBe(status);
    const problems = answer.status === 200 ? answer.body.problems.map((found) => refusedInWords(found)) : answer.problem.errors!;
    expect(problems[0]!.problem).toMatch(said);
    expect(problems[0]!.remedy.length).toBeGreaterThan(5);
    expect((await lead<ClassDetail>('GET', `/api/classes/${id}`)).body.students).toEqual([]);
  });

  it('refuses a second student of one name, brings one back who left, and keeps the record', async () => {
    const { id } = await newClass('Twins');
    const add = (name: string) => lead<ClassDetail>('POST', `/api/classes/${id}/students`, { body: { name, number: '', needs } });
    const first = (await add('Ida Voss')).body.students[0]!;
    expect((await add('ida  voss')).problem.errors![0]!.field).toBe('name');
    expect((await lead<Student>('PUT', `/api/students/${first.id}/active`, { body: { active: false } })).body.active).toBe(false);
    const back = (await add('Ida Voss')).body.students;
    expect([back.length, back[0]!.id, back[0]!.active]).toEqual([1, first.id, true]);
    expect((await add('=cmd()')).problem.errors![0]).toMatchObject({ field: 'name', remedy: 'Type the plain text.' });
  });

  it('records absences by day, once each, and refuses days that do not exist', async () => {
    const { id } = await newClass('Away');
    const { students } = (await lead<ClassDetail>('POST', `/api/classes/${id}/students`, { body: { name: 'Per Holt', number: '', needs } }))
      .body;
    const path = `/api/students/${students[0]!.id}/absences`;
    await lead('PUT', `${path}/2026-12-01`);
    expect((await lead<Student>('PUT', `${path}/2026-12-01`)).body.absences).toEqual(['2026-12-01']);
    expect((await lead('PUT', `${path}/2026-02-30`)).problem.errors![0]!.field).toBe('date');
    expect((await lead<Student>('DELETE', `${path}/2026-12-01`)).body.absences).toEqual([]);
  });
});
