import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Health, HealthDetails } from '@pelvo/contract';
import { openSchool, type School } from './school';

describe('how the installation is', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
  });
  afterAll(() => school.close());
  const health = () => school.anyone<Health>('GET', '/api/health');
  const check = async (key: string) =>
    (await (await school.as('lead'))<HealthDetails>('GET', '/api/health/details')).body.checks.find((each) => each.key === key)!;

  it('is told to a supervisor in states alone, and to a lead with what to do', async () => {
    const answer = await health();
    expect([answer.status, answer.body]).toEqual([
      200,
      { ok: true, checks: { database: 'good', schema: 'good', disk: 'unknown', clock: 'good', backup: 'attention' } },
    ]);
    expect(await check('backup')).toMatchObject({ said: { code: 'health.no-backup' }, todo: { code: 'health.do-backup' } });
    expect((await (await school.as('assistant'))('GET', '/api/health/details')).status).toBe(403);
  });

  it('is wrong, with 503, where the tables are not those of this version', async () => {
    await school.database.query("INSERT INTO migrations (timestamp, name) VALUES (9999999999999, 'FromTomorrow9999999999999')");
    expect([(await health()).status, (await health()).body.checks.schema]).toEqual([503, 'wrong']);
    expect((await check('schema')).said).toEqual({ code: 'health.schema-newer', steps: 1 });
    await school.database.query("DELETE FROM migrations WHERE name = 'FromTomorrow9999999999999'");
    const [last] = (await school.database.query('SELECT * FROM migrations ORDER BY timestamp DESC LIMIT 1')) as [Record<string, string>];
    await school.database.query('DELETE FROM migrations WHERE name = ?', [last.name]);
    expect((await check('schema')).said).toEqual({ code: 'health.schema-older', steps: 1 });
    await school.database.query('INSERT INTO migrations (timestamp, name) VALUES (?, ?)', [last.timestamp, last.name]);
    expect((await health()).status).toBe(200);
  });

  it('sees that the clock was ahead when someone signed in', async () => {
    await school.database.query("INSERT INTO session (session_id, expires, data) VALUES ('ahead', UNIX_TIMESTAMP() + 15 * 3600, '{}')");
    const clock = await check('clock');
    expect([clock.state, clock.said.code]).toEqual(['attention', 'health.clock-was-ahead']);
    await school.database.query("DELETE FROM session WHERE session_id = 'ahead'");
    expect((await check('clock')).state).toBe('good');
  });
});
