import { In, type EntityManager } from 'typeorm';
import { carriedSteps, cookingTeams, type CookingTeam } from '@pelvo/core';
import type { CarriedLesson, CarriedRecord } from '@pelvo/contract';
import { CarriedWorkRow } from './carriedWork.entity';
import type { Lesson } from './lesson.entity';
import { LessonDish } from './lessonDish.entity';
import { rosters } from './rosters';
import { teamsOfLessons } from './teams';

/** Rows that make something for some lessons, or in them. */
export async function carriedRows(manager: EntityManager, lessonIds: readonly string[]): Promise<readonly CarriedWorkRow[]> {
  if (lessonIds.length === 0) return [];
  const ids = In([...lessonIds]);
  const relations = { fromLesson: true, toLesson: true };
  const rows = await manager.find(CarriedWorkRow, { where: [{ toLessonId: ids }, { fromLessonId: ids }], relations });
  return rows.sort((a, b) => when(a.fromLesson) - when(b.fromLesson) || a.id.localeCompare(b.id));
}

const when = ({ date, start }: Pick<Lesson, 'date' | 'start'>): number => Date.parse(`${date}T${start}Z`);

/** Last steps of what is made of the same dish for the same lesson in lessons before that of `row`. */
export const doneBefore = (row: CarriedWorkRow, rows: readonly CarriedWorkRow[]): readonly string[] =>
  rows
    .filter(
      ({ toLessonId, dishId, fromLesson }) =>
        toLessonId === row.toLessonId && dishId === row.dishId && when(fromLesson) < when(row.fromLesson),
    )
    .map(({ stepId }) => stepId);

/** The teams of lessons as they cook on their day. */
async function cookingOf(manager: EntityManager, lessons: readonly Lesson[]): Promise<ReadonlyMap<string, readonly CookingTeam[]>> {
  const ids = lessons.map(({ id }) => id);
  const [classes, teams] = await Promise.all([rosters(manager, lessons), teamsOfLessons(manager, ids)]);
  return new Map(
    lessons.map((lesson) => {
      const { students, absent } = classes.get(lesson.id)!;
      const present = students.flatMap(({ id }) => (absent.has(id) ? [] : [id]));
      const { studentCount, teamSize } = lesson;
      return [lesson.id, cookingTeams({ teams: teams.get(lesson.id)!, present, studentCount, teamSize })];
    }),
  );
}

/**
 * What is carried over to a lesson and from it, with the teams of both lessons.
 *
 * @param named - whether names are for whoever asks; else teams come without their members, and nobody is said to take over
 */
export async function carriedOf(manager: EntityManager, lessonId: string, named: boolean): Promise<readonly CarriedRecord[]> {
  const own = await carriedRows(manager, [lessonId]);
  if (own.length === 0) return [];
  // Others that make the same dish for the same lesson: what they have done is not done again.
  const rows = await carriedRows(manager, [...new Set(own.map(({ toLessonId }) => toLessonId))]);
  const lessons = [...new Map(own.flatMap(({ fromLesson, toLesson }) => [fromLesson, toLesson]).map((each) => [each.id, each])).values()];
  const [cooking, cooked] = await Promise.all([
    cookingOf(manager, lessons),
    manager.find(LessonDish, { where: { lessonId: In(own.map(({ toLessonId }) => toLessonId)) }, relations: { edition: true } }),
  ]);
  const told = ({ id, title, date, start, end }: Lesson): CarriedLesson => ({
    ...{ id, title, date },
    start: start.slice(0, 5),
    end: end.slice(0, 5),
    cooking: cooking.get(id)!.map((team) => (named ? team : { ...team, studentIds: [] })),
  });
  return own.flatMap((row) => {
    // A dish that has left the lesson is not made for it; when it is put back, neither is what was said of it lost.
    const content = cooked.find(({ lessonId: of, edition }) => of === row.toLessonId && edition.dishId === row.dishId)?.edition.content;
    if (!content) return [];
    const { id, version, dishId, stepId, store, hours, covers, fromLesson, toLesson } = row;
    return [
      {
        ...{ id, version, dishId, stepId, store, hours, content },
        covers: named ? covers : [],
        from: told(fromLesson),
        to: told(toLesson),
        portionsATeam: toLesson.portionsATeam,
        doneBefore: doneBefore(row, rows),
      },
    ];
  });
}

/** What lessons exercise because a stage is made in one for another: it is done in the earlier, and not in the later. */
export interface CarriedPractice {
  readonly fromLessonId: string;
  readonly toLessonId: string;
  readonly dishId: string;
  /** Of the steps that are done in the earlier lesson. */
  readonly techniqueIds: readonly string[];
  /** Of all that is left of the dish for the later one, whoever else makes some of it. */
  readonly left: readonly string[];
}

/** What is exercised elsewhere than where its dish is cooked, for the lessons from which and to which something is carried. */
export async function carriedPractice(manager: EntityManager, lessonIds: readonly string[]): Promise<readonly CarriedPractice[]> {
  const own = await carriedRows(manager, lessonIds);
  if (own.length === 0) return [];
  const to = [...new Set(own.map(({ toLessonId }) => toLessonId))];
  const [rows, cooked] = await Promise.all([
    carriedRows(manager, to),
    manager.find(LessonDish, { where: { lessonId: In(to) }, relations: { edition: true } }),
  ]);
  return own.flatMap((row) => {
    const { fromLessonId, toLessonId, dishId, stepId } = row;
    const content = cooked.find(({ lessonId, edition }) => lessonId === toLessonId && edition.dishId === dishId)?.edition.content;
    if (!content) return [];
    const here = carriedSteps(content, stepId, doneBefore(row, rows));
    const same = rows.filter((each) => each.toLessonId === toLessonId && each.dishId === dishId);
    const elsewhere = new Set(same.flatMap((each) => [...carriedSteps(content, each.stepId)]));
    const named = (kept: (id: string) => boolean) => [
      ...new Set(content.method.flatMap(({ id, techniqueIds }) => (kept(id) ? techniqueIds : []))),
    ];
    return [
      {
        ...{ fromLessonId, toLessonId, dishId },
        techniqueIds: named((id) => here.has(id)),
        left: named((id) => !elsewhere.has(id)),
      },
    ];
  });
}

/** What is made in earlier lessons of a dish of a lesson, as an order wants it. */
export const madeBefore = (rows: readonly CarriedWorkRow[], lessonId: string, dishId: string) =>
  rows
    .filter((row) => row.toLessonId === lessonId && row.dishId === dishId)
    .map((row) => ({
      stepId: row.stepId,
      doneBefore: doneBefore(row, rows),
      date: row.fromLesson.date,
      lesson: row.fromLesson.title,
    }));
