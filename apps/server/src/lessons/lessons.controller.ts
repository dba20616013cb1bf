import { Body, Controller, Get, Headers, Param, Post, Put, Query } from '@nestjs/common';
import {
  lessonRangeSchema,
  lessonSchema,
  releaseSchema,
  type Release,
  type LessonDetail,
  type LessonFields,
  type LessonRange,
  type LessonSummary,
} from '@pelvo/contract';
import { Allow, STAFF, Who, type SignedIn } from '../platform/identity';
import { joi, versionOf } from '../platform/problems';
import { LessonsService } from './lessons.service';

@Controller('api/lessons')
export class LessonsController {
  constructor(private readonly lessons: LessonsService) {}

  @Get()
  @Allow(...STAFF)
  async list(@Query(joi(lessonRangeSchema)) range: LessonRange, @Who() who: SignedIn): Promise<readonly LessonSummary[]> {
    const lessons = await this.lessons.list(range);
    if (who.role !== 'stores') return lessons;
    return lessons.map((lesson) => ({
      ...lesson,
      readiness: lesson.readiness.filter(({ phase }) => phase === 'plan' || phase === 'order'),
    }));
  }

  @Post()
  @Allow('lead')
  create(@Body(joi(lessonSchema)) body: LessonFields): Promise<LessonDetail> {
    return this.lessons.create(body);
  }

  @Get(':id')
  @Allow(...STAFF)
  one(@Param('id') id: string, @Who() who: SignedIn): Promise<LessonDetail> {
    return this.lessons.one(id, who.role);
  }

  @Put(':id')
  @Allow('lead')
  save(@Param('id') id: string, @Body(joi(lessonSchema)) body: LessonFields, @Headers('if-match') ifMatch?: string): Promise<LessonDetail> {
    return this.lessons.save(id, body, versionOf(ifMatch));
  }

  @Put(':id/release')
  @Allow('lead')
  release(@Param('id') id: string, @Body(joi(releaseSchema)) body: Release, @Who() who: SignedIn): Promise<LessonDetail> {
    return this.lessons.release(id, body, who.id);
  }
}
