import { Body, Controller, Get, Param, Put, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import { DataSource, In } from 'typeorm';
import { labelsQuerySchema, TICKS_KEPT, tickSchema, type LabelsQuery, type PreparationOfLesson, type TickFields } from '@pelvo/contract';
import { Lesson } from '../lessons';
import { inTransaction } from '../platform/database/transaction';
import { Allow, STAFF, Who, type SignedIn } from '../platform/identity';
import { download } from '../platform/pdf';
import { conflict, joi, notFound } from '../platform/problems';
import { Technique } from '../techniques';
import { LabelsService } from './labels.service';
import { PreparationTickRow } from './preparationTick.entity';

/** What of a lesson's preparation is done. The list itself is computed in the core. */
@Controller('api/lessons/:id/preparation')
export class PreparationController {
  constructor(
    private readonly database: DataSource,
    private readonly labels: LabelsService,
  ) {}

  @Get()
  @Allow(...STAFF)
  async of(@Param('id') lessonId: string): Promise<PreparationOfLesson> {
    const { manager } = this.database;
    const lesson = await manager.findOne(Lesson, { where: { id: lessonId }, relations: { dishes: { edition: true } } });
    if (!lesson) throw notFound('lesson');
    const named = lesson.dishes.flatMap(({ edition }) => edition.content.method.flatMap(({ techniqueIds }) => techniqueIds));
    const [ticks, techniques] = await Promise.all([
      manager.find(PreparationTickRow, { where: { lessonId }, relations: { person: true }, take: TICKS_KEPT }),
      manager.findBy(Technique, { id: In([...new Set(named)]) }),
    ]);
    return {
      done: ticks.map(({ task, doneAt, person }) => ({ task, by: person.name, at: doneAt.toISOString() })),
      cards: Object.fromEntries(techniques.map(({ id, card: { name, tools } }) => [id, { name, tools }])),
    };
  }

  @Get('labels.pdf')
  @Allow(...STAFF)
  async labelsOf(
    @Param('id') lessonId: string,
    @Query(joi(labelsQuerySchema)) query: LabelsQuery,
    @Who() who: SignedIn,
    @Res() response: Response,
  ): Promise<void> {
    const { name, pdf } = await this.labels.pdf(lessonId, who.role, query);
    download(response, `${name}.pdf`, 'application/pdf', pdf);
  }

  /** Ticks a piece of work off, or on again. Said twice, by one or by two, it is done once. */
  @Put()
  @Allow(...STAFF)
  async tick(
    @Param('id') lessonId: string,
    @Body(joi(tickSchema)) { task, done }: TickFields,
    @Who() who: SignedIn,
  ): Promise<PreparationOfLesson> {
    await inTransaction(this.database, async (manager) => {
      const lock = { mode: 'pessimistic_write' } as const;
      if (!(await manager.findOne(Lesson, { where: { id: lessonId }, lock, select: { id: true } }))) throw notFound('lesson');
      if (!done) {
        await manager.delete(PreparationTickRow, { lessonId, task });
        return;
      }
      if (await manager.existsBy(PreparationTickRow, { lessonId, task })) return;
      if ((await manager.countBy(PreparationTickRow, { lessonId })) >= TICKS_KEPT)
        throw conflict(
          'task',
          `A lesson keeps at most ${TICKS_KEPT} pieces of work ticked off.`,
          'Take a tick away that is of no use any more.',
        );
      await manager.insert(PreparationTickRow, { lessonId, task, doneAt: new Date(), doneBy: who.id });
    });
    return this.of(lessonId);
  }
}
