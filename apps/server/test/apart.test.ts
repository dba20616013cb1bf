import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ClassResults, LessonSummary } from '@pelvo/contract';
import type { readDishes } from '../src/dishes/readDishes';
import { apart } from '../src/platform/apart';
import { pagesOf } from '../src/platform/pdf';
import { takesTooLong } from '../src/platform/problems';
import { openSchool, type School } from './school';

const file = (text: string) => ({ bytes: new TextEncoder().encode(text), name: 'dish.txt', techniques: [], facts: [] });
const LEEKS = 'Leeks vinaigrette\n\n6 leeks\n100 ml oil\n\nMethod\nBoil the leeks for 12 minutes.\n';
const reading = (milliseconds: number) => apart<typeof readDishes>('readDishes', { milliseconds, late: takesTooLong });

describe('work that is done apart', () => {
  it('comes back as plain data', async () => {
    const read = await reading(20_000)(file(LEEKS));
    expect(read).toMatchObject({ kind: 'read', format: 'text', dishes: [{ content: { title: 'Leeks vinaigrette' } }] });
  });

  it('is ended after its time, with a clear answer, and the next goes on', async () => {
    const slow = reading(1)(file(`${LEEKS}${'1 1/2 cups of this and that, chopped, with more\n'.repeat(20_000)}`));
    await expect(slow).rejects.toMatchObject({ problem: { type: 'urn:pelvo:problem:invalid-input', errors: [{ field: 'file' }] } });
    await expect(reading(20_000)(file(LEEKS))).resolves.toMatchObject({ kind: 'read' });
  });

  it('is refused when a hundred wait already, and none of those is lost', async () => {
    const all = await Promise.allSettled(Array.from({ length: 130 }, () => reading(60_000)(file(LEEKS))));
    const refused = all.filter((each) => each.status === 'rejected').map(({ reason }) => (reason as { status: number }).status);
    expect(refused.length).toBeGreaterThan(0);
    expect(new Set(refused)).toEqual(new Set([503]));
    expect(all.filter((each) => each.status === 'fulfilled').every(({ value }) => value.kind === 'read')).toBe(true);
  });
});

describe('the results of a class as one file', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool({ demo: true });
  });
  afterAll(() => school.close());

  it('hold every result that stands on the screen, each from a page of its own', async () => {
    const lead = await school.as('lead');
    const lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
    const id = lessons.find(({ title }) => title.startsWith('Knife'))!.id;
    const { marked } = (await lead<ClassResults>('GET', `/api/lessons/${id}/results`)).body;
    const pdf = await lead('GET', `/api/lessons/${id}/results/pdf?paper=LETTER`);
    expect([pdf.status, pdf.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    expect(pagesOf(pdf.bytes)).toBeGreaterThanOrEqual(marked.length);
    const empty = lessons.find(({ title }) => title.startsWith('Poaching'))!.id;
    expect((await lead('GET', `/api/lessons/${empty}/results/pdf`)).problem).toMatchObject({ status: 409, errors: [{ field: 'results' }] });
  });
});
