import { In, type EntityManager } from 'typeorm';
import { ARRIVED_EVENT, type ArrivedBody } from '@pelvo/core';
import { arrivedBodySchema } from '@pelvo/contract';
import { Student } from '../classes';
import type { EventSpec } from '../day';
import { Lesson, LessonDish } from '../lessons';
import { places } from '../platform/database/places';
import { TEACHING } from '../platform/identity';
import { invalid } from '../platform/problems';
import { PlateArrivalRow } from './plateArrival.entity';

/** Plates that come to the pass, as the stream says it: the first time counts, until it is taken back. */
export const ARRIVALS: EventSpec<ArrivedBody> = {
  kind: 'arrived',
  format: ARRIVED_EVENT,
  schema: arrivedBodySchema,
  roles: TEACHING,
  take: async (manager, lessonId, events, at) => {
    await check(manager, lessonId, events, at);
    for (const { body, happenedAt } of events) {
      const { studentId, dishEditionId, arrived } = body;
      if (!arrived) await manager.delete(PlateArrivalRow, { lessonId, studentId, dishEditionId });
      else
        await manager.query(
          `INSERT IGNORE INTO plate_arrival (lesson_id, student_id, dish_edition_id, arrived_at) VALUES ${places(1, 4)}`,
          [lessonId, studentId, dishEditionId, happenedAt],
        );
    }
  },
};

async function check(
  manager: EntityManager,
  lessonId: string,
  events: readonly { readonly id: string; readonly body: ArrivedBody }[],
  at: (id: string) => string,
): Promise<void> {
  const { classId } = await manager.findOneOrFail(Lesson, { where: { id: lessonId }, select: { id: true, classId: true } });
  const [students, dishes] = await Promise.all([
    manager.find(Student, { where: { id: In(events.map(({ body }) => body.studentId)), classId }, select: { id: true } }),
    manager.find(LessonDish, { where: { lessonId }, select: { dishEditionId: true, lessonId: true } }),
  ]);
  for (const { id, body } of events) {
    if (!students.some((student) => student.id === body.studentId))
      throw invalid(`${at(id)}.studentId`, 'This student is not in the class.', 'Load the marking screen again.');
    if (!dishes.some(({ dishEditionId }) => dishEditionId === body.dishEditionId))
      throw invalid(`${at(id)}.dishEditionId`, 'This dish is not in the lesson.', 'Load the marking screen again.');
  }
}
