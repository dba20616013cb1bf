import { today } from '../app/dates';
import type { LessonDetail, LessonFields } from '@pelvo/contract';

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
  };
}

/** A lesson as its plan is edited. */
export function fieldsOf(lesson: LessonDetail): LessonFields {
  const {
    title,
    date,
    start,
    end,
    kitchen,
    classId,
    teamSize,
    portionsATeam,
    demonstrationPortions,
    referencePlates,
    spareMakings,
    studentCount,
  } = lesson;
  return {
    title,
    date,
    start,
    end,
    kitchen,
    classId,
    teamSize,
    portionsATeam,
    demonstrationPortions,
    referencePlates,
    spareMakings,
    studentCount,
    dishEditionIds: lesson.dishes.map((dish) => dish.editionId),
    techniques: lesson.techniques.map(({ id, purpose }) => ({ id, purpose })),
    rubricEditionId: lesson.rubric?.editionId ?? null,
  };
}
