import { randomUUID } from 'node:crypto';
import { Worker } from 'node:worker_threads';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { proposeOrder, termBreaks } from '@pelvo/core';
import type { LessonSummary, MarkingSheet, TermOfClass } from '@pelvo/contract';
import { at, held, least, took } from '../../../packages/core/bench/held';
import type { Call } from '../test/school';
import { addSchoolYear } from '../test/schoolYear';
import { runSchool, type RunningSchool } from './running';

interface Client {
  readonly after?: number;
  readonly every?: number;
  /** Milliseconds for which the requests are asked over and over. */
  readonly lasting?: number;
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
async function clients({ base }: RunningSchool, own: readonly Client[], signIn = 'maren.oltz'): Promise<Answers> {
  const key = `${base} ${signIn}`;
  const cookie = cookies.get(key) ?? signedIn(base, signIn);
  cookies.set(key, cookie);
  const worker = new Worker(new URL('./clients.mjs', import.meta.url), { workerData: { base, cookie: await cookie, clients: own } });
  return new Promise((done, fail) => worker.once('message', done).once('error', fail));
}

let small: RunningSchool;
let year: RunningSchool;
let lead: Call;
beforeAll(async () => {
  small = await runSchool();
  year = await runSchool();
  await addSchoolYear(year.database, { lessons: 300, dishes: 400, classes: 5, marked: true });
  const [{ events }] = (await year.database.query('SELECT COUNT(*) AS events FROM lesson_event')) as [{ events: string }];
  const [{ bytes }] = (await year.database.query(
    'SELECT SUM(data_length + index_length) AS bytes FROM information_schema.tables WHERE table_schema = DATABASE()',
  )) as [{ bytes: string }];
  console.log(`a school year: ${events} events, ${(Number(bytes) / 1e6).toFixed(0)} MB of tables`);
  lead = await year.signedIn('maren.oltz');
});
afterAll(async () => {
  await small.close();
  await year.close();
});

test('the term page and every page with the strip', async () => {
  const first = await took(() => lead('GET', '/api/lessons'));
  console.log(`the first time, with every order computed: ${first.toFixed(0)} ms`);
  const often = [{ requests: Array.from({ length: 30 }, () => LESSONS) }];
  // By turns: a machine that slows down between the two would be counted as the school's growth.
  const turns: { few: number; many: number; bytes: number }[] = [];
  for (let turn = 0; turn < 5; turn += 1) {
    const [demo, full] = [await clients(small, often), await clients(year, often)];
    turns.push({ few: at(0.5, demo.times.slice(8)), many: at(0.5, full.times.slice(8)), bytes: full.bytes });
  }
  const middle = (of: (turn: (typeof turns)[number]) => number): number => at(0.5, turns.map(of));
  held(
    'lessons of a school year, median',
    middle(({ many }) => many),
    80,
  );
  console.log(`over the wire: ${(turns[0]!.bytes / 1000).toFixed(0)} kB`);
  const twenty = await clients(
    year,
    Array.from({ length: 20 }, () => ({ requests: [LESSONS] })),
  );
  held('twenty people at once, the slowest', Math.max(...twenty.times), 500);
  const few = middle((turn) => turn.few);
  held(
    `a school year takes as often as long as the demo school (median ${few.toFixed(1)} ms)`,
    middle((turn) => turn.many / turn.few),
    3,
    'times',
  );
});

test('the term of a class with 60 lessons, and the order that is proposed for them', async () => {
  const classes = (await lead<{ id: string; name: string }[]>('GET', '/api/classes')).body;
  const terms = await Promise.all(classes.map(async ({ id }) => (await lead<TermOfClass>('GET', `/api/classes/${id}/term`)).body));
  const term = terms.sort((a, b) => b.lessons.length - a.lessons.length)[0]!;
  const path = { method: 'GET', path: `/api/classes/${term.classId}/term` };
  const { times } = await clients(year, [{ requests: Array.from({ length: 20 }, () => path) }]);
  held(`the term of a class with ${term.lessons.length} lessons, median`, at(0.5, times), 300);
  const facts = { ...term, prerequisites: new Map<string, readonly string[]>() };
  held('what does not hold in it', await took(async () => termBreaks(facts)), 100);
  held('an order proposed', await took(async () => proposeOrder([], term.lessons, facts.prerequisites)), 2000);
});

/** What twenty assessors mark by: sheets of as many lessons as there are, over and over. */
async function sheetsIn(as: Call, wanted: (title: string) => boolean): Promise<readonly MarkingSheet[]> {
  const lessons = (await as<LessonSummary[]>('GET', '/api/lessons')).body.filter(({ title }) => wanted(title)).slice(0, 20);
  const sheets = await Promise.all(lessons.map(async ({ id }) => (await as<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body));
  const marked = sheets.filter(
    ({ rubric, students, dishes }) =>
      rubric?.content.criteria.some(({ kind }) => kind === 'levels') && students.length > 0 && dishes.length > 0,
  );
  return Array.from({ length: 20 }, (_, place) => marked[place % marked.length]!);
}

test('a touch of an assessor', async () => {
  const sheets = await sheetsIn(lead, (title) => title.startsWith('Lesson '));
  expect(new Set(sheets.map(({ lessonId }) => lessonId)).size).toBe(20);
  const touch = (sheet: MarkingSheet, index: number) => {
    const byLevel = sheet.rubric!.content.criteria.filter(({ kind }) => kind === 'levels').slice(0, 3);
    const criterion = byLevel[index % byLevel.length]!;
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
    sheets.map((sheet) => ({ requests: Array.from({ length: 150 }, (_, index) => touch(sheet, index)) })),
  );
  // Twenty assessors, each in a lesson of their own, each as fast as the answer comes.
  const fast = await clients(
    year,
    sheets.map((sheet) => ({ requests: Array.from({ length: 50 }, (_, index) => touch(sheet, index)) })),
  );
  expect(fast.statuses).toEqual([200]);
  least('twenty assessors as fast as they can', (fast.times.length * 1000) / fast.whole, 200, 'touches a second');
  held('a touch among them, 95th percentile', at(0.95, fast.times), 120);
  // Twenty assessors, a touch every two seconds each.
  const calmly = (school: RunningSchool, own: readonly MarkingSheet[]) =>
    clients(
      school,
      own.map((sheet, place) => ({
        after: place * 100,
        every: 2000,
        requests: Array.from({ length: 5 }, (_, index) => touch(sheet, index + 7)),
      })),
    );
  const few = await sheetsIn(await small.signedIn('maren.oltz'), () => true);
  // By turns: a machine that slows down between the two would be counted as the school's growth.
  const turns: { few: number; many: number }[] = [];
  await calmly(small, few);
  while (turns.length < 3) {
    const [demo, full] = [await calmly(small, few), await calmly(year, sheets)];
    expect([...demo.statuses, ...full.statuses]).toEqual([200, 200]);
    turns.push({ few: at(0.95, demo.times), many: at(0.95, full.times) });
  }
  const middle = (of: (turn: (typeof turns)[number]) => number): number => at(0.5, turns.map(of));
  held(
    'a touch of twenty assessors in a school year, 95th percentile',
    middle(({ many }) => many),
    60,
  );
  const [{ events }] = (await small.database.query('SELECT COUNT(*) AS events FROM lesson_event')) as [{ events: string }];
  held(
    `a touch takes as often as long as in the demo school (${events} events, ${middle((turn) => turn.few).toFixed(1)} ms)`,
    middle((turn) => turn.many / turn.few),
    2,
    'times',
  );
  // The same, while someone else asks for much, again and again.
  const order = `/api/lessons/${sheets[0]!.lessonId}/order.pdf?paper=A4`;
  for (const [what, path] of [
    ['the term page is loaded all the time', LESSONS.path],
    ['orders are printed all the time', order],
  ] as const) {
    const rounds: number[] = [];
    while (rounds.length < 3) {
      // One client that goes on, not a new one for every few requests: starting those would be counted as the server's time.
      const busy = clients(year, [{ lasting: 10_000, requests: [{ method: 'GET', path }] }]);
      const calm = await calmly(year, sheets);
      expect([...calm.statuses, ...(await busy).statuses]).toEqual([200, 200]);
      rounds.push(at(0.95, calm.times));
      console.log(`(${(await busy).times.length} answers meanwhile, a touch ${at(0.95, calm.times).toFixed(1)} ms)`);
    }
    // The middle one: what else the machine does for a few seconds is not the server's doing.
    held(`a touch while ${what}, 95th percentile`, at(0.5, rounds), 60);
  }
});

test('results of a class, and a student’s own', async () => {
  const [{ id, studentId }] = (await year.database.query(
    `SELECT a.lesson_id AS id, a.student_id AS studentId FROM assessment a JOIN lesson ON lesson.id = a.lesson_id WHERE lesson.title = 'Lesson 5' LIMIT 1`,
  )) as [{ id: string; studentId: string }];
  const results = await clients(year, [
    { requests: Array.from({ length: 30 }, () => ({ method: 'GET', path: `/api/lessons/${id}/results` })) },
  ]);
  held('results of a class of 24 with three dishes, median', at(0.5, results.times.slice(5)), 60);
  const { bytes } = await lead('GET', `/api/lessons/${id}/results`);
  held('results of a class, before they are compressed', bytes.length / 1000, 120, 'kB');
  await year.database.query("UPDATE person SET student_id = ? WHERE sign_in = 'amara.quill'", [studentId]);
  const mine = { method: 'GET', path: '/api/my-results' };
  const first = await clients(year, [{ requests: [mine] }], 'amara.quill');
  console.log(`a student's own, the first time after an update: ${first.times[0]!.toFixed(0)} ms`);
  const own = await clients(year, [{ requests: Array.from({ length: 30 }, () => mine) }], 'amara.quill');
  const list = (await lead<readonly unknown[]>('GET', '/api/lessons')).body.length;
  console.log(`(${list} lessons in all)`);
  held('a student’s own results of a year, median', at(0.5, own.times.slice(5)), 30);
});

test('where a class of 24 stands after a year', async () => {
  const [{ id, marks }] = (await year.database.query(
    `SELECT lesson.class_id AS id, COUNT(*) AS marks FROM mark JOIN assessment a ON a.id = mark.assessment_id JOIN lesson ON lesson.id = a.lesson_id
     GROUP BY lesson.class_id ORDER BY marks DESC LIMIT 1`,
  )) as [{ id: string; marks: string }];
  const { times } = await clients(year, [
    { requests: Array.from({ length: 12 }, () => ({ method: 'GET', path: `/api/classes/${id}/skills` })) },
  ]);
  // Asked for 24 students, 60 lessons and 10 criteria.
  const asked = 24 * 60 * 10;
  console.log(`${marks} marks in all`);
  held(`where a class stands, for each ${asked} marks, median`, at(0.5, times.slice(3)) / Math.max(1, Number(marks) / asked), 100);
});

test('the map of a class, and a dish looked for by its letters', async () => {
  const [{ id }] = (await year.database.query("SELECT id FROM class WHERE name = 'Year class 0'")) as [{ id: string }];
  const technique = (await lead<{ items: { id: string }[] }>('GET', '/api/techniques')).body;
  const [one] = Array.isArray(technique) ? (technique as { id: string }[]) : technique.items;
  const course = await clients(year, [
    { requests: Array.from({ length: 20 }, () => ({ method: 'GET', path: `/api/classes/${id}/course` })) },
  ]);
  console.log(`the course of a class: ${at(0.5, course.times.slice(5)).toFixed(1)} ms`);
  const dishes = await clients(year, [
    { requests: Array.from({ length: 20 }, () => ({ method: 'GET', path: `/api/dishes?technique=${one!.id}` })) },
  ]);
  console.log(`dishes with a technique, a page of them: ${at(0.5, dishes.times.slice(5)).toFixed(1)} ms`);
  const letters = await clients(year, [
    {
      requests: ['p', 'po', 'poa', 'poac', 'l', 'le', 'lee']
        .flatMap((text) => [text, text, text])
        .map((text) => ({ method: 'GET', path: `/api/dishes?search=${text}` })),
    },
  ]);
  expect([...course.statuses, ...dishes.statuses, ...letters.statuses]).toEqual([200, 200, 200]);
  held('dishes by their first letters, as the command list asks, median', at(0.5, letters.times), 50);
});

test('printing, while others go on', async () => {
  const [{ id }] = (await year.database.query("SELECT id FROM lesson WHERE title = 'Lesson 9'")) as [{ id: string }];
  const order = { method: 'GET', path: `/api/lessons/${id}/order.pdf?paper=A4` };
  await clients(year, [{ requests: [order] }]);
  const printed = await clients(year, [{ requests: Array.from({ length: 8 }, () => order) }]);
  console.log(`an order as PDF, median: ${at(0.5, printed.times).toFixed(0)} ms`);
  const session = { method: 'GET', path: '/api/session' };
  const printing = clients(
    year,
    Array.from({ length: 4 }, () => ({ requests: Array.from({ length: 6 }, () => order) })),
  );
  const others = await clients(year, [{ every: 20, requests: Array.from({ length: 100 }, () => session) }]);
  await printing;
  held('what others wait while four print, 95th percentile', at(0.95, others.times), 60);
  // A lesson of 24 students with four dishes: 96 results.
  await year.database.query(
    `INSERT INTO lesson_dish SELECT ?, edition.id, 9 FROM dish_edition edition WHERE edition.id NOT IN (SELECT dish_edition_id FROM lesson_dish WHERE lesson_id = ?) LIMIT 1`,
    [id, id],
  );
  const sheet = (await lead<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body;
  const events = sheet.students.map((student) => ({
    id: randomUUID(),
    kind: 'mark',
    at: new Date().toISOString(),
    body: {
      studentId: student.id,
      dishEditionId: sheet.dishes.at(-1)!.editionId,
      criterionKey: sheet.rubric!.content.criteria.find(({ kind }) => kind === 'levels')!.key,
      value: { kind: 'level', level: 2, faults: [] },
    },
  }));
  const taken = await lead('POST', `/api/lessons/${id}/events`, { body: { events } });
  expect(taken.status, JSON.stringify(taken.body)).toBe(200);
  const all = await clients(year, [{ requests: [{ method: 'GET', path: `/api/lessons/${id}/results/pdf?paper=A4` }] }]);
  expect(all.statuses).toEqual([200]);
  held('96 results as one file', all.whole / 1000, 4, 's');
});
