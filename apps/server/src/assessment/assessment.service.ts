import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull, Not, type EntityManager, type FindOptionsWhere } from 'typeorm';
import {
  assessorsInForce,
  classLevels,
  computeResult,
  marksInForce,
  shownOf,
  type MarkingWay,
  type Marks,
  type MatterKey,
  type ReleasedMarks,
} from '@pelvo/core';
import type { ClassResults, DishResult, MarkingSheet, MyResult } from '@pelvo/contract';
import { dishesInOrder, lessonFacts, loadLesson, markingWayOf, type Lesson } from '../lessons';
import { Person } from '../people';
import { notFound } from '../platform/problems';
import { practicesInWords } from '../practices';
import { loadSchool } from '../school';
import { Technique } from '../techniques';
import { Assessment } from './assessment.entity';
import { MarkRow } from './mark.entity';
import { changedSince } from './releasedMarks';
import { givenMark } from './takeMarks';

const RESULT_LIMIT = 2000;

@Injectable()
export class AssessmentService {
  constructor(private readonly database: DataSource) {}

  /** Everything the marking screen needs, in one answer. */
  sheet(lessonId: string): Promise<MarkingSheet> {
    // One snapshot: the marks and the number up to which they hold belong together.
    return this.database.transaction('REPEATABLE READ', (manager) => this.sheetOf(manager, lessonId));
  }

  private async sheetOf(manager: EntityManager, lessonId: string): Promise<MarkingSheet> {
    const lesson = await loadLesson(manager, lessonId);
    const { students, absent } = (await lessonFacts(manager, [lesson])).get(lessonId)!;
    const assessments = await manager.findBy(Assessment, { lessonId });
    const marks = await marksOf(manager, assessments);
    const { settings: school } = await loadSchool(manager);
    return {
      lessonId,
      title: lesson.title,
      teaches: await teachesOf(manager, lesson),
      way: markingWayOf(lesson, school),
      number: lesson.events,
      releasedAt: lesson.releasedAt?.toISOString() ?? null,
      rubric: lesson.rubricEdition ? { editionId: lesson.rubricEdition.id, content: lesson.rubricEdition.content } : null,
      dishes: dishesInOrder(lesson).map(({ edition }) => ({ editionId: edition.id, title: edition.content.title })),
      students: students.map(({ id, name, needs }) => ({ id, name, needs, absent: absent.has(id) })),
      plates: assessments.map(({ id, studentId, dishEditionId }) => ({
        studentId,
        dishEditionId,
        given: (marks.get(id) ?? []).map(givenMark),
      })),
      assessors: Object.fromEntries([...marks.values()].flat().map(({ assessorId, assessor }) => [assessorId, assessor.name])),
    };
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

  /** A student's own results, as the lead has given them out. */
  async mine(studentId: string): Promise<readonly MyResult[]> {
    const results = await this.results({ studentId, lesson: { releasedAt: Not(IsNull()) } }, 'released');
    return results
      .map(({ id, dish, lesson, date, result }) => ({ id, dish, lesson, date, mark: result.mark ? shownOf(result.mark) : null }))
      .sort((a, b) => b.date.localeCompare(a.date));
  }

  async oneOfMine(id: string, studentId: string): Promise<DishResult> {
    const [result] = await this.results({ id, studentId, lesson: { releasedAt: Not(IsNull()) } }, 'released');
    if (!result) throw notFound('result');
    return result;
  }

  /** Results as they stand now, or as students were given them. */
  private async results(where: FindOptionsWhere<Assessment>, as: 'now' | 'released' = 'now'): Promise<readonly DishResult[]> {
    const { manager } = this.database;
    const assessments = await manager.find(Assessment, {
      where,
      relations: { student: true, lesson: true, dishEdition: true, rubricEdition: true },
      take: RESULT_LIMIT,
    });
    const rows = await marksOf(manager, assessments);
    const { settings: school } = await loadSchool(manager);
    const names = new Map((await manager.find(Person, { select: { id: true, name: true } })).map(({ id, name }) => [id, name]));
    return assessments
      .flatMap((assessment) => {
        const given = (rows.get(assessment.id) ?? []).map(givenMark);
        const now: ReleasedMarks = { marks: marksInForce(given), assessorIds: assessorsInForce(given) };
        const told = as === 'released' ? assessment.released : now;
        if (!told || Object.keys(told.marks).length === 0) return [];
        const assessors = told.assessorIds.flatMap((id) => names.get(id) ?? []).sort();
        const changed = as === 'now' && changedSince(assessment.released, now.marks);
        return [resultOf(assessment, { marks: told.marks, assessors }, markingWayOf(assessment.lesson, school), changed)];
      })
      .sort((a, b) => a.student.localeCompare(b.student) || a.dish.localeCompare(b.dish));
  }
}

interface OwnMarks {
  readonly marks: Marks;
  readonly assessors: readonly string[];
}

/** Every assessor's judgements of each dish. */
async function marksOf(manager: EntityManager, assessments: readonly Assessment[]): Promise<ReadonlyMap<string, readonly MarkRow[]>> {
  if (assessments.length === 0) return new Map();
  const rows = await manager.find(MarkRow, {
    where: { assessmentId: In(assessments.map(({ id }) => id)) },
    relations: { assessor: true },
  });
  const found = new Map<string, MarkRow[]>();
  for (const row of rows) {
    const own = found.get(row.assessmentId);
    if (own) own.push(row);
    else found.set(row.assessmentId, [row]);
  }
  return found;
}

function resultOf(assessment: Assessment, { marks, assessors }: OwnMarks, way: MarkingWay, changed: boolean): DishResult {
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
    changedSince: changed,
  };
}

/** The practices that hold in a lesson, of the matters its techniques touch: nobody is marked down for following them. */
async function teachesOf(manager: EntityManager, lesson: Lesson): Promise<readonly string[]> {
  const inPassing = lesson.dishes.flatMap(({ edition }) => edition.content.method.flatMap((step) => step.techniqueIds));
  const ids = new Set([...lesson.techniques.map(({ techniqueId }) => techniqueId), ...inPassing]);
  if (ids.size === 0) return [];
  const techniques = await manager.findBy(Technique, { id: In([...ids]) });
  const matters = [...new Set([...techniques.flatMap(({ card }) => card.matters), ...(Object.keys(lesson.practices) as MatterKey[])])];
  return practicesInWords(manager, matters, lesson.practices);
}
