import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull, Not, type EntityManager, type FindOptionsWhere } from 'typeorm';
import { classLevels, computeResult, type MarkingWay, type Marks, type MarkValue, type MatterKey, type RubricContent } from '@pelvo/core';
import type { ClassResults, DishResult, MarkEvent, MarkingSheet, MyResult } from '@pelvo/contract';
import { Student } from '../classes/student.entity';
import { conflict, invalid, notFound } from '../platform/problems';
import { dishesInOrder, lessonFacts } from '../lessons/lessonFacts';
import type { Lesson } from '../lessons/lesson.entity';
import { loadLesson } from '../lessons/lessons.service';
import { markingWayOf } from '../lessons/markingWayOf';
import { loadChoices, practicesInWords } from '../practices/choices';
import { Technique } from '../techniques/technique.entity';
import { Assessment } from './assessment.entity';
import { MarkEventRow } from './markEvent.entity';

const RESULT_LIMIT = 2000;

@Injectable()
export class AssessmentService {
  constructor(private readonly database: DataSource) {}

  /** Everything the marking screen needs, in one answer. */
  async sheet(lessonId: string): Promise<MarkingSheet> {
    const { manager } = this.database;
    const lesson = await loadLesson(manager, lessonId);
    const { students, absent } = (await lessonFacts(manager, [lesson])).get(lessonId)!;
    const assessments = await manager.findBy(Assessment, { lessonId });
    const marks = await marksOf(
      manager,
      assessments.map(({ id }) => id),
    );
    return {
      lessonId,
      title: lesson.title,
      teaches: await this.teaches(lesson),
      way: markingWayOf(lesson, await loadChoices(manager)),
      rubric: lesson.rubricEdition ? { editionId: lesson.rubricEdition.id, content: lesson.rubricEdition.content } : null,
      dishes: dishesInOrder(lesson).map(({ edition }) => ({ editionId: edition.id, title: edition.content.title })),
      students: students.map(({ id, name, needs }) => ({ id, name, needs, absent: absent.has(id) })),
      marks: assessments.map(({ id, studentId, dishEditionId }) => ({ studentId, dishEditionId, marks: marks.get(id)?.marks ?? {} })),
    };
  }

  /** The practices that hold in a lesson, of the matters its techniques touch: nobody is marked down for following them. */
  private async teaches(lesson: Lesson): Promise<readonly string[]> {
    const { manager } = this.database;
    const inPassing = lesson.dishes.flatMap(({ edition }) => edition.content.method.flatMap((step) => step.techniqueIds));
    const ids = new Set([...lesson.techniques.map(({ techniqueId }) => techniqueId), ...inPassing]);
    if (ids.size === 0) return [];
    const techniques = await manager.findBy(Technique, { id: In([...ids]) });
    const matters = [...new Set([...techniques.flatMap(({ card }) => card.matters), ...(Object.keys(lesson.practices) as MatterKey[])])];
    return practicesInWords(manager, matters, lesson.practices);
  }

  /** Stores touches; one that was sent before counts once. */
  async mark(lessonId: string, events: readonly MarkEvent[], assessorId: string): Promise<{ stored: number }> {
    return this.database.transaction(async (manager) => {
      const lesson = await loadLesson(manager, lessonId);
      await checkEvents(manager, lesson, events);
      const known = new Set(
        (await manager.find(MarkEventRow, { where: { id: In(events.map(({ id }) => id)) }, select: { id: true } })).map(({ id }) => id),
      );
      const fresh = [...new Map(events.filter(({ id }) => !known.has(id)).map((event) => [event.id, event])).values()];
      if (fresh.length === 0) return { stored: 0 };
      const assessments = await assessmentsFor(manager, lesson, fresh);
      await manager.insert(
        MarkEventRow,
        fresh.map(({ id, studentId, dishEditionId, criterionKey, value, at }) => ({
          id,
          criterionKey,
          value,
          assessorId,
          assessmentId: assessments.get(`${studentId} ${dishEditionId}`)!,
          touchedAt: new Date(at),
          receivedAt: new Date(),
        })),
      );
      return { stored: fresh.length };
    });
  }

  async classResults(lessonId: string): Promise<ClassResults> {
    const { manager } = this.database;
    const lesson = await loadLesson(manager, lessonId);
    const { students, absent } = (await lessonFacts(manager, [lesson])).get(lessonId)!;
    const results = await this.results({ lessonId });
    const marked = new Set(results.map((result) => `${result.studentId} ${result.dishEditionId}`));
    const unmarked = students
      .filter((student) => !absent.has(student.id))
      .flatMap((student) =>
        dishesInOrder(lesson)
          .filter(({ edition }) => !marked.has(`${student.id} ${edition.id}`))
          .map(({ edition }) => ({ student: student.name, dish: edition.content.title })),
      );
    return {
      lessonId,
      title: lesson.title,
      releasedAt: lesson.releasedAt?.toISOString() ?? null,
      results,
      unmarked,
      levels: lesson.rubricEdition
        ? classLevels(
            lesson.rubricEdition.content,
            results.map((result) => result.marks),
          )
        : [],
    };
  }

  async one(id: string): Promise<DishResult> {
    const [result] = await this.results({ id });
    if (!result) throw notFound('result');
    return result;
  }

  /** A student's own results, once the lead has released them. */
  async mine(studentId: string): Promise<readonly MyResult[]> {
    const results = await this.results({ studentId, lesson: { releasedAt: Not(IsNull()) } });
    return results
      .map(({ id, dish, lesson, date, result }) => ({ id, dish, lesson, date, mark: result.mark?.shown ?? null }))
      .sort((a, b) => b.date.localeCompare(a.date));
  }

  async oneOfMine(id: string, studentId: string): Promise<DishResult> {
    const [result] = await this.results({ id, studentId, lesson: { releasedAt: Not(IsNull()) } });
    if (!result) throw notFound('result');
    return result;
  }

  private async results(where: FindOptionsWhere<Assessment>): Promise<readonly DishResult[]> {
    const { manager } = this.database;
    const assessments = await manager.find(Assessment, {
      where,
      relations: { student: true, lesson: true, dishEdition: true, rubricEdition: true },
      take: RESULT_LIMIT,
    });
    const marks = await marksOf(
      manager,
      assessments.map(({ id }) => id),
    );
    const school = await loadChoices(manager);
    return assessments
      .flatMap((assessment) => {
        const own = marks.get(assessment.id);
        return own && Object.keys(own.marks).length > 0 ? [resultOf(assessment, own, markingWayOf(assessment.lesson, school))] : [];
      })
      .sort((a, b) => a.student.localeCompare(b.student) || a.dish.localeCompare(b.dish));
  }
}

interface OwnMarks {
  readonly marks: Marks;
  readonly assessors: readonly string[];
}

/** The newest mark of each criterion that was not taken back, and who gave them. */
async function marksOf(manager: EntityManager, assessmentIds: readonly string[]): Promise<ReadonlyMap<string, OwnMarks>> {
  if (assessmentIds.length === 0) return new Map();
  const rows = await manager
    .createQueryBuilder(MarkEventRow, 'event')
    .innerJoinAndSelect('event.assessor', 'assessor')
    .where('event.assessment_id IN (:...assessmentIds)', { assessmentIds })
    .andWhere(
      'event.seq = (SELECT MAX(newer.seq) FROM mark_event newer WHERE newer.assessment_id = event.assessment_id AND newer.criterion_key = event.criterion_key)',
    )
    .getMany();
  const found = new Map<string, { marks: Record<string, MarkValue>; assessors: Set<string> }>();
  for (const row of rows) {
    if (row.value === null) continue;
    const own = found.get(row.assessmentId) ?? { marks: {}, assessors: new Set<string>() };
    own.marks[row.criterionKey] = row.value;
    own.assessors.add(row.assessor.name);
    found.set(row.assessmentId, own);
  }
  return new Map([...found].map(([id, own]) => [id, { marks: own.marks, assessors: [...own.assessors].sort() }]));
}

function resultOf(assessment: Assessment, { marks, assessors }: OwnMarks, way: MarkingWay): DishResult {
  const rubric = assessment.rubricEdition.content;
  return {
    id: assessment.id,
    studentId: assessment.studentId,
    student: assessment.student.name,
    dish: assessment.dishEdition.content.title,
    dishEdition: assessment.dishEdition.number,
    dishEditionId: assessment.dishEditionId,
    rubric: rubric.name,
    rubricEdition: assessment.rubricEdition.number,
    lesson: assessment.lesson.title,
    date: assessment.lesson.date,
    assessors,
    marks,
    criteria: rubric.criteria,
    result: computeResult(rubric, marks, way),
  };
}

async function checkEvents(manager: EntityManager, lesson: Lesson, events: readonly MarkEvent[]): Promise<void> {
  const rubric = lesson.rubricEdition?.content;
  if (!rubric) throw conflict('rubric', 'The lesson has no rubric.', 'Choose one in its plan.');
  const students = new Set((await manager.find(Student, { where: { classId: lesson.classId }, select: { id: true } })).map(({ id }) => id));
  const dishes = new Set(lesson.dishes.map((dish) => dish.dishEditionId));
  events.forEach((event, index) => {
    const at = `events.${index}`;
    if (!students.has(event.studentId))
      throw invalid(`${at}.studentId`, 'This student is not in the class.', 'Load the marking screen again.');
    if (!dishes.has(event.dishEditionId))
      throw invalid(`${at}.dishEditionId`, 'This dish is not in the lesson.', 'Load the marking screen again.');
    checkValue(rubric, event, at);
  });
}

function checkValue(rubric: RubricContent, { criterionKey, value }: MarkEvent, at: string): void {
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

/** The assessment of each dish touched, made where it is the first touch. */
async function assessmentsFor(manager: EntityManager, lesson: Lesson, events: readonly MarkEvent[]): Promise<ReadonlyMap<string, string>> {
  const wanted = [
    ...new Map(events.map(({ studentId, dishEditionId }) => [`${studentId} ${dishEditionId}`, { studentId, dishEditionId }])).values(),
  ];
  await manager
    .createQueryBuilder()
    .insert()
    .into(Assessment)
    .values(wanted.map((pair) => ({ id: randomUUID(), lessonId: lesson.id, ...pair, rubricEditionId: lesson.rubricEditionId! })))
    .orIgnore()
    .execute();
  const rows = await manager.findBy(Assessment, { lessonId: lesson.id, studentId: In(wanted.map(({ studentId }) => studentId)) });
  return new Map(rows.map((row) => [`${row.studentId} ${row.dishEditionId}`, row.id]));
}
