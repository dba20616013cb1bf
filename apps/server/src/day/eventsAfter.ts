import { MoreThan, type EntityManager } from 'typeorm';
import { EVENTS_A_PAGE, type LessonEvent } from '@pelvo/contract';
import { openStored } from '../platform/database/documentColumn';
import { specOf } from './eventKinds';
import { LessonEventRow } from './lessonEvent.entity';

/** A page of a lesson's events after a number, oldest first. */
export async function eventsAfter(manager: EntityManager, lessonId: string, number: number): Promise<readonly LessonEvent[]> {
  const rows = await manager.find(LessonEventRow, {
    where: { lessonId, number: MoreThan(number) },
    relations: { person: true },
    order: { number: 'ASC' },
    take: EVENTS_A_PAGE,
  });
  return rows.map((row) => ({
    id: row.id,
    number: row.number,
    kind: row.kind as LessonEvent['kind'],
    body: openStored(specOf(row.kind).format, row.body),
    by: { id: row.person.id, name: row.person.name },
    at: row.happenedAt.toISOString(),
    receivedAt: row.receivedAt.toISOString(),
  }));
}
