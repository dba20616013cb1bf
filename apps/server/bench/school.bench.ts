import { randomUUID } from 'node:crypto';
import { get } from 'node:http';
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { LessonSummary, MarkingSheet } from '@pelvo/contract';
import { openSchool, type Call, type School } from '../test/school';
import { addSchoolYear } from '../test/schoolYear';

const at = (share: number, times: readonly number[]) =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))]!;
async function took(work: () => Promise<unknown>): Promise<number> {
  const begun = performance.now();
  await work();
  return performance.now() - begun;
}
async function times(count: number, work: () => Promise<unknown>): Promise<number[]> {
  const all: number[] = [];
  for (let index = 0; index < count; index += 1) all.push(await took(work));
  return all;
}
async function signedIn(base: string): Promise<string> {
  const answer = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ signIn: 'maren.oltz', password: 'demo-kitchen' }),
  });
  return answer.headers.getSetCookie()[0]!.split(';')[0]!;
}

/** Shown beside its limit, and held to it. */
function held(what: string, value: number, limit: number, unit = 'ms'): void {
  console.log(`${what}: ${value.toFixed(1)} ${unit}, limit ${limit} ${unit}`);
  expect(value, what).toBeLessThanOrEqual(limit);
}

let small: School;
let year: School;
let lead: Call;
beforeAll(async () => {
  small = await openSchool({ demo: true });
  year = await openSchool({ demo: true });
  await addSchoolYear(year.database, { lessons: 300, dishes: 400 });
  lead = await year.as('lead');
});
afterAll(async () => {
  await small.close();
  await year.close();
});

test('the term page and every page with the strip', async () => {
  const inSmall = await small.as('lead');
  const first = await took(() => lead('GET', '/api/lessons'));
  console.log(`the first time, with every order computed: ${first.toFixed(0)} ms`);
  await times(5, () => inSmall('GET', '/api/lessons'));
  const demo = at(0.5, await times(15, () => inSmall('GET', '/api/lessons')));
  const full = at(0.5, await times(15, () => lead('GET', '/api/lessons')));
  held('lessons of a school year, median', full, 80);
  console.log(`lessons of the demo school, median: ${demo.toFixed(1)} ms; a school year takes ${(full / demo).toFixed(1)} times as long`);
  // As browsers ask: what comes is taken as it is, since these here share one processor with the server.
  const cookie = await signedIn(year.base);
  const ask = () =>
    new Promise<number>((done, fail) =>
      get(`${year.base}/api/lessons`, { headers: { cookie, 'accept-encoding': 'gzip' } }, (answer) => {
        let bytes = 0;
        answer.on('data', (chunk: Buffer) => (bytes += chunk.length));
        answer.on('end', () => done(bytes));
      }).on('error', fail),
    );
  console.log(`over the wire: ${((await ask()) / 1000).toFixed(0)} kB`);
  held('twenty people at once, the slowest', await took(() => Promise.all(Array.from({ length: 20 }, ask))), 500);
});

test('a touch of an assessor', async () => {
  const lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body.filter(({ title }) => title.startsWith('Lesson '));
  const sheets = await Promise.all(
    lessons.slice(0, 20).map(async ({ id }) => (await lead<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body),
  );
  expect(sheets.filter(({ rubric }) => !rubric).slice(0, 1)).toEqual([]);
  const touch = (sheet: MarkingSheet, index: number) => {
    const criterion = sheet.rubric!.content.criteria.filter(({ kind }) => kind === 'levels')[index % 3]!;
    const body = {
      studentId: sheet.students[index % sheet.students.length]!.id,
      dishEditionId: sheet.dishes[0]!.editionId,
      criterionKey: criterion.key,
      value: { kind: 'level', level: 1 + (index % 4), faults: [] },
    };
    return lead('POST', `/api/lessons/${sheet.lessonId}/events`, {
      body: { events: [{ id: randomUUID(), kind: 'mark', body, at: new Date().toISOString() }] },
    });
  };
  const tried = await touch(sheets[0]!, 0);
  expect(tried.status, JSON.stringify(tried.body)).toBeLessThan(300);
  // Twenty assessors, each in a lesson of their own, each as fast as the answer comes.
  const EACH = 25;
  const all: number[] = [];
  const whole = await took(() =>
    Promise.all(
      sheets.map(async (sheet) => {
        for (let index = 0; index < EACH; index += 1) all.push(await took(() => touch(sheet, index)));
      }),
    ),
  );
  console.log(`twenty assessors as fast as they can: ${((sheets.length * EACH * 1000) / whole).toFixed(0)} touches a second`);
  held('a touch among them, 95th percentile', at(0.95, all), 120);
  // Twenty assessors, a touch every two seconds each, while someone loads the term page again and again.
  let stop = false;
  const loads = (async () => {
    while (!stop) await lead('GET', '/api/lessons');
  })();
  const calm: number[] = [];
  await Promise.all(
    sheets.map(async (sheet, place) => {
      await new Promise((done) => setTimeout(done, place * 100));
      for (let index = 0; index < 4; index += 1) {
        calm.push(await took(() => touch(sheet, index + 7)));
        await new Promise((done) => setTimeout(done, 2000));
      }
    }),
  );
  stop = true;
  await loads;
  held('a touch while the term page is loaded all the time, 95th percentile', at(0.95, calm), 60);
});
