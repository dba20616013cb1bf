import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, In, Not, type EntityManager } from 'typeorm';
import { DEMONSTRATION_LIMITS, type Demonstration, type Paper, type TechniqueCard, type Weighing } from '@pelvo/core';
import type { AskedFields, AskedRecord, DemonstrationsOfLesson, StoredDemonstration } from '@pelvo/contract';
import { Lesson, LessonDemonstration, LessonDish, LessonsService } from '../lessons';
import { inTransaction } from '../platform/database/transaction';
import { fileName, renderPdf } from '../platform/pdf';
import { conflict, notFound } from '../platform/problems';
import { changedMeanwhile, saveOver } from '../platform/saving';
import { Technique } from '../techniques';
import { AskedQuestionRow } from './askedQuestion.entity';
import { scriptDocument } from './scriptDocument';

/** Earlier lessons whose weighings of a dish are looked at: the newest. */
const WEIGHED_IN = 40;

interface Place {
  readonly lessonId: string;
  readonly dishId: string;
}

@Injectable()
export class DemonstrationsService {
  constructor(
    private readonly database: DataSource,
    private readonly lessons: LessonsService,
  ) {}

  async of(lessonId: string): Promise<DemonstrationsOfLesson> {
    const { manager } = this.database;
    const lesson = await manager.findOne(Lesson, { where: { id: lessonId }, relations: { dishes: { edition: true } } });
    if (!lesson) throw notFound('lesson');
    const dishIds = lesson.dishes.map(({ edition }) => edition.dishId);
    const techniqueIds = lesson.dishes.flatMap(({ edition }) => edition.content.method.flatMap((step) => step.techniqueIds));
    const [rows, asked, before, techniques] = await Promise.all([
      manager.findBy(LessonDemonstration, { lessonId, dishId: In(dishIds) }),
      manager.find(AskedQuestionRow, {
        where: { dishId: In(dishIds) },
        relations: { lesson: true },
        order: { askedAt: 'DESC', id: 'ASC' },
        take: DEMONSTRATION_LIMITS.questions,
      }),
      manager.find(LessonDemonstration, {
        where: { dishId: In(dishIds), lessonId: Not(lessonId) },
        order: { updatedAt: 'DESC' },
        take: WEIGHED_IN,
      }),
      manager.findBy(Technique, { id: In(techniqueIds) }),
    ]);
    return {
      items: rows.map(({ dishId, version, content }) => ({ dishId, version, content })),
      asked: asked.map(recordOf),
      weighedBefore: byDish(before),
      cards: Object.fromEntries(techniques.map(({ id, card }): [string, TechniqueCard] => [id, card])),
    };
  }

  async save(place: Place, content: Demonstration, { version, by }: { version: number; by: string }): Promise<StoredDemonstration> {
    const saved = await inTransaction(this.database, async (manager) => {
      await cooked(manager, place);
      const change = { content, updatedAt: new Date(), updatedBy: by };
      if (version > 0) return saveOver(manager, LessonDemonstration, { key: { ...place }, version, change });
      if (await manager.existsBy(LessonDemonstration, { ...place })) return false;
      await manager.insert(LessonDemonstration, { ...place, version: 1, ...change });
      return true;
    });
    const row = await this.database.manager.findOneBy(LessonDemonstration, { ...place });
    const now: StoredDemonstration | null = row && { dishId: row.dishId, version: row.version, content: row.content };
    if (!saved) throw changedMeanwhile('The demonstration', now);
    return now!;
  }

  /** Notes a question that was asked at a step; it stands in every later script of the dish. */
  async ask({ lessonId, dishId }: Place, { stepId, asked, answer }: AskedFields, by: string): Promise<AskedRecord> {
    const id = randomUUID();
    await inTransaction(this.database, async (manager) => {
      await cooked(manager, { lessonId, dishId });
      if ((await manager.countBy(AskedQuestionRow, { dishId })) >= DEMONSTRATION_LIMITS.questions)
        throw conflict(
          'asked',
          `A dish keeps at most ${DEMONSTRATION_LIMITS.questions} questions.`,
          'Take away one that nobody asks any more.',
        );
      await manager.insert(AskedQuestionRow, { id, lessonId, dishId, stepId, asked, answer, askedAt: new Date(), askedBy: by });
    });
    return recordOf(await this.database.manager.findOneOrFail(AskedQuestionRow, { where: { id }, relations: { lesson: true } }));
  }

  async forget(id: string): Promise<void> {
    const { affected } = await this.database.manager.delete(AskedQuestionRow, { id });
    if (!affected) throw notFound('question');
  }

  /** @throws ProblemException where nothing is chosen yet, or no order keeps its times */
  async script({ lessonId, dishId }: Place, paper: Paper): Promise<{ name: string; pdf: Buffer }> {
    const [lesson, all] = await Promise.all([this.lessons.one(lessonId, 'lead'), this.of(lessonId)]);
    const dish = lesson.dishes.find((each) => each.dishId === dishId);
    if (!dish) throw notFound('dish');
    const document = scriptDocument(lesson, dish, all);
    if (!document) throw conflict('choice', 'Nothing is chosen for this demonstration yet.', 'Choose what is shown, then print.');
    return { name: fileName('demonstration', dish.content.title, lesson.date), pdf: await renderPdf(document, paper) };
  }
}

/** A dish that the lesson cooks, with the lesson held: of two that save at once, the second sees the first. */
async function cooked(manager: EntityManager, { lessonId, dishId }: Place): Promise<void> {
  const lock = { mode: 'pessimistic_write' } as const;
  if (!(await manager.findOne(Lesson, { where: { id: lessonId }, lock, select: { id: true } }))) throw notFound('lesson');
  if (!(await manager.existsBy(LessonDish, { lessonId, edition: { dishId } }))) throw notFound('dish');
}

const recordOf = ({ id, dishId, stepId, asked, answer, lesson, askedAt }: AskedQuestionRow): AskedRecord => ({
  id,
  dishId,
  stepId,
  asked,
  answer,
  lesson: lesson?.title ?? '',
  date: lesson?.date ?? askedAt.toISOString().slice(0, 10),
});

function byDish(rows: readonly LessonDemonstration[]): Readonly<Record<string, readonly Weighing[]>> {
  const weighed: Record<string, Weighing[]> = {};
  for (const { dishId, content } of rows) (weighed[dishId] ??= []).push(...content.weighings);
  return weighed;
}
