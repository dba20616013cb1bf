import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { Between, DataSource, In, type EntityManager } from 'typeorm';
import type { LessonDetail, LessonFields, LessonRange, LessonSummary, Role } from '@pelvo/contract';
import { Assessment } from '../assessment/assessment.entity';
import { CookeryClass } from '../classes/class.entity';
import { CutSetRow } from '../cuts/cutSet.entity';
import { newestEditions } from '../dishes/dishes.service';
import { DishEdition } from '../dishes/dishEdition.entity';
import { conflict, invalid, notFound, ProblemException } from '../platform/problems';
import { loadChoices } from '../practices/choices';
import { RubricEdition } from '../rubrics/rubricEdition.entity';
import { Technique } from '../techniques/technique.entity';
import { Lesson } from './lesson.entity';
import { LessonDish } from './lessonDish.entity';
import { LessonTechnique } from './lessonTechnique.entity';
import { dishesInOrder, lessonFacts } from './lessonFacts';
import { markingWayOf } from './markingWayOf';

const LIST_LIMIT = 200;

@Injectable()
export class LessonsService {
  constructor(private readonly database: DataSource) {}

  async list({ from, to }: LessonRange): Promise<readonly LessonSummary[]> {
    const { manager } = this.database;
    const lessons = await manager.find(Lesson, {
      where: { date: Between(from, to) },
      relations: { class: true, dishes: { edition: true }, techniques: { technique: true } },
      order: { date: 'ASC', start: 'ASC' },
      take: LIST_LIMIT,
    });
    const facts = await lessonFacts(manager, lessons);
    return lessons.map((lesson) => {
      const { present, readiness } = facts.get(lesson.id)!;
      const { id, title, date, kitchen } = lesson;
      return {
        id,
        title,
        date,
        kitchen,
        present,
        readiness,
        start: lesson.start.slice(0, 5),
        end: lesson.end.slice(0, 5),
        className: lesson.class.name,
        dishes: dishesInOrder(lesson).map((dish) => dish.edition.content.title),
        techniques: techniquesOf(lesson).map(({ name, strand, purpose }) => ({ name, strand, purpose })),
      };
    });
  }

  async one(id: string, role: Role): Promise<LessonDetail> {
    const { manager } = this.database;
    const lesson = await loadLesson(manager, id);
    const [facts, newest] = await Promise.all([
      lessonFacts(manager, [lesson]),
      newestEditions(
        manager,
        lesson.dishes.map((dish) => dish.edition.dishId),
      ),
    ]);
    const { students, absent, present, preparations, readiness, facts: own } = facts.get(id)!;
    // Least data: whoever only orders and weighs needs numbers, not names and needs.
    const named = role === 'lead' || role === 'assistant';
    return {
      id,
      version: lesson.version,
      title: lesson.title,
      date: lesson.date,
      start: lesson.start.slice(0, 5),
      end: lesson.end.slice(0, 5),
      kitchen: lesson.kitchen,
      classId: lesson.classId,
      className: lesson.class.name,
      teamSize: lesson.teamSize,
      portionsATeam: lesson.portionsATeam,
      demonstrationPortions: lesson.demonstrationPortions,
      referencePlates: lesson.referencePlates,
      spareMakings: lesson.spareMakings,
      studentCount: lesson.studentCount,
      students: named
        ? students.map(({ id: studentId, name, needs }) => ({ id: studentId, name, needs, absent: absent.has(studentId) }))
        : [],
      present,
      dishes: dishesInOrder(lesson).map(({ edition }) => {
        const latest = newest.get(edition.dishId);
        const newer = latest && latest.number > edition.number ? { editionId: latest.id, number: latest.number } : null;
        return { editionId: edition.id, dishId: edition.dishId, number: edition.number, content: edition.content, newer };
      }),
      preparations: Object.fromEntries(preparations),
      facts: own,
      substitutions: lesson.substitutions,
      practices: lesson.practices,
      techniques: techniquesOf(lesson),
      rubric:
        named && lesson.rubricEdition
          ? { editionId: lesson.rubricEdition.id, name: lesson.rubricEdition.content.name, number: lesson.rubricEdition.number }
          : null,
      readiness: named ? readiness : readiness.filter(({ station }) => station === 'plan' || station === 'order'),
      releasedAt: named ? (lesson.releasedAt?.toISOString() ?? null) : null,
    };
  }

  async create(fields: LessonFields): Promise<LessonDetail> {
    const id = randomUUID();
    await this.database.transaction(async (manager) => {
      await checkReferences(manager, fields);
      await manager.insert(Lesson, { id, ...rowOf(fields), releasedAt: null, version: 1 });
      await writeParts(manager, id, fields);
    });
    return this.one(id, 'lead');
  }

  async save(id: string, fields: LessonFields, version: number): Promise<LessonDetail> {
    const saved = await this.database.transaction(async (manager) => {
      await checkReferences(manager, fields);
      await keepMarked(manager, id, fields);
      const { affected } = await manager.update(Lesson, { id, version }, { ...rowOf(fields), version: version + 1 });
      if (affected !== 1) return false;
      await manager.delete(LessonDish, { lessonId: id });
      await manager.delete(LessonTechnique, { lessonId: id });
      await writeParts(manager, id, fields);
      return true;
    });
    const stored = await this.one(id, 'lead');
    if (!saved)
      throw new ProblemException('changed-meanwhile', {
        detail: `"${stored.title}" was saved by someone else while you were editing.`,
        current: stored,
      });
    return stored;
  }

  async release(id: string, released: boolean): Promise<LessonDetail> {
    const { manager } = this.database;
    const lesson = await loadLesson(manager, id);
    const releasedWay = released ? markingWayOf(lesson, await loadChoices(manager)) : null;
    await manager.update(Lesson, { id }, { releasedAt: released ? new Date() : null, releasedWay });
    return this.one(id, 'lead');
  }
}

export async function loadLesson(manager: EntityManager, id: string): Promise<Lesson> {
  const lesson = await manager.findOne(Lesson, {
    where: { id },
    relations: { class: true, dishes: { edition: true }, techniques: { technique: true }, rubricEdition: true },
  });
  if (!lesson) throw notFound('lesson');
  return lesson;
}

function techniquesOf(lesson: Lesson) {
  return [...lesson.techniques]
    .sort((a, b) => a.position - b.position)
    .map(({ technique, purpose }) => ({ id: technique.id, name: technique.name, strand: technique.strand, purpose }));
}

function rowOf(fields: LessonFields): Partial<Lesson> {
  const { dishEditionIds: _dishes, techniques: _techniques, substitutions, ...row } = fields;
  return { ...row, substitutions: [...substitutions] };
}

async function writeParts(manager: EntityManager, lessonId: string, { dishEditionIds, techniques }: LessonFields): Promise<void> {
  if (dishEditionIds.length > 0)
    await manager.insert(
      LessonDish,
      dishEditionIds.map((dishEditionId, position) => ({ lessonId, dishEditionId, position })),
    );
  if (techniques.length > 0)
    await manager.insert(
      LessonTechnique,
      techniques.map(({ id, purpose }, position) => ({ lessonId, techniqueId: id, purpose, position })),
    );
}

async function checkReferences(manager: EntityManager, fields: LessonFields): Promise<void> {
  if (!(await manager.existsBy(CookeryClass, { id: fields.classId })))
    throw invalid('classId', 'There is no such class.', 'Choose a class.');
  const editions =
    fields.dishEditionIds.length === 0
      ? []
      : await manager.find(DishEdition, { where: { id: In([...fields.dishEditionIds]) }, select: { id: true, dishId: true } });
  if (editions.length < fields.dishEditionIds.length)
    throw invalid('dishEditionIds', 'There is no such dish edition.', 'Choose the dish again.');
  if (new Set(editions.map((edition) => edition.dishId)).size < editions.length)
    throw invalid('dishEditionIds', 'One dish stands here in two editions.', 'Keep one of them.');
  const techniques =
    fields.techniques.length === 0 ? 0 : await manager.countBy(Technique, { id: In(fields.techniques.map(({ id }) => id)) });
  if (techniques < fields.techniques.length) throw invalid('techniques', 'There is no such technique.', 'Choose the technique again.');
  const cuts = fields.practices['named-cuts'];
  if (cuts && !(await manager.existsBy(CutSetRow, { id: cuts })))
    throw invalid('practices', 'There is no such set of cuts.', 'Choose one of the sets, or none.');
  if (fields.rubricEditionId && !(await manager.existsBy(RubricEdition, { id: fields.rubricEditionId }))) {
    throw invalid('rubricEditionId', 'There is no such rubric edition.', 'Choose the rubric again.');
  }
}

/** Marks that were given keep their dish, class and rubric in the lesson. */
async function keepMarked(manager: EntityManager, lessonId: string, fields: LessonFields): Promise<void> {
  const marked = await manager
    .createQueryBuilder(Assessment, 'assessment')
    .innerJoinAndSelect('assessment.dishEdition', 'edition')
    .innerJoinAndSelect('assessment.lesson', 'lesson')
    .innerJoin('assessment.events', 'event')
    .where('assessment.lesson_id = :lessonId', { lessonId })
    .getMany();
  const lost = marked.find((assessment) => !fields.dishEditionIds.includes(assessment.dishEditionId));
  if (lost)
    throw conflict('dishEditionIds', `"${lost.dishEdition.content.title}" has marks in this edition.`, 'Keep this edition in the lesson.');
  if (marked.some((assessment) => assessment.rubricEditionId !== fields.rubricEditionId)) {
    throw conflict('rubricEditionId', 'Marks have been given by this rubric.', 'Keep this edition of the rubric for this lesson.');
  }
  if (marked.some((assessment) => assessment.lesson.classId !== fields.classId)) {
    throw conflict('classId', 'Students of this class have marks in the lesson.', 'Keep the class, or plan another lesson.');
  }
}
