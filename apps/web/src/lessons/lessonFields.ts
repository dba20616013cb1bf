import type { LessonDetail, LessonFields } from '@pelvo/contract';
import { today } from '../app/dates';

/** A lesson not planned yet. */
export function newLesson(classId: string): LessonFields {
  return {
    title: '',
    date: today(),
    start: '09:00',
    end: '12:00',
    kitchen: '',
    classId,
    teamSize: 1,
    portionsATeam: 1,
    demonstrationPortions: 2,
    referencePlates: 1,
    spareMakings: 1,
    studentCount: null,
    dishEditionIds: [],
    techniques: [],
    rubricEditionId: null,
    substitutions: [],
  };
}

/** A lesson as its plan is edited: the fields of a new one, with the values of the stored one. */
export function fieldsOf(lesson: LessonDetail): LessonFields {
  const blank = newLesson(lesson.classId);
  const parts: Partial<LessonFields> = {
    dishEditionIds: lesson.dishes.map((dish) => dish.editionId),
    techniques: lesson.techniques.map(({ id, purpose }) => ({ id, purpose })),
    rubricEditionId: lesson.rubric?.editionId ?? null,
  };
  const stored = { ...lesson, ...parts } as unknown as LessonFields;
  return Object.fromEntries(Object.keys(blank).map((field) => [field, stored[field as keyof LessonFields]])) as unknown as LessonFields;
}
