import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import type { DayOff } from '@pelvo/core';
import {
  dayOffSchema,
  feedSchema,
  paperSchema,
  termCopySchema,
  termMovesSchema,
  type DaysOffImport,
  type NewFeed,
  type PaperQuery,
  type StoredDayOff,
  type TermCopy,
  type TermMoves,
  type TermOfClass,
} from '@pelvo/contract';
import { Allow, Open, STAFF, TEACHING, Who, type SignedIn } from '../platform/identity';
import { download } from '../platform/pdf';
import { invalid, joi } from '../platform/problems';
import { TermsService } from './terms.service';

const ICS = 'text/calendar; charset=utf-8';

/** The term of a class: its lessons as a sequence, days off, and calendars. */
@Controller('api')
export class TermsController {
  constructor(private readonly terms: TermsService) {}

  @Get('classes/:id/term')
  @Allow(...TEACHING)
  term(@Param('id') id: string, @Who() who: SignedIn): Promise<TermOfClass> {
    return this.terms.of(id, who);
  }

  @Put('classes/:id/term/days')
  @Allow('lead')
  move(@Param('id') id: string, @Body(joi(termMovesSchema)) body: TermMoves, @Who() who: SignedIn): Promise<TermOfClass> {
    return this.terms.move(id, body, who);
  }

  @Post('classes/:id/term/copies')
  @Allow('lead')
  copy(@Param('id') id: string, @Body(joi(termCopySchema)) body: TermCopy, @Who() who: SignedIn): Promise<{ made: number }> {
    return this.terms.copy(id, body, who.id);
  }

  @Get('classes/:id/term.ics')
  @Allow(...TEACHING)
  async calendar(@Param('id') id: string, @Res() response: Response): Promise<void> {
    const { name, ics } = await this.terms.calendar(id);
    download(response, `${name}.ics`, ICS, Buffer.from(ics));
  }

  @Get('classes/:id/term.pdf')
  @Allow(...TEACHING)
  async pdf(@Param('id') id: string, @Query(joi(paperSchema)) { paper }: PaperQuery, @Res() response: Response): Promise<void> {
    const { name, pdf } = await this.terms.pdf(id, paper);
    download(response, `${name}.pdf`, 'application/pdf', pdf);
  }

  @Post('classes/:id/feeds')
  @Allow(...TEACHING)
  addFeed(@Param('id') id: string, @Body(joi(feedSchema)) { name }: { name: string }, @Who() who: SignedIn): Promise<NewFeed> {
    return this.terms.addFeed(id, name, who.id);
  }

  @Delete('feeds/:id')
  @Allow(...TEACHING)
  @HttpCode(204)
  withdraw(@Param('id') id: string, @Who() who: SignedIn): Promise<void> {
    return this.terms.withdrawFeed(id, who);
  }

  /** Asked by calendars, which have no account: the secret in the address is what lets them in. */
  @Get('feeds/:secret.ics')
  @Open()
  async feed(@Param('secret') secret: string, @Res() response: Response): Promise<void> {
    download(response, 'term.ics', ICS, Buffer.from(await this.terms.feed(secret)));
  }

  @Get('days-off')
  @Allow(...STAFF)
  daysOff(): Promise<readonly StoredDayOff[]> {
    return this.terms.daysOff();
  }

  @Post('days-off')
  @Allow('lead')
  addDayOff(@Body(joi(dayOffSchema)) body: DayOff): Promise<readonly StoredDayOff[]> {
    return this.terms.addDayOff(body);
  }

  @Delete('days-off/:id')
  @Allow('lead')
  @HttpCode(204)
  removeDayOff(@Param('id') id: string): Promise<void> {
    return this.terms.removeDayOff(id);
  }

  /** The body is the calendar file itself. */
  @Post('days-off/imports')
  @Allow('lead')
  @HttpCode(200)
  importDaysOff(@Req() request: Request): Promise<DaysOffImport> {
    if (!Buffer.isBuffer(request.body))
      throw invalid('file', 'No file came with the request.', 'Send the file as the body, with Content-Type application/octet-stream.');
    return this.terms.importDaysOff(request.body);
  }
}
