import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Invitation, Person, SessionState } from '@pelvo/contract';
import { PeopleService } from '../src/people/people.service';
import { openSchool, type School } from './school';

describe('a school that starts empty', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool({ demo: false });
  });
  afterAll(() => school.close());

  it('lets the first lead in with the code of the console, once, and has cards and a rubric to start from', async () => {
    const code = await school.app.get(PeopleService).firstVisitCode();
    const visitor = school.visitor();
    const lead = { name: 'Wren Abel', signIn: 'wren.abel', password: 'ten letters or more' };
    expect((await visitor<SessionState>('GET', '/api/session')).body).toMatchObject({ me: null, firstVisit: true });
    const wrong = await visitor('POST', '/api/people/first', { body: { ...lead, code: 'AAAA-BBBB-CCCC-DDDD' } });
    expect([wrong.status, wrong.problem.errors?.[0]?.field]).toEqual([422, 'code']);
    const made = await visitor('POST', '/api/people/first', { body: { ...lead, code: code!.toLowerCase() } });
    expect([made.status, made.body.role]).toEqual([201, 'lead']);
    expect((await visitor<unknown[]>('GET', '/api/techniques')).body.length).toBeGreaterThanOrEqual(12);
    expect((await visitor<{ edition: number }[]>('GET', '/api/rubrics')).body[0]!.edition).toBe(1);
    const again = await school.visitor()('POST', '/api/people/first', { body: { ...lead, signIn: 'other.one', code } });
    expect(again.status).toBe(422);
    expect(await school.app.get(PeopleService).firstVisitCode()).toBeNull();
  });
});

describe('signing in', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
  });
  afterAll(() => school.close());
  const amara = { signIn: 'amara.quill', password: 'demo-kitchen' };

  it('sets a cookie that scripts and other sites cannot use, and stores no password', async () => {
    const answer = await school.visitor()('POST', '/api/session', { body: amara });
    expect(answer.headers.get('set-cookie')).toMatch(/HttpOnly/);
    expect(answer.headers.get('set-cookie')).toMatch(/SameSite=Strict/);
    const rows: { password_hash: string }[] = await school.database.query('SELECT password_hash FROM person WHERE sign_in = ?', [
      amara.signIn,
    ]);
    expect(rows[0]!.password_hash).toMatch(/^\$argon2id\$/);
  });

  it('lives in the database and ends when signing out', async () => {
    const visitor = school.visitor();
    await visitor('POST', '/api/session', { body: amara });
    const count = async () => Number(((await school.database.query('SELECT COUNT(*) AS n FROM session')) as { n: string }[])[0]!.n);
    const before = await count();
    expect((await visitor('GET', '/api/my-results')).status).toBe(200);
    expect((await visitor('DELETE', '/api/session')).status).toBe(204);
    expect(await count()).toBe(before - 1);
    expect((await visitor('GET', '/api/my-results')).status).toBe(401);
  });

  it('invites a colleague with a code that works once, and locks an account at once', async () => {
    const lead = await school.as('lead');
    const { body: invitation } = await lead<Invitation>('POST', '/api/people', { body: { name: 'Ona Pell', role: 'assistant' } });
    const fields = { code: invitation.code, signIn: 'ona.pell', password: 'a long password' };
    const ona = school.visitor();
    expect((await ona('POST', '/api/people/join', { body: { ...fields, password: 'short' } })).problem.errors?.[0]?.field).toBe('password');
    expect((await ona('POST', '/api/people/join', { body: { ...fields, signIn: 'maren.oltz' } })).problem.errors?.[0]?.field).toBe(
      'signIn',
    );
    expect((await ona('POST', '/api/people/join', { body: fields })).body.role).toBe('assistant');
    expect((await school.visitor()('POST', '/api/people/join', { body: { ...fields, signIn: 'ona.two' } })).status).toBe(422);
    expect((await ona('GET', '/api/classes')).status).toBe(200);
    await lead('PUT', `/api/people/${invitation.person.id}/active`, { body: { active: false } });
    expect((await ona('GET', '/api/classes')).status).toBe(401);
    const people = (await lead<Person[]>('GET', '/api/people')).body;
    expect(JSON.stringify(people)).not.toMatch(/argon2|hash/i);
    const self = people.find((person) => person.signIn === 'maren.oltz')!;
    expect((await lead('PUT', `/api/people/${self.id}/active`, { body: { active: false } })).status).toBe(409);
  });
});
