import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { computeOrder, EMPTY_DEMONSTRATION, termBreaks, words, type Order } from '@pelvo/core';
import {
  carriedPieces,
  orderInputOf,
  type CarriedRecord,
  type Course,
  type LessonDetail,
  type NewCarried,
  type PreparationOfLesson,
  type TermOfClass,
} from '@pelvo/contract';
import { addDemoCarried } from '../src/demo/addDemoDemonstrations';
import { pagesOf } from '../src/platform/pdf';
import { demoDatabase, openSchool, type Call, type School } from './school';

/** Two copies of the server on one database: whatever two do at the same moment, they do on one each. */
let copies: readonly School[];
let lead: Call;
let other: Call;
let term: TermOfClass;

beforeAll(async () => {
  const database = await demoDatabase();
  copies = [await openSchool({ database }), await openSchool({ database })];
  [lead, other] = await Promise.all([copies[0]!.as('lead'), copies[1]!.as('assistant')]);
  const classes = (await lead<{ id: string; name: string }[]>('GET', '/api/classes')).body;
  const { id } = classes.find(({ name }) => name.startsWith('Foundation'))!;
  term = (await lead<TermOfClass>('GET', `/api/classes/${id}/term`)).body;
});
afterAll(() => Promise.all(copies.map((copy) => copy.close())));

const idOf = (title: string) => term.lessons.find((lesson) => lesson.title.startsWith(title))!.id;
const lessonOf = async (title: string, as = lead) => (await as<LessonDetail>('GET', `/api/lessons/${idOf(title)}`)).body;
/** The crumble of the pear, made in the lesson with the duck a week before. */
async function crumble(part: Partial<NewCarried> = {}): Promise<NewCarried> {
  const { dishes } = await lessonOf('Two plates');
  const pear = dishes.find(({ content }) => content.title.startsWith('Poached pear'))!;
  const stepId = pear.content.method.find(({ text }) => text.startsWith('Rub the crumble'))!.id;
  return { fromLessonId: idOf('Duck'), dishId: pear.dishId, stepId, store: 'frozen', hours: 720, covers: [], ...part };
}
const add = (body: NewCarried, as = lead) => as<CarriedRecord>('POST', `/api/lessons/${idOf('Two plates')}/carried`, { body });

describe('practice', () => {
  it('counts where a stage is made, and no more where its dish is plated', async () => {
    const { dishes } = await lessonOf('Two plates');
    const pear = dishes.find(({ content }) => content.title.startsWith('Poached pear'))!;
    const stepId = pear.content.method.find(({ text }) => text.startsWith('Poach the pears'))!.id;
    const techniques = (await lead<{ id: string; name: string }[]>('GET', '/api/techniques')).body;
    const countsIn = async (name: string) => {
      const { id } = techniques.find((each) => each.name === name)!;
      const { lessons } = (await lead<Course>('GET', `/api/classes/${term.classId}/course`)).body;
      return lessons.flatMap(({ title, inPassing }) =>
        /^(Duck|Two plates)/.test(title) && inPassing.includes(id) ? [title.slice(0, 4)] : [],
      );
    };
    expect([await countsIn('Peel, top and tail'), await countsIn('Syrup and poached fruit')]).toEqual([['Two '], ['Two ']]);
    // Peeled and poached a week before; the syrup is still reduced on the day.
    const { body: row } = await add(await crumble({ stepId, store: 'chilled', hours: 200 }));
    expect([await countsIn('Peel, top and tail'), await countsIn('Syrup and poached fruit')]).toEqual([['Duck'], ['Duck', 'Two ']]);
    expect((await lead('DELETE', `/api/carried/${row.id}`)).status).toBe(204);
    expect(await countsIn('Peel, top and tail')).toEqual(['Two ']);
  });
});

describe('what is made in one lesson for another', () => {
  it('is refused, by its field, where it cannot be', async () => {
    const refused = async (part: Partial<NewCarried>) => {
      const { status, problem } = await add(await crumble(part));
      return [status, problem.errors?.[0]?.field];
    };
    const { dishes } = await lessonOf('Duck');
    expect(await refused({ fromLessonId: idOf('Two plates') })).toEqual([422, 'fromLessonId']);
    expect(await refused({ fromLessonId: '00000000-0000-0000-0000-000000000000' })).toEqual([422, 'fromLessonId']);
    expect(await refused({ dishId: dishes[0]!.dishId })).toEqual([422, 'dishId']);
    expect(await refused({ stepId: 'gone' })).toEqual([422, 'stepId']);
    expect(await refused({ hours: 0 })).toEqual([422, 'hours']);
    expect(await refused({ store: 'cellar' as never })).toEqual([422, 'store']);
    expect(await refused({ covers: [{ studentId: 'x', from: 'y' }] })).toEqual([422, 'covers.0.studentId']);
    // A duck that rests must not rest before the lesson, says its dish.
    const stepId = dishes[0]!.content.method.find(({ text }) => text.startsWith('Rest the duck'))!.id;
    const body = { ...(await crumble()), fromLessonId: idOf('Poaching'), dishId: dishes[0]!.dishId, stepId };
    const { problem } = await lead('POST', `/api/lessons/${idOf('Duck')}/carried`, { body });
    expect(problem.errors![0]!.problem).toBe('Its dish says that this step must not be made ahead.');
    for (const role of ['stores', 'student'] as const)
      expect((await (await copies[0]!.as(role))('POST', `/api/lessons/${idOf('Two plates')}/carried`, { body })).status).toBe(403);
  });

  it('is added once, also by two on two copies of the server at the same moment', async () => {
    const body = await crumble();
    const both = await Promise.all([add(body), add(body, other)]);
    expect(both.map(({ status }) => status).sort()).toEqual([201, 409]);
    const { carried } = await lessonOf('Duck');
    expect(carried).toHaveLength(1);
    // Pairs make one each for those who later cook alone.
    const { pieces, without } = carriedPieces(carried[0]!);
    expect([pieces.length, without.length]).toEqual([(await lessonOf('Two plates')).present, 0]);
    expect(new Set(pieces.map(({ because }) => because))).toEqual(new Set(['own']));
  });

  it('is changed by version: of two at the same moment one is told, with what is stored now', async () => {
    for (let round = 0; round < 6; round += 1) {
      const [record] = (await lessonOf('Two plates')).carried as [CarriedRecord];
      const save = (as: Call, hours: number) =>
        as<CarriedRecord>('PUT', `/api/carried/${record.id}`, { body: { store: 'frozen', hours, covers: [] }, version: record.version });
      const both = await Promise.all([save(lead, 100 + round), save(other, 200 + round)]);
      expect(both.map(({ status }) => status).sort()).toEqual([200, 412]);
      const won = both.find(({ status }) => status === 200)!.body;
      expect((await lessonOf('Two plates', other)).carried[0]).toMatchObject({ hours: won.hours, version: record.version + 1 });
    }
  });

  it('is on the order with the day on which it is wanted, alike on server and device, and names nobody to stores', async () => {
    const lesson = await lessonOf('Two plates');
    const order = (await lead<Order>('GET', `/api/lessons/${lesson.id}/order`)).body;
    expect(order).toEqual(JSON.parse(JSON.stringify(computeOrder(orderInputOf(lesson)))));
    const wanted = order.lines.filter(({ figure }) => figure.notes.some(({ code }) => code === 'wanted-on')).map(({ item }) => item);
    expect(wanted).toContain('ground almonds');
    expect(wanted).not.toContain('pears');
    const stores = await copies[1]!.as('stores');
    const seen = await lessonOf('Two plates', stores);
    expect([seen.carried.length, JSON.stringify(seen.carried).includes(lesson.students[0]!.id)]).toEqual([1, false]);
    const csv = (await stores('GET', `/api/lessons/${lesson.id}/order.csv`)).bytes.toString();
    expect(csv).toContain('Duck, and patience');
  });

  it('breaks the term when its lessons are moved apart, and is copied with both of them', async () => {
    const path = `/api/classes/${term.classId}/term`;
    const facts = async () => ({ ...(await lead<TermOfClass>('GET', path)).body, prerequisites: new Map() });
    const kinds = async () => termBreaks(await facts()).filter(({ kind }) => kind === 'carried');
    const [record] = (await lessonOf('Two plates')).carried as [CarriedRecord];
    await lead('PUT', `/api/carried/${record.id}`, { body: { store: 'frozen', hours: 200, covers: [] }, version: record.version });
    expect(await kinds()).toEqual([]);
    const { version, date } = (await facts()).lessons.find(({ id }) => id === idOf('Two plates'))!;
    const put = (to: string, from: number) =>
      lead('PUT', `${path}/days`, { body: { moves: [{ lessonId: idOf('Two plates'), date: to, version: from }] } });
    const later = new Date(Date.parse(date) + 7 * 86_400_000).toISOString().slice(0, 10);
    expect((await put(later, version)).status).toBe(200);
    expect(await kinds()).toMatchObject([{ what: 'Crumble', verdict: 'too-old', hours: expect.closeTo(332, 0) as number }]);
    expect((await put(date, version + 1)).status).toBe(200);
    const body = { lessonIds: [idOf('Duck'), idOf('Two plates')], classId: term.classId, days: 700 };
    expect((await lead('POST', `${path}/copies`, { body })).status).toBe(201);
    const { carried } = await facts();
    expect(carried).toHaveLength(2);
    expect(new Set(carried.flatMap(({ fromLessonId, toLessonId }) => [fromLessonId, toLessonId])).size).toBe(4);
  });

  it('has its labels, as trays and what is made in bulk have theirs', async () => {
    const labels = (title: string, what: string, as = lead) =>
      as('GET', `/api/lessons/${idOf(title)}/preparation/labels.pdf?for=${what}&paper=LETTER`);
    for (const what of ['carried', 'bulk', 'trays']) {
      const { status, bytes } = await labels('Duck', what);
      expect([status, pagesOf(bytes) > 0]).toEqual([200, true]);
    }
    expect((await labels('Duck', 'trays', await copies[0]!.as('stores'))).status).toBe(200);
    expect((await labels('Duck', 'trays', await copies[0]!.as('student'))).status).toBe(403);
    expect((await labels('Two plates', 'carried')).status).toBe(409);
    expect((await labels('Duck', 'jars')).status).toBe(422);
  });

  it('leaves with its dish, comes back with it, and is taken away', async () => {
    const [record] = (await lessonOf('Two plates')).carried as [CarriedRecord];
    const gone = await Promise.all([lead('DELETE', `/api/carried/${record.id}`), other('DELETE', `/api/carried/${record.id}`)]);
    expect(gone.map(({ status }) => status).sort()).toEqual([204, 404]);
    expect((await lessonOf('Duck')).carried).toEqual([]);
    await addDemoCarried(copies[0]!.database, (await personOf(copies[0]!)).id);
    expect((await lessonOf('Duck')).carried).toHaveLength(1);
  });
});

async function personOf({ as }: School): Promise<{ id: string }> {
  return (await (await as('lead'))<{ me: { id: string } }>('GET', '/api/session')).body.me;
}

describe('on two copies of the server at the same moment', () => {
  it('a demonstration is first saved by one, a tick is set once, a lesson is moved by one', async () => {
    const lesson = await lessonOf('Duck');
    const path = `/api/lessons/${lesson.id}`;
    const first = await Promise.all(
      [lead, other].map((as) => as('PUT', `${path}/demonstrations/${lesson.dishes[0]!.dishId}`, { body: EMPTY_DEMONSTRATION, version: 0 })),
    );
    expect(first.map(({ status }) => status).sort()).toEqual([200, 412]);
    const ticks = await Promise.all(
      [lead, other].map((as) => as<PreparationOfLesson>('PUT', `${path}/preparation`, { body: { task: 'team onion peel', done: true } })),
    );
    expect(ticks.map(({ status, body }) => [status, body.done.length])).toEqual([
      [200, 1],
      [200, 1],
    ]);
    const { lessons } = (await lead<TermOfClass>('GET', `/api/classes/${term.classId}/term`)).body;
    const { version } = lessons.find(({ id }) => id === lesson.id)!;
    const lead2 = await copies[1]!.as('lead');
    const moved = await Promise.all(
      [lead, lead2].map((as, at) =>
        as('PUT', `/api/classes/${term.classId}/term/days`, {
          body: { moves: [{ lessonId: lesson.id, date: `2028-03-0${at + 1}`, version }] },
        }),
      ),
    );
    expect(moved.map(({ status }) => status).sort()).toEqual([200, 412]);
  });

  it('days off of one calendar file come in once', async () => {
    const event = (day: number) => ['BEGIN:VEVENT', `UID:${day}@x`, `DTSTART;VALUE=DATE:202805${day}`, `SUMMARY:Free ${day}`, 'END:VEVENT'];
    const file = ['BEGIN:VCALENDAR', 'VERSION:2.0', ...[10, 11, 12].flatMap(event), 'END:VCALENDAR', ''].join('\r\n');
    const lead2 = await copies[1]!.as('lead');
    const both = await Promise.all(
      [lead, lead2].map((as) => as<{ added: number }>('POST', '/api/days-off/imports', { raw: file, type: 'application/octet-stream' })),
    );
    expect(both.reduce((sum, { body }) => sum + body.added, 0)).toBe(3);
  });
});

it('a method on paper says where the board is changed', async () => {
  const { content } = (await lessonOf('Duck')).dishes[0]!;
  const { handoutDocument } = await import('../src/dishes/handoutDocument');
  const { NO_BOARDS, SHIPPED_BOOK } = await import('@pelvo/core');
  const care = { techniques: new Map(), rules: {}, book: SHIPPED_BOOK, preparations: new Map(), allergenList: 'eu-uk' as const };
  const paper = (boards: typeof NO_BOARDS) => JSON.stringify(handoutDocument(content, 2, 'Edition 1', { ...care, boards }));
  expect(paper(NO_BOARDS)).toContain(
    words({ code: 'change.first', change: ['board', 'knife', 'cloth', 'hands'], because: 'raw-to-ready' }),
  );
  expect(paper({ ...NO_BOARDS, ready: { name: 'white', colour: '#ffffff' } })).toContain('First change white board, knife');
});
