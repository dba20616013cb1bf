import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post, Put, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import type { Demonstration } from '@pelvo/core';
import {
  askedSchema,
  DEMONSTRATION_GUARD,
  paperSchema,
  type AskedFields,
  type AskedRecord,
  type DemonstrationsOfLesson,
  type PaperQuery,
  type StoredDemonstration,
} from '@pelvo/contract';
import { Allow, TEACHING, Who, type SignedIn } from '../platform/identity';
import { download } from '../platform/pdf';
import { document, joi, versionOf } from '../platform/problems';
import { DemonstrationsService } from './demonstrations.service';

/** What is shown before the group in a lesson. */
@Controller('api')
export class DemonstrationsController {
  constructor(private readonly demonstrations: DemonstrationsService) {}

  @Get('lessons/:id/demonstrations')
  @Allow(...TEACHING)
  list(@Param('id') id: string): Promise<DemonstrationsOfLesson> {
    return this.demonstrations.of(id);
  }

  @Put('lessons/:id/demonstrations/:dishId')
  @Allow(...TEACHING)
  save(
    @Param('id') lessonId: string,
    @Param('dishId') dishId: string,
    @Body(document(DEMONSTRATION_GUARD)) body: Demonstration,
    @Who() who: SignedIn,
    @Headers('if-match') ifMatch?: string,
  ): Promise<StoredDemonstration> {
    return this.demonstrations.save({ lessonId, dishId }, body, { version: versionOf(ifMatch), by: who.id });
  }

  @Get('lessons/:id/demonstrations/:dishId/script.pdf')
  @Allow(...TEACHING)
  async script(
    @Param('id') lessonId: string,
    @Param('dishId') dishId: string,
    @Query(joi(paperSchema)) { paper }: PaperQuery,
    @Res() response: Response,
  ): Promise<void> {
    const { name, pdf } = await this.demonstrations.script({ lessonId, dishId }, paper);
    download(response, `${name}.pdf`, 'application/pdf', pdf);
  }

  @Post('lessons/:id/demonstrations/:dishId/questions')
  @Allow(...TEACHING)
  ask(
    @Param('id') lessonId: string,
    @Param('dishId') dishId: string,
    @Body(joi(askedSchema)) body: AskedFields,
    @Who() who: SignedIn,
  ): Promise<AskedRecord> {
    return this.demonstrations.ask({ lessonId, dishId }, body, who.id);
  }

  @Delete('demonstration-questions/:id')
  @Allow(...TEACHING)
  @HttpCode(204)
  forget(@Param('id') id: string): Promise<void> {
    return this.demonstrations.forget(id);
  }
}
