import { randomUUID } from 'node:crypto';
import { In, type EntityManager } from 'typeorm';
import { MARK_EVENT, marksInForce, type MarkBody, type RubricContent } from '@pelvo/core';
import { markBodySchema } from '@pelvo/contract';
import { Student } from '../classes';
import type { EventSpec, TakenEvent } from '../day';
import { Lesson, LessonDish } from '../lessons';
import { TEACHING } from '../platform/identity';
import { conflict, invalid } from '../platform/problems';
import { rubricOfEdition } from '../rubrics';
import { Assessment } from './assessment.entity';
import { MarkRow } from './mark.entity';

const plateKey = ({ studentId, dishEditionId }: Pick<MarkBody, 'studentId' | 'dishEditionId'>) => `${studentId} ${dishEditionId}`;

/** Marks as they come out of the stream: checked against the lesson, and kept by assessor beside it. */
export const MARKS: EventSpec<MarkBody> = {
  kind: 'mark',
  format: MARK_EVENT,
  schema: markBodySchema,
  roles: TEACHING,
  take: async (manager, lessonId, events, at) => {
    // As little as a touch needs: many are given at once, and each holds its lesson meanwhile.
    const lesson = await manager.findOneOrFail(Lesson, {
      where: { id: lessonId },
      select: { id: true, classId: true, rubricEditionId: true, dishesMarked: true },
    });
    if (!lesson.rubricEditionId) throw conflict('rubric', 'The lesson has no rubric.', 'Choose one in its plan.');
    const rubric = await rubricOfEdition(manager, lesson.rubricEditionId);
    await checkPlates(manager, lesson, events, at);
    for (const { id, body } of events) checkValue(rubric, body, at(id));
    const assessments = await assessmentsFor(manager, lesson, events);
    await writeMarks(manager, events, (body) => assessments.get(plateKey(body))!.id);
    await countMarked(
      manager,
      lesson,
      rubric,
      [...new Set(events.map(({ body }) => plateKey(body)))].map((key) => assessments.get(key)!),
    );
  },
};

async function checkPlates(
  manager: EntityManager,
  lesson: Lesson,
  events: readonly TakenEvent<MarkBody>[],
  at: (id: string) => string,
): Promise<void> {
  const [students, cooked] = await Promise.all([
    manager.find(Student, { where: { classId: lesson.classId, id: In(events.map(({ body }) => body.studentId)) }, select: { id: true } }),
    manager.find(LessonDish, {
      where: { lessonId: lesson.id, dishEditionId: In(events.map(({ body }) => body.dishEditionId)) },
      select: { lessonId: true, dishEditionId: true },
    }),
  ]);
  const known = new Set(students.map(({ id }) => id));
  const dishes = new Set(cooked.map((dish) => dish.dishEditionId));
  for (const { id, body } of events) {
    if (!known.has(body.studentId))
      throw invalid(`${at(id)}.studentId`, 'This student is not in the class.', 'Load the marking screen again.');
    if (!dishes.has(body.dishEditionId))
      throw invalid(`${at(id)}.dishEditionId`, 'This dish is not in the lesson.', 'Load the marking screen again.');
  }
}

function checkValue(rubric: RubricContent, { criterionKey, value }: MarkBody, at: string): void {
  const criterion = rubric.criteria.find(({ key }) => key === criterionKey);
  if (!criterion) throw invalid(`${at}.criterionKey`, `The rubric has no criterion "${criterionKey}".`, 'Load the marking screen again.');
  if (!value || value.kind === 'notSeen') return;
  if ((value.kind === 'critical') !== (criterion.kind === 'critical')) {
    throw invalid(
      `${at}.value`,
      `"${criterion.name}" is judged ${criterion.kind === 'critical' ? 'as met or not met' : 'by level'}.`,
      'Send a mark of that kind.',
    );
  }
  if (value.faults.some((key) => !criterion.faults.some((fault) => fault.key === key))) {
    throw invalid(`${at}.value.faults`, `"${criterion.name}" has no such fault.`, 'Choose one of its faults.');
  }
}

/** The assessment of each dish touched, made where it is the first touch. The lesson is locked, so nobody else makes one meanwhile. */
async function assessmentsFor(
  manager: EntityManager,
  lesson: Lesson,
  events: readonly TakenEvent<MarkBody>[],
): Promise<ReadonlyMap<string, Assessment>> {
  const students = [...new Set(events.map(({ body }) => body.studentId))];
  const there = new Map(
    (await manager.findBy(Assessment, { lessonId: lesson.id, studentId: In(students) })).map((row) => [plateKey(row), row]),
  );
  const missing = new Map(events.filter(({ body }) => !there.has(plateKey(body))).map(({ body }) => [plateKey(body), body]));
  const made = [...missing.values()].map(({ studentId, dishEditionId }) =>
    manager.create(Assessment, {
      id: randomUUID(),
      lessonId: lesson.id,
      studentId,
      dishEditionId,
      rubricEditionId: lesson.rubricEditionId!,
      complete: false,
      released: null,
    }),
  );
  if (made.length > 0) await manager.insert(Assessment, made);
  return new Map([...there, ...made.map((row) => [plateKey(row), row] as const)]);
}

/** Each assessor's last word on each criterion. */
async function writeMarks(
  manager: EntityManager,
  events: readonly TakenEvent<MarkBody>[],
  assessmentOf: (body: MarkBody) => string,
): Promise<void> {
  const last = new Map(
    events.map(({ body, personId, number }) => {
      const key = { assessmentId: assessmentOf(body), criterionKey: body.criterionKey, assessorId: personId };
      return [Object.values(key).join(' '), { ...key, value: { value: body.value }, number }];
    }),
  );
  await manager.upsert(MarkRow, [...last.values()], ['assessmentId', 'criterionKey', 'assessorId']);
}

/** Keeps with each dish whether all of it is marked, and with the lesson how many are. */
async function countMarked(
  manager: EntityManager,
  lesson: Lesson,
  rubric: RubricContent,
  assessments: readonly Assessment[],
): Promise<void> {
  const rows = await manager.findBy(MarkRow, { assessmentId: In(assessments.map(({ id }) => id)) });
  let more = 0;
  for (const { id, complete } of assessments) {
    const marks = marksInForce(rows.filter(({ assessmentId }) => assessmentId === id).map(givenMark));
    const now = rubric.criteria.every(({ key }) => marks[key]);
    if (now === Boolean(complete)) continue;
    await manager.update(Assessment, { id }, { complete: now });
    more += now ? 1 : -1;
  }
  // The lesson is locked: nobody else counts meanwhile.
  if (more !== 0) await manager.update(Lesson, { id: lesson.id }, { dishesMarked: lesson.dishesMarked + more });
}

export const givenMark = ({ assessorId, criterionKey, value, number }: MarkRow) => ({
  assessorId,
  criterionKey,
  value: value.value,
  number,
});
