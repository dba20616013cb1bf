import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ClassSkills } from '@pelvo/contract';
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
});
