import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { workOf } from '@pelvo/core';
import { CARRIED_LIMITS, type CarriedFields, type CarriedRecord, type NewCarried } from '@pelvo/contract';
import { carriedOf, CarriedWorkRow, Lesson, LessonDish } from '../lessons';
import { inTransaction } from '../platform/database/transaction';
import { conflict, invalid, notFound } from '../platform/problems';
import { saveOver, storedOr } from '../platform/saving';

@Injectable()
export class CarriedService {
  constructor(private readonly database: DataSource) {}

  async add(toLessonId: string, fields: NewCarried, by: string): Promise<CarriedRecord> {
    const { fromLessonId, dishId, stepId, store, hours, covers } = fields;
    const id = randomUUID();
    await inTransaction(this.database, async (manager) => {
      // Held, so that two who add the same at one moment come one after the other.
      const to = await manager.findOne(Lesson, { where: { id: toLessonId }, lock: { mode: 'pessimistic_write' } });
      if (!to) throw notFound('lesson');
      await checkEarlier(manager, to, fromLessonId);
      await checkStep(manager, toLessonId, fields);
      if (await manager.existsBy(CarriedWorkRow, { toLessonId, dishId, stepId }))
        throw conflict('stepId', 'This step is made in another lesson already.', 'Change how it is kept there, or take it away first.');
      if ((await manager.countBy(CarriedWorkRow, { toLessonId })) >= CARRIED_LIMITS.aLesson)
        throw conflict('stepId', `At most ${CARRIED_LIMITS.aLesson} stages are carried over to one lesson.`, 'Take one away.');
      const saved = { version: 1, updatedAt: new Date(), updatedBy: by };
      await manager.insert(CarriedWorkRow, { id, fromLessonId, toLessonId, dishId, stepId, store, hours, covers, ...saved });
    });
    return this.one(id);
  }

  async save(
    id: string,
    { store, hours, covers }: CarriedFields,
    { version, by }: { version: number; by: string },
  ): Promise<CarriedRecord> {
    const saved = await saveOver(this.database.manager, CarriedWorkRow, {
      key: { id },
      version,
      change: { store, hours, covers: covers as never, updatedAt: new Date(), updatedBy: by },
    });
    return storedOr(
      saved,
      () => 'How it is kept',
      () => this.one(id),
    );
  }

  async remove(id: string): Promise<void> {
    const { affected } = await this.database.manager.delete(CarriedWorkRow, { id });
    if (!affected) throw notFound('stage');
  }

  private async one(id: string): Promise<CarriedRecord> {
    const { manager } = this.database;
    const row = await manager.findOneBy(CarriedWorkRow, { id });
    const record = row && (await carriedOf(manager, row.toLessonId, true)).find((each) => each.id === id);
    if (!record) throw notFound('stage');
    return record;
  }
}

async function checkEarlier(manager: EntityManager, to: Lesson, fromLessonId: string): Promise<void> {
  const from = await manager.findOneBy(Lesson, { id: fromLessonId });
  if (!from || from.classId !== to.classId)
    throw invalid('fromLessonId', 'There is no such lesson of this class.', 'Choose one of its lessons.');
  const before = from.date < to.date || (from.date === to.date && from.end <= to.start);
  if (!before) throw invalid('fromLessonId', `"${from.title}" is not over when this lesson begins.`, 'Choose an earlier lesson.');
}

async function checkStep(manager: EntityManager, lessonId: string, { dishId, stepId }: NewCarried): Promise<void> {
  const cooked = await manager.findOne(LessonDish, { where: { lessonId, edition: { dishId } }, relations: { edition: true } });
  if (!cooked) throw invalid('dishId', 'The lesson does not cook this dish.', 'Choose one of its dishes.');
  const step = workOf(cooked.edition.content).find(({ id }) => id === stepId);
  if (!step) throw invalid('stepId', 'The dish has no such step.', 'Choose the step again.');
  if (step.ahead?.may === false)
    throw invalid(
      'stepId',
      'Its dish says that this step must not be made ahead.',
      'Choose an earlier step, or change the work of the dish.',
    );
}
