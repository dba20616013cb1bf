import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Invitation } from '@pelvo/contract';
import { openSchool, type Call, type School } from './school';

const ID = { signIn: 'ida.crane', password: 'demo-kitchen' };
const WRONG = { ...ID, password: 'not this one' };

describe('guessing', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool({ demo: true, trustProxy: true });
  });
  afterAll(() => school.close());
  beforeEach(() => school.database.query('DELETE FROM rate_limit'));

  const from = (address: string, body: object, call: Call = school.visitor()) =>
    call('POST', '/api/session', { body, headers: { 'x-forwarded-for': address } });
  const times = async (count: number, ask: (index: number) => ReturnType<Call>) => {
    const statuses: number[] = [];
    for (let index = 0; index < count; index += 1) statuses.push((await ask(index)).status);
    return statuses;
  };
  const looked = (statuses: readonly number[]) => statuses.filter((status) => status === 422).length;

  it('has to wait after ten tries at one account, and is told for how long', async () => {
    const statuses = await times(14, () => from('10.0.0.1', WRONG));
    expect([looked(statuses), statuses.at(-1)]).toEqual([10, 429]);
    const right = await from('10.0.0.1', ID);
    expect(right.status).toBe(429);
    const seconds = Number(right.headers.get('retry-after'));
    expect(seconds).toBeGreaterThan(0);
    expect(seconds).toBeLessThanOrEqual(60);
    expect((await from('10.0.0.1', { signIn: 'amara.quill', password: 'demo-kitchen' })).status).toBe(200);
  });

  it('gets no more through when a hundred and twenty come at once', async () => {
    const statuses = await Promise.all(Array.from({ length: 120 }, async () => (await from('10.0.0.2', WRONG)).status));
    expect(looked(statuses)).toBe(10);
    expect(new Set(statuses)).toEqual(new Set([422, 429]));
  });

  it('gets no more through from forty addresses than from one', async () => {
    expect(looked(await times(40, (index) => from(`10.1.0.${index}`, WRONG)))).toBe(10);
  });

  it('does not make the owner wait where they have signed in before', async () => {
    const tablet = school.visitor();
    await from('10.0.0.3', ID, tablet);
    // The device learns whose it is when it asks who is signed in, as every device does.
    await tablet('GET', '/api/session');
    await tablet('DELETE', '/api/session');
    await times(46, () => from('10.0.0.3', WRONG));
    expect((await from('10.0.0.3', ID)).status).toBe(429);
    expect((await from('10.0.0.3', ID, tablet)).status).toBe(200);
  });

  it('is counted on the owner’s own device too', async () => {
    const tablet = school.visitor();
    await from('10.0.0.4', ID, tablet);
    await tablet('GET', '/api/session');
    expect(looked(await times(30, () => from('10.0.0.4', WRONG, tablet)))).toBe(20);
    // A device that says it is known, and is not, is a stranger.
    const forged = await school.visitor()('POST', '/api/session', {
      body: ID,
      headers: { cookie: `pelvo-known=${'0'.repeat(16)}.${'0'.repeat(16)}.${'0'.repeat(32)}`, 'x-forwarded-for': '10.0.0.5' },
    });
    expect(forged.status).toBe(200);
  });

  it('of many names from a school’s one address makes nobody else wait', async () => {
    const statuses = await times(100, (index) => from('10.0.0.6', { signIn: `nobody.${index}`, password: 'x' }));
    expect(looked(statuses)).toBe(100);
    expect((await from('10.0.0.6', ID)).status).toBe(200);
  });

  it('is forgiven once the right password comes', async () => {
    for (let round = 0; round < 3; round += 1) {
      expect(looked(await times(9, () => from('10.0.0.7', WRONG)))).toBe(9);
      expect((await from('10.0.0.7', ID)).status).toBe(200);
    }
  });

  it('cannot name an account in a way that is counted apart', async () => {
    for (const signIn of ['ida.crane\u0001', 'ida.crane\u0000', 'ida.cra\u00adne', 'ｉda.crane', 'ida.crané', '😀', ' IDA.crane '])
      expect((await from('10.0.0.8', { ...ID, signIn })).status).toBe(signIn.trim().toLowerCase() === ID.signIn ? 200 : 422);
    const statuses = await times(20, () => from('10.0.0.8', { ...WRONG, signIn: 'ida.crane\u0001' }));
    expect(looked(statuses)).toBeLessThanOrEqual(10);
  });

  it('of codes leaves the right code alone', async () => {
    const lead = await school.as('lead');
    const { code } = (await lead<Invitation>('POST', '/api/people', { body: { name: 'Ona Pell', role: 'assistant' } })).body;
    const join = (typed: string) =>
      school.visitor()('POST', '/api/people/join', {
        body: { code: typed, signIn: 'ona.pell', password: 'a long password' },
        headers: { 'x-forwarded-for': '10.0.0.9' },
      });
    expect(looked(await times(10, (index) => join(`ABCD-EFGH-JKLM-NPQ${index}`)))).toBe(10);
    expect((await join(code)).status).toBe(200);
  });

  it('counted on a clock that was far ahead does not lock anyone out', async () => {
    await times(12, () => from('10.0.0.10', WRONG));
    await school.database.query('UPDATE rate_limit SET expire = expire + ?', [26 * 60 * 60 * 1000]);
    expect((await from('10.0.0.10', ID)).status).toBe(200);
  });
});
