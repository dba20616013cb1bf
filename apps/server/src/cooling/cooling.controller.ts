import { Controller, Get, Param } from '@nestjs/common';
import { COOLED_EVENT, COOLED_LIMITS } from '@pelvo/core';
import type { CoolingOfLesson } from '@pelvo/contract';
import { DataSource } from 'typeorm';
import { LessonEventRow } from '../day';
import { Lesson } from '../lessons';
import { openStored } from '../platform/database/documentColumn';
import { Allow, TEACHING } from '../platform/identity';
import { notFound } from '../platform/problems';

/** The log of what cools in a lesson. Its curves are judged in the core, by the local rules. */
@Controller('api/lessons/:id/cooling')
export class CoolingController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Allow(...TEACHING)
  async of(@Param('id') lessonId: string): Promise<CoolingOfLesson> {
    const { manager } = this.database;
    const lesson = await manager.findOne(Lesson, { where: { id: lessonId }, relations: { dishes: { edition: true } } });
    if (!lesson) throw notFound('lesson');
    // Numbered before it is read: what comes in between is told again by the stream, and counts once.
    const rows = await manager.find(LessonEventRow, {
      where: { lessonId, kind: 'cooled' },
      relations: { person: true },
      order: { number: 'ASC' },
      take: 2 * COOLED_LIMITS.readings,
    });
    const foods = lesson.dishes.flatMap(({ edition: { content } }) => content.components.map(({ name }) => name || content.title));
    return {
      lessonId,
      title: lesson.title,
      foods: [...new Set(foods)],
      said: rows.map((row) => ({ body: openStored(COOLED_EVENT, row.body), at: row.happenedAt.toISOString(), by: row.person.name })),
      number: lesson.events,
    };
  }
}
