import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { emptyTimePlan, seal, TIME_PLAN, USUAL_SEGMENTS } from '@pelvo/core';
import type { TimeOfLesson } from '@pelvo/contract';
import { createApp } from '../src/app';
import { demoDatabase } from './school';

/** Two copies of the server on one database, as behind a proxy. */
describe('two copies of the server', () => {
  let copies: NestExpressApplication[];
  let bases: string[];
  beforeAll(async () => {
    const databaseUrl = await demoDatabase();
    copies = [await createApp({ databaseUrl, logLevel: 'silent' })];
    copies.push(await createApp({ databaseUrl, logLevel: 'silent' }));
    for (const copy of copies) await copy.listen(0, '127.0.0.1');
    bases = copies.map((copy) => `http://127.0.0.1:${(copy.getHttpServer().address() as AddressInfo).port}`);
  });
  afterAll(() => Promise.all(copies.map((copy) => copy.close())));

  const signIn = (base: string, password: string, name = 'maren.oltz') =>
    fetch(`${base}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ signIn: name, password }),
    });

  it('know each other’s sessions, and their end', async () => {
    const cookie = (await signIn(bases[0]!, 'demo-kitchen')).headers.get('set-cookie')!.split(';')[0]!;
    const classes = (base: string) => fetch(`${base}/api/classes`, { headers: { cookie } });
    expect((await classes(bases[1]!)).status).toBe(200);
    await fetch(`${bases[1]!}/api/session`, { method: 'DELETE', headers: { cookie } });
    expect((await classes(bases[0]!)).status).toBe(401);
  });

  it('count failures together', async () => {
    const statuses: number[] = [];
    for (let tries = 0; tries < 12; tries += 1) statuses.push((await signIn(bases[tries % 2]!, 'wrong', 'teo.vasz')).status);
    expect(statuses.map((status) => status === 422)).toEqual([...Array<boolean>(10).fill(true), false, false]);
  });

  it('let only one of two saves at once through', async () => {
    const cookie = (await signIn(bases[0]!, 'demo-kitchen')).headers.get('set-cookie')!.split(';')[0]!;
    const { items } = (await (await fetch(`${bases[0]!}/api/dishes?search=mussels`, { headers: { cookie } })).json()) as {
      items: { id: string }[];
    };
    const path = `/api/dishes/${items[0]!.id}`;
    const dish = (await (await fetch(bases[0]! + path, { headers: { cookie } })).json()) as { content: { title: string }; version: number };
    const save = (base: string, title: string) =>
      fetch(base + path, {
        method: 'PUT',
        headers: { cookie, 'content-type': 'application/json', 'if-match': `"${dish.version}"` },
        body: JSON.stringify({ ...dish.content, title }),
      });
    const answers = await Promise.all([save(bases[0]!, 'Mussels, one'), save(bases[1]!, 'Mussels, two')]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 412]);
  });

  it('keep one plan of time of two that are stored at once, the first of all and every later one', async () => {
    const cookie = (await signIn(bases[0]!, 'demo-kitchen')).headers.get('set-cookie')!.split(';')[0]!;
    const lessons = (await (await fetch(`${bases[0]!}/api/lessons`, { headers: { cookie } })).json()) as { id: string }[];
    const path = `/api/lessons/${lessons.at(-1)!.id}/time`;
    const save = (base: string, slack: number, version: number) =>
      fetch(base + path, {
        method: 'PUT',
        headers: { cookie, 'content-type': 'application/json', 'if-match': `"${version}"` },
        body: JSON.stringify(seal(TIME_PLAN, emptyTimePlan({ ...USUAL_SEGMENTS, slack }))),
      });
    for (let version = 0; version < 4; version += 1) {
      const answers = await Promise.all([save(bases[0]!, 5, version), save(bases[1]!, 6, version)]);
      expect(answers.map(({ status }) => status).sort()).toEqual([200, 412]);
      const kept = (await (await fetch(bases[1]! + path, { headers: { cookie } })).json()) as TimeOfLesson;
      expect([kept.version, kept.content!.segments.slack]).toEqual([version + 1, answers[0]!.status === 200 ? 5 : 6]);
    }
  });
});
