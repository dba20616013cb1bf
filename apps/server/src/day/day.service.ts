import { Injectable } from '@nestjs/common';
import { DataSource, In, type EntityManager } from 'typeorm';
import type { EventsPage, EventsTaken, SaidEvent } from '@pelvo/contract';
import { seal } from '@pelvo/core';
import { Lesson } from '../lessons';
import { places } from '../platform/database/places';
import { inTransaction } from '../platform/database/transaction';
import type { SignedIn } from '../platform/identity';
import { conflict, notFound, ProblemException, validated } from '../platform/problems';
import { specOf } from './eventKinds';
import { eventsAfter } from './eventsAfter';
import { LessonEventRow } from './lessonEvent.entity';
import { LiveLessons } from './liveLessons';

type NewEvent = Omit<LessonEventRow, 'lesson' | 'person'>;

/** The stream of what happens in a lesson. */
@Injectable()
export class DayService {
  constructor(
    private readonly database: DataSource,
    private readonly live: LiveLessons,
  ) {}

  /** Stores events in the order they come in; one that was sent before counts once, also when both come at the same moment. */
  async take(lessonId: string, events: readonly SaidEvent[], who: SignedIn, sentAt?: string): Promise<EventsTaken> {
    const fast = aheadBy(sentAt);
    const said = [...new Map(events.map((event) => [event.id, event])).values()];
    const index = new Map(events.map(({ id }, at) => [id, at]));
    const at = (id: string) => `events.${index.get(id)}`;
    for (const { kind, id } of said)
      if (!specOf(kind).roles.includes(who.role)) throw new ProblemException('not-allowed', { detail: `${at(id)} is not yours to say.` });
    const bodies = new Map(said.map(({ id, kind, body }) => [id, validated(specOf(kind).schema, body, `${at(id)}.body`)]));
    const taken = await inTransaction(this.database, async (manager) => {
      // Numbered first, before anything is read: the lesson stays locked, and whoever comes second sees all that the first has done.
      const last = (await countUp(manager, lessonId, said.length)) - said.length;
      const rows = await addTo(manager, { id: lessonId, last }, said, (event, number) => ({
        id: event.id,
        lessonId,
        number,
        kind: event.kind,
        body: seal(specOf(event.kind).format, bodies.get(event.id)!),
        personId: who.id,
        happenedAt: happenedAt(event.at, fast),
        receivedAt: new Date(),
      }));
      for (const kind of new Set(rows.map((row) => row.kind))) {
        const own = rows.filter((row) => row.kind === kind).map((row) => ({ ...row, body: bodies.get(row.id)! }));
        await specOf(kind).take(manager, lessonId, own, (id) => `${at(id)}.body`);
      }
      return { stored: rows.length, number: last + rows.length };
    });
    if (taken.stored > 0) this.live.happened(lessonId);
    return taken;
  }

  /** Events after a number, oldest first. */
  async after(lessonId: string, number: number): Promise<EventsPage> {
    const { manager } = this.database;
    const lesson = await manager.findOne(Lesson, { where: { id: lessonId }, select: { id: true, events: true } });
    if (!lesson) throw notFound('lesson');
    return { number: lesson.events, events: await eventsAfter(manager, lessonId, number) };
  }
}

/** A round trip, and clocks that nobody has to set right. */
const NEAR_MS = 5000;

/** Milliseconds by which a device's clock is ahead of the server's, as it says itself; 0 where that is no more than the way takes. */
function aheadBy(sentAt: string | undefined): number {
  const ahead = sentAt === undefined ? 0 : Date.parse(sentAt) - Date.now();
  return Math.abs(ahead) < NEAR_MS ? 0 : ahead;
}

const DAY_MS = 86_400_000;
const FIRST_MOMENT = Date.parse('2000-01-01T00:00:00Z');

/** When something happened by the server's clock; now, where what was said cannot be. */
function happenedAt(at: string, fast: number): Date {
  const moment = Date.parse(at) - fast;
  const now = Date.now();
  return new Date(moment >= FIRST_MOMENT && moment <= now + DAY_MS ? moment : now);
}

/*
 * Twenty assessors touch at once, and each holds a lesson meanwhile: what a touch asks of the database is written out and counted
 * (`npm run bench -- school`), and takes one statement for each thing it has to know or say.
 */

/** Counts events into a lesson, locking it. @returns the last number that is taken now @throws ProblemException when there is no such lesson */
async function countUp(manager: EntityManager, lessonId: string, count: number): Promise<number> {
  const counted = (await manager.query('UPDATE lesson SET events = LAST_INSERT_ID(events + ?) WHERE id = ?', [count, lessonId])) as {
    affectedRows: number;
    insertId: number;
  };
  if (counted.affectedRows === 0) throw notFound('lesson');
  return counted.insertId;
}

/** Adds events to a lesson's stream, and gives those that were not there yet. Almost all are new, so it is tried before it is asked. */
async function addTo(
  manager: EntityManager,
  { id, last }: { readonly id: string; readonly last: number },
  said: readonly SaidEvent[],
  row: (event: SaidEvent, number: number) => NewEvent,
): Promise<readonly NewEvent[]> {
  const numbered = (events: readonly SaidEvent[]) => events.map((event, order) => row(event, last + order + 1));
  const rows = numbered(said);
  try {
    await insertEvents(manager, rows);
    return rows;
  } catch (error) {
    if ((error as { code?: string }).code !== 'ER_DUP_ENTRY') throw error;
    const fresh = numbered(await newOf(manager, id, said, rows[0]!.personId));
    await countUp(manager, id, fresh.length - said.length);
    await insertEvents(manager, fresh);
    return fresh;
  }
}

async function insertEvents(manager: EntityManager, rows: readonly NewEvent[]): Promise<void> {
  if (rows.length === 0) return;
  await manager.query(
    `INSERT INTO lesson_event (id, lesson_id, number, kind, body, person_id, happened_at, received_at) VALUES ${places(rows.length, 8)}`,
    rows.flatMap((row) => [
      row.id,
      row.lessonId,
      row.number,
      row.kind,
      JSON.stringify(row.body),
      row.personId,
      row.happenedAt,
      row.receivedAt,
    ]),
  );
}

/** Those that are not stored yet. @throws ProblemException when an id is taken by something else */
async function newOf(
  manager: EntityManager,
  lessonId: string,
  said: readonly SaidEvent[],
  personId: string,
): Promise<readonly SaidEvent[]> {
  const known = await manager.find(LessonEventRow, {
    where: { id: In(said.map(({ id }) => id)) },
    select: { id: true, lessonId: true, number: true, personId: true },
  });
  const other = known.find((row) => row.lessonId !== lessonId || row.personId !== personId);
  if (other) throw conflict('events', 'An event of this id was said elsewhere or by someone else.', 'Give every event an id of its own.');
  const ids = new Set(known.map(({ id }) => id));
  return said.filter(({ id }) => !ids.has(id));
}
