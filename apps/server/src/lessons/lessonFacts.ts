import { In, type EntityManager } from 'typeorm';
import {
  computeOrder,
  factBook,
  lessonReadiness,
  type DishContent,
  type IngredientFact,
  type Order,
  type OrderInput,
  type StationReadiness,
} from '@pelvo/core';
import { makingPlanOf } from '@pelvo/contract';
import { Absence } from '../classes/absence.entity';
import { Student } from '../classes/student.entity';
import { preparationsOf } from '../dishes/preparationsOf';
import { ownFacts } from '../ingredients/ownFacts';
import type { Lesson } from './lesson.entity';

/** What several screens want to know of a lesson beside its own row. */
export interface LessonFacts {
  readonly students: readonly Student[];
  readonly absent: ReadonlySet<string>;
  /** Students the lesson counts on: the override, else the roster less those away. */
  readonly present: number;
  readonly order: Order;
  /** What the order was computed from. */
  readonly orderInput: OrderInput;
  readonly readiness: readonly StationReadiness[];
  readonly preparations: ReadonlyMap<string, DishContent>;
  /** The school's own ingredient facts. */
  readonly facts: readonly IngredientFact[];
}

/** Facts of several lessons at once, in a handful of queries whatever their number. Lessons come with dishes and techniques loaded. */
export async function lessonFacts(
  manager: EntityManager,
  lessons: readonly Lesson[],
  students?: number,
): Promise<ReadonlyMap<string, LessonFacts>> {
  if (lessons.length === 0) return new Map();
  const classIds = [...new Set(lessons.map((lesson) => lesson.classId))];
  const dates = [...new Set(lessons.map((lesson) => lesson.date))];
  const contents = lessons.flatMap((lesson) => lesson.dishes.map((dish) => dish.edition.content));
  const [roster, preparations, marked, facts] = await Promise.all([
    manager.find(Student, { where: { classId: In(classIds), active: true }, order: { name: 'ASC' } }),
    preparationsOf(manager, contents),
    markedCounts(
      manager,
      lessons.map((lesson) => lesson.id),
    ),
    ownFacts(manager),
  ]);
  const book = factBook(facts);
  const absences =
    roster.length === 0 ? [] : await manager.findBy(Absence, { studentId: In(roster.map((student) => student.id)), date: In(dates) });
  return new Map(
    lessons.map((lesson) => {
      const own = roster.filter((student) => student.classId === lesson.classId);
      const absent = new Set(
        absences
          .filter((absence) => absence.date === lesson.date && own.some(({ id }) => id === absence.studentId))
          .map(({ studentId }) => studentId),
      );
      const here = own.length - absent.size;
      const present = students ?? lesson.studentCount ?? here;
      const orderInput: OrderInput = {
        plan: makingPlanOf(lesson, present),
        dishes: dishesInOrder(lesson).map(({ edition }) => ({ editionId: edition.id, content: edition.content })),
        preparations,
        book,
        substitutions: lesson.substitutions,
      };
      const order = computeOrder(orderInput);
      const readiness = lessonReadiness({
        present,
        dishes: lesson.dishes.length,
        techniques: lesson.techniques.length,
        hasRubric: lesson.rubricEditionId !== null,
        heldLines: order.held.length,
        orderLines: order.lines.length,
        toMark: here * lesson.dishes.length,
        marked: marked.get(lesson.id) ?? 0,
        released: lesson.releasedAt !== null,
      });
      return [lesson.id, { students: own, absent, present, order, orderInput, readiness, preparations, facts }];
    }),
  );
}

export function dishesInOrder(lesson: Lesson) {
  return [...lesson.dishes].sort((a, b) => a.position - b.position);
}

/** Dishes of each lesson on which every criterion of the rubric has a mark that was not taken back. */
async function markedCounts(manager: EntityManager, lessonIds: readonly string[]): Promise<ReadonlyMap<string, number>> {
  const rows: { lessonId: string; marked: string }[] = await manager.query(
    `SELECT done.lesson_id AS lessonId, COUNT(*) AS marked FROM (
       SELECT a.id, a.lesson_id, JSON_LENGTH(e.content, '$.criteria') AS criteria, COUNT(m.seq) AS marks
       FROM assessment a
       JOIN rubric_edition e ON e.id = a.rubric_edition_id
       JOIN mark_event m ON m.assessment_id = a.id AND m.value IS NOT NULL
         AND m.seq = (SELECT MAX(n.seq) FROM mark_event n WHERE n.assessment_id = a.id AND n.criterion_key = m.criterion_key)
       WHERE a.lesson_id IN (?) GROUP BY a.id
     ) done WHERE done.marks >= done.criteria GROUP BY done.lesson_id`,
    [lessonIds],
  );
  return new Map(rows.map((row) => [row.lessonId, Number(row.marked)]));
}
