import { randomUUID } from 'node:crypto';
import { Worker } from 'node:worker_threads';
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
interface Client {
  readonly after?: number;
  readonly every?: number;
  readonly requests: readonly { readonly method: string; readonly path: string; readonly body?: unknown }[];
}
interface Answers {
  readonly times: readonly number[];
  readonly statuses: readonly number[];
  readonly bytes: number;
  readonly whole: number;
}
const LESSONS = { method: 'GET', path: '/api/lessons' };

const cookies = new Map<string, Promise<string>>();
async function signedIn(base: string, signIn: string): Promise<string> {
  const answer = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ signIn, password: 'demo-kitchen' }),
  });
  return answer.headers.getSetCookie()[0]!.split(';')[0]!;
}

/** Asks from a thread of its own, each client one request after the other. */
async function clients({ base }: School, own: readonly Client[], signIn = 'maren.oltz'): Promise<Answers> {
  const key = `${base} ${signIn}`;
  const cookie = cookies.get(key) ?? signedIn(base, signIn);
  cookies.set(key, cookie);
  const worker = new Worker(new URL('./clients.mjs', import.meta.url), { workerData: { base, cookie: await cookie, clients: own } });
  return new Promise((done, fail) => worker.once('message', done).once('error', fail));
}

/** Shown beside its limit, and held to it. */
function held(what: string, value: number, limit: number, unit = 'ms'): void {
  console.log(`${what}: ${value.toFixed(1)} ${unit}, limit ${limit} ${unit}`);
  expect(value, what).toBeLessThanOrEqual(limit);
}

let small: School;
let year: School;
let lead: Call;
function least(what: string, value: number, limit: number, unit: string): void {
  console.log(`${what}: ${value.toFixed(1)} ${unit}, at least ${limit} ${unit}`);
  expect(value, what).toBeGreaterThanOrEqual(limit);
}

beforeAll(async () => {
  small = await openSchool({ demo: true });
  year = await openSchool({ demo: true });
  await addSchoolYear(year.database, { lessons: 300, dishes: 400, classes: 5, marked: true });
  const [{ events }] = (await year.database.query('SELECT COUNT(*) AS events FROM lesson_event')) as [{ events: string }];
  console.log(`a school year: ${events} events`);
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
  held(`a school year takes as often as long as the demo school (median ${demo.toFixed(1)} ms)`, full / demo, 3, 'times');
  const one = await clients(year, [{ requests: [LESSONS] }]);
  console.log(`over the wire: ${(one.bytes / 1000).toFixed(0)} kB`);
  const twenty = await clients(
    year,
    Array.from({ length: 20 }, () => ({ requests: [LESSONS] })),
  );
  held('twenty people at once, the slowest', Math.max(...twenty.times), 500);
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
    return {
      method: 'POST',
      path: `/api/lessons/${sheet.lessonId}/events`,
      body: { events: [{ id: randomUUID(), kind: 'mark', body, at: new Date().toISOString() }] },
    };
  };
  const tried = await clients(year, [{ requests: [touch(sheets[0]!, 0)] }]);
  expect(tried.statuses).toEqual([200]);
  // What a server that runs for a while has behind it.
  await clients(
    year,
    sheets.map((sheet) => ({ requests: Array.from({ length: 60 }, (_, index) => touch(sheet, index)) })),
  );
  // Twenty assessors, each in a lesson of their own, each as fast as the answer comes.
  const fast = await clients(
    year,
    sheets.map((sheet) => ({ requests: Array.from({ length: 50 }, (_, index) => touch(sheet, index)) })),
  );
  expect(fast.statuses).toEqual([200]);
  least('twenty assessors as fast as they can', (fast.times.length * 1000) / fast.whole, 200, 'touches a second');
  held('a touch among them, 95th percentile', at(0.95, fast.times), 120);
  // Twenty assessors, a touch every two seconds each, while someone else asks for much, again and again.
  const order = `/api/lessons/${sheets[0]!.lessonId}/order/pdf?paper=A4`;
  for (const [what, path] of [
    ['the term page is loaded all the time', LESSONS.path],
    ['orders are printed all the time', order],
  ] as const) {
    let stop = false;
    const busy = (async () => {
      while (!stop) await clients(year, [{ requests: Array.from({ length: 5 }, () => ({ method: 'GET', path })) }]);
    })();
    const calm = await clients(
      year,
      sheets.map((sheet, place) => ({
        after: place * 100,
        every: 2000,
        requests: Array.from({ length: 5 }, (_, index) => touch(sheet, index + 7)),
      })),
    );
    stop = true;
    await busy;
    expect(calm.statuses).toEqual([200]);
    held(`a touch while ${what}, 95th percentile`, at(0.95, calm.times), 60);
  }
});
