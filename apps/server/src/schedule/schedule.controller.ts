import { Body, Controller, Get, Headers, Param, Put, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import type { TimePlan } from '@pelvo/core';
import { TIME_PLAN_GUARD, timePdfQuerySchema, type TimeOfLesson, type TimePdfQuery } from '@pelvo/contract';
import { Allow, TEACHING, Who, type SignedIn } from '../platform/identity';
import { download } from '../platform/pdf';
import { document, joi, versionOf } from '../platform/problems';
import { ScheduleService } from './schedule.service';

/** The plan of time of a lesson. */
@Controller('api/lessons/:id')
export class ScheduleController {
  constructor(private readonly schedule: ScheduleService) {}

  @Get('time')
  @Allow(...TEACHING)
  time(@Param('id') id: string): Promise<TimeOfLesson> {
    return this.schedule.of(id);
  }

  @Put('time')
  @Allow(...TEACHING)
  save(
    @Param('id') id: string,
    @Body(document(TIME_PLAN_GUARD)) body: TimePlan,
    @Who() who: SignedIn,
    @Headers('if-match') ifMatch?: string,
  ): Promise<TimeOfLesson> {
    return this.schedule.save(id, body, { version: versionOf(ifMatch), by: who.id });
  }

  @Get('time.pdf')
  @Allow(...TEACHING)
  async pdf(@Param('id') id: string, @Query(joi(timePdfQuerySchema)) query: TimePdfQuery, @Res() response: Response): Promise<void> {
    const { name, pdf } = await this.schedule.pdf(id, query);
    download(response, `${name}.pdf`, 'application/pdf', pdf);
  }

  @Get('time.ics')
  @Allow(...TEACHING)
  async calendar(@Param('id') id: string, @Res() response: Response): Promise<void> {
    const { name, ics } = await this.schedule.calendar(id);
    download(response, `${name}.ics`, 'text/calendar; charset=utf-8', Buffer.from(ics));
  }
}
