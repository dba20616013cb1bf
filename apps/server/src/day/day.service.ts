import { Injectable } from '@nestjs/common';
import { DataSource, In, type EntityManager } from 'typeorm';
import type { EventsPage, EventsTaken, SaidEvent } from '@pelvo/contract';
import { seal } from '@pelvo/core';
import { Lesson } from '../lessons';
import { inTransaction } from '../platform/database/transaction';
import type { SignedIn } from '../platform/identity';
import { conflict, notFound, ProblemException, validated } from '../platform/problems';
import { specOf } from './eventKinds';
import { eventsAfter } from './eventsAfter';
import { LessonEventRow } from './lessonEvent.entity';
import { LiveLessons } from './liveLessons';

/** The stream of what happens in a lesson. */
@Injectable()
export class DayService {
  constructor(
    private readonly database: DataSource,
    private readonly live: LiveLessons,
  ) {}

  /** Stores events in the order they come in; one that was sent before counts once, also when both come at the same moment. */
  async take(lessonId: string, events: readonly SaidEvent[], who: SignedIn): Promise<EventsTaken> {
    const said = [...new Map(events.map((event) => [event.id, event])).values()];
    const index = new Map(events.map(({ id }, at) => [id, at]));
    const at = (id: string) => `events.${index.get(id)}`;
    for (const { kind, id } of said)
      if (!specOf(kind).roles.includes(who.role)) throw new ProblemException('not-allowed', { detail: `${at(id)} is not yours to say.` });
    const bodies = new Map(said.map(({ id, kind, body }) => [id, validated(specOf(kind).schema, body, `${at(id)}.body`)]));
    const taken = await inTransaction(this.database, async (manager) => {
      // Locked first, before anything is read: whoever comes second sees all that the first has done.
      const lesson = await manager.findOne(Lesson, {
        where: { id: lessonId },
        select: { id: true, events: true },
        lock: { mode: 'pessimistic_write' },
      });
      if (!lesson) throw notFound('lesson');
      const fresh = await newOf(manager, lessonId, said, who.id);
      const rows = fresh.map((event, order) => ({
        id: event.id,
        lessonId,
        number: lesson.events + order + 1,
        kind: event.kind,
        body: seal(specOf(event.kind).format, bodies.get(event.id)!),
        personId: who.id,
        happenedAt: new Date(event.at),
        receivedAt: new Date(),
      }));
      if (rows.length === 0) return { stored: 0, number: lesson.events };
      await manager.insert(LessonEventRow, rows);
      await manager.update(Lesson, { id: lessonId }, { events: lesson.events + rows.length });
      for (const kind of new Set(rows.map((row) => row.kind))) {
        const own = rows.filter((row) => row.kind === kind).map((row) => ({ ...row, body: bodies.get(row.id)! }));
        await specOf(kind).take(manager, lessonId, own, (id) => `${at(id)}.body`);
      }
      return { stored: rows.length, number: lesson.events + rows.length };
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
