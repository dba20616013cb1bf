import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { givenAndFamily, oneRosterFiles, type OneRosterFile, type RosterOfClass } from '../src';

const ROSTER: RosterOfClass = {
  school: { id: 'school', name: 'The school' },
  class: { id: 'c1', name: 'Foundation', term: 'Autumn' },
  begins: '2026-09-01',
  ends: '2026-12-18',
  students: [
    { id: 's1', name: 'Amara Quill', number: '17', active: true },
    { id: 's2', name: '=Ben', number: '', active: false },
  ],
  teachers: [
    { id: 't1', name: 'Maren Oltz' },
    { id: 't2', name: 'Teo Vasz' },
  ],
  marked: [{ id: 'l1-e1', title: 'Leeks, dressed', lesson: 'Blanching', date: '2026-11-20' }],
  results: [
    { id: 'r1', of: 'l1-e1', studentId: 's1', told: '72', date: '2026-11-20' },
    { id: 'r2', of: 'l1-e1', studentId: 's2', told: 'Not yet', date: '2026-11-20' },
    { id: 'r3', of: 'l1-e1', studentId: 's2', told: '', date: '2026-11-20' },
  ],
};
const files = oneRosterFiles(ROSTER);
const rows = (file: OneRosterFile) => Papa.parse<Record<string, string>>(files[file], { header: true }).data;

describe('a class for a gradebook elsewhere', () => {
  it('says in its manifest which files are there, each with the columns of the standard', () => {
    const manifest = new Map(rows('manifest.csv').map(({ propertyName, value }) => [propertyName, value]));
    expect([manifest.get('oneroster.version'), manifest.get('file.results'), manifest.get('file.demographics')]).toEqual([
      '1.2',
      'bulk',
      'absent',
    ]);
    for (const file of Object.keys(files).filter((name) => name !== 'manifest.csv'))
      expect(manifest.get(`file.${file.replace('.csv', '')}`), file).toBe('bulk');
    expect(files['enrollments.csv'].split('\r\n')[0]).toBe(
      'sourcedId,status,dateLastModified,classSourcedId,schoolSourcedId,userSourcedId,role,primary,beginDate,endDate',
    );
    expect(files['results.csv'].split('\r\n')[0]).toBe(
      'sourcedId,status,dateLastModified,lineItemSourcedId,studentSourcedId,scoreStatus,score,scoreDate,comment,textScore,classSourcedId,inProgress,incomplete,late,missing',
    );
  });

  it('enrols who is there, and names who has left without enrolling them', () => {
    expect(rows('users.csv').map(({ givenName, familyName, enabledUser }) => [givenName, familyName, enabledUser])).toEqual([
      ['Amara', 'Quill', 'true'],
      ["'=Ben", "'=Ben", 'false'],
      ['Maren', 'Oltz', 'true'],
      ['Teo', 'Vasz', 'true'],
    ]);
    expect(rows('enrollments.csv').map(({ userSourcedId, role, primary }) => `${userSourcedId} ${role} ${primary}`)).toEqual([
      's1 student false',
      't1 teacher true',
      't2 teacher false',
    ]);
  });

  it('gives a number as a score and a word as text, as it was told', () => {
    expect(rows('results.csv').map(({ score, textScore, scoreStatus }) => [score, textScore, scoreStatus])).toEqual([
      ['72', '', 'fully graded'],
      ['', 'Not yet', 'fully graded'],
      ['', '', 'not submitted'],
    ]);
    const known = (file: OneRosterFile) => new Set(rows(file).map(({ sourcedId }) => sourcedId));
    for (const { lineItemSourcedId, studentSourcedId, classSourcedId } of rows('results.csv'))
      expect([
        known('lineItems.csv').has(lineItemSourcedId),
        known('users.csv').has(studentSourcedId),
        known('classes.csv').has(classSourcedId),
      ]).toEqual([true, true, true]);
  });

  it.each([
    ['Noor van der Haldane', ['Noor van der', 'Haldane']],
    ['Ines', ['Ines', 'Ines']],
    ['  Mira   Castell ', ['Mira', 'Castell']],
  ])('parts the name %j', (name, parts) => expect(givenAndFamily(name)).toEqual(parts));
});
