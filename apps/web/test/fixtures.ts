import {
  NEWEST,
  AS_THE_SCHOOL,
  cookingTeams,
  NEW_SCHOOL,
  readRecipe,
  toDish,
  type Criterion,
  type DishContent,
  type Marks,
  type RubricContent,
} from '@pelvo/core';
import type { Dish, LessonDetail, MarkedPlate, MarkingSheet, Student } from '@pelvo/contract';

/** A dish read from text, with ids i1, i2, … in order of appearance. */
export function dishFrom(text: string): DishContent {
  let next = 0;
  return toDish(readRecipe(text), { newId: () => `i${(next += 1)}`, portions: 4, techniques: [] });
}

export const SALAD = dishFrom('Leek salad\nserves 4\n400 g leeks\n60 g hazelnuts\n1 lemon\nsalt, to taste');

export const storedDish = (content: DishContent, more: Partial<Dish> = {}): Dish => ({
  id: 'd1',
  version: 3,
  archived: false,
  changed: false,
  editions: [],
  preparations: {},
  content,
  ...more,
});

/** A lesson of six students, one of them away, who each cook a salad. */
export const lessonOf = (more: Partial<LessonDetail> = {}): LessonDetail => {
  const lesson: LessonDetail = { ...LESSON, ...more };
  const present = lesson.students.filter(({ absent }) => !absent).map(({ id }) => id);
  const studentCount = lesson.studentCount ?? (present.length === lesson.present ? null : lesson.present);
  return { ...lesson, cooking: more.cooking ?? cookingTeams({ teams: lesson.teams, present, studentCount, teamSize: lesson.teamSize }) };
};

const LESSON: LessonDetail = {
  id: 'l1',
  version: 5,
  title: 'Leeks and a dressing',
  date: '2026-12-04',
  start: '09:00',
  end: '12:00',
  kitchenId: 'k2',
  kitchen: 'Kitchen 2',
  teams: [],
  cooking: [],
  standIns: {},
  carried: [],
  classId: 'c1',
  className: 'Foundation',
  teamSize: 1,
  portionsATeam: 2,
  demonstrationPortions: 0,
  referencePlates: 0,
  tastingPortions: 0,
  spareMakings: 0,
  studentCount: null,
  substitutions: [],
  atRisk: 0,
  practices: {},
  students: ['Ada', 'Bo', 'Cy', 'Di', 'Ed', 'Flo'].map((name, index) => ({
    id: `s${index + 1}`,
    name,
    needs: { allergens: name === 'Bo' ? ['nuts'] : [], diets: [], note: '' },
    absent: name === 'Flo',
  })),
  present: 5,
  dishes: [{ editionId: 'e1', dishId: 'd1', number: 1, content: SALAD, newer: null }],
  preparations: {},
  facts: [],
  techniques: [],
  rubric: null,
  readiness: [],
  releasedAt: null,
  settings: AS_THE_SCHOOL,
  school: NEW_SCHOOL,
};

const levels = (key: string, name: string, strand: Criterion['strand']): Criterion => ({
  kind: 'levels',
  key,
  name,
  strand,
  weight: 1,
  evidence: 'seen',
  descriptors: ['far off', 'near', 'right', 'exact'],
  faults: [{ key: `${key}-f`, see: `${name} slips`, cause: 'haste', correction: 'slow down', rescue: '', technique: 'Julienne' }],
});

export const RUBRIC: RubricContent = {
  name: 'Practical',
  passAt: 3,
  strandWeights: { knife: 50, cooking: 50, plating: 0, process: 0 },
  levelShares: [0.25, 0.5, 0.75, 1],
  criteria: [
    levels('cut', 'Cut', 'knife'),
    levels('salt', 'Seasoning', 'cooking'),
    {
      kind: 'critical',
      key: 'safe',
      name: 'Safe food',
      strand: 'cooking',
      evidence: 'seen',
      met: 'kept apart',
      notMet: 'raw met ready',
      cap: 40,
      faults: [],
    },
  ],
};

export const sheetOf = (more: Partial<MarkingSheet> = {}): MarkingSheet => ({
  lessonId: 'l1',
  title: 'Leeks and a dressing',
  teaches: ['Turning in the pan: often'],
  way: 'levels',
  counting: NEWEST,
  rubric: { editionId: 'r1', content: RUBRIC },
  dishes: [{ editionId: 'e1', title: 'Leek salad' }],
  students: lessonOf().students.map(({ id, name, needs, absent }, at) => ({ id, name, needs, absent, station: absent ? null : at + 1 })),
  plates: [],
  arrivals: [],
  due: [],
  plateWaits: null,
  assessors: {},
  number: 0,
  releasedAt: null,
  ...more,
});

export const studentOf = (name: string, more: Partial<Student> = {}): Student => ({
  id: name.toLowerCase(),
  name,
  number: '',
  needs: { allergens: [], diets: [], note: '' },
  absences: [],
  active: true,
  hasAccount: false,
  ...more,
});

/** What one assessor said of a student's dish. */
export const plate = (studentId: string, marks: Marks, assessorId = 'p1'): MarkedPlate => ({
  studentId,
  dishEditionId: 'e1',
  given: Object.entries(marks).map(([criterionKey, value], index) => ({
    assessorId,
    criterionKey,
    value: value ?? null,
    number: index + 1,
  })),
});
