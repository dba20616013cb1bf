import { randomUUID } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DataSource } from 'typeorm';
import { AS_THE_SCHOOL, shownOf, type MarkBody } from '@pelvo/core';
import type {
  ClassResults,
  DishResult,
  EventsPage,
  EventsTaken,
  Invitation,
  LessonDetail,
  LessonEvent,
  LessonSummary,
  MarkingSheet,
  MyResult,
  Person,
  SaidEvent,
  SessionState,
} from '@pelvo/contract';
import { resultsOfClass } from '@pelvo/contract';
import { createApp } from '../src/app';
import { addDemoSchool } from '../src/demo/addDemoSchool';
import { PeopleService } from '../src/people';
import { callerOf, freshDatabase, type Call } from './school';

/** Two copies of the server on one database, and whatever can happen at the same moment. */
let copies: NestExpressApplication[];
let bases: string[];
let lead: Call;
let leadToo: Call;
let assistant: Call;
let lessons: LessonSummary[];

const signedIn = async (base: string, signIn: string): Promise<Call> => {
  const call = callerOf(base);
  expect((await call('POST', '/api/session', { body: { signIn, password: 'demo-kitchen' } })).status).toBe(200);
  return call;
};

beforeAll(async () => {
  const databaseUrl = await freshDatabase();
  // Both start at once, on a database in which there is nothing yet.
  copies = await Promise.all([createApp({ databaseUrl, logLevel: 'silent' }), createApp({ databaseUrl, logLevel: 'silent' })]);
  await addDemoSchool(copies[0]!.get(DataSource));
  for (const copy of copies) await copy.listen(0, '127.0.0.1');
  bases = copies.map((copy) => `http://127.0.0.1:${(copy.getHttpServer().address() as AddressInfo).port}`);
  [lead, leadToo, assistant] = await Promise.all([
    signedIn(bases[0]!, 'maren.oltz'),
    signedIn(bases[1]!, 'maren.oltz'),
    signedIn(bases[1]!, 'teo.vasz'),
  ]);
  lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
});
afterAll(() => Promise.all(copies.map((copy) => copy.close())));

const lessonId = (title: string) => lessons.find((lesson) => lesson.title.startsWith(title))!.id;
const sheetOf = async (id: string) => (await lead<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body;
const mark = (body: MarkBody): SaidEvent & { body: MarkBody } => ({ id: randomUUID(), kind: 'mark', body, at: new Date().toISOString() });
const say = (call: Call, id: string, ...events: SaidEvent[]) =>
  call<EventsTaken>('POST', `/api/lessons/${id}/events`, { body: { events } });
const stream = async (id: string, after = 0) => (await lead<EventsPage>('GET', `/api/lessons/${id}/events?after=${after}`)).body;
const plate = (sheet: MarkingSheet, student: number, criterionKey: string, level: 1 | 2 | 3 | 4 | null): MarkBody => ({
  studentId: sheet.students[student]!.id,
  dishEditionId: sheet.dishes[0]!.editionId,
  criterionKey,
  value: level === null ? null : { kind: 'level', level, faults: [] },
});

describe('two assessors', () => {
  it('touch plates for the first time at the same moment, and every touch is stored', async () => {
    const id = lessonId('Poaching');
    const sheet = await sheetOf(id);
    const touches = sheet.students.flatMap((_, student) =>
      ['doneness', 'seasoning'].flatMap((key) => [
        say(lead, id, mark(plate(sheet, student, key, 3))),
        say(assistant, id, mark(plate(sheet, student, key, 2))),
      ]),
    );
    const answers = await Promise.all(touches);
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([200]));
    const { events, number } = await stream(id);
    expect(number).toBe(touches.length);
    // Numbered without gaps, in the order in which they count.
    expect(events.map((event) => event.number)).toEqual(touches.map((_, index) => index + 1));
    const after = await sheetOf(id);
    expect(after.plates).toHaveLength(sheet.students.length);
    expect(after.plates.every(({ given }) => given.length === 4)).toBe(true);
  });

  it('note a fault of one plate at the same moment, and what each said of it stands', async () => {
    const id = lessonId('Poaching');
    const sheet = await sheetOf(id);
    const criterion = sheet.rubric!.content.criteria.find(({ kind, faults }) => kind === 'levels' && faults.length > 0)!;
    const [fault] = criterion.faults;
    const noting = (place: string): MarkBody => ({
      ...plate(sheet, 1, criterion.key, 2),
      value: { kind: 'level', level: 2, faults: [fault!.key], notes: { [fault!.key]: { place } } },
    });
    const answers = await Promise.all([say(lead, id, mark(noting('the sauce'))), say(assistant, id, mark(noting('the rim')))]);
    expect(answers.map(({ status }) => status)).toEqual([200, 200]);
    const { given } = (await sheetOf(id)).plates.find(({ studentId }) => studentId === sheet.students[1]!.id)!;
    const places = given.flatMap(({ value }) =>
      value && 'notes' in value && value.notes ? Object.values(value.notes).map((note) => note.place) : [],
    );
    expect(places.sort()).toEqual(['the rim', 'the sauce']);
  });

  it('see each other’s marks: the newest counts, and taking one’s own back leaves the other’s', async () => {
    const id = lessonId('Two plates');
    const sheet = await sheetOf(id);
    await say(lead, id, mark(plate(sheet, 0, 'doneness', 2)));
    await say(assistant, id, mark(plate(sheet, 0, 'doneness', 4)));
    const level = async () =>
      resultsOfClass((await lead<ClassResults>('GET', `/api/lessons/${id}/results`)).body).results[0]!.marks.doneness;
    expect(await level()).toMatchObject({ level: 4 });
    await say(assistant, id, mark(plate(sheet, 0, 'doneness', null)));
    expect(await level()).toMatchObject({ level: 2 });
  });
});

describe('one event', () => {
  it('sent three times at the same moment counts once', async () => {
    const id = lessonId('Two plates');
    const sheet = await sheetOf(id);
    for (let round = 0; round < 5; round += 1) {
      const before = (await stream(id)).number;
      const event = mark(plate(sheet, 3 + round, 'doneness', 3));
      const answers = await Promise.all([say(lead, id, event), say(lead, id, event), say(leadToo, id, event)]);
      expect(answers.map(({ status }) => status)).toEqual([200, 200, 200]);
      expect(answers.map(({ body }) => body.stored).sort()).toEqual([0, 0, 1]);
      expect((await stream(id)).number).toBe(before + 1);
    }
  });

  it('of someone else, or of another lesson, is not taken for it', async () => {
    const sheet = await sheetOf(lessonId('Two plates'));
    const event = mark(plate(sheet, 1, 'doneness', 3));
    expect((await say(lead, sheet.lessonId, event)).status).toBe(200);
    expect((await say(assistant, sheet.lessonId, event)).status).toBe(409);
    const other = await sheetOf(lessonId('Poaching'));
    expect((await say(lead, other.lessonId, { ...event, body: plate(other, 1, 'doneness', 3) })).status).toBe(409);
  });
});

describe('a plan and a first mark at the same moment', () => {
  it('never disagree afterwards: the plan loses the dish or the dish keeps its mark', async () => {
    const outcomes = new Set<string>();
    const source = (await lead<LessonDetail>('GET', `/api/lessons/${lessonId('Poaching')}`)).body;
    const sheet = await sheetOf(source.id);
    for (let round = 0; round < 12; round += 1) {
      const {
        title,
        date,
        start,
        end,
        kitchenId,
        classId,
        teamSize,
        portionsATeam,
        demonstrationPortions,
        referencePlates,
        tastingPortions,
        spareMakings,
      } = source;
      const fields = {
        ...{ title: `${title} ${round}`, date, start, end, kitchenId, classId, teamSize, portionsATeam, demonstrationPortions },
        ...{
          referencePlates,
          tastingPortions,
          spareMakings,
          studentCount: null,
          techniques: [],
          substitutions: [],
          practices: {},
          settings: AS_THE_SCHOOL,
        },
        dishEditionIds: [source.dishes[0]!.editionId],
        rubricEditionId: source.rubric!.editionId,
      };
      const { id } = (await lead<LessonDetail>('POST', '/api/lessons', { body: fields })).body;
      const [plan, touch] = await Promise.all([
        lead('PUT', `/api/lessons/${id}`, { body: { ...fields, dishEditionIds: [] }, version: 1 }),
        say(assistant, id, mark(plate(sheet, 0, 'doneness', 3))),
      ]);
      outcomes.add(`${plan.status} ${touch.status}`);
      const { dishes } = (await lead<LessonDetail>('GET', `/api/lessons/${id}`)).body;
      expect([plan.status, touch.status, dishes.length]).toEqual(touch.status === 200 ? [409, 200, 1] : [200, 422, 0]);
    }
    expect([...outcomes].every((outcome) => outcome === '409 200' || outcome === '200 422')).toBe(true);
  });
});

describe('a mark given after release', () => {
  it('reaches the student only when results are given out again, and says so until then', async () => {
    const id = lessonId('Sweating');
    const student = await signedIn(bases[1]!, 'amara.quill');
    const mine = async () =>
      (await student<MyResult[]>('GET', '/api/my-results')).body.find(({ lesson }) => lesson.startsWith('Sweating'))!;
    const before = await mine();
    const sheet = await sheetOf(id);
    const amara = sheet.students.findIndex(({ name }) => name === 'Amara Quill');
    const key = sheet.rubric!.content.criteria.find(({ kind }) => kind === 'levels')!.key;
    expect(sheet.releasedAt).not.toBeNull();
    await say(assistant, id, mark(plate(sheet, amara, key, 1)));
    const now = resultsOfClass((await lead<ClassResults>('GET', `/api/lessons/${id}/results`)).body).results.find(
      ({ student: name }) => name === 'Amara Quill',
    )!;
    expect([now.changedSince, shownOf(now.result.mark!) === before.mark]).toEqual([true, false]);
    expect(await mine()).toEqual(before);
    expect((await student<DishResult>('GET', `/api/my-results/${before.id}`)).body.marks).not.toEqual(now.marks);
    await lead('PUT', `/api/lessons/${id}/release`, { body: { released: true, why: 'Tasted once more' } });
    expect((await mine()).mark).toBe(shownOf(now.result.mark!));
  });
});

describe('the live stream', () => {
  /** Listens with a browser's own means: reads events until told to stop. */
  const listen = async (call: { base: string; cookie: string }, id: string, after: number) => {
    const controller = new AbortController();
    const response = await fetch(`${call.base}/api/lessons/${id}/events/live?after=${after}`, {
      headers: { cookie: call.cookie },
      signal: controller.signal,
    });
    const heard: { event: LessonEvent; at: number }[] = [];
    let ended = false;
    void (async () => {
      const decoder = new TextDecoder();
      let text = '';
      for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
        text += decoder.decode(chunk, { stream: true });
        for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
          const data = /^data: (\{"id".*)$/m.exec(text.slice(0, end))?.[1];
          if (data) heard.push({ event: JSON.parse(data) as LessonEvent, at: Date.now() });
          text = text.slice(end + 2);
        }
      }
      ended = true;
    })().catch(() => (ended = true));
    return { status: response.status, heard, stop: () => controller.abort(), ended: () => ended };
  };
  const until = async (holds: () => boolean) => {
    for (let tries = 0; !holds() && tries < 200; tries += 1) await new Promise((done) => setTimeout(done, 50));
    expect(holds()).toBe(true);
  };
  const cookieOf = async (base: string, signIn: string) => {
    const answer = await fetch(`${base}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ signIn, password: 'demo-kitchen' }),
    });
    return { base, cookie: answer.headers.get('set-cookie')!.split(';')[0]! };
  };

  it('brings what the other copy stored, in order, from the number one had', async () => {
    const id = lessonId('Frying');
    const sheet = await sheetOf(id);
    const [first, ...rest] = [0, 1, 2, 3].map((student) => mark(plate(sheet, student, 'doneness', 3)));
    await say(lead, id, first!);
    const ears = await listen(await cookieOf(bases[1]!, 'teo.vasz'), id, 1);
    for (const event of rest) await say(lead, id, event);
    await until(() => ears.heard.length === rest.length);
    expect(ears.heard.map(({ event }) => [event.number, event.id, event.by.name])).toEqual(
      rest.map(({ id: own }, index) => [index + 2, own, 'Maren Oltz']),
    );
    ears.stop();
    const later = await listen(await cookieOf(bases[0]!, 'teo.vasz'), id, 0);
    await until(() => later.heard.length === rest.length + 1);
    later.stop();
  });

  it('ends for whoever signs out or loses the right, before anything more is sent', async () => {
    const id = lessonId('Dough');
    const sheet = await sheetOf(id);
    const session = await cookieOf(bases[1]!, 'teo.vasz');
    const ears = await listen(session, id, 0);
    await fetch(`${session.base}/api/session`, { method: 'DELETE', headers: { cookie: session.cookie } });
    await say(lead, id, mark(plate(sheet, 0, 'doneness', 3)));
    await until(() => ears.ended());
    expect(ears.heard).toEqual([]);
  });

  it('is closed to those who do not teach', async () => {
    const id = lessonId('Dough');
    expect((await listen(await cookieOf(bases[0]!, 'amara.quill'), id, 0)).status).toBe(403);
    expect((await listen(await cookieOf(bases[0]!, 'ida.crane'), id, 0)).status).toBe(403);
    expect((await listen({ base: bases[0]!, cookie: '' }, id, 0)).status).toBe(401);
  });
});

describe('sessions', () => {
  it('end with a new password, and stay ended when access is given back', async () => {
    const stores = await signedIn(bases[1]!, 'ida.crane');
    const works = async (call: Call) => (await call('GET', '/api/lessons')).status;
    const people = (await lead<Person[]>('GET', '/api/people')).body;
    const ida = people.find(({ signIn }) => signIn === 'ida.crane')!;
    await lead('PUT', `/api/people/${ida.id}/active`, { body: { active: false } });
    expect(await works(stores)).toBe(401);
    await lead('PUT', `/api/people/${ida.id}/active`, { body: { active: true } });
    expect(await works(stores)).toBe(401);
    const fresh = await signedIn(bases[0]!, 'ida.crane');
    expect(await works(fresh)).toBe(200);
    const { code } = (await lead<Invitation>('POST', `/api/people/${ida.id}/invitation`)).body;
    const joined = callerOf(bases[1]!);
    expect((await joined('POST', '/api/people/join', { body: { code, signIn: 'ida.crane', password: 'another-kitchen' } })).status).toBe(
      200,
    );
    expect([await works(fresh), await works(joined)]).toEqual([401, 200]);
  });

  it('of someone else are not taken for the person a tab was opened by', async () => {
    const people = (await lead<Person[]>('GET', '/api/people')).body;
    const teo = people.find(({ signIn }) => signIn === 'teo.vasz')!;
    const id = lessonId('Poaching');
    const before = (await stream(id)).number;
    const event = mark(plate(await sheetOf(id), 2, 'doneness', 4));
    const answer = await lead('POST', `/api/lessons/${id}/events`, { body: { events: [event] }, headers: { 'pelvo-person': teo.id } });
    expect([answer.status, answer.problem.type]).toEqual([401, 'urn:pelvo:problem:signed-in-as-other']);
    expect((await stream(id)).number).toBe(before);
    expect((await say(assistant, id, event)).body.stored).toBe(1);
  });
});

describe('preferences', () => {
  it('touched at the same moment on two devices all hold', async () => {
    const changes = [{ units: 'customary' }, { clock: '12' }, { dates: 'year-month-day' }, { weekStart: 'sunday' }];
    const answers = await Promise.all(changes.map((body, at) => (at % 2 ? lead : leadToo)('PATCH', '/api/preferences', { body })));
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200, 200]);
    const { preferences } = (await lead<SessionState>('GET', '/api/session')).body;
    expect(preferences).toMatchObject({ ...Object.assign({}, ...changes), temperature: 'celsius' });
    const nothing = await lead('PATCH', '/api/preferences', { body: {} });
    expect([nothing.status, nothing.problem.errors]).toEqual([422, [expect.objectContaining({ problem: expect.stringMatching(/\S/) })]]);
  });
});

describe('a first visit', () => {
  it('lets one of two in, though each copy has shown a code of its own', async () => {
    const databaseUrl = await freshDatabase();
    const two = await Promise.all([createApp({ databaseUrl, logLevel: 'silent' }), createApp({ databaseUrl, logLevel: 'silent' })]);
    const codes = await Promise.all(two.map((copy) => copy.get(PeopleService).firstVisitCode()));
    const come = two.map((copy, index) =>
      copy
        .get(PeopleService)
        .createFirstLead({ code: codes[index]!, name: 'Lead', signIn: `lead.${index}`, password: 'a-long-password' }, '127.0.0.1'),
    );
    const settled = await Promise.allSettled(come);
    expect(settled.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
    await Promise.all(two.map((copy) => copy.close()));
  });
});
