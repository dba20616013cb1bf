import { Body, Controller, Get, HttpCode, Param, Post, Query, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { afterSchema, saidEventsSchema, type EventsPage, type EventsTaken, type SaidEvents } from '@pelvo/contract';
import { Allow, TEACHING, Who, type SignedIn } from '../platform/identity';
import { joi } from '../platform/problems';
import { DayService } from './day.service';
import { LiveLessons } from './liveLessons';

@Controller('api/lessons/:id/events')
export class DayController {
  constructor(
    private readonly day: DayService,
    private readonly live: LiveLessons,
  ) {}

  @Post()
  @Allow(...TEACHING)
  @HttpCode(200)
  take(@Param('id') id: string, @Body(joi(saidEventsSchema)) { events, sentAt }: SaidEvents, @Who() who: SignedIn): Promise<EventsTaken> {
    return this.day.take(id, events, who, sentAt);
  }

  @Get()
  @Allow(...TEACHING)
  after(@Param('id') id: string, @Query(joi(afterSchema)) { after }: { after: number }): Promise<EventsPage> {
    return this.day.after(id, after);
  }

  /** Server-sent events after a number; a browser that comes back says itself which it had last. */
  @Get('live')
  @Allow(...TEACHING)
  async follow(
    @Param('id') id: string,
    @Query(joi(afterSchema)) { after }: { after: number },
    @Who() who: SignedIn,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    await this.day.after(id, Number.MAX_SAFE_INTEGER);
    const had = Number(request.headers['last-event-id']);
    this.live.listen(response, {
      lessonId: id,
      after: Number.isSafeInteger(had) && had > after ? had : after,
      person: { id: who.id, epoch: request.session.epoch ?? 0, sessionId: request.sessionID },
      roles: TEACHING,
    });
  }
}
