import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkCooling, COOLED_LIMITS, coolingLog, curveOf, type CooledBody } from '@pelvo/core';
import {
  EVENTS_A_REQUEST,
  type CoolingOfLesson,
  type EventsTaken,
  type LessonSummary,
  type MarkingSheet,
  type SaidEvent,
} from '@pelvo/contract';
import { demoDatabase, openSchool, type Call, type School } from './school';

/** Two copies of the server on one database. */
let copies: readonly School[];
let lead: Call;
let assistant: Call;
let lessons: readonly LessonSummary[];
beforeAll(async () => {
  const database = await demoDatabase();
  copies = [await openSchool({ database }), await openSchool({ database })];
  [lead, assistant] = await Promise.all([copies[0]!.as('lead'), copies[1]!.as('assistant')]);
  lessons = (await lead<LessonSummary[]>('GET', '/api/lessons')).body;
});
afterAll(() => Promise.all(copies.map((copy) => copy.close())));

const idOf = (title: string) => lessons.find((lesson) => lesson.title.startsWith(title))!.id;
const logOf = async (id: string, as = lead) => (await as<CoolingOfLesson>('GET', `/api/lessons/${id}/cooling`)).body;
const reading = (food: string, celsius: number | null, readingId: string = randomUUID()): SaidEvent & { body: CooledBody } => ({
  id: randomUUID(),
  kind: 'cooled',
  body: { readingId, food, celsius },
  at: new Date().toISOString(),
});
const say = (as: Call, id: string, ...events: readonly SaidEvent[]) =>
  as<EventsTaken>('POST', `/api/lessons/${id}/events`, { body: { events } });

describe('what cools in a lesson', () => {
  it('stands open in the demo: late on the cautious count', async () => {
    const log = await logOf(idOf('Sweating'));
    const stock = coolingLog(log.said).find(({ food }) => food === 'Vegetable stock')!;
    expect(stock.readings.map(({ body, by }) => [body.celsius, by])).toEqual([82, 58, 20].map((celsius) => [celsius, 'Teo Vasz']));
    expect(checkCooling(curveOf(stock), {}).verdicts[0]).toMatchObject({ outcome: 'open', said: { code: 'cooling.late' } });
  });

  it('is noted once however often it is sent, by two on two copies at the same moment without losing one, and taken back', async () => {
    const id = idOf('Poaching');
    const [one, other] = [reading('Fish stock', 81.5), reading('Fish stock', 80)];
    const answers = await Promise.all([say(lead, id, one), say(assistant, id, other), say(lead, id, one), say(assistant, id, other)]);
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200, 200]);
    expect(answers.reduce((sum, { body }) => sum + body.stored, 0)).toBe(2);
    expect((await logOf(id)).said.map(({ body }) => body.celsius).sort()).toEqual([80, 81.5]);
    await say(assistant, id, reading('Fish stock', null, other.body.readingId));
    expect(coolingLog((await logOf(id, assistant)).said).flatMap(({ readings }) => readings.map(({ body }) => body.celsius))).toEqual([
      81.5,
    ]);
    // The marking of the lesson goes on from the same stream.
    expect((await assistant<MarkingSheet>('GET', `/api/lessons/${id}/marking-sheet`)).body.number).toBe((await logOf(id)).number);
  });

  it('names what is wrong with a reading, and keeps none of it', async () => {
    const id = idOf('Duck');
    for (const [body, field] of [
      [{ readingId: randomUUID(), food: 'Stock', celsius: 400 }, 'events.0.body.celsius'],
      [{ readingId: randomUUID(), food: '  ', celsius: 40 }, 'events.0.body.food'],
      [{ readingId: randomUUID(), food: 'x'.repeat(COOLED_LIMITS.food + 1), celsius: 40 }, 'events.0.body.food'],
      [{ readingId: 'one', food: 'Stock', celsius: 40 }, 'events.0.body.readingId'],
      [{ readingId: randomUUID(), food: 'Stock' }, 'events.0.body.celsius'],
    ] as const) {
      const { status, problem } = await say(lead, id, { ...reading('', 0), body });
      expect([status, problem.errors![0]!.field]).toEqual([422, field]);
    }
    expect((await logOf(id)).said).toEqual([]);
  });

  it('is told to those who teach, and to nobody else', async () => {
    const id = idOf('Duck');
    for (const role of ['stores', 'student'] as const) {
      const call = await copies[0]!.as(role);
      expect((await call('GET', `/api/lessons/${id}/cooling`)).status).toBe(403);
      expect((await say(call, id, reading('Stock', 70))).status).toBe(403);
    }
    expect((await lead('GET', `/api/lessons/${randomUUID()}/cooling`)).status).toBe(404);
  });

  it('keeps as many readings as it says, and no more', async () => {
    const id = idOf('Frying');
    for (let sent = 0; sent < COOLED_LIMITS.readings; sent += EVENTS_A_REQUEST)
      expect((await say(lead, id, ...Array.from({ length: EVENTS_A_REQUEST }, () => reading('Oil', 90)))).status).toBe(200);
    const { status, problem } = await say(lead, id, reading('Oil', 80));
    expect([status, problem.errors![0]!.remedy]).toEqual([422, 'Note what is still to come on paper.']);
    const { said } = await logOf(id);
    expect(said).toHaveLength(COOLED_LIMITS.readings);
    // One that was mistyped can still be taken back.
    expect((await say(lead, id, reading('Oil', null, said.at(-1)!.body.readingId))).status).toBe(200);
    expect(coolingLog((await logOf(id)).said)[0]!.readings.some(({ body }) => body.readingId === said.at(-1)!.body.readingId)).toBe(false);
  });
});
