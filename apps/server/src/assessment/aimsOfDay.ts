import { In, IsNull, LessThan, Not, type EntityManager } from 'typeorm';
import { askedHere, computeResult, grouped, type PracticeChoices, type Remark } from '@pelvo/core';
import { Lesson } from '../lessons';
import { rubricsOfEditions } from '../rubrics';
import { Assessment } from './assessment.entity';

/** Further back nobody remembers what they were told. */
const LESSONS_BACK = 3;

/**
 * What each student was told last and works on today: of the newest earlier lesson of the class that was given out to them, the remark that
 * cost most, among what is judged today if there is one. Only what the student has seen, and only what holds under the practices in force.
 *
 * @param choices - practices in force at the school
 * @param judged - names of the criteria that are judged in this lesson
 * @returns an aim in words by student; students without one are left out
 */
export async function aimsOfDay(
  manager: EntityManager,
  lesson: Lesson,
  choices: PracticeChoices,
  judged: ReadonlySet<string>,
): Promise<ReadonlyMap<string, string>> {
  const earlier = await manager.find(Lesson, {
    where: { classId: lesson.classId, date: LessThan(lesson.date), releasedAt: Not(IsNull()) },
    select: { id: true, date: true },
    order: { date: 'DESC' },
    take: LESSONS_BACK,
  });
  if (earlier.length === 0) return new Map();
  const dateOf = new Map(earlier.map(({ id, date }) => [id, date]));
  const told = await manager.find(Assessment, {
    where: { lessonId: In([...dateOf.keys()]), released: Not(IsNull()) },
    select: { id: true, lessonId: true, studentId: true, rubricEditionId: true, released: true },
  });
  const rubrics = new Map(
    (await rubricsOfEditions(manager, [...new Set(told.map(({ rubricEditionId }) => rubricEditionId))])).map((each) => [
      each.editionId,
      each,
    ]),
  );
  const aims = new Map<string, string>();
  for (const [studentId, rows] of grouped(told, (row) => row.studentId)) {
    const newest = rows
      .map((row) => dateOf.get(row.lessonId)!)
      .sort()
      .at(-1);
    const remarks = rows
      .filter((row) => dateOf.get(row.lessonId) === newest)
      .flatMap(({ rubricEditionId, released }): readonly Remark[] => {
        const rubric = rubrics.get(rubricEditionId);
        return rubric && released
          ? computeResult(askedHere(rubric.content, choices, lesson.practices), released.marks, 'levels').remarks
          : [];
      })
      .sort(
        (a, b) =>
          Number(judged.has(b.criterion)) - Number(judged.has(a.criterion)) || Number(b.critical) - Number(a.critical) || b.lost - a.lost,
      );
    const [first] = remarks;
    if (first) aims.set(studentId, `${first.criterion}: ${(first.correction || first.see).replace(/^Aim for: /, '')}`);
  }
  return aims;
}
