import { AS_THE_SCHOOL, PURPOSES } from '@pelvo/core';
import type { LessonDetail, LessonFields } from '@pelvo/contract';
import { today } from '../device';

/** The parts of a plan, as the form calls them. */
export const FIELD_NAMES: Readonly<Record<keyof LessonFields, string>> = {
  title: 'Title',
  date: 'Date',
  start: 'Starts',
  end: 'Ends',
  kitchenId: 'Kitchen',
  classId: 'Class',
  teamSize: 'Students in a team',
  portionsATeam: 'Portions a team',
  demonstrationPortions: 'Demonstration',
  referencePlates: 'Reference plates',
  tastingPortions: 'For tasting',
  spareMakings: 'Second tries',
  studentCount: 'Students to plan for',
  teams: 'Teams',
  dishEditionIds: 'Dishes',
  techniques: 'Techniques in focus',
  rubricEditionId: 'Rubric',
  substitutions: 'Cooked with something else',
  practices: 'What this lesson teaches',
  settings: 'How it runs',
};

/** A lesson not planned yet. */
export function newLesson(classId: string): LessonFields {
  return {
    title: '',
    date: today(),
    start: '09:00',
    end: '12:00',
    kitchenId: null,
    classId,
    teamSize: 1,
    portionsATeam: 1,
    demonstrationPortions: 2,
    referencePlates: 1,
    tastingPortions: 0,
    spareMakings: 1,
    studentCount: null,
    teams: [],
    dishEditionIds: [],
    techniques: [],
    rubricEditionId: null,
    substitutions: [],
    practices: {},
    settings: AS_THE_SCHOOL,
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

/** Fields as today's plan has them: a draft of an older Pelvo may lack some, and have others. */
export const completed = (draft: LessonFields, stored: LessonFields): LessonFields =>
  Object.fromEntries(
    Object.keys(newLesson('')).map((key) => [key, (key in draft ? draft : stored)[key as keyof LessonFields]]),
  ) as unknown as LessonFields;

/** A plan with the technique that was asked for: `class`, `technique` and `purpose`, as the map links to it. */
export function withTechnique(fields: LessonFields, asked: URLSearchParams): LessonFields {
  const id = asked.get('technique') ?? '';
  const purpose = PURPOSES.find((each) => each === asked.get('purpose')) ?? 'introduce';
  return {
    ...fields,
    classId: asked.get('class') ?? fields.classId,
    techniques: [...fields.techniques.filter((each) => each.id !== id), { id, purpose }],
  };
}
