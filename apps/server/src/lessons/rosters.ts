import { In, type EntityManager } from 'typeorm';
import { Absence, Student } from '../classes';
import type { Lesson } from './lesson.entity';

/** Who is in a lesson. */
export interface Roster {
  /** Everyone in the class, by name. */
  readonly students: readonly Student[];
  /** Ids of those of them who are away on the day. */
  readonly absent: ReadonlySet<string>;
}

/** Who is in each of several lessons, in two queries whatever their number. */
export async function rosters(
  manager: EntityManager,
  lessons: readonly Pick<Lesson, 'id' | 'classId' | 'date'>[],
): Promise<ReadonlyMap<string, Roster>> {
  if (lessons.length === 0) return new Map();
  const classIds = [...new Set(lessons.map((lesson) => lesson.classId))];
  const dates = [...new Set(lessons.map((lesson) => lesson.date))];
  const everyone = await manager.find(Student, { where: { classId: In(classIds), active: true }, order: { name: 'ASC' } });
  const absences =
    everyone.length === 0 ? [] : await manager.findBy(Absence, { studentId: In(everyone.map((student) => student.id)), date: In(dates) });
  return new Map(
    lessons.map((lesson) => {
      const students = everyone.filter((student) => student.classId === lesson.classId);
      const own = new Set(students.map(({ id }) => id));
      const absent = absences.filter(({ date, studentId }) => date === lesson.date && own.has(studentId));
      return [lesson.id, { students, absent: new Set(absent.map(({ studentId }) => studentId)) }];
    }),
  );
}
