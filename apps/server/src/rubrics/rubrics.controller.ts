import { Body, Controller, Get, Headers, Param, Post, Put } from '@nestjs/common';
import type { RubricContent } from '@pelvo/core';
import { RUBRIC_GUARD, type LessonMarkedWith, type Rubric, type RubricEdition, type RubricSummary } from '@pelvo/contract';
import { Allow, TEACHING, Who, type SignedIn } from '../platform/identity';
import { document, versionOf } from '../platform/problems';
import { RubricsService } from './rubrics.service';

@Controller('api')
export class RubricsController {
  constructor(private readonly rubrics: RubricsService) {}

  @Get('rubrics')
  @Allow(...TEACHING)
  list(): Promise<readonly RubricSummary[]> {
    return this.rubrics.list();
  }

  @Post('rubrics')
  @Allow('lead')
  create(@Body(document(RUBRIC_GUARD)) body: RubricContent): Promise<Rubric> {
    return this.rubrics.create(body);
  }

  @Get('rubrics/:id')
  @Allow(...TEACHING)
  one(@Param('id') id: string): Promise<Rubric> {
    return this.rubrics.one(id);
  }

  /** The newest lessons that were marked with it. */
  @Get('rubrics/:id/lessons')
  @Allow(...TEACHING)
  lessons(@Param('id') id: string): Promise<readonly LessonMarkedWith[]> {
    return this.rubrics.lessonsMarked(id);
  }

  @Put('rubrics/:id')
  @Allow('lead')
  save(@Param('id') id: string, @Body(document(RUBRIC_GUARD)) body: RubricContent, @Headers('if-match') ifMatch?: string): Promise<Rubric> {
    return this.rubrics.save(id, body, versionOf(ifMatch));
  }

  @Post('rubrics/:id/editions')
  @Allow('lead')
  publish(@Param('id') id: string, @Who() who: SignedIn, @Headers('if-match') ifMatch?: string): Promise<RubricEdition> {
    return this.rubrics.publish(id, versionOf(ifMatch), who.id);
  }

  @Get('rubric-editions/:id')
  @Allow(...TEACHING)
  edition(@Param('id') id: string): Promise<RubricEdition> {
    return this.rubrics.edition(id);
  }
}
